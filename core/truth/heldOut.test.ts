import { KNOWN, safeMinimum, foodOf } from '../src/index.js';
import { BLIND, WIDER } from './heldOut.js';
import { browningOf, goldenWindow, inAir } from './predict.js';

/** Common practice, no source; see heldOut.ts for what was in sight while tuning, and what was not. */
describe('the wider round and the blind one, at their practised middle time', () => {
  test.each([...WIDER, ...BLIND].map((p) => [p.what, p] as const))('%s', (_, practice) => {
    const result = inAir(practice, practice.air!);
    const browning = browningOf(result);
    if (practice.stays === 'pale') {
      expect(browning).toBeLessThan(0.8);
    } else {
      const { from, to } = goldenWindow(practice, practice.air!);
      expect(from).toBeLessThan(0.85 * practice.air!.settings.minutes);
      expect(to).toBeGreaterThan(1.2 * practice.air!.settings.minutes);
    }
    const { food } = foodOf(KNOWN, practice.dish.foodId);
    const minimum = safeMinimum(food.safety)?.tempC ?? 60;
    // A home cook's middle time is safe, or within 3 K of it: the thermometer decides.
    expect(result.outcomes.centre!.value).toBeGreaterThan(minimum - 3);
    expect(result.outcomes.crispness!.value).toBeGreaterThan(0.25);
  });
});
