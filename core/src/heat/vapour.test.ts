import { breadedCutlet } from '../../testing/cutlet.js';
import type { Body } from './body.js';
import { emptySurroundings, expose, type Surroundings } from './media.js';
import { moveVapour } from './vapour.js';

/** A cooked, breaded cutlet: moist at 85 °C inside, its crumbs dry and cooled to 70 °C. */
const cutlet = () => breadedCutlet(85, 0.04, 70);

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
