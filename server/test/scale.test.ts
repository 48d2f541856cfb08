import type { Problem, ScaleMessage } from '@yellowmist/contract';
import { weighed } from '@yellowmist/core';
import { SimulatedScale } from '../src/devices/scale.js';
import { RunningServer } from './running.js';

describe('the simulated kitchen scale', () => {
  function heldScale() {
    let now = 0;
    const scale = new SimulatedScale(() => now);
    return { scale, pass: (ms: number) => void (now += ms) };
  }

  test('settles on the bottle, and is lighter by what its pump gave', () => {
    const { scale, pass } = heldScale();
    scale.hand('put');
    pass(100);
    expect(scale.read()!.grams).toBeLessThan(200);
    pass(5000);
    const before = scale.read()!.grams;
    scale.hand('press', 10);
    pass(5000);
    expect(before - scale.read()!.grams).toBeCloseTo(2.1, 1);
  });

  test('shakes when the table is knocked, and calms down', () => {
    const { scale, pass } = heldScale();
    scale.hand('put');
    pass(5000);
    const rest = scale.read()!.grams;
    scale.hand('knock');
    const shaken = Array.from({ length: 10 }, () => (pass(200), Math.abs(scale.read()!.grams - rest)));
    expect(Math.max(...shaken)).toBeGreaterThan(1);
    pass(5000);
    expect(scale.read()!.grams).toBeCloseTo(rest, 1);
  });

  test.each([0, 30, 70, 110, 160, 190])(
    'a knock is told as a jump, however late after it the first reading is: %d ms',
    (late) => {
      const { scale, pass } = heldScale();
      scale.hand('put');
      pass(5000);
      scale.hand('knock');
      pass(late);
      const readings = Array.from({ length: 8 }, (_, k) => (pass(k % 3 ? 200 : 215), scale.read()!));
      expect(weighed(readings).state).toBe('jumping');
    },
  );

  test('tells nothing while it is switched off, and keeps what lies on it', () => {
    const { scale, pass } = heldScale();
    scale.hand('put');
    pass(5000);
    scale.hand('unplug');
    expect(scale.read()).toBeNull();
    scale.hand('plug');
    expect(scale.read()!.grams).toBeGreaterThan(250);
  });
});

describe('over the API', () => {
  const server = new RunningServer();
  beforeAll(() => server.start());
  afterAll(() => server.end());

  test('readings come as server-sent events', async () => {
    await server.ask('POST', '/devices/scale/hand', { deed: 'put' });
    const messages = await server.listen<ScaleMessage>('/devices/scale', 3);
    expect(messages).toHaveLength(3);
    expect(messages[2].reading!.atMs).toBeGreaterThan(messages[0].reading!.atMs);
  });

  test.each([
    ['zero strokes', { deed: 'press', strokes: 0 }, /strokes must be a number from 1 to 100/],
    ['strokes without a press', { deed: 'put', strokes: 3 }, /strokes is not allowed/],
    ['an unknown deed', { deed: 'throw' }, /deed must be one of/],
  ])('%s is refused at its field', async (_, hand, message) => {
    const answer = await server.ask<Problem>('POST', '/devices/scale/hand', hand);
    expect(answer.status).toBe(400);
    expect(answer.body.detail).toMatch(message);
  });
});
