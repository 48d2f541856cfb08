import { GOLDEN } from '../heat/index.js';

/** Minutes in which a crust is golden. */
export interface GoldenWindow {
  fromMin: number;
  toMin: number;
  /** Whether it is still open when the cook ends. */
  open: boolean;
}

/**
 * When a crust is golden: from the moment at which its paler side is, until its darker side is past it; null where that
 * never begins.
 * @param timeS s of every sample
 * @param up browning B of one side at every sample
 * @param down of the other; of one side alone without
 */
export function goldenWindow(timeS: Float64Array, up: Float32Array, down = up): GoldenWindow | null {
  const from = up.findIndex((b, i) => Math.min(b, down[i]) >= GOLDEN.from);
  const past = up.findIndex((b, i) => Math.max(b, down[i]) > GOLDEN.to);
  if (from < 0 || (past >= 0 && past <= from)) return null;
  const to = past < 0 ? timeS.length - 1 : past;
  return { fromMin: timeS[from] / 60, toMin: timeS[to] / 60, open: past < 0 };
}
