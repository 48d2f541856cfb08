/** Workspace of the vapour solve. */
export interface VapourWork {
  /** Density of vapour over each cell as it is, and in its pores after the step, kg/m³. */
  over: Float64Array;
  pores: Float64Array;
  /** What a cell takes up in the step per kg/m³ that its pores hold more than it, m³. */
  uptake: Float64Array;
  conductance: Float64Array;
  diagonal: Float64Array;
  known: Float64Array;
  sweep: Float64Array;
}

export const emptyVapour = (n: number): VapourWork => ({
  over: new Float64Array(n),
  pores: new Float64Array(n),
  uptake: new Float64Array(n),
  conductance: new Float64Array(n),
  diagonal: new Float64Array(n),
  known: new Float64Array(n),
  sweep: new Float64Array(n),
});
