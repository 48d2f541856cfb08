import { BREADED_PLAN, BREADED_POT, NO_LIMITS, PLAIN_FRYER, slabsOf } from '../../testing/plain.js';
import { KNOWN } from '../foods/index.js';
import { evaluateFried } from '../plan/index.js';
import { reheating } from './reheat.js';
import { thicknessMinutes } from './thickness.js';

const asked = (thicknessMm: number) => {
  const dish = slabsOf('chicken-breast', { shape: { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm } });
  return { pantry: KNOWN, dish, fried: BREADED_POT, fryer: PLAIN_FRYER, limits: NO_LIMITS };
};
const minutesOf = (thicknessMm: number): number => {
  const request = asked(thicknessMm);
  return reheating(request, BREADED_PLAN, evaluateFried(request)).minutes!;
};

describe('what is left, made hot again', () => {
  // Leftovers 165 °F: USDA FSIS, from memory.
  test('comes to 74 °C, thicker pieces later, at a setting that the fryer has', () => {
    const request = asked(12);
    const { tempC, centreC } = reheating(request, BREADED_PLAN, evaluateFried(request));
    expect(tempC % PLAIN_FRYER.stepC).toBe(0);
    expect(centreC).toBeCloseTo(73.9, 0);
    expect(minutesOf(24)).toBeGreaterThan(minutesOf(12));
  });

  test('what is too thick for half an hour is not given a number', () => {
    const request = asked(70);
    expect(reheating(request, BREADED_PLAN, evaluateFried(request)).minutes).toBeNull();
  });
});

describe('what thickness does to the minutes', () => {
  const { dish } = asked(16);
  const told = thicknessMinutes(KNOWN, dish, BREADED_POT);

  test('thinner is done sooner, thicker later, in that order', () => {
    expect(told.map((t) => t.mm)).toEqual([11, 16, 22]);
    expect(told[0].minutes).toBeLessThan(told[1].minutes);
    expect(told[1].minutes).toBeLessThan(told[2].minutes);
  });

  test('without a pot there is nothing to tell', () => expect(thicknessMinutes(KNOWN, dish, null)).toEqual([]));
});
