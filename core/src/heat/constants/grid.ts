/** How finely a piece and its time are cut. */

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
 * @range 0.7–1
 * @source our choice; of a bare piece, which dries in its own outermost cells, 0.8 ends up to 8 % too pale (docs/performance.md)
 */
export const FOOD_CELL_RATIO = 0.75;
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
 * @range 2–4
 * @source our choice; of two a shell of starch ends 0.4 K hotter inside than of many
 */
export const COAT_CELLS_LEAST = 3;
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
 * Steps from one sample to the next in moving air: while it is disturbed (loaded, opened, turned a moment ago), and when it
 * is calm.
 * @unit steps
 * @range 1–20
 * @source our choice: nine in ten practised cooks end within 0.3 K and 1 % of golden of what an eighth of the steps gives (section 6); with 5 s once all has settled they end 0.1 K farther off
 */
export const AIR_STEPS = { disturbed: 6, calm: 3 } as const;
/**
 * So many times the usual steps, in oil, in air and in boiling water, are those of cooks that are compared and not shown,
 * and of a quick look: what is shown in the end is simulated again with the usual ones.
 * @unit times
 * @range 1–8
 * @source our choice: half the time, and less in oil; with three quarters of the cells within 1 K and 0.05 of colour of the whole look, as with the usual steps
 */
export const QUICK_STEPS = { oil: 4, air: 1.5, water: 2 } as const;
/**
 * For how long after the door was shut a cook in moving air counts as disturbed.
 * @unit s
 * @range 10–60
 * @source our choice: twice the air's own time to come back
 */
export const AIR_CALMS_S = 20;
/**
 * Time between two updates of what changes slowly (water movement, run-off, softening, rendering): in oil, in air, in
 * boiling water, off the heat, and on the tray before the cook.
 * @unit s
 * @range 1–30
 * @source our choice; the answer does not hang on it (heat.test.ts)
 */
export const SLOW_S = { oil: 1, air: 10, water: 10, standing: 12, tray: 60 } as const;
/**
 * Slow updates to one of the conductivities.
 * @unit updates
 * @range 1–4
 * @source our choice
 */
export const SLOW_PER_CONDUCTION = 2;
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
 * A film is thinned only once it has lost more than this leaves.
 * @unit share
 * @range 0.999–1
 * @source our choice: it saves work and no film
 */
export const DRAINED_BELOW = 0.9999;
/**
 * Water per dry solids that a loose dry layer holds at most.
 * @unit kg/kg
 * @range 1–2
 * @source our choice
 */
export const WETTEST_X = 1.6;
/**
 * Cells no hotter than this do not boil: nothing is reckoned for them.
 * @unit °C
 * @range 99–100
 * @source our choice
 */
export const COOLER_THAN_BOILING_C = 99.9;
/**
 * From so near its boiling point on a cell boils.
 * @unit K
 * @range 0.01–0.2
 * @source our choice
 */
export const BOILING_WITHIN_K = 0.05;
/**
 * A cell that boils is held at its boiling point by so many times what it stores: a step warms it by hardly more than a
 * fiftieth of what comes in, and little of it goes farther inward.
 * @unit ratio
 * @range 20–200
 * @source our choice
 */
export const HELD_BY = 50;
/**
 * Drier than this, water is bound so that its boiling point rises as it goes.
 * @unit kg/kg
 * @range 0.4–1
 * @source where Oswin's isotherm comes to free water
 */
export const BOUND_BELOW_X = 0.6;
/**
 * Time steps in a pot: while a wet coat sets, within its first seconds, and later.
 * @unit s
 * @range half to twice
 * @source our choice, held by the check of the step: in steps four times as long the practised cooks in oil ended up to 1.3 K from an eighth of them
 */
export const STEPS_S = { first: 0.0625, later: 0.125 } as const;
/**
 * How long the first steps of a pot are taken.
 * @unit s
 * @range 10–40
 * @source our choice
 */
export const SETTING_S = 20;
/**
 * A film that is set to this share runs no more.
 * @unit share
 * @range 0.95–1
 * @source our choice
 */
export const ALL_SET = 0.99;
/**
 * What a cell of nothing conducts, weighs and holds: it lies in no chain.
 * @unit W/m K, kg/m³, J/kg K
 * @range any
 * @source our choice
 */
export const OF_NOTHING = { conductivity: 0.2, densityKgM3: 1500, heatCapacity: 1600 } as const;
