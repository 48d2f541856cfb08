import { differenceCiede2000 } from 'culori';
import { colourWord, crustColour } from '../outcome/index.js';
import { text, type Text } from '../units/index.js';
import { BESIDE_PATH, PATH_STEPS, PIXEL_RANGE, SPOT, THROWN_BACK } from './constants.js';
import { labOf, lightBy, type Light, type Pixel, type Reference } from './light.js';
import type { Triple } from './matrix.js';
import { spotOf, type Spot } from './spot.js';

const apart = differenceCiede2000();
const asLab = ([l, a, b]: Triple) => ({ mode: 'lab65' as const, l, a, b });

/** ΔE₀₀ of two colours in CIELAB. */
export const deltaE = (a: Triple, b: Triple): number => apart(asLab(a), asLab(b));

const BROWNINGS = Array.from({ length: PATH_STEPS.steps + 1 }, (_, k) => {
  // Steps grow with B, as the eye's do.
  const b = PATH_STEPS.mostB * (k / PATH_STEPS.steps) ** 2;
  return { b, lab: crustColour(b) };
});

/** The place on the path of browning that is nearest to a colour: B, and how far beside it, ΔE₀₀. */
export function nearestBrowning(lab: Triple): { b: number; beside: number } {
  return BROWNINGS.reduce(
    (best, { b, lab: at }) => {
      const beside = deltaE(lab, at);
      return beside < best.beside ? { b, beside } : best;
    },
    { b: 0, beside: Infinity },
  );
}

/** A colour that was read off a photograph. */
export interface ReadColour {
  /** Browning B, its word, and the range in which it may lie. */
  b: number;
  word: string;
  from: number;
  to: number;
  /** CIELAB (D65) of the spot, its light taken out. */
  lab: Triple;
  /** What to know of it. */
  notes: Text[];
}

const at = (sorted: readonly number[], share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.max(0, Math.round(share * (sorted.length - 1))))];

/** At most so many pixels of a spot are looked at one by one. */
const MOST_PIXELS = 150;

const thinned = (all: readonly Triple[]): Triple[] => {
  const every = Math.max(1, Math.floor(all.length / MOST_PIXELS));
  return all.filter((_, k) => k % every === 0);
};

const browningIn = (light: Light, xyz: Triple): number => nearestBrowning(labOf(light(xyz))).b;

/**
 * The browning of a crust on a photograph: the light is taken out by something white or grey beside it, and the nearest
 * place on the path of browning is looked for. Its range comes from the pixels' own, the path's, and how white the white is.
 * @param crust pixels of the spot on the crust
 * @param reference pixels of what is white or grey in the same light
 * @returns null where too little of either can be told
 */
export function readBrowning(crust: readonly Pixel[], reference: readonly Pixel[], is: Reference): ReadColour | null {
  const [spot, white] = [spotOf(crust), spotOf(reference)];
  if (spot.unusable || white.unusable) return null;
  const light = lightBy(white.mean, is);
  const lab = labOf(light(spot.mean));
  const { b, beside } = nearestBrowning(lab);
  const pixels = thinned(spot.xyz)
    .map((xyz) => browningIn(light, xyz))
    .sort((x, y) => x - y);
  const byWhite = [1 - THROWN_BACK.off, 1 + THROWN_BACK.off].map((times) =>
    browningIn(lightBy(white.mean, is, times), spot.mean),
  );
  return {
    b,
    word: colourWord(b),
    from: Math.min(b, at(pixels, PIXEL_RANGE.from), ...byWhite),
    to: Math.max(b, at(pixels, PIXEL_RANGE.to), ...byWhite),
    lab,
    notes: notesOn(spot, white, beside),
  };
}

function notesOn(spot: Spot, white: Spot, beside: number): Text[] {
  const notes: Text[] = [];
  if (beside > BESIDE_PATH.far)
    notes.push(text`This is hardly the colour of a crust: a spice, a seed, or another thing was marked.`);
  if (spot.clipped > SPOT.told) notes.push(text`A part of it is too bright or too dark to be told, and was left out.`);
  if (spot.shaded > SPOT.told) notes.push(text`Shade and glints were left out.`);
  if (white.clipped > SPOT.nearlyAll)
    notes.push(text`The white is nearly too bright: take the picture a little darker.`);
  return notes;
}

/** How uneven a crust is, by several spots: the factor between the darkest and the palest. */
export function unevenness(spots: readonly Pick<ReadColour, 'b'>[]): number {
  const all = spots.map(({ b }) => Math.max(BROWNINGS[1].b, b));
  return all.length < 2 ? 1 : Math.max(...all) / Math.min(...all);
}
