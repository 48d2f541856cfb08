import { spec } from '../../testing/plain.js';
import { buildCoat } from '../coat/index.js';
import { KNOWN, foodOf } from '../foods/index.js';
import { geometryOf } from '../piece/index.js';
import type { Body } from './body.js';
import { updateHeatCapacity } from './conduct.js';
import { startCooking, type Cooking } from './cooking.js';
import { emptySurroundings, expose, type Surroundings } from './media.js';
import { standingPlace } from './room.js';
import { moveVapour } from './vapour.js';

/** A cooked, breaded cutlet: moist at 85 °C inside, its crumbs dry and cooled to 70 °C. */
function cutlet(): Cooking {
  const food = foodOf(KNOWN, 'chicken-breast');
  const piece = geometryOf({ kind: 'slab', lengthMm: 90, widthMm: 60, thicknessMm: 14 }, food.densityKgM3);
  const layers = buildCoat(KNOWN, [spec(['egg', 50]), spec(['coarse-crumbs', 60])], 'damp', piece.drainLengthM);
  const cook = startCooking(
    {
      piece,
      food,
      layers,
      startC: 85,
      startFirmness: 1,
      restMin: 0,
      oilGm2: 0,
      medium: standingPlace('rack'),
      minutes: 0,
    },
    1,
  );
  const { body } = cook;
  for (let i = 0; i < body.n; i++) {
    if (body.layer[i] < 1) continue;
    body.tempC[i] = 70;
    body.water[i] = 0.04 * body.solids[i];
  }
  updateHeatCapacity(body, cook.work);
  return cook;
}

const inAir = (vapourPa = 1200, vent = 1): Surroundings => {
  const out = { ...emptySurroundings(), vapourPa };
  expose(out.top, 5, 0, vent);
  expose(out.under, 5, 0, vent);
  return out;
};

const sum = (values: Float64Array): number => values.reduce((a, b) => a + b, 0);
const crumbWater = (b: Body): number =>
  [...b.water.keys()].filter((i) => b.layer[i] === 1).reduce((total, i) => total + b.water[i], 0);

function stand(minutes: number, around: Surroundings) {
  const cook = { ...cutlet(), around };
  const { body, flows } = cook;
  const start = sum(body.water);
  const crumbs = crumbWater(body);
  for (let s = 0; s < minutes * 60; s += 2) moveVapour(cook, 2);
  return { body, flows, start, crumbs };
}

describe('vapour in a crust off the heat', () => {
  test('no water is made or lost: what the cells no longer hold has left', () => {
    const { body, flows, start } = stand(5, inAir());
    expect(Math.abs(start - flows.outKg - sum(body.water)) / start).toBeLessThan(1e-9);
    expect(flows.outKg).toBeGreaterThan(0);
  });

  test('the crumbs take water up from the inside', () => {
    const { body, crumbs } = stand(5, inAir());
    expect(crumbWater(body)).toBeGreaterThan(1.05 * crumbs);
  });

  test('where nothing gets away they take up more, and nothing leaves', () => {
    const [open, shut] = [stand(5, inAir()), stand(5, inAir(1200, 0))];
    expect(crumbWater(shut.body)).toBeGreaterThan(crumbWater(open.body));
    expect(Math.abs(shut.flows.outKg)).toBeLessThan(1e-12);
  });

  test('moist air keeps them moister than dry air', () => {
    const [dry, moist] = [stand(8, inAir(500)), stand(8, inAir(9000))];
    expect(crumbWater(moist.body)).toBeGreaterThan(crumbWater(dry.body));
  });

  test('no cell is ever emptied below nothing or heated by itself', () => {
    const { body } = stand(30, inAir());
    expect(body.water.every((kg) => kg >= 0)).toBe(true);
    expect(body.tempC.every((t) => t > 0 && t < 130)).toBe(true);
  });
});
