import type { CoatLayer } from '../coat/index.js';
import type { Body } from './body.js';
import {
  BLACKEST_B,
  BROWNING_OF_BARE_FOOD,
  DRY_FILM_HALF_LIFE_S,
  DUST_CAKES_FROM,
  SET_LEAST_WATER,
} from './constants/index.js';
import { browningRate, charringRate, drynessForColour, oilForColour, settingRate } from './kinetics.js';
import { leftAfter } from './table.js';
import { activityAt } from './water.js';

/** The same face with another oil put on it: it browns otherwise, in the same heat. */
export interface Shade {
  /** Oil on it beyond that of the face itself, g/m²; negative where it is less. */
  moreGm2: number;
  colour: number;
  browned: number;
}

/** State of one face of the piece: where its cells are, and what it has become so far. */
export interface Face {
  up: boolean;
  outer: number;
  inward: 1 | -1;
  /** Cells of this half-body: first, and one past the last. */
  from: number;
  to: number;
  /** Innermost cell of the coat; of its first wet layer; outermost cell of its last wet layer. */
  footCell: number;
  setFootCell: number;
  skinCell: number;
  /** Whether the cells that set belong to a layer that went on wet, or to a dust that the skin wetted. */
  glues: boolean;
  /** Browning speed of what the air meets, coarse crumbs = 1. */
  browning: number;
  /** Browning B, 1 = golden: what it has browned, toward its plateau, and what of it has charred. */
  colour: number;
  browned: number;
  unsetFoot: number;
  unsetSkin: number;
  /** Mean thickness of the outermost layer, m. */
  filmM: number;
  /** Temperature of the surface, and of the edges that stand out of it, °C. */
  surfaceC: number;
  edgeC: number;
  /** As the step began: water of its outermost cell, kg, and the temperature of the edges, °C. */
  wasKg: number;
  wasEdgeC: number;
  /** Whether it has lain in oil. */
  oiled: boolean;
  /** Fat that its skin still holds, and what has dripped from it, kg. */
  skinFatKg: number;
  drippedKg: number;
  /** Steam from the food through the coat's foot, kg/(m² s). */
  push: number;
  /** How it would look with other oils. */
  shades: Shade[];
}

/** First and last wet layer: where glue sets, and where a skin forms. Without any, the layer next to the skin and the last. */
function wetLayers(layers: readonly CoatLayer[]): { foot: number; skin: number } {
  const first = layers.findIndex((l) => l.wet);
  return first < 0 ? { foot: 0, skin: layers.length - 1 } : { foot: first, skin: layers.findLastIndex((l) => l.wet) };
}

/** The face of a fresh body that starts up or down. */
export function makeFace(body: Body, up: boolean, layers: readonly CoatLayer[], skinFatGm2 = 0): Face {
  const half = body.n / 2;
  const cells = Array.from({ length: body.to - half }, (_, k) => (up ? half + k : half - 1 - k));
  const ofLayer = (k: number): number[] => cells.filter((i) => body.layer[i] === k);
  const { foot, skin } = wetLayers(layers);
  const outer = up ? body.to - 1 : body.from;
  return {
    up,
    outer,
    inward: up ? -1 : 1,
    from: up ? half : body.from,
    to: up ? body.to : half,
    footCell: ofLayer(0)[0] ?? outer,
    setFootCell: ofLayer(foot)[0] ?? outer,
    skinCell: ofLayer(skin).at(-1) ?? outer,
    glues: layers.some((l) => l.wet) || (layers[0]?.grip ?? 0) >= DUST_CAKES_FROM,
    browning: layers.at(-1)?.browning ?? BROWNING_OF_BARE_FOOD,
    colour: layers.at(-1)?.startColour ?? 0,
    browned: layers.at(-1)?.startColour ?? 0,
    unsetFoot: 1,
    unsetSkin: 1,
    filmM: layers.at(-1)?.thicknessM ?? 0,
    surfaceC: body.tempC[outer],
    edgeC: body.tempC[outer],
    wasKg: body.water[outer],
    wasEdgeC: body.tempC[outer],
    oiled: false,
    skinFatKg: (skinFatGm2 / 1000) * body.faceM2,
    drippedKg: 0,
    push: 0,
    shades: [],
  };
}

/** Tells a face that a sauce now lies on it: what the air meets is the sauce. */
export function sauceOn(face: Face, body: Body, sauce: CoatLayer): void {
  face.outer = face.up ? body.to - 1 : body.from;
  face.from = face.up ? face.from : body.from;
  face.to = face.up ? body.to : face.to;
  face.browning = sauce.browning;
}

/** Rate, 1/s, at which a cell sets: it gels while wet, and a layer that was wet stiffens as it dries. */
const stiffening = (tempC: number, x: number, glues: boolean): number =>
  glues && x < SET_LEAST_WATER ? Math.LN2 / DRY_FILM_HALF_LIFE_S : settingRate(tempC, x);

const SET_FOR_GOOD = 1e-6;

function stillUnset(unset: number, body: Body, cell: number, glues: boolean, stepS: number): number {
  if (unset < SET_FOR_GOOD) return unset;
  const rate = stiffening(body.tempC[cell], body.water[cell] / body.solids[cell], glues);
  return rate > 0 ? unset * leftAfter(stepS * rate) : unset;
}

/** Notes how wet and hot a face is as a step begins. */
export function beginStep(face: Face, { water }: Body): void {
  face.wasKg = water[face.outer];
  face.wasEdgeC = face.edgeC;
}

/**
 * Lets a face set for a step of `stepS` seconds at the temperatures it now has, and brown as hot and as dry as it was in the
 * mean of the step.
 */
export function ageFace(face: Face, body: Body, inOil: boolean, stepS: number): void {
  const { outer } = face;
  const { water, solids, fat } = body;
  const edgeC = (face.wasEdgeC + face.edgeC) / 2;
  // In oil what has boiled away does not come back: the face is as dry as the step left it.
  const kg = inOil ? water[outer] : (face.wasKg + water[outer]) / 2;
  const dryness = drynessForColour(activityAt(kg / solids[outer]));
  if (dryness > 0) {
    const fatGm2 = (fat[outer] * 1000) / body.faceM2;
    const speed = stepS * face.browning * dryness;
    const browned = speed * browningRate(edgeC, face.browned) * oilForColour(fatGm2, inOil);
    const charred = speed * charringRate(edgeC);
    face.browned += browned;
    face.colour = Math.min(BLACKEST_B, face.colour + browned + charred);
    for (const shade of face.shades) {
      const more = speed * browningRate(edgeC, shade.browned) * oilForColour(fatGm2 + shade.moreGm2, inOil);
      shade.browned += more;
      shade.colour = Math.min(BLACKEST_B, shade.colour + more + charred);
    }
  }
  face.unsetFoot = stillUnset(face.unsetFoot, body, face.setFootCell, face.glues, stepS);
  face.unsetSkin = stillUnset(face.unsetSkin, body, face.skinCell, face.glues, stepS);
}
