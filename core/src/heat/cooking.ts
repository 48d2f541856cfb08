import type { CoatLayer } from '../coat/index.js';
import { addSauce, buildBody, copyBody, FAT_HEAT, SAUCE_CELLS, type Body } from './body.js';
import { makeWork, type Work } from './conduct.js';
import { emptyEnd, type End } from './end.js';
import { ROOM_C } from './appliances.js';
import { ROUGHNESS, THAW_C, WATER_HEAT } from './constants/index.js';
import { makeFace, sauceOn, type Face } from './face.js';
import type { Flows } from './flows.js';
import type { CookInput } from './input.js';
import { handOver } from './inside.js';
import { emptySurroundings, type Exposure, type Surroundings } from './media.js';
import { addOil, oilCell, rubOil } from './oiling.js';
import { noSteam, type Steam } from './phase.js';
import { runningOf, type Running } from './runoff.js';
import { opposite, type FaceName } from './turning.js';
import { emptyVapour, type VapourWork } from './vapourWork.js';

/** One face with the end of the chain that belongs to it. */
export interface Side {
  face: Face;
  end: End;
}

/** A piece in the middle of its evening: everything that goes on from here. */
export interface Cooking {
  input: CookInput;
  body: Body;
  work: Work;
  vapour: VapourWork;
  around: Surroundings;
  /** The face that lies up now. */
  lies: FaceName;
  /** The face that started down, and the one that started up. */
  sides: readonly [Side, Side];
  flows: Flows;
  steam: Steam;
  /** What one step has brought so far: heat into the piece, J, and steam out of it, kg. */
  step: { heatJ: number; steamKg: number };
  running: Running | null;
  roughness: number;
  icy: boolean;
}

/** A freshly coated piece at its start temperature. `fine` multiplies its cells. */
export function startCooking(input: CookInput, fine: number): Cooking {
  const reserve = SAUCE_CELLS;
  const body = buildBody(input.food, input.piece, input.layers, input.startC, fine, reserve);
  if (input.inside) handOver(body, input.inside);
  const finish = input.layers.at(-1);
  const side = (up: boolean): Side => ({
    face: {
      ...makeFace(body, up, input.layers, input.food.food.skinFatGm2),
      ...(input.coatSet ? { unsetFoot: 0, unsetSkin: 0 } : {}),
    },
    end: emptyEnd(),
  });
  return {
    input,
    body,
    work: makeWork(body.n),
    vapour: emptyVapour(body.n),
    around: emptySurroundings(),
    lies: 'up',
    sides: [side(false), side(true)],
    flows: { inJ: 0, outJ: 0, outKg: 0 },
    steam: noSteam(),
    step: { heatJ: 0, steamKg: 0 },
    running: runningOf(input.layers, input.piece.drainLengthM),
    roughness: finish?.grain ? ROUGHNESS[finish.grain] : 1,
    icy: input.startC < THAW_C,
  };
}

const copyFace = (face: Face): Face => ({ ...face, shades: face.shades.map((shade) => ({ ...shade })) });

/** A copy that goes on by itself: the same cooked piece on a plate and on a rack. */
export const copyCooking = (cook: Cooking): Cooking => ({
  ...cook,
  body: copyBody(cook.body),
  work: makeWork(cook.body.n),
  vapour: emptyVapour(cook.body.n),
  around: emptySurroundings(),
  sides: [
    { face: copyFace(cook.sides[0].face), end: emptyEnd() },
    { face: copyFace(cook.sides[1].face), end: emptyEnd() },
  ],
  flows: { ...cook.flows },
  steam: noSteam(),
  step: { heatJ: 0, steamKg: 0 },
});

/** What a face meets: turning swaps what its two faces meet, and nothing else. */
export const exposureOf = ({ around, lies }: Cooking, face: Face): Exposure =>
  face.up === (lies === 'up') ? around.top : around.under;

/** Turns the piece over. */
export function turnOver(cook: Cooking): void {
  cook.lies = opposite(cook.lies);
}

/**
 * Oils all sides of the piece, g per m² of skin, and remembers to tell how it would look with each of the `others`.
 */
export function oilAll(cook: Cooking, oilGm2: number, others: readonly number[] = []): void {
  addOil(cook.body, oilGm2);
  for (const { face } of cook.sides) {
    const { colour, browned } = face;
    face.shades = others.map((other) => ({ moreGm2: other - oilGm2, colour, browned }));
  }
}

/** Rubs the bare food with oil before it is coated, g per m² of skin. */
export const rubWithOil = (cook: Cooking, oilGm2: number): void => rubOil(cook.body, oilGm2);

/** Oils the hot face that lies up, g per m² of its skin: the oil comes as warm as the room. */
export function touchUp({ body, work, flows, lies }: Cooking, oilGm2: number): void {
  const cell = lies === 'up' ? body.to - 1 : body.from;
  const heat = oilCell(body, cell, oilGm2) * FAT_HEAT;
  body.tempC[cell] = (work.heat[cell] * body.tempC[cell] + heat * ROOM_C) / (work.heat[cell] + heat);
  work.heat[cell] += heat;
  flows.inJ += heat * ROOM_C;
}

/** Brushes a sauce of `tempC` on all sides: it lies smooth over the crumbs. Returns the water, kg, and heat, J, it brings. */
export function brushWith(cook: Cooking, sauce: CoatLayer, tempC: number): { kg: number; heatJ: number } {
  const { body } = cook;
  addSauce(body, sauce, cook.input.layers.length, tempC);
  for (const { face } of cook.sides) sauceOn(face, body, sauce);
  cook.running = null;
  cook.roughness = 1;
  let kg = 0;
  let heatJ = 0;
  for (let i = body.from; i < body.to; i++) {
    if (body.layer[i] !== cook.input.layers.length) continue;
    kg += body.water[i];
    heatJ += (body.dryHeat[i] + body.water[i] * WATER_HEAT) * tempC;
  }
  return { kg, heatJ };
}
