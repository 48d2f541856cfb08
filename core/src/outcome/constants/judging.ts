/** Bounds of judgement. Each: what it is, @unit, @range in which it may be meant to lie, @source. */

/**
 * Share of the coat's foot that must have set for it to be called set.
 * @unit share
 * @range 0.8–0.95
 * @source our judgement
 */
export const SET_LEVEL = 0.9;
/**
 * Browning of ground spice and of sugar on the surface, against coarse crumbs.
 * @unit share
 * @range 2–4
 * @source from memory, order of magnitude
 */
export const FAST_BROWNING = { spice: 2.4, sugar: 3 } as const;
/**
 * Least share of a finish from which its spice or sugar is seen.
 * @unit share
 * @range 0.005–0.03
 * @source common practice, no source
 */
export const SEEN_SHARE = 0.015;
/**
 * A dry shell of this share of the finish crunches in full.
 * @unit share
 * @range 0.5–0.9
 * @source common practice, no source
 */
export const FULL_SHARE = 0.7;
/**
 * Least and most dry shell that full crunch needs.
 * @unit mm
 * @range 0.2–1.5
 * @source common practice, no source
 */
export const FULL_SHELL_MM = { least: 0.25, most: 1.1 } as const;
/**
 * Dry shell from which a crust stays crisp for its ten minutes, and what one without any of that depth behind it lacks.
 * @unit mm, share
 * @range 0.6–1.2 mm, 0.1–0.3
 * @source common practice, no source: crust goes on getting better after its outside is crisp
 */
export const LASTING_SHELL = { mm: 0.8, share: 0.2 } as const;
/**
 * Boiling in oil blows the crust up to a brittle foam: closes this share of the gap to full crunch, and this share of the
 * shell that air needs is enough.
 * @unit share
 * @range gap 0.3–0.6, shell 0.5–0.8
 * @source common practice, no source: the same coat is never crisper from the air than from the pot
 */
export const FOAMED_IN_OIL = { closes: 0.55, shell: 0.6 } as const;
/**
 * The worse face of two counts this much in the crispness: a soggy underside is what people remember.
 * @unit share
 * @range 0.5–0.8
 * @source our judgement
 */
export const WORSE_FACE = 0.6;
/**
 * Crispness: very crisp, crisp, lightly crisp from here.
 * @unit share
 * @range 0–1
 * @source our judgement
 */
export const CRISP = { very: 0.75, good: 0.5, fair: 0.25 } as const;
/**
 * A waiting piece counts as crisp while it has this share of the crispness it came out with.
 * @unit share
 * @range 0.5–0.8
 * @source our judgement
 */
export const STILL_CRISP = 0.6;
/**
 * Minutes that it should stay crisp on a rack: good and fair from here.
 * @unit min
 * @range 3–15
 * @source common practice, no source: "still crisp ten minutes later"
 */
export const CRISP_LIFE_MIN = { good: 8, fair: 3 } as const;
/**
 * How a skin holds a coat.
 * @unit share
 * @range 0.7–1.1
 * @source common practice, no source
 */
export const SKIN_HOLD = { smooth: 0.8, normal: 1, rough: 1.1 } as const;
/**
 * What is left of the hold on a smooth skin without a dust.
 * @unit share
 * @range 0.6–0.9
 * @source common practice, no source
 */
export const UNDUSTED_HOLD = 0.75;
/**
 * Rest from which the coat holds in full, and what is left without any.
 * @unit min, share
 * @range 5–10 min
 * @source common practice, no source
 */
export const RESTED = { fullMin: 7, least: 0.85 } as const;
/**
 * Hold of a coat whose foot never set, and what pulls: steam that lifts it in full, and the most of it; a turn before it set.
 * @unit share, g/m²
 * @range 0–1
 * @source common practice, no source
 */
export const PULL = { unset: 0.3, steamGm2: 8000, most: 0.35, torn: 0.35 } as const;
/**
 * A sauce slides a coat that did not cool this long, or that it drowns.
 * @unit min, g/m², share
 * @range 2–5 min, 250–400 g/m²
 * @source common practice, no source
 */
export const SAUCE_PULL = { coolMin: 3, heavyGm2: 300, share: 0.3 } as const;
/**
 * Loose grains in moving air: what is carried off of the lightest without anything that holds it; what pressing and oil leave of that.
 * @unit share, g/m²
 * @range 0.3–0.6
 * @source common practice, no source
 */
export const BLOWN = { most: 0.5, pressed: 0.35, oiled: 0.25, fullOilGm2: 15, onDry: 2 } as const;
/**
 * Chew of a wet layer: thickness of a fully worked batter that is tough, and of any coat that is.
 * @unit mm
 * @range 0.8–4
 * @source common practice, no source
 */
export const TOUGH_MM = { worked: 1.1, any: 3.2 } as const;
/**
 * Browning of the upper rack over that of the lower: good and fair up to here.
 * @unit ratio
 * @range 1.2–2.5
 * @source our judgement
 */
export const RACKS_APART = { good: 1.3, fair: 1.8 } as const;
/**
 * Of what ran off, the share that glues: dripping through a grid, the part of that where the grid was oiled, and pooling
 * between neighbours on parchment.
 * @unit share
 * @range 0–1
 * @source common practice, no source
 */
export const GLUES = { grid: 0.6, oiledGrid: 0.6, parchment: 1.4, touchingFrom: 0.7, touching: 0.25 } as const;
/**
 * Oil that a piece keeps from the pot: what clings outside, the share of the coat's pores that fills when it is lifted out,
 * the share of the lost water that oil takes the place of.
 * @unit g/m², share, share, kg/m³
 * @range 10–20 % of a breaded product's weight
 * @source from memory, order of magnitude: water lost makes room for oil
 */
export const OIL_UPTAKE = { clingingGm2: 50, poresFilled: 0.45, waterReplaced: 0.3, densityKgM3: 915 } as const;
/**
 * Fat of a dry crust, of its mass, from which it no longer eats dry.
 * @unit share
 * @range 0.04–0.08
 * @source common practice, no source: 1 tbsp of oil to a cup of crumbs, or a thin coat sprayed on all sides
 */
export const RICH_FROM = 0.06;
/**
 * Energy of fat.
 * @unit kcal/g
 * @range exact
 * @source Atwater's general factors 4/4/9
 */
export const FAT_KCAL_G = 9;
/**
 * A pot of oil: what it loses at frying temperature, and what of a burner gets into it.
 * @unit W, share
 * @range 200–500 W, 0.4–0.85
 * @source common practice, no source; efficiency of hobs from memory
 */
export const POT = { lossW: 300, efficiency: 0.7 } as const;
/**
 * How much of a weak grip stays: its exponent; grip below which it is told; how far a dust without glue counts as set.
 * @unit –
 * @range 0.5–1
 * @source our judgement
 */
export const GRIP = { exponent: 0.7, weak: 0.7, dustSet: 0.5 } as const;
/**
 * Of a wet last layer less than this has run: it stays on.
 * @unit share
 * @range 0.02–0.08
 * @source our judgement
 */
export const STAYS_ON = 0.05;
/**
 * A coat's foot as hot as this sets within seconds.
 * @unit °C
 * @range 70–80
 * @source starch gels and egg sets from memory
 */
export const HOT_FOOT_C = 75;
/**
 * How far a shell without any glue counts as set.
 * @unit share
 * @range 0.3–0.9
 * @source our judgement
 */
export const UNGLUED_SET = 0.5;
/**
 * A side with less than this share of the other's shell is told as soggy.
 * @unit share
 * @range 0.3–0.7
 * @source our judgement
 */
export const UNEVEN_SHELL = 0.5;
/**
 * A plate that keeps it crisp for less than this share of a rack's time is told.
 * @unit share
 * @range 0.6–0.9
 * @source our judgement
 */
export const ON_PLATE = 0.75;
/**
 * Oil below which a dry crust is told as oiled too little.
 * @unit g/m²
 * @range 6–15
 * @source our judgement
 */
export const OILED_FROM_GM2 = 10;
/**
 * Sugar in the solids of an ingredient from which it browns as sugar does.
 * @unit share
 * @range 0.2–0.5
 * @source our judgement
 */
export const SUGARY = 0.3;
/**
 * What burns beyond this multiple of burnt spoils the dish.
 * @unit –
 * @range 1.2–2
 * @source our judgement
 */
export const BURNS_BADLY = 1.5;
/**
 * Browning from which specks that brown faster than what is around them taste burnt: spice, cheese, coconut, sugar.
 * @unit B
 * @range 2–2.8
 * @source common practice, no source: ground spice outside burns at 200 °C before the coat is done, cheese a few minutes later
 */
export const SPECKS_BURN_AT = 2.2;
/**
 * Ground covered from which air hardly gets between the pieces.
 * @unit share
 * @range 0.6–0.85
 * @source our judgement
 */
export const AIRLESS_FROM = 0.75;
