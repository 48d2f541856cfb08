import type { ReadyPiece } from '../dish/index.js';
import type { Column, CookSeries } from '../heat/index.js';

/** Everything an outcome looks at: a piece, how it was cooked, and the moment at which it is judged. */
export interface Judged {
  ready: ReadyPiece;
  series: CookSeries;
  /** Index of the sample that is judged. */
  at: number;
  medium: 'oil' | 'air';
  tempC: number;
  turnAtMin: number | null;
  onParchment: boolean;
  restMin: number;
  /** Oil put on before the cook, g per m² of skin. */
  oilGm2: number;
  /** Minutes in oil until the coat's foot reached 75 °C, for comparison; null when not known. */
  friedFootMin: number | null;
}

export const valueOf = (j: Judged, column: Column): number => j.series.columns[column][j.at];

/** Both faces of a column pair at the judged moment. */
export const faces = (
  j: Judged,
  name: 'colour' | 'crunch' | 'shell' | 'floury' | 'setFoot' | 'setSkin',
): [number, number] => {
  const unit = name === 'crunch' || name === 'shell' ? 'Mm' : '';
  return [valueOf(j, `${name}Up${unit}` as Column), valueOf(j, `${name}Down${unit}` as Column)];
};

/** Minutes until a column pair's slower face passes `level`, or null when it has not by the judged moment. */
export function minutesUntil(series: CookSeries, at: number, a: Column, b: Column, level: number): number | null {
  for (let i = 0; i <= at; i++) {
    if (Math.min(series.columns[a][i], series.columns[b][i]) >= level) return series.timeS[i] / 60;
  }
  return null;
}

/** Minutes until the coat's foot is at 75 °C on both faces, or null. */
export const footHotMin = (series: CookSeries, at: number): number | null =>
  minutesUntil(series, at, 'footUpC', 'footDownC', 75);

/** `2 minutes 20`, `9 seconds`. */
export function inWords(minutes: number): string {
  const seconds = Math.round((minutes * 60) / 5) * 5;
  if (seconds < 90) return `${Math.max(5, seconds)} seconds`;
  const whole = Math.floor(seconds / 60);
  const rest = seconds % 60;
  return rest ? `${whole} min ${rest} s` : `${whole} minutes`;
}

export const percent = (share: number): string => `${Math.round(share * 100)} %`;
