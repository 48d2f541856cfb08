import { breadedCutlet } from '../../testing/cutlet.js';
import { finer } from '../../testing/finer.js';
import { AT_WORK } from '../../testing/plain.js';
import { buildCoat, layerOf, type LayerSpec } from '../coat/index.js';
import { foodOf, KNOWN } from '../foods/index.js';
import { geometryOf } from '../piece/index.js';
import { conductStep, updateConduction } from './conduct.js';
import type { Cooking } from './cooking.js';
import { airMedium, deepOil, simulate, type CookInput, type Medium } from './index.js';
import { boil, noSteam } from './phase.js';
import { foodBoilingC } from './water.js';

const STEP_S = 0.5;

/** A cutlet of `tempC` under hot, wet crumbs that boil if they can; the upper side in oil of 175 °C, the lower in nothing. */
function inOil(tempC: number, crumbsC: number): Cooking {
  const cook = breadedCutlet(tempC, 1.2, crumbsC);
  const { body, work, sides } = cook;
  updateConduction(body, work, true);
  boil(body, work, body.from, body.to, noSteam());
  Object.assign(sides[1].end, { h: 600, envC: 175, conductance: 600 * body.faceM2 });
  return cook;
}

const heldHeat = ({ body, work }: Cooking): number =>
  body.tempC.reduce((sum, tempC, i) => sum + (i >= body.from && i < body.to ? work.heat[i] * tempC : 0), 0);

const step = ({ body, work, sides }: Cooking): void => conductStep(body, work, sides[0].end, sides[1].end, STEP_S);

describe('a step of conduction', () => {
  test.each([
    ['below boiling', 40],
    ['with crumbs that boil', foodBoilingC(1.2) + 0.5],
  ])('takes in what the end gives, to rounding, %s', (_, crumbsC) => {
    const cook = inOil(20, crumbsC);
    const before = heldHeat(cook);
    step(cook);
    const [down, up] = cook.sides.map(({ end }) => end);
    expect(up.takenW).toBeGreaterThan(1);
    expect([Math.abs(down.takenW), down.wet, up.wet]).toEqual([0, 0, 0]);
    const taken = up.takenW * STEP_S;
    expect(Math.abs(heldHeat(cook) - before - taken)).toBeLessThan(1e-9 * taken);
  });

  test('leaves in a cell that boils nearly all that comes into it, where one below boiling passes it on', () => {
    const boilsAt = foodBoilingC(1.2);
    // All of the cutlet as hot as its wet crumbs boil: only what the oil gives in the step moves anything.
    const passedOn = (tempC: number, crumbsC: number): number => {
      const cook = inOil(tempC, crumbsC);
      const { body, work } = cook;
      const before = [...body.tempC];
      step(cook);
      const outer = body.to - 1;
      const gained = (i: number): number => work.heat[i] * (body.tempC[i] - before[i]);
      let inward = 0;
      for (let i = body.from; i < outer; i++) inward += gained(i);
      return inward / (inward + gained(outer));
    };
    expect(passedOn(boilsAt, boilsAt + 0.01)).toBeLessThan(0.04);
    expect(passedOn(boilsAt - 5, boilsAt - 5)).toBeGreaterThan(0.3);
  });
});

const COATS: readonly [string, LayerSpec[]][] = [
  ['crumbs', [layerOf(['wheat-flour', 60]), layerOf(['egg', 50]), layerOf(['coarse-crumbs', 60])]],
  ['a batter', [layerOf(['wheat-flour', 100], ['water', 140])]],
  ['a shell of starch', [layerOf(['egg', 50]), layerOf(['potato-starch', 60])]],
  ['crumbs over a batter', [layerOf(['chickpea-flour', 100], ['water', 130]), layerOf(['fine-crumbs', 60])]],
  ['a sheet', [layerOf(['spring-roll-sheet', 50])]],
  ['no coat', []],
];

/** How a cook ends with its steps divided by `by`: centre, °C, and the browning of its upper side. */
function endOf(foodId: string, coat: LayerSpec[], minutes: number, medium: () => Medium, by: number) {
  const food = foodOf(KNOWN, foodId);
  const shape = { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm: 14 } as const;
  const piece = geometryOf(shape, food.densityKgM3 * (1 - food.food.porosity));
  const input: CookInput = {
    food,
    piece,
    layers: buildCoat(KNOWN, coat, 'damp', piece.drainLengthM),
    startC: 8,
    startFirmness: food.food.firmness,
    restMin: 2,
    oilGm2: 10,
    medium: finer(medium(), by),
    minutes,
  };
  const { timeS, columns } = simulate(input);
  const at = timeS.length - 1;
  return { centreC: columns.centreC[at], colour: columns.colourUp[at] };
}

describe.each([
  ['in a pot', 4, 0.8, 0.06, () => deepOil({ tempC: 175, oilKgPerPiece: 0.25 })],
  ['in air', 11, 0.7, 0.02, () => airMedium({ ...AT_WORK, turnAtMin: 6 })],
] as const)('%s the steps are short enough: an eighth of them ends', (_where, minutes, kelvin, golden, medium) => {
  test.each(COATS)(`within ${kelvin} K and ${golden} of golden under %s`, (_, coat) => {
    for (const foodId of ['chicken-breast', 'potato', 'aubergine']) {
      const [whole, fine] = [1, 8].map((by) => endOf(foodId, coat, minutes, medium, by));
      expect(Math.abs(whole.centreC - fine.centreC)).toBeLessThan(kelvin);
      expect(Math.abs(whole.colour - fine.colour)).toBeLessThan(golden);
    }
  });
});
