import { GOLDEN, type CookSeries } from '../heat/index.js';

/** Minutes from which both sides are golden, and until which neither is past it; null where that never begins. */
export interface GoldenWindow {
  fromMin: number;
  toMin: number;
  /** Whether it is still open when the cook ends. */
  open: boolean;
}

/** When a crust is golden: from the moment at which its paler side is, until its darker side is past it. */
export function goldenWindow({ timeS, columns }: CookSeries): GoldenWindow | null {
  const { colourUp, colourDown } = columns;
  const samples = [...timeS.keys()];
  const from = samples.find((i) => Math.min(colourUp[i], colourDown[i]) >= GOLDEN.from);
  const past = samples.find((i) => Math.max(colourUp[i], colourDown[i]) > GOLDEN.to);
  if (from === undefined || (past !== undefined && past <= from)) return null;
  const to = past ?? samples.length - 1;
  return { fromMin: timeS[from] / 60, toMin: timeS[to] / 60, open: past === undefined };
}

/** Minutes at which the centre has come to a temperature; null where it never does. */
export function centreAt({ timeS, columns }: CookSeries, tempC: number): number | null {
  const at = [...timeS.keys()].find((i) => columns.centreC[i] >= tempC);
  return at === undefined ? null : timeS[at] / 60;
}

/** "from 8 to 14 minutes". */
export const windowWords = ({ fromMin, toMin, open }: GoldenWindow): string =>
  open ? `from ${Math.round(fromMin)} minutes on` : `from ${Math.round(fromMin)} to ${Math.round(toMin)} minutes`;
