/** How fast a coat sets and browns, and food softens. */

/**
 * Setting of starch and protein: half-life at the reference temperature.
 * @unit s
 * @range 3–10
 * @source starch and egg, from memory
 */
export const SET_HALF_LIFE_75C = 5;
/**
 * Setting: reference temperature, 75 °C.
 * @unit K
 * @range exact
 * @source definition
 */
export const SET_REFERENCE_K = 348.15;
/**
 * Setting: activation energy.
 * @unit J/mol
 * @range 150 000–300 000
 * @source starch and egg, from memory
 */
export const SET_ENERGY = 220_000;
/**
 * Setting: the water that gelling needs.
 * @unit kg per kg solids
 * @range 0.25–0.5
 * @source from memory
 */
export const SET_LEAST_WATER = 0.3;
/**
 * A wet layer that dries before it gels stiffens to a film, with this half-life once it has that little water.
 * @unit s
 * @range 5–40
 * @source common practice, no source
 */
export const DRY_FILM_HALF_LIFE_S = 15;
/**
 * Grip on the skin from which a dust has been wetted by it, and cakes as it dries.
 * @unit share
 * @range 0.6–1
 * @source common practice, no source
 */
export const DUST_CAKES_FROM = 0.8;
/**
 * Browning, first stage: what a surface has to brown with is used up, first order toward a plateau. Activation energy.
 * @unit J/mol
 * @range 45 000–80 000
 * @source Maillard browning of bread and potato crusts, from memory
 */
export const BROWNING_ENERGY = 55_000;
/**
 * Browning, first stage: reference temperature, 180 °C.
 * @unit K
 * @range exact
 * @source definition
 */
export const BROWNING_REFERENCE_K = 453.15;
/**
 * Browning, first stage: time in which a dry, oiled crumb would come to golden (B = 1) at its first speed.
 * @unit s
 * @range 100–220
 * @source tuned on C1, C2, C4, C6 and C7
 */
export const BROWNING_TIME_S = 157;
/**
 * Browning, first stage: where it ends, however long it goes on.
 * @unit B
 * @range 1.6–2.5
 * @source tuned: what is golden stays golden for a fifth longer than its practised minutes (common practice, no source)
 */
export const BROWNING_PLATEAU = 2;
/**
 * Charring, second stage: activation energy.
 * @unit J/mol
 * @range 120 000–200 000
 * @source pyrolysis of starch and sugar, from memory, order of magnitude
 */
export const CHARRING_ENERGY = 160_000;
/**
 * Charring: reference temperature of the edges, 200 °C.
 * @unit K
 * @range exact
 * @source definition
 */
export const CHARRING_REFERENCE_K = 473.15;
/**
 * Charring: time in which dry edges at the reference temperature darken by B = 1.
 * @unit s
 * @range 60–300
 * @source tuned with the plateau, as above
 */
export const CHARRING_TIME_S = 118;
/**
 * Browning is full below this water activity.
 * @unit –
 * @range 0.2–0.5
 * @source from memory, order of magnitude
 */
export const COLOUR_DRY_AW = 0.35;
/**
 * No browning above this water activity.
 * @unit –
 * @range 0.75–0.95
 * @source from memory, order of magnitude
 */
export const COLOUR_WET_AW = 0.85;
/**
 * A dry, oil-less surface browns at this share of an oiled one.
 * @unit share
 * @range 0.5–0.8
 * @source tuned on C2
 */
export const COLOUR_WITHOUT_OIL = 0.65;
/**
 * Oil on a surface counts in full from this much.
 * @unit g/m²
 * @range 15–40
 * @source common practice, no source
 */
export const COLOUR_FULL_OIL_GM2 = 25;
/**
 * Oil all round in the pot carries heat into every edge.
 * @unit share
 * @range 1.2–2
 * @source tuned on C1 and C6
 */
export const COLOUR_IN_OIL = 1.9;
/**
 * A piece without a coat browns like lean meat or a dry vegetable, against coarse crumbs.
 * @unit share
 * @range 0.5–1
 * @source common practice, no source
 */
export const BROWNING_OF_BARE_FOOD = 0.7;
/**
 * Softening of the reference vegetable at the reference temperature.
 * @unit 1/min
 * @range 0.1–0.4
 * @source from memory; tuned within its range on C1, C2 and C4
 */
export const SOFTENING_PER_MIN_100C = 0.2;
/**
 * Softening: reference temperature, 100 °C.
 * @unit K
 * @range exact
 * @source definition
 */
export const SOFTENING_REFERENCE_K = 373.15;
/**
 * Softening: activation energy.
 * @unit J/mol
 * @range 80 000–140 000
 * @source from memory
 */
export const SOFTENING_ENERGY = 100_000;
/**
 * The golden band of browning B; 1 is golden.
 * @unit B
 * @range 0.5–2.2
 * @source common practice, no source
 */
export const GOLDEN = { from: 0.55, to: 2 } as const;
/**
 * Browning from which a crust, or what browns fastest on it, is burnt.
 * @unit B
 * @range 2.8–3.6
 * @source common practice, no source
 */
export const BURNS_AT = 3.2;
/**
 * A cook's words of colour, each with the browning up to which it is said.
 * @unit B
 * @range golden up to 1.2–1.5
 * @source common practice, no source
 */
export const COLOUR_WORDS: readonly (readonly [number, string])[] = [
  [0.25, 'pale'],
  [GOLDEN.from, 'straw'],
  [1.35, 'golden'],
  [GOLDEN.to, 'deep golden'],
  [BURNS_AT, 'dark'],
  [Infinity, 'burnt'],
];
/**
 * Charcoal: what has charred so far is black, and gets no darker.
 * @unit B
 * @range 10–30
 * @source our choice: five times as dark as what anybody calls burnt
 */
export const BLACKEST_B = 20;
