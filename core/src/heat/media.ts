/** What one step of the simulation feels from outside, W/m²K, °C and Pa; written in place every step. */
export interface Surroundings {
  airC: number;
  wallC: number;
  hcUp: number;
  hrUp: number;
  hcDown: number;
  hrDown: number;
  vapourPa: number;
  /** Share of the air's exchange that vapour has at each face: parchment and plates hold it back. */
  ventUp: number;
  ventDown: number;
  /** Liquid oil on a face: no evaporation into air, pores fill with oil. */
  oilUp: boolean;
  oilDown: boolean;
}

/** Something to cook in: knows only what surrounds the food at a time, and that heat was taken from it. Time 0 begins it anew. */
export interface Medium {
  /** Writes the surroundings at `timeS` since the food went in; `steamKgM2S` is what bubbles out now. */
  surround(timeS: number, steamKgM2S: number, out: Surroundings): void;
  /** Tells how much heat one piece took in a step of `stepS` seconds, J. */
  give(heatJ: number, stepS: number): void;
  /** Length of a time step that resolves this medium at `timeS`, s. */
  stepS(timeS: number): number;
  /** Time between two samples that tells what happens in it, s. */
  sampleS: number;
}

export const emptySurroundings = (): Surroundings => ({
  airC: 20,
  wallC: 20,
  hcUp: 0,
  hrUp: 0,
  hcDown: 0,
  hrDown: 0,
  vapourPa: 0,
  ventUp: 1,
  ventDown: 1,
  oilUp: false,
  oilDown: false,
});

/** Writes a liquid of `tempC` on all sides: nothing but its heat at `h` W/m²K; vapour bubbles out of oil, and stays in under water. */
export function immersedIn(out: Surroundings, tempC: number, h: number, liquid: 'oil' | 'water'): void {
  const oil = liquid === 'oil';
  out.airC = tempC;
  out.wallC = tempC;
  out.hcUp = h;
  out.hcDown = h;
  out.hrUp = 0;
  out.hrDown = 0;
  out.vapourPa = 0;
  out.ventUp = oil ? 1 : 0;
  out.ventDown = oil ? 1 : 0;
  out.oilUp = oil;
  out.oilDown = oil;
}
