import { conductStep, evenOutAround, updateConduction } from './conduct.js';
import { DRAINED_BELOW, SLOW_PER_CONDUCTION } from './constants/index.js';
import { exposureOf, type Cooking } from './cooking.js';
import { ageFace, beginStep } from './face.js';
import { softeningRate } from './kinetics.js';
import { isOily } from './media.js';
import { moveWater, rememberWettest } from './moisture.js';
import { drownInOil } from './oiling.js';
import { boil, findBoiling, thaw } from './phase.js';
import { render } from './rendering.js';
import { drainedTo, thinLayer } from './runoff.js';
import { evaporate, readSurface, setEnd } from './surface.js';
import { moveVapour } from './vapour.js';

/**
 * What happens to a piece while it cooks, in the order in which a step runs it. Each process changes the state of the
 * piece for the seconds since it last ran, and allocates nothing.
 */
export interface Process {
  what: string;
  /** Runs once in so many slow updates of the medium, at the end of them; in every step without. */
  everySlow?: number;
  /** Runs only in the heat, or only off it; both without. */
  only?: 'in the heat' | 'standing';
  run: (cook: Cooking, seconds: number) => void;
}

/** The air's coefficient at a face, W/m²K: a rough finish offers the air more. */
const roughened = (hc: number, oil: boolean, { roughness }: Cooking): number => (oil ? hc : hc * roughness);

const meetSurroundings =
  (standing: boolean) =>
  (cook: Cooking, seconds: number): void => {
    const { body, work, around } = cook;
    for (const { face, end } of cook.sides) {
      const { hc, hr, vent, oil } = exposureOf(cook, face);
      const h = roughened(hc, oil, cook);
      beginStep(face, body);
      setEnd(body, work, face, standing ? 0 : h * vent, h, hr, around, oil, seconds, end);
    }
  };

const conduct = ({ body, work, sides }: Cooking, seconds: number): void =>
  conductStep(body, work, sides[0].end, sides[1].end, seconds);

/**
 * Boiling inside, evaporation from the fronts of what is left (which makes do where there is too little), and the
 * temperature of the very surface.
 */
function loseWater({ body, work, sides, flows, steam, step }: Cooking, seconds: number): void {
  step.steamKg = 0;
  step.heatJ = 0;
  for (const { face, end } of sides) {
    step.heatJ += end.takenW * seconds;
    boil(body, work, face.from, face.to, steam);
    evaporate(body, work, face, end, seconds, flows);
    flows.outKg += steam.all;
    flows.outJ += steam.heatJ;
    step.steamKg += steam.all;
    face.push = steam.fromFood / seconds / body.faceM2;
    readSurface(body, work, face, end);
  }
  flows.inJ += step.heatJ;
}

function melt(cook: Cooking): void {
  if (cook.icy) cook.icy = thaw(cook.body, cook.work);
}

const creepVapour = (cook: Cooking, seconds: number): void => moveVapour(cook, seconds);

function brownAndSet(cook: Cooking, seconds: number): void {
  for (const { face } of cook.sides) ageFace(face, cook.body, exposureOf(cook, face).oil, seconds);
}

/** Liquid moves, and hardly where oil has filled the pores of the coat. */
function moveLiquid(cook: Cooking, seconds: number): void {
  const { body, work } = cook;
  for (const { face } of cook.sides) {
    if (face.oiled || !exposureOf(cook, face).oil) continue;
    face.oiled = true;
    drownInOil(body, face.from, face.to);
  }
  moveWater(body, work, seconds);
  findBoiling(body, work);
}
const evenOut = ({ body, work }: Cooking, seconds: number): void => evenOutAround(body, work, seconds);
const rememberWet = ({ body }: Cooking): void => rememberWettest(body);

function runOff(cook: Cooking, seconds: number): void {
  const { body, work, flows, sides, running } = cook;
  if (!running) return;
  for (const { face } of sides) {
    const { oil } = exposureOf(cook, face);
    const film = drainedTo(face.filmM, running, body.tempC[face.skinCell], 1 - face.unsetSkin, oil, seconds);
    if (film >= face.filmM * DRAINED_BELOW) continue;
    thinLayer(body, running.layer, face, film / face.filmM, work.heat, flows);
    face.filmM = film;
  }
}

function soften({ body, input }: Cooking, seconds: number): void {
  const speed = seconds * input.food.food.softeningRate;
  for (let i = body.foodFrom; i < body.foodTo; i++) body.softened[i] += speed * softeningRate(body.tempC[i]);
}

const renewConduction = ({ body, work, around }: Cooking): void => updateConduction(body, work, isOily(around));

/** All of it, in order. */
export const PROCESSES: readonly Process[] = [
  { what: 'the faces meet the heat', only: 'in the heat', run: meetSurroundings(false) },
  { what: 'the faces meet the room', only: 'standing', run: meetSurroundings(true) },
  { what: 'heat is conducted', run: conduct },
  { what: 'water evaporates and boils', run: loseWater },
  { what: 'ice melts', run: melt },
  { what: 'vapour creeps through the pores', only: 'standing', run: creepVapour },
  { what: 'the faces brown and set', run: brownAndSet },
  { what: 'liquid water moves', everySlow: 1, run: moveLiquid },
  { what: 'above and below even out around the axis', everySlow: 1, run: evenOut },
  { what: 'the wettest is remembered', everySlow: 1, run: rememberWet },
  { what: 'what has not set runs off', everySlow: 1, run: runOff },
  { what: 'the skin gives off its fat', everySlow: 1, run: render },
  { what: 'the food softens', everySlow: 1, run: soften },
  { what: 'conductivities are renewed', everySlow: SLOW_PER_CONDUCTION, run: renewConduction },
];
