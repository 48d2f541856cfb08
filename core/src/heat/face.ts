import type { CoatLayer } from '../coat/index.js';
import type { Body } from './body.js';
import { DRY_FILM_HALF_LIFE_S, SET_LEAST_WATER } from './constants.js';
import { browningRate, drynessForColour, oilForColour, settingRate } from './kinetics.js';
import { activityAt } from './water.js';

/** State of one face of the piece: where its cells are, and what it has become so far. */
export interface Face {
  outer: number;
  inward: 1 | -1;
  from: number;
  to: number;
  /** Innermost cell of the coat; of its first wet layer; outermost cell of its last wet layer. */
  footCell: number;
  setFootCell: number;
  skinCell: number;
  /** Whether the cells that set belong to a layer that went on wet. */
  glues: boolean;
  /** Browning B, 1 = golden. */
  colour: number;
  unsetFoot: number;
  unsetSkin: number;
  /** Mean thickness of the outermost layer, m. */
  filmM: number;
  /** Temperature of the surface, and of the edges that stand out of it, °C. */
  surfaceC: number;
  edgeC: number;
  /** The cell that evaporates, and what resists its vapour on the way out of the coat, m² s/kg. */
  front: number;
  frontResistance: number;
  /** Steam from the food through the coat's foot, kg/(m² s). */
  push: number;
}

/** First and last wet layer: where glue sets, and where a skin forms. Without any, the layer next to the skin and the last. */
function wetLayers(layers: readonly CoatLayer[]): { foot: number; skin: number } {
  const first = layers.findIndex((l) => l.wet);
  return first < 0 ? { foot: 0, skin: layers.length - 1 } : { foot: first, skin: layers.findLastIndex((l) => l.wet) };
}

/** The face that starts up, or the one that starts down, of a fresh body. */
export function makeFace(body: Body, up: boolean, layers: readonly CoatLayer[]): Face {
  const half = body.n >> 1;
  const cells = Array.from({ length: half }, (_, k) => (up ? half + k : half - 1 - k));
  const ofLayer = (k: number): number[] => cells.filter((i) => body.layer[i] === k);
  const { foot, skin } = wetLayers(layers);
  const outer = cells[half - 1];
  return {
    outer,
    inward: up ? -1 : 1,
    from: up ? half : 0,
    to: up ? body.n : half,
    footCell: ofLayer(0)[0] ?? outer,
    setFootCell: ofLayer(foot)[0] ?? outer,
    skinCell: ofLayer(skin).at(-1) ?? outer,
    glues: layers.some((l) => l.wet),
    colour: 0,
    unsetFoot: 1,
    unsetSkin: 1,
    filmM: layers.at(-1)?.thicknessM ?? 0,
    surfaceC: body.tempC[outer],
    edgeC: body.tempC[outer],
    front: outer,
    frontResistance: 0,
    push: 0,
  };
}

/** Rate, 1/s, at which a cell sets: it gels while wet, and a layer that was wet stiffens as it dries. */
const stiffening = (tempC: number, x: number, glues: boolean): number =>
  glues && x < SET_LEAST_WATER ? Math.LN2 / DRY_FILM_HALF_LIFE_S : settingRate(tempC, x);

/** A piece without a coat browns like lean meat or a dry vegetable. Common practice, no source. */
const BROWNING_OF_BARE_FOOD = 0.7;

/** Lets a face brown and set for one step at the temperatures it now has. */
export function ageFace(face: Face, body: Body, finish: CoatLayer | undefined, inOil: boolean, stepS: number): void {
  const { outer, setFootCell: foot, skinCell: skin } = face;
  const { tempC, water, solids, fat } = body;
  const activity = activityAt(water[outer] / solids[outer]);
  const fatGm2 = (fat[outer] * 1000) / body.faceM2;
  const speed = (finish?.browning ?? BROWNING_OF_BARE_FOOD) * browningRate(face.edgeC);
  face.colour += stepS * speed * drynessForColour(activity) * oilForColour(fatGm2, inOil);
  face.unsetFoot *= Math.exp(-stepS * stiffening(tempC[foot], water[foot] / solids[foot], face.glues));
  face.unsetSkin *= Math.exp(-stepS * stiffening(tempC[skin], water[skin] / solids[skin], face.glues));
}
