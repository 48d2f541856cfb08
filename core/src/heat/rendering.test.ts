import { NO_LIMITS, PLAIN_FRYER, planOf, slabsOf, spec } from '../../testing/plain.js';
import type { Dish } from '../dish/index.js';
import { foodOf, KNOWN } from '../foods/index.js';
import { evaluateAir, evaluateFried, type AirResult, type Asked } from '../plan/index.js';

const DREDGE = [spec(['wheat-flour', 80], ['corn-starch', 20])];
const asked = (dish: Dish): Asked => ({
  pantry: KNOWN,
  dish,
  fried: { layers: DREDGE, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 170, minutes: 13 },
  fryer: PLAIN_FRYER,
  limits: NO_LIMITS,
});
const cooked = (dish: Dish, minutes: number, tempC = 190): AirResult => {
  const request = asked(dish);
  const plan = planOf({ layers: DREDGE, oilGm2: 0 }, { tempC, minutes, preheated: true });
  return evaluateAir(request, plan, evaluateFried(request));
};
const leg: Dish = slabsOf('chicken-drumstick', { shape: { kind: 'rod', diameterMm: 42, lengthMm: 110 }, startC: 6 });
const boned: Dish = { ...leg, foodId: 'chicken-thigh' };

describe('on the bone and with skin', () => {
  test('energy and water still close', () => {
    const { series } = cooked(leg, 24);
    expect(Math.abs(series.energyError)).toBeLessThan(1e-9);
    expect(Math.abs(series.waterError)).toBeLessThan(1e-9);
  });

  test('the skin gives off its fat, more with time, and never more than it holds', () => {
    const held = foodOf(KNOWN, 'chicken-drumstick').food.skinFatGm2!;
    const dripped = [8, 16, 24, 40].map((m) => cooked(leg, m).series.columns.drippedGm2.at(-1)!);
    for (let k = 1; k < dripped.length; k++) expect(dripped[k]).toBeGreaterThan(dripped[k - 1]);
    expect(dripped.at(-1)).toBeLessThan(held);
    expect(cooked(boned, 24).series.columns.drippedGm2.at(-1)).toBe(0);
  });

  test('it browns without a spray what would stay floury, and keeps its juice to far beyond safe', () => {
    const [skin, bare] = [cooked(leg, 24), cooked(boned, 24)];
    expect(skin.outcomes.colourTop!.value).toBeGreaterThan(bare.outcomes.colourTop!.value);
    expect(skin.outcomes.centre!.value).toBeGreaterThan(80);
    expect(skin.outcomes.juice!.value).toBeGreaterThan(bare.outcomes.juice!.value);
    expect(skin.outcomes.juice!.band).not.toBe('poor');
  });

  test('fat that drips into a hot drawer smokes there, and it is said what catches it', () => {
    expect(cooked(leg, 24, 185).outcomes.drip!.band).toBe('good');
    const { band, reasons } = cooked(leg, 24, 205).outcomes.drip!;
    expect(band).toBe('fair');
    expect(reasons[0].move.join()).toMatch(/bread|water/);
    expect(cooked(boned, 24, 205).outcomes.drip).toBeUndefined();
  });
});

describe('bought with its coat on, frozen', () => {
  const finger: Dish = slabsOf('cod', {
    shape: { kind: 'slab', lengthMm: 90, widthMm: 25, thicknessMm: 15 },
    startC: -18,
    skin: 'dry',
    preparation: 'frozen',
    readyCoated: true,
  });
  const layers = [spec(['wheat-flour', 60]), spec(['egg', 50]), spec(['fine-crumbs', 80], ['rapeseed-oil', 12])];
  const result = (minutes: number): AirResult => {
    const request = { ...asked(finger), fried: { ...asked(finger).fried, layers, minutes: 4 } };
    return evaluateAir(request, planOf({ layers, restMin: 0 }, { tempC: 200, minutes }), evaluateFried(request));
  };

  test('has set before, needs no bowl, and is not thawed', () => {
    const air = result(10);
    expect(air.outcomes.setTime!.value).toBe(0);
    expect(air.outcomes.adhesion!.band).toBe('good');
    expect(air.bowls).toEqual([]);
    expect(air.steps[0].join('')).toMatch(/do not let them thaw/);
  });

  // Packets of such fingers: 200 °C, 10–12 min. Common practice, no source.
  test('is golden and hot in the minutes that packets name', () => {
    const { colourTop, centre } = result(11).outcomes;
    expect(colourTop!.band).toBe('good');
    expect(centre!.band).toBe('good');
  });
});
