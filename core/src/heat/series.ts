import type { Inside } from './inside.js';
import type { Place } from './room.js';

/** What is recorded over a cook, one value per sample. */
export const COLUMNS = [
  'centreC',
  'airC',
  'surfaceUpC',
  'surfaceDownC',
  'footUpC',
  'footDownC',
  'colourUp',
  'colourDown',
  'charUp',
  'charDown',
  'coatWaterGm2',
  'firmness',
  'hottestMeanC',
  'foodWaterLost',
  'shellUpMm',
  'shellDownMm',
  'crunchUpMm',
  'crunchDownMm',
  'flouryUp',
  'flouryDown',
  'setFootUp',
  'setFootDown',
  'setSkinUp',
  'setSkinDown',
  'filmShare',
  'pushGm2S',
  'steamGm2',
  'drippedGm2',
] as const;

export type Column = (typeof COLUMNS)[number];

/** Temperature, °C, and water, kg per kg solids, of every cell at every sample: sample-major. */
export interface Profiles {
  cells: number;
  tempC: Float32Array;
  waterX: Float32Array;
}

/**
 * A cook over time. "Up" and "down" name the faces by how they start, through any turning; *GM2 per m² of skin.
 * colour: B, 1 = golden; char: what of it is charred. firmness: 1 raw … 0. foodWaterLost: share of the food's water,
 * or, where it began dried out, of a hundredth of its solids. shell: dry thickness; crunch: shell × structure. floury:
 * share of the outermost powder that met no water or oil. set: 0–1. filmShare: what is left of a wet last layer.
 * pushGm2S: steam from the food through the coat's foot. steamGm2: all water gone so far. drippedGm2: fat of the skin
 * that dripped so far.
 */
export interface CookSeries {
  sampleS: number;
  timeS: Float64Array;
  columns: Record<Column, Float32Array>;
  profiles: Profiles | null;
  /** Cells of the drawn body, one half: layer (−1 food, −2 none) and thickness in mm, from the centre outward. */
  half: { layer: Int8Array; widthMm: Float32Array };
  /** What it leaves inside, for a cook that comes after it. */
  inside: Inside;
  /** Balances over the whole cook: what went in less what stayed and left, as shares of what went in. */
  energyError: number;
  waterError: number;
  /** Heat that one piece took, J. */
  heatJ: number;
  /** The same heat with other oils on it, where that was asked for: colour, char, crunch and floury grains are their own. */
  otherOils: OilShade[];
  /** How the cooked piece waits, where that was asked for. */
  waiting: StandingSeries[];
}

/** How a cook comes out with another oil on its set surface. */
export interface OilShade {
  oilGm2: number;
  columns: Record<Column, Float32Array>;
}

/** Half an hour after the cook, on a rack, a plate or in the switched-off fryer, plain or sauced. */
export interface StandingSeries {
  place: Place;
  sauced: boolean;
  series: CookSeries;
}

/** Empty columns for `samples` samples. */
export function emptyColumns(samples: number): Record<Column, Float32Array> {
  return Object.fromEntries(COLUMNS.map((c) => [c, new Float32Array(samples)])) as Record<Column, Float32Array>;
}
