/** How a batter flows, stands and soaks in. Each: what it is, @unit, @range in which it may be meant to lie, @source. */

/**
 * Krieger–Dougherty for a flour batter: packing limit of swollen, soft grains.
 * @unit share
 * @range 0.85–1
 * @source tuned, with the exponent, so that the fork tests of wheat and chickpea batters fall into their practised ratios
 */
export const BATTER_PACKING_LIMIT = 0.95;
/**
 * Krieger–Dougherty: exponent [η]·φmax.
 * @unit –
 * @range 2–6
 * @source tuned with the limit, as above
 */
export const BATTER_EXPONENT = 5;
/**
 * Soluble protein and broken starch make the water between the grains this much thicker than the liquid alone.
 * @unit share
 * @range 2–10
 * @source from memory, order of magnitude
 */
export const SERUM_FACTOR = 5;
/**
 * φ over its limit is held below this: beyond it the bowl holds a dough.
 * @unit share
 * @range 0.9–0.95
 * @source our choice
 */
export const DOUGH_SHARE = 0.93;
/**
 * Yield stress of a flour batter at the reference volume fraction.
 * @unit Pa
 * @range 5–20
 * @source from memory, order of magnitude
 */
export const BATTER_YIELD_PA = 12;
/**
 * Reference volume fraction of the yield stress.
 * @unit share
 * @range 0.6–0.8
 * @source tuned on the fork tests
 */
export const BATTER_YIELD_AT_PHI = 0.71;
/**
 * Steepness of the yield stress with the volume fraction.
 * @unit –
 * @range 5–9
 * @source from memory, order of magnitude
 */
export const BATTER_YIELD_STEEPNESS = 7;
/**
 * Viscosity from which the fork says a word, and the middle of that word.
 * @unit Pa s
 * @range 0.05–100
 * @source the practised ratios of liquid to flour, common practice, no source
 */
export const FORK_VISCOSITY = {
  thick: { from: 10, middle: 30 },
  medium: { from: 0.95, middle: 3 },
  pancake: { from: 0.15, middle: 0.4 },
  thin: { from: 0, middle: 0.08 },
} as const;
/**
 * Time constant with which a standing batter thickens.
 * @unit min
 * @range 5–20
 * @source common practice, no source
 */
export const STANDING_TAU_MIN = 10;
/**
 * How much more water a flour binds once it has stood, where the pantry does not say.
 * @unit share
 * @range 0–0.25
 * @source common practice, no source
 */
export const USUAL_THICKENING = 0.08;
/**
 * A thicker film than this is scraped off against the bowl.
 * @unit m
 * @range 2e-3–4e-3
 * @source common practice, no source
 */
export const THICKEST_FILM_M = 2.5e-3;
/**
 * Above this yield stress a wet layer does not seep into the dust below it.
 * @unit Pa
 * @range 1–5
 * @source common practice, no source
 */
export const SEEPS_BELOW_PA = 2;
/**
 * The most that a thin dip leaves in the dust below it.
 * @unit g/m²
 * @range 200–500
 * @source common practice, no source
 */
export const MOST_SOAKED_GM2 = 400;
/**
 * Gluten that folding still works up, of what beating does.
 * @unit share
 * @range 0.2–0.5
 * @source common practice, no source
 */
export const GLUTEN_WHEN_FOLDED = 0.35;
/**
 * The drop of the line-spread test: a level tablespoon.
 * @unit m³
 * @range exact
 * @source our choice
 */
export const SPREAD_DROP_M3 = 15e-6;
/**
 * Time that the drop spreads before it is measured.
 * @unit s
 * @range exact
 * @source our choice
 */
export const SPREAD_SECONDS = 60;
/**
 * Share of starch in a batter's flours from which it settles in the bowl.
 * @unit share
 * @range 0.3–0.6
 * @source common practice, no source
 */
export const STARCH_SETTLES_SHARE = 0.4;
/**
 * Factor of a viscous drop's spreading by gravity, and the exponents of one that stops at its yield stress.
 * @unit –
 * @range exact
 * @source Huppert (1982), J. Fluid Mech. 121: 43, and the balance of a yield stress over its height, from memory
 */
export const SPREADING = { factor: 0.894, ofVolume: 0.4, ofYield: 0.2 } as const;
