import { colourWord, crustColour } from './index.js';

describe('browning in words and colours', () => {
  test.each([
    [0.1, 'pale'],
    [0.4, 'straw'],
    [1, 'golden'],
    [1.7, 'deep golden'],
    [2.5, 'dark'],
    [4, 'burnt'],
  ])('browning %d is %s', (b, word) => expect(colourWord(b)).toBe(word));

  test('a crust only darkens', () => {
    const lightness = [0, 0.2, 0.5, 0.9, 1.5, 2.5, 4, 8].map((b) => crustColour(b)[0]);
    expect(lightness).toEqual([...lightness].sort((a, b) => b - a));
  });
});
