/**
 * Physical and tuned constants of the cook's heat and water. Each: what it is, @unit, @range in which it may be meant
 * to lie, @source (a publication, common practice, or tuned, and on what). Those of the appliances: appliances.ts.
 */

/**
 * Gas constant.
 * @unit J/(mol K)
 * @range exact
 * @source CODATA
 */
export const GAS_CONSTANT = 8.314;
/**
 * 0 °C.
 * @unit K
 * @range exact
 * @source definition
 */
export const ZERO_C = 273.15;
/**
 * Air pressure.
 * @unit Pa
 * @range 80 000 (2000 m up) – 103 000
 * @source standard atmosphere
 */
export const PRESSURE_PA = 101325;
/**
 * Specific heat of liquid water at 60 °C.
 * @unit J/(kg K)
 * @range 4176–4220
 * @source steam tables
 */
export const WATER_HEAT = 4186;
/**
 * Specific heat of ice.
 * @unit J/(kg K)
 * @range 1900–2100
 * @source handbook, from memory
 */
export const ICE_HEAT = 2060;
/**
 * Heat of fusion of ice.
 * @unit J/kg
 * @range 333 000–334 000
 * @source handbook, from memory
 */
export const FUSION_HEAT = 333_600;
/**
 * Temperature at which the water of food thaws.
 * @unit °C
 * @range −3–−0.5
 * @source common practice, no source
 */
export const THAW_C = -1;
/**
 * Share of a food's water that freezes.
 * @unit share
 * @range 0.85–0.95
 * @source from memory, order of magnitude
 */
export const FREEZABLE_SHARE = 0.9;
/**
 * Specific heat of air.
 * @unit J/(kg K)
 * @range 1005–1025
 * @source handbook, from memory
 */
export const AIR_HEAT = 1006;
/**
 * Specific heat of water vapour.
 * @unit J/(kg K)
 * @range 1850–2000
 * @source handbook, from memory
 */
export const VAPOUR_HEAT = 1860;
/**
 * Lewis number of vapour in air to the power 2/3.
 * @unit –
 * @range 0.88–0.92
 * @source from memory
 */
export const LEWIS_TWO_THIRDS = 0.9;

/**
 * Water diffusivity in food at 25 °C.
 * @unit m²/s
 * @range 1e-10–1e-9
 * @source from memory, starchy and protein foods
 */
export const WATER_DIFFUSIVITY_25C = 3e-10;
/**
 * Activation energy of water diffusion.
 * @unit J/mol
 * @range 20 000–35 000
 * @source from memory
 */
export const WATER_DIFFUSION_ENERGY = 25_000;
/**
 * Saturation from which the liquid in a cell hangs together and moves freely.
 * @unit share
 * @range 0.3–0.7
 * @source from memory, order of magnitude
 */
export const LIQUID_JOINED_FROM = 0.5;
/**
 * Share of that freedom that is left in a dry cell: water creeps along the grains.
 * @unit share
 * @range 0.05–0.3
 * @source tuned on how long breaded food stays crisp (common practice, no source)
 */
export const LIQUID_APART = 0.1;
/**
 * Diffusivity of vapour in the pores of a dry coat: that in free air less the winding path.
 * @unit m²/s
 * @range 0.5e-5–1.3e-5
 * @source 2.6e-5 in free air (handbook), from memory
 */
export const VAPOUR_DIFFUSIVITY_IN_PORES = 0.8e-5;
/**
 * Time in which a dry grain takes up or gives off the water of the air around it: half its wall squared over a diffusivity of
 * some 5e-11 m²/s in the glassy crust.
 * @unit s
 * @range 30–1500
 * @source from memory, order of magnitude: walls of 0.05 (powder) to 0.2 mm (coarse crumbs)
 */
export const SORPTION_S = {
  powder: 60,
  starch: 60,
  meal: 300,
  fine: 250,
  coarse: 800,
  flake: 800,
  smooth: 150,
} as const;
/**
 * Air with its vapour beside a warm piece.
 * @unit kg/m³
 * @range 0.95–1.2
 * @source handbook, from memory
 */
export const AIR_DENSITY = 1.05;
/**
 * Vapour also passes a matrix that has no pores of its own, slowly: the least share of open path.
 * @unit share
 * @range 0.03–0.15
 * @source common practice, no source
 */
export const LEAST_OPEN_SHARE = 0.08;
/**
 * How freely vapour passes once dried: between crumbs; through a dried batter or egg film; through dried cells of food.
 * @unit share of free pores
 * @range 0.1–1
 * @source tuned on C1–C3
 */
export const OPENNESS = { dry: 1, wet: 0.3, food: 0.12 } as const;
/**
 * Oswin sorption, w = k (a/(1−a))^n, kg water per kg dry solids: k.
 * @unit kg/kg
 * @range 0.08–0.14
 * @source from memory, starchy food
 */
export const OSWIN_K = 0.11;
/**
 * Oswin sorption: n.
 * @unit –
 * @range 0.3–0.5
 * @source from memory, starchy food
 */
export const OSWIN_N = 0.38;
/**
 * Conductivity of steam-filled pores in a hot coat: vapour carries heat.
 * @unit W/(m K)
 * @range 0.10–0.14
 * @source from memory, order of magnitude
 */
export const PORE_STEAM_K = 0.14;
/**
 * Conductivity of the pores of a dried crust: air and steam at rest, and radiation across them.
 * @unit W/(m K)
 * @range 0.03–0.08
 * @source steam at 130 °C 0.027 (handbook); bread crust as a whole 0.05–0.1, from memory
 */
export const PORE_DRY_K = 0.07;
/**
 * Conductivity of oil-filled pores.
 * @unit W/(m K)
 * @range 0.15–0.17
 * @source handbook, from memory
 */
export const PORE_OIL_K = 0.16;

/**
 * Cells from the centre to the skin on one side.
 * @unit cells
 * @range 12–16
 * @source our choice; the answer does not hang on it (heat.test.ts)
 */
export const FOOD_CELLS = 16;
/**
 * How much smaller each cell of the food is than its inner neighbour.
 * @unit –
 * @range 0.8–1
 * @source our choice
 */
export const FOOD_CELL_RATIO = 0.8;
/**
 * A coat layer gets a cell per this thickness, within the two limits below; a wet one, which boils in the pot, finer ones.
 * @unit m
 * @range 0.08e-3–0.3e-3
 * @source our choice; the answer does not hang on it (heat.test.ts)
 */
export const COAT_CELL_M = { dry: 0.22e-3, wet: 0.11e-3 } as const;
/**
 * Fewest cells of a layer.
 * @unit cells
 * @range 2
 * @source our choice
 */
export const COAT_CELLS_LEAST = 2;
/**
 * Most cells of a layer.
 * @unit cells
 * @range 8–12
 * @source our choice
 */
export const COAT_CELLS_MOST = 9;
/**
 * A layer thinner than this is simulated as this thick: a tenth of a grain of flour says nothing about heat.
 * @unit m
 * @range 0.01e-3–0.05e-3
 * @source our choice
 */
export const THINNEST_LAYER_M = 0.02e-3;
/**
 * Steps between two updates of water movement, run-off and softening.
 * @unit steps
 * @range 2–8
 * @source our choice; the answer does not hang on it (heat.test.ts)
 */
export const STEPS_PER_SLOW_UPDATE = 6;
/**
 * Steps between two updates of conductivities.
 * @unit steps
 * @range 4–16
 * @source our choice
 */
export const STEPS_PER_CONDUCTION_UPDATE = 12;
/**
 * Steps between two looks at browning, setting and the drying front.
 * @unit steps
 * @range 1–4
 * @source our choice
 */
export const STEPS_PER_AGEING = 2;
/**
 * Time between two samples of the series: of a cook in oil, and of one in air, which is longer and slower.
 * @unit s
 * @range 5–10
 * @source our choice
 */
export const SAMPLE_S = { oil: 5, air: 10 } as const;
/**
 * How long a cooked piece is followed while it waits, and the time between two samples.
 * @unit min
 * @range 30
 * @source our choice
 */
export const STANDING_MIN = 30;
/**
 * Time between two samples while it waits.
 * @unit s
 * @range 15
 * @source our choice
 */
export const STANDING_SAMPLE_S = 15;
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
 * Grains that oil has wetted take up vapour this much slower.
 * @unit share
 * @range 1.5–5
 * @source tuned on how long fried food stays crisp (common practice, no source)
 */
export const OILED_GRAINS_SLOWER = 3;

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
 * Browning: activation energy.
 * @unit J/mol
 * @range 60 000–120 000
 * @source Maillard browning, from memory
 */
export const COLOUR_ENERGY = 80_000;
/**
 * Browning: reference temperature, 180 °C.
 * @unit K
 * @range exact
 * @source definition
 */
export const COLOUR_REFERENCE_K = 453.15;
/**
 * Time to golden (B = 1) of a dry, oiled crumb at the reference temperature.
 * @unit s
 * @range 80–200
 * @source tuned on C1, C2, C4, C6 and C7
 */
export const COLOUR_TIME_S = 120;
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
export const COLOUR_IN_OIL = 1.6;
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
