import type { CoatLayer } from '../coat/index.js';
import type { Food } from '../foods/index.js';
import type { PieceGeometry } from '../piece/index.js';
import { addOil, buildBody, type Body } from './body.js';
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
import { EDGE_FOOT, ROUGHNESS, STEPS_PER_CONDUCTION_UPDATE, STEPS_PER_SLOW_UPDATE, THAW_C } from './constants.js';
import { ageFace, makeFace, type Face } from './face.js';
import { softeningRate } from './kinetics.js';
import { emptySurroundings, restingRoom, type Medium, type Surroundings } from './media.js';
import { moveWater, rememberWettest } from './moisture.js';
import { boil, noSteam, thaw } from './phase.js';
import { makeRecorder } from './recorder.js';
import { drainedTo, runningOf, thinLayer } from './runoff.js';
import type { CookSeries } from './series.js';
import { evaporate, findFront, readSurface, setEnd, type Flows } from './surface.js';

/** Everything that one simulation of one piece depends on. */
export interface CookInput {
  piece: PieceGeometry;
  food: Food;
  layers: readonly CoatLayer[];
  /** °C of the food when it is coated; below −1 it is frozen. */
  startC: number;
  /** Firmness at the start, 1 raw … about 0.6 blanched. */
  startFirmness: number;
  /** Minutes that the finished coat rests before the cook. */
  restMin: number;
  /** Oil put on the finished coat, g per m² of skin. */
  oilGm2: number;
  medium: Medium;
  minutes: number;
}

export interface SimulateOptions {
  /** Record every cell for the cutaway. Default false. */
  profiles?: boolean;
  /** Multiplies the cells and divides the step, to check that the answer does not depend on them. Default 1. */
  fine?: number;
}

/** The two faces with the ends of the chain that belong to them, and what the whole cook carries along. */
interface Cook {
  input: CookInput;
  body: Body;
  work: Work;
  around: Surroundings;
  sides: readonly { face: Face; end: End; up: boolean }[];
  flows: Flows;
  finish: CoatLayer | undefined;
  roughness: number;
  edgeFoot: number;
  softened: number;
  icy: boolean;
}

/** Water movement, thinning of what still runs, thawing, and conductivities: all that changes slowly. */
function slowUpdate(cook: Cook, stepS: number): void {
  const { body, work, flows, sides } = cook;
  moveWater(body, work, stepS);
  evenOutAround(body, work, stepS);
  rememberWettest(body);
  const running = runningOf(cook.input.layers, cook.input.piece.drainLengthM);
  if (running) {
    for (const { face, up } of sides) {
      const inOil = up ? cook.around.oilUp : cook.around.oilDown;
      const film = drainedTo(face.filmM, running, body.tempC[face.skinCell], 1 - face.unsetSkin, inOil, stepS);
      if (film >= face.filmM * 0.9999) continue;
      thinLayer(body, running.layer, face, film / face.filmM, work.heat, flows);
      face.filmM = film;
    }
  }
  if (cook.icy) cook.icy = thaw(body, work);
}

/** The air's coefficient at one face, W/m²K: a rough finish offers it more. */
function airH({ around, roughness }: Cook, up: boolean): number {
  const inOil = up ? around.oilUp : around.oilDown;
  return (inOil ? 1 : roughness) * (up ? around.hcUp : around.hcDown);
}

/** One step of one medium: surroundings, conduction, evaporation, boiling, ageing. Returns the steam, kg. */
function step(cook: Cook, medium: Medium, stepS: number, steam: ReturnType<typeof noSteam>): number {
  const { body, work, around, sides, flows } = cook;
  for (const { face, end, up } of sides) {
    const oil = up ? around.oilUp : around.oilDown;
    if (!oil) findFront(body, face, airH(cook, up), around);
    setEnd(body, work, face, airH(cook, up), up ? around.hrUp : around.hrDown, around, oil, stepS, end);
  }
  conductStep(body, work, sides[0].end, sides[1].end, stepS);
  let steamKg = 0;
  let heatJ = 0;
  for (const { face, end, up } of sides) {
    heatJ += end.conductance * (end.envC - body.tempC[face.outer]) * stepS;
    evaporate(body, work, end, stepS, flows);
    boil(body, work, face.from, face.to, steam);
    flows.outKg += steam.all;
    flows.outJ += steam.heatJ;
    steamKg += steam.all;
    face.push = steam.fromFood / stepS / body.faceM2;
    readSurface(body, work, face, end, cook.edgeFoot);
    ageFace(face, body, cook.finish, up ? around.oilUp : around.oilDown, stepS);
  }
  flows.inJ += heatJ;
  medium.give(heatJ);
  const centre = body.n >> 1;
  const halfWay = centre + ((body.foodTo - centre) >> 1);
  const rate = softeningRate(body.tempC[centre]) + softeningRate(body.tempC[halfWay]);
  cook.softened += (stepS / 2) * rate * cook.input.food.food.softeningRate;
  return steamKg;
}

/** Runs one medium for `seconds`, telling `onStep` after every step. */
function run(cook: Cook, medium: Medium, seconds: number, fine: number, onStep: (timeS: number) => void): void {
  const { body, work, around } = cook;
  const steam = noSteam();
  let steamKg = 0;
  let lastStepS = 1;
  let sinceSlowS = 0;
  medium.surround(0, 0, around);
  updateHeatCapacity(body, work);
  updateConduction(body, work, around.oilUp || around.oilDown);
  for (let timeS = 0, steps = 1; timeS < seconds - 1e-9; steps++) {
    const stepS = Math.min(medium.stepS(timeS) / fine, seconds - timeS);
    medium.surround(timeS + stepS, steamKg / lastStepS / (2 * body.faceM2), around);
    steamKg = step(cook, medium, stepS, steam);
    timeS += stepS;
    lastStepS = stepS;
    sinceSlowS += stepS;
    if (steps % STEPS_PER_SLOW_UPDATE === 0) {
      slowUpdate(cook, sinceSlowS);
      sinceSlowS = 0;
    }
    if (steps % STEPS_PER_CONDUCTION_UPDATE === 0) updateConduction(body, work, around.oilUp || around.oilDown);
    onStep(timeS);
  }
  if (sinceSlowS > 0) slowUpdate(cook, sinceSlowS);
}

/**
 * Simulates heat, water, setting, browning and softening of one coated piece through rest and cook. Pure; allocates
 * before its time loop and not in it. Inputs are trusted: check them at the door.
 * @returns the series over the cook (the rest is simulated and not recorded)
 */
export function simulate(input: CookInput, options: SimulateOptions = {}): CookSeries {
  const fine = options.fine ?? 1;
  const body = buildBody(input.food, input.piece, input.layers, input.startC, fine);
  const down = { face: makeFace(body, false, input.layers), end: emptyEnd(), up: false };
  const up = { face: makeFace(body, true, input.layers), end: emptyEnd(), up: true };
  const finish = input.layers.at(-1);
  const flows = { inJ: 0, outJ: 0, outKg: 0 };
  const cook: Cook = {
    input,
    body,
    work: makeWork(body.n),
    around: emptySurroundings(),
    sides: [down, up],
    flows,
    finish,
    roughness: finish?.grain ? ROUGHNESS[finish.grain] : 1,
    edgeFoot: EDGE_FOOT[finish?.grain ?? 'smooth'],
    softened: 0,
    icy: input.startC < THAW_C,
  };
  run(cook, restingRoom(), input.restMin * 60, 1, () => undefined);
  addOil(body, input.oilGm2);
  flows.inJ = flows.outJ = flows.outKg = 0;
  const recorder = makeRecorder(body, input.layers, input.minutes, options.profiles ?? false);
  const record = (timeS: number): void =>
    recorder.sample(timeS, down.face, up.face, input.startFirmness * Math.exp(-cook.softened), cook.around.airC, flows);
  input.medium.surround(0, 0, cook.around);
  record(0);
  run(cook, input.medium, input.minutes * 60, fine, (timeS) => {
    if (recorder.due(timeS)) record(timeS);
  });
  return recorder.finish(flows);
}
