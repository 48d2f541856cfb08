/** One end of the chain in a step: what heats it, and what evaporates there. Made once per simulation. */

/**
 * What carries vapour off a face: the way through the boundary layer, m² s per kg of dry air, what the air's own vapour holds
 * against it, and its dew point, °C.
 */
export interface Carrier {
  layer: number;
  airDrive: number;
  dewC: number;
}

/** What one cell evaporates in a step: in W at `atC`, its slope in W/K, and what came of it once the step was solved, W. */
export interface Evaporation {
  cell: number;
  /** What gets out of it as the step begins, kg/(m² s). */
  flux: number;
  /** By how much less that would be after a step in which it dries alone. */
  fall: number;
  /** The part of the step in which it evaporates, 0–1, and what it gives in it, spread over the step, kg/(m² s). */
  share: number;
  given: number;
  atC: number;
  atW: number;
  slope: number;
  takenW: number;
}

/** What leaves or enters at one end of the chain in a step: a conductance W/K to `envC`, and evaporation. */
export interface End {
  /** Heat transfer coefficient of the surroundings, W/m²K. */
  h: number;
  conductance: number;
  envC: number;
  air: Carrier;
  /**
   * The cells from which most gets out, the first from which most does: the drying front, and those that take over from it
   * within the step. The first `wet` of them evaporate in it.
   */
  fronts: readonly Evaporation[];
  wet: number;
  /** What the solved step took in here, W. */
  takenW: number;
}

/** So many cells of a face evaporate within a step at the most: each that dries hands over to the next. Our choice. */
export const FRONTS = 3;

const nothing = (): Evaporation => ({
  cell: 0,
  flux: 0,
  fall: 0,
  share: 0,
  given: 0,
  atC: 0,
  atW: 0,
  slope: 0,
  takenW: 0,
});

export const emptyEnd = (): End => ({
  h: 0,
  conductance: 0,
  envC: 20,
  air: { layer: 1, airDrive: 0, dewC: 0 },
  fronts: Array.from({ length: FRONTS }, nothing),
  wet: 0,
  takenW: 0,
});
