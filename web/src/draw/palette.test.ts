import Color from 'colorjs.io';
import { crustColour } from '@yellowmist/core';
import { crustCss } from './palette';

/** CIELAB (D50) to sRGB against colorjs.io, a package for nothing but colour. */
describe('the colour of a crust on the screen', () => {
  test.each([0, 0.3, 0.55, 0.8, 1, 1.5, 2, 2.6, 3.2, 4.4, 5.5, 8])('of browning %d is that of its CIELAB', (b) => {
    const [l, a, bb] = crustColour(b);
    const expected = new Color('lab', [l, a, bb]).to('srgb').coords.map((c) => Math.round(Number(c) * 255));
    const shown = crustCss(b).match(/\d+/g)!.map(Number);
    shown.forEach((channel, i) => {
      expect(Math.abs(channel - Math.min(255, Math.max(0, expected[i])))).toBeLessThanOrEqual(1);
    });
  });

  test('back from the screen it is the same CIELAB, within what a screen can show', () => {
    for (const b of [0.3, 1, 2]) {
      const back = new Color(crustCss(b)).to('lab').coords.map(Number);
      crustColour(b).forEach((value, i) => expect(Math.abs(back[i] - value)).toBeLessThan(1));
    }
  });
});
