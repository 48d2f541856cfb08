import type { CoatLayer } from '../coat/index.js';
import { ROOM_C } from './appliances.js';
import { addSauce, buildBody, copyBody, FAT_HEAT, SAUCE_CELLS, type Body } from './body.js';
import {
  conductStep,
  emptyEnd,
  evenOutAround,
  makeWork,
  updateConduction,
  updateHeatCapacity,
  type End,
  type Work,
} from './conduct.js';
import {
  ROUGHNESS,
  STEPS_PER_AGEING,
  STEPS_PER_CONDUCTION_UPDATE,
  STEPS_PER_SLOW_UPDATE,
  THAW_C,
  WATER_HEAT,
} from './constants/index.js';
import { ageFace, makeFace, sauceOn, type Face } from './face.js';
import type { Flows } from './flows.js';
import type { CookInput } from './input.js';
import { handOver } from './inside.js';
import { softeningRate } from './kinetics.js';
import { emptySurroundings, type Medium, type Surroundings } from './media.js';
import { addOil, oilCell, rubOil } from './oiling.js';
import { moveWater, rememberWettest } from './moisture.js';
import { boil, noSteam, thaw, type Steam } from './phase.js';
import { drainedTo, runningOf, thinLayer, type Running } from './runoff.js';
import { evaporate, findFront, readSurface, setEnd } from './surface.js';
import { emptyVapour, moveVapour, type VapourWork } from './vapour.js';

/** One face with the end of the chain that belongs to it. */
export interface Side {
  face: Face;
  end: End;
}

/** A piece in the middle of its evening: everything that goes on from here. */
export interface Cook {
  input: CookInput;
  body: Body;
  work: Work;
  vapour: VapourWork;
  around: Surroundings;
  sides: readonly [Side, Side];
  flows: Flows;
  steam: Steam;
  running: Running | null;
  roughness: number;
  icy: boolean;
}

/** A freshly coated piece at its start temperature. `fine` multiplies its cells. */
export function startCook(input: CookInput, fine: number): Cook {
  const reserve = SAUCE_CELLS;
  const body = buildBody(input.food, input.piece, input.layers, input.startC, fine, reserve);
  if (input.inside) handOver(body, input.inside);
  const finish = input.layers.at(-1);
  const side = (up: boolean): Side => ({ face: makeFace(body, up, input.layers), end: emptyEnd() });
  return {
    input,
    body,
    work: makeWork(body.n),
    vapour: emptyVapour(body.n),
    around: emptySurroundings(),
    sides: [side(false), side(true)],
    flows: { inJ: 0, outJ: 0, outKg: 0 },
    steam: noSteam(),
    running: runningOf(input.layers, input.piece.drainLengthM),
    roughness: finish?.grain ? ROUGHNESS[finish.grain] : 1,
    icy: input.startC < THAW_C,
  };
}

/** A copy that goes on by itself: the same cooked piece on a plate and on a rack. */
export const copyCook = (cook: Cook): Cook => ({
  ...cook,
  body: copyBody(cook.body),
  work: makeWork(cook.body.n),
  vapour: emptyVapour(cook.body.n),
  around: emptySurroundings(),
  sides: [
    { face: { ...cook.sides[0].face }, end: emptyEnd() },
    { face: { ...cook.sides[1].face }, end: emptyEnd() },
  ],
  flows: { ...cook.flows },
  steam: noSteam(),
});

/** Oils all sides of the piece, g per m² of skin. */
export const oilCook = (cook: Cook, oilGm2: number): void => addOil(cook.body, oilGm2);

/** Rubs the bare food with oil before it is coated, g per m² of skin. */
export const rubCook = (cook: Cook, oilGm2: number): void => rubOil(cook.body, oilGm2);

/** Oils one hot face during the cook, g per m² of its skin: the oil comes as warm as the room. */
export function touchUpCook(cook: Cook, oilGm2: number, up: boolean): void {
  const { body, work, flows } = cook;
  const cell = up ? body.to - 1 : body.from;
  const heat = oilCell(body, cell, oilGm2) * FAT_HEAT;
  body.tempC[cell] = (work.heat[cell] * body.tempC[cell] + heat * ROOM_C) / (work.heat[cell] + heat);
  work.heat[cell] += heat;
  flows.inJ += heat * ROOM_C;
}

/** Brushes a sauce of `tempC` on all sides: it lies smooth over the crumbs. Returns the water, kg, and heat, J, it brings. */
export function sauceCook(cook: Cook, sauce: CoatLayer, tempC: number): { kg: number; heatJ: number } {
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

const inOilOf = (around: Surroundings, up: boolean): boolean => (up ? around.oilUp : around.oilDown);

/** The air's coefficient at one face, W/m²K: a rough finish offers it more. */
function airH({ around, roughness }: Cook, up: boolean): number {
  return (inOilOf(around, up) ? 1 : roughness) * (up ? around.hcUp : around.hcDown);
}

/** Water movement, thinning of what still runs and softening: all that changes slowly. */
function slowUpdate(cook: Cook, stepS: number): void {
  const { body, work, flows, sides, running } = cook;
  moveWater(body, work, stepS);
  evenOutAround(body, work, stepS);
  rememberWettest(body);
  if (running) {
    for (const { face } of sides) {
      const inOil = inOilOf(cook.around, face.up);
      const film = drainedTo(face.filmM, running, body.tempC[face.skinCell], 1 - face.unsetSkin, inOil, stepS);
      if (film >= face.filmM * 0.9999) continue;
      thinLayer(body, running.layer, face, film / face.filmM, work.heat, flows);
      face.filmM = film;
    }
  }
  soften(cook, stepS);
}

function soften({ body, input }: Cook, stepS: number): void {
  const speed = stepS * input.food.food.softeningRate;
  for (let i = body.foodFrom; i < body.foodTo; i++) body.softened[i] += speed * softeningRate(body.tempC[i]);
}

/** One step of one medium: surroundings, conduction, evaporation and boiling. Returns the steam, kg. */
function step(cook: Cook, medium: Medium, stepS: number, standing: boolean, seekFront: boolean): number {
  const { body, work, around, sides, flows, steam } = cook;
  for (const { face, end } of sides) {
    const oil = inOilOf(around, face.up);
    const hc = airH(cook, face.up);
    const vent = standing ? 0 : hc * (face.up ? around.ventUp : around.ventDown);
    if (!oil && seekFront && !standing) findFront(body, face, vent, around);
    setEnd(body, work, face, vent, hc, face.up ? around.hrUp : around.hrDown, around, oil, end);
  }
  conductStep(body, work, sides[0].end, sides[1].end, stepS);
  let steamKg = 0;
  let heatJ = 0;
  for (const { face, end } of sides) {
    heatJ += end.conductance * (end.envC - body.tempC[face.outer]) * stepS;
    evaporate(body, work, face, end, stepS, flows);
    boil(body, work, face.from, face.to, steam);
    flows.outKg += steam.all;
    flows.outJ += steam.heatJ;
    steamKg += steam.all;
    face.push = steam.fromFood / stepS / body.faceM2;
    readSurface(body, work, face, end);
  }
  if (cook.icy) cook.icy = thaw(body, work);
  if (standing) moveVapour(body, work, cook.vapour, around, stepS, flows);
  flows.inJ += heatJ;
  medium.give(heatJ, stepS);
  return steamKg;
}

export interface RunOptions {
  /** Divides the steps. */
  fine: number;
  /** Off the heat: vapour moves inside the coat and condenses there. */
  standing: boolean;
  /** Told after every step, s since this run began; false ends the run. */
  onStep: (timeS: number) => boolean;
}

/** Runs a cook in one medium for `seconds`. Nothing is allocated in the loop. */
export function runIn(cook: Cook, medium: Medium, seconds: number, { fine, standing, onStep }: RunOptions): void {
  const { body, work, around, sides } = cook;
  let steamKg = 0;
  let lastStepS = 1;
  let sinceSlowS = 0;
  let sinceAgedS = 0;
  medium.surround(0, 0, around);
  updateHeatCapacity(body, work);
  updateConduction(body, work, around.oilUp || around.oilDown);
  for (let timeS = 0, steps = 0; timeS < seconds - 1e-9; steps++) {
    const stepS = Math.min(medium.stepS(timeS) / fine, seconds - timeS);
    medium.surround(timeS + stepS, steamKg / lastStepS / (2 * body.faceM2), around);
    steamKg = step(cook, medium, stepS, standing, steps % STEPS_PER_AGEING === 0);
    timeS += stepS;
    lastStepS = stepS;
    sinceSlowS += stepS;
    sinceAgedS += stepS;
    if (steps % STEPS_PER_AGEING === STEPS_PER_AGEING - 1 || timeS >= seconds - 1e-9) {
      for (const { face } of sides) ageFace(face, body, inOilOf(around, face.up), sinceAgedS);
      sinceAgedS = 0;
    }
    if (steps % STEPS_PER_SLOW_UPDATE === STEPS_PER_SLOW_UPDATE - 1) {
      slowUpdate(cook, sinceSlowS);
      sinceSlowS = 0;
    }
    if (steps % STEPS_PER_CONDUCTION_UPDATE === STEPS_PER_CONDUCTION_UPDATE - 1)
      updateConduction(body, work, around.oilUp || around.oilDown);
    if (!onStep(timeS)) break;
  }
  if (sinceSlowS > 0) slowUpdate(cook, sinceSlowS);
}
