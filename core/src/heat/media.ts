/** What one face of a piece meets. */
export interface Exposure {
  /** Convection and radiation, W/m²K. */
  hc: number;
  hr: number;
  /** Share of the convection that vapour has as well: parchment and plates hold it back. */
  vent: number;
  /** Liquid oil on the face: no evaporation into air, pores fill with oil. */
  oil: boolean;
}

/** What surrounds a piece at one time, written anew every step. Which of its faces lies up is the piece's own affair. */
export interface Surroundings {
  airC: number;
  wallC: number;
  vapourPa: number;
  top: Exposure;
  under: Exposure;
}

/** Something to cook in: knows only what surrounds the food at a time, and that heat was taken from it. */
export interface Medium {
  /** Makes it as it is when the food goes in. */
  begin(): void;
  /** Writes the surroundings at `timeS` since the food went in; `steamKgM2S` is what bubbles out now. */
  surround(timeS: number, steamKgM2S: number, out: Surroundings): void;
  /** Tells how much heat one piece took in a step of `stepS` seconds, J. */
  give(heatJ: number, stepS: number): void;
  /** Length of a time step that resolves this medium at `timeS`, s; `fine` divides it. */
  stepS(timeS: number, fine: number): number;
  /** So many times as long are the steps and the time between two updates in a quick look. */
  quickSteps: number;
  /** Time between two updates of what changes slowly in it, s. */
  slowS: number;
  /** Seconds after which the piece is turned in it; Infinity = never. */
  turnsAtS: number;
  /** Time between two samples that tells what happens in it, s. */
  sampleS: number;
}

const emptyExposure = (): Exposure => ({ hc: 0, hr: 0, vent: 1, oil: false });

export const emptySurroundings = (): Surroundings => ({
  airC: 20,
  wallC: 20,
  vapourPa: 0,
  top: emptyExposure(),
  under: emptyExposure(),
});

/** Writes what one face meets. */
export function expose(out: Exposure, hc: number, hr: number, vent: number, oil = false): void {
  out.hc = hc;
  out.hr = hr;
  out.vent = vent;
  out.oil = oil;
}

/** Whether oil reaches the piece on any side. */
export const isOily = ({ top, under }: Surroundings): boolean => top.oil || under.oil;

/** Writes a liquid of `tempC` on all sides: nothing but its heat at `h` W/m²K; vapour bubbles out of oil, and stays in under water. */
export function immersedIn(out: Surroundings, tempC: number, h: number, liquid: 'oil' | 'water'): void {
  const oil = liquid === 'oil';
  out.airC = tempC;
  out.wallC = tempC;
  out.vapourPa = 0;
  expose(out.top, h, 0, oil ? 1 : 0, oil);
  expose(out.under, h, 0, oil ? 1 : 0, oil);
}
