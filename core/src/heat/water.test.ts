import fc from 'fast-check';
import { activityAt, foodBoilingC, moistureAt, waterActivity } from './water.js';

const activities = fc.double({ min: 0.01, max: 0.98, noNaN: true });

describe("water that a food's solids hold", () => {
  test('is found from the activity over it, and the activity from it', () =>
    fc.assert(
      fc.property(activities, (activity) => {
        expect(waterActivity(moistureAt(activity))).toBeCloseTo(activity, 9);
      }),
    ));

  test('is read off the table of the time loop within 0.005 of the isotherm', () =>
    fc.assert(
      fc.property(activities, (activity) => {
        expect(Math.abs(activityAt(moistureAt(activity)) - activity)).toBeLessThan(0.005);
      }),
    ));

  test('boils at 100 °C while there is plenty of it, and the hotter the less there is', () => {
    expect(foodBoilingC(2)).toBeCloseTo(100, 0);
    const points = [0.6, 0.3, 0.15, 0.08, 0.04, 0.02].map(foodBoilingC);
    for (let k = 1; k < points.length; k++) expect(points[k]).toBeGreaterThan(points[k - 1]);
    expect(foodBoilingC(0)).toBeLessThanOrEqual(320);
  });
});
