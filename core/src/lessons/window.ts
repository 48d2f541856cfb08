import type { CookSeries } from '../heat/index.js';
import { goldenWindow, minutesUntil, type GoldenWindow } from '../outcome/index.js';

/** When both sides of a cook are golden; null where they never are. */
export const goldenIn = ({ timeS, columns }: CookSeries): GoldenWindow | null =>
  goldenWindow(timeS, columns.colourUp, columns.colourDown);

/** Minutes at which the centre has come to a temperature; null where it never does. */
export const centreAt = (series: CookSeries, tempC: number): number | null =>
  minutesUntil(series, series.timeS.length - 1, 'centreC', 'centreC', tempC);

/** "from 8 to 14 minutes". */
export const windowWords = ({ fromMin, toMin, open }: GoldenWindow): string =>
  open ? `from ${Math.round(fromMin)} minutes on` : `from ${Math.round(fromMin)} to ${Math.round(toMin)} minutes`;
