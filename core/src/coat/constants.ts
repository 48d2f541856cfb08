import type { Grain } from '../foods/index.js';

/** Acceleration of free fall, m/s². */
export const GRAVITY = 9.81;

/** Seconds that a hand lets a wet piece drip. Common practice, no source. */
export const DEFAULT_DRAIN_S = 8;

/** Pick-up of a flour or starch dust on a skin, g/m². Common practice, no source; middle of the practised range. */
export const DUST_ON_SKIN_GM2 = { dry: 22, damp: 60, wet: 100 } as const;

/** Pick-up on a wet layer by grain, g/m². Common practice, no source; middle of the practised range. */
export const PICK_UP_ON_WET_GM2: Record<Grain, number> = {
  powder: 150,
  starch: 160,
  meal: 260,
  fine: 300,
  coarse: 400,
  flake: 500,
};

/** A piece left lying in its dry bowl clumps: this multiple of a flour's or starch's pick-up. */
export const CLUMPED_FACTOR = 2.7;
/** Pressing and a batter underneath each hold this much more crumb. */
export const PRESSED_FACTOR = 1.2;
export const OVER_BATTER_FACTOR = 1.2;

/** Grip of a dry layer by what it lies on, 0–1: nothing holds a crumb on a dry skin or on flour. */
export const GRIP_ON = { wet: 1, 'wet skin': 0.6, 'damp skin': 0.4, 'dry skin': 0.12, dry: 0.15 } as const;

/** Krieger–Dougherty for a flour batter: packing limit of swollen, soft grains, and the exponent [η]·φmax. */
export const BATTER_PACKING_LIMIT = 0.95;
/** Tuned, with the limit, so that the fork tests of wheat and chickpea batters fall into their practised ratios. */
export const BATTER_EXPONENT = 5;
/** Soluble protein and broken starch make the water between the grains this much thicker than the liquid alone. From memory, order of magnitude. */
export const SERUM_FACTOR = 5;
/** A thicker film than this is scraped off against the bowl, m. Common practice, no source. */
export const THICKEST_FILM_M = 2.5e-3;
/** φ/limit is held below this: beyond it the bowl holds a dough. */
export const DOUGH_SHARE = 0.93;

/** Yield stress of a flour batter at the reference volume fraction, Pa, and its steepness. From memory, order of magnitude. */
export const BATTER_YIELD_PA = 12;
export const BATTER_YIELD_AT_PHI = 0.71;
export const BATTER_YIELD_STEEPNESS = 7;

/** Above this yield stress a wet layer does not seep into the dust below it, Pa. */
export const SEEPS_BELOW_PA = 2;

/** Share of liquid in a layer's mass from which it is dipped and not dredged. */
export const WET_FROM_LIQUID_SHARE = 0.3;
/** Share of dry powder in a wet layer's mass from which it is a batter. */
export const BATTER_FROM_POWDER_SHARE = 0.12;
