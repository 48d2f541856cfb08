/** Physical and tuned constants of the cook's heat and water. Every number: unit, meaning, source. */

/** Gas constant, J/(mol K). CODATA. */
export const GAS_CONSTANT = 8.314;
/** 0 °C in K. */
export const ZERO_C = 273.15;
/** Air pressure, Pa. Standard atmosphere. */
export const PRESSURE_PA = 101325;

/** Specific heat of liquid water, J/(kg K), at 60 °C. Steam tables. */
export const WATER_HEAT = 4186;
/** Specific heat of ice, J/(kg K). Handbook value, from memory. */
export const ICE_HEAT = 2060;
/** Heat of fusion of ice, J/kg. Handbook value, from memory. */
export const FUSION_HEAT = 333_600;
/** Temperature at which the water of food thaws, °C, and the share of it that freezes. Common practice, no source. */
export const THAW_C = -1;
export const FREEZABLE_SHARE = 0.9;
/** Specific heat of air, J/(kg K), and of vapour. Handbook, from memory. */
export const AIR_HEAT = 1006;
export const VAPOUR_HEAT = 1860;
/** Lewis number of vapour in air to the power 2/3. From memory. */
export const LEWIS_TWO_THIRDS = 0.9;

/** Water diffusivity in food at 25 °C, m²/s, and its activation energy, J/mol. From memory, starchy and protein foods. */
export const WATER_DIFFUSIVITY_25C = 3e-10;
export const WATER_DIFFUSION_ENERGY = 25_000;
/** Diffusivity of vapour in the pores of a dry coat, m²/s: 2.6e-5 in free air (handbook) less the winding path. */
export const VAPOUR_DIFFUSIVITY_IN_PORES = 0.8e-5;
/** Vapour also passes a matrix that has no pores of its own, slowly: the least share of open path. Common practice, no source. */
export const LEAST_OPEN_SHARE = 0.08;
/** How freely vapour passes once dried: between crumbs; through a dried batter or egg film; through dried cells of food. Tuned on C1–C3. */
export const OPENNESS = { dry: 1, wet: 0.3, food: 0.12 } as const;

/** Oswin sorption, w = k (a/(1−a))^n, kg water per kg dry solids. From memory, starchy food. */
export const OSWIN_K = 0.11;
export const OSWIN_N = 0.38;

/** Conductivity of steam-filled pores in a hot coat, of oil-filled pores, of the air in raw florets, W/(m K). From memory, order of magnitude. */
export const PORE_STEAM_K = 0.14;
export const PORE_OIL_K = 0.16;

/** Cells from the centre to the skin on one side, and how much smaller each is than its inner neighbour. */
export const FOOD_CELLS = 14;
export const FOOD_CELL_RATIO = 0.84;
/** A coat layer gets a cell per this many m, within the two limits. */
export const COAT_CELL_M = 0.22e-3;
export const COAT_CELLS_LEAST = 2;
export const COAT_CELLS_MOST = 8;
/** A layer thinner than this is simulated as this thick, m: a tenth of a grain of flour says nothing about heat. */
export const THINNEST_LAYER_M = 0.02e-3;

/** Steps between two updates of water movement and run-off, and of conductivities. */
export const STEPS_PER_SLOW_UPDATE = 4;
export const STEPS_PER_CONDUCTION_UPDATE = 8;
/** Seconds between two samples of the series. */
export const SAMPLE_S = 5;

/** Setting: half-life at 75 °C, s, activation energy, J/mol, and the water that gelling needs, kg per kg solids. Starch and egg, from memory. */
export const SET_HALF_LIFE_75C = 5;
export const SET_ENERGY = 220_000;
export const SET_LEAST_WATER = 0.3;
/** A wet layer that dries before it gels stiffens to a film, with this half-life once it has that little water, s. Common practice, no source. */
export const DRY_FILM_HALF_LIFE_S = 15;

/** Colour: activation energy, J/mol, at the reference temperature, K. Maillard browning, from memory. */
export const COLOUR_ENERGY = 80_000;
export const COLOUR_REFERENCE_K = 453.15;
/** Seconds to golden (B = 1) of a dry, oiled crumb at the reference temperature. Tuned on C1, C2, C4, C6 and C7. */
export const COLOUR_TIME_S = 120;
/** Browning while the surface is damp: full below the first water activity, none above the second. From memory, order of magnitude. */
export const COLOUR_DRY_AW = 0.35;
export const COLOUR_WET_AW = 0.85;
/** A dry, oil-less surface browns at this share of an oiled one; oil on it counts in full from this g/m². Tuned on C2. */
export const COLOUR_WITHOUT_OIL = 0.65;
export const COLOUR_FULL_OIL_GM2 = 25;
/** Oil all round in the pot carries heat into every edge. Tuned on C1 and C6. */
export const COLOUR_IN_OIL = 1.6;

/** Softening of the reference vegetable at 100 °C, 1/min, and its activation energy, J/mol. From memory. */
export const SOFTENING_PER_MIN_100C = 0.25;
export const SOFTENING_ENERGY = 100_000;

/** A wet layer thins as it warms until it sets: per K, for viscosity and yield stress. From memory, order of magnitude. */
export const VISCOSITY_FALL_PER_K = 0.02;
export const YIELD_FALL_PER_K = 0.012;

/** Dry shell: water at and below which a cell counts in full, and from which it does not count, kg per kg solids (a_w about 0.35 and 0.6). */
export const SHELL_DRY_X = 0.085;
export const SHELL_WET_X = 0.14;
/** Powder that was wetted to this, kg per kg solids, or oiled to this share of its solids, is not floury. Common practice, no source. */
export const WETTED_X = 0.25;
export const OILED_SHARE = 0.07;

/**
 * A rough finish offers the moving air more than its plain area: multiplies the air's coefficient. From memory, order
 * of magnitude; null is a smooth wet layer or bare food.
 */
export const ROUGHNESS = { powder: 1, starch: 1, meal: 1.1, fine: 1.15, coarse: 1.35, flake: 1.35 } as const;

/**
 * Edges: a grain that stands out takes heat over its whole face and passes it on only through its foot, so that its
 * tip is hotter than the layer's surface. Conductance of that foot, W/m²K, by grain. Tuned on C1, C2, C3 and C6.
 */
export const EDGE_FOOT = {
  powder: 250,
  starch: 250,
  meal: 150,
  fine: 110,
  coarse: 70,
  flake: 65,
  smooth: 140,
} as const;
/** A wet layer thinner than this has run off: what is left holds to the skin, m. */
export const LAST_FILM_M = 0.03e-3;
