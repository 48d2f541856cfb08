import { buildCoat, type LayerSpec } from '../coat/index.js';
import { foodOf } from '../foods/index.js';
import { geometryOf } from '../piece/index.js';
import { buildBody, type Body } from './body.js';
import { makeWork, updateHeatCapacity, type Work } from './conduct.js';
import type { Flows } from './flows.js';
import { emptySurroundings, type Surroundings } from './media.js';
import { emptyVapour, moveVapour } from './vapour.js';

const layer = (...parts: [string, number][]): LayerSpec => ({
  portions: parts.map(([ingredientId, grams]) => ({ ingredientId, grams })),
});

/** A cooked, breaded cutlet: moist at 85 °C inside, its crumbs dry and cooled to 70 °C. */
function cutlet(): { body: Body; work: Work; flows: Flows } {
  const food = foodOf('chicken-breast');
  const piece = geometryOf({ kind: 'slab', lengthMm: 90, widthMm: 60, thicknessMm: 14 }, food.densityKgM3);
  const layers = buildCoat([layer(['egg', 50]), layer(['coarse-crumbs', 60])], 'damp', piece.drainLengthM);
  const body = buildBody(food, piece, layers, 85);
  for (let i = 0; i < body.n; i++) {
    if (body.layer[i] < 1) continue;
    body.tempC[i] = 70;
    body.water[i] = 0.04 * body.solids[i];
  }
  const work = makeWork(body.n);
  updateHeatCapacity(body, work);
  return { body, work, flows: { inJ: 0, outJ: 0, outKg: 0 } };
}

const inAir = (more: Partial<Surroundings> = {}): Surroundings => ({
  ...emptySurroundings(),
  hcUp: 5,
  hcDown: 5,
  vapourPa: 1200,
  ...more,
});

const sum = (values: Float64Array): number => values.reduce((a, b) => a + b, 0);
const crumbWater = (b: Body): number =>
  [...b.water.keys()].filter((i) => b.layer[i] === 1).reduce((total, i) => total + b.water[i], 0);

function stand(minutes: number, around: Surroundings) {
  const { body, work, flows } = cutlet();
  const vapour = emptyVapour(body.n);
  const start = sum(body.water);
  const crumbs = crumbWater(body);
  for (let s = 0; s < minutes * 60; s += 2) moveVapour(body, work, vapour, around, 2, flows);
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
    const [open, shut] = [stand(5, inAir()), stand(5, inAir({ ventUp: 0, ventDown: 0 }))];
    expect(crumbWater(shut.body)).toBeGreaterThan(crumbWater(open.body));
    expect(Math.abs(shut.flows.outKg)).toBeLessThan(1e-12);
  });

  test('moist air keeps them moister than dry air', () => {
    const [dry, moist] = [stand(8, inAir({ vapourPa: 500 })), stand(8, inAir({ vapourPa: 9000 }))];
    expect(crumbWater(moist.body)).toBeGreaterThan(crumbWater(dry.body));
  });

  test('no cell is ever emptied below nothing or heated by itself', () => {
    const { body } = stand(30, inAir());
    expect(body.water.every((kg) => kg >= 0)).toBe(true);
    expect(body.tempC.every((t) => t > 0 && t < 130)).toBe(true);
  });
});
