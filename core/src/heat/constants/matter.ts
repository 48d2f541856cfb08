/** What water, steam and the pores of a coat do. */

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
 * Bone: what it is made of, g per 100 g, and its density. It holds heat, and its water stays where it is.
 * @unit g per 100 g, kg/m³
 * @range water 10–30, fat 5–20; 1200–1800
 * @source handbook values of fresh long bones, from memory
 */
export const BONE = {
  composition: { waterG: 20, proteinG: 22, fatG: 10, carbohydrateG: 0, fibreG: 0, ashG: 48 },
  densityKgM3: 1400,
} as const;
/**
 * Fat of a skin: it runs from the first temperature on and at full speed from the second, half of it in so long; what
 * stays as a film on the crust, the rest drips.
 * @unit °C, °C, s, g/m²
 * @range 40–55; 75–95; 180–480; 30–80
 * @source common practice, no source: the skin of wings has given off most of its fat after 20 minutes
 */
export const RENDERING = { fromC: 45, fullC: 85, halfLifeS: 300, filmGm2: 50 } as const;
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
 * Steam bubbles through oil that lies on a face: so much of what would be open to vapour without it stays open.
 * @unit share
 * @range 0.85–1
 * @source our choice: less, and more oil browns a crumb less, and cells of another size otherwise (heat.test.ts)
 */
export const OPEN_UNDER_OIL = 0.9;
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
 * Temperature at which the properties of what hardly changes with it are taken: solids and fat.
 * @unit °C
 * @range 40–90
 * @source our choice: the middle of a cook
 */
export const PROPERTY_C = 60;
/**
 * Room that a kilogram of warm water takes.
 * @unit m³/kg
 * @range 1.000–1.04e-3
 * @source steam tables, about 25 °C
 */
export const WATER_M3_PER_KG = 1.003e-3;
