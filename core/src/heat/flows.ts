/** What crossed the piece's skin since the cook began: heat in, heat out with vapour and drips, J; water out, kg. */
export interface Flows {
  inJ: number;
  outJ: number;
  outKg: number;
}
