import { converter, type Lab65, type Xyz65 } from 'culori';
import { bradford, responses, type Triple } from './matrix.js';
import { THROWN_BACK } from './constants.js';

const toXyz = converter('xyz65');
const toLab = converter('lab65');

/** One pixel, sRGB 0–255. */
export type Pixel = Triple;

/** XYZ (D65) of an sRGB pixel, Y = 1 for its white. */
export function xyzOf([r, g, b]: Pixel): Triple {
  const { x, y, z } = toXyz({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 });
  return [x, y, z];
}

/** CIELAB (D65) of XYZ. */
export function labOf([x, y, z]: Triple): Triple {
  const { l, a, b } = toLab({ mode: 'xyz65', x, y, z } satisfies Xyz65) satisfies Lab65;
  return [l, a, b];
}

/** XYZ (D65) of CIELAB. */
export function xyzOfLab([l, a, b]: Triple): Triple {
  const { x, y, z } = toXyz({ mode: 'lab65', l, a, b } satisfies Lab65);
  return [x, y, z];
}

const WHITE_D65 = xyzOf([255, 255, 255]);

/** What a photograph was taken in: takes its colour out of a pixel, and sets its lightness. */
export type Light = (xyz: Triple) => Triple;

/** What is marked as white or grey in a photograph. */
export type Reference = 'white' | 'grey';

/**
 * The light of a photograph, by something white or grey in it: von Kries in Bradford's responses, so that the reference
 * becomes neutral, and as light as such a thing is.
 * @param referenceXyz mean XYZ of the reference, in linear light
 * @param times as light as usual: what is taken for white may be whiter or greyer
 */
export function lightBy(referenceXyz: Triple, reference: Reference, times = 1): Light {
  const y = THROWN_BACK[reference] * times;
  const seen = responses(referenceXyz);
  const wanted = responses(WHITE_D65).map((w) => w * y);
  const gains = wanted.map((w, k) => w / Math.max(Number.EPSILON, seen[k])) as unknown as Triple;
  return (xyz) => bradford(xyz, gains);
}
