import type { Spot } from '../basket/index.js';
import type { ReadyPiece, SecondPlan } from '../dish/index.js';
import type { Column, CookSeries, FryerKind, UnderFood } from '../heat/index.js';
import { grams, text, type Text } from '../units/index.js';
import { HOT_FOOT_C } from './constants/index.js';
import type { Band, Because, Verdict } from './verdict.js';

/** What only a cook in moving air has. */
export interface InAir {
  fryer: FryerKind;
  under: UnderFood;
  /** Share of the ground that food covers, 0–1. */
  coverage: number;
  second: SecondPlan | null;
  /** Rubbed, mixed in, sprayed and touched up, g per m² of skin. */
  oilInAllGm2: number;
  /** Basket or rack was oiled while it was cold. */
  basketOiled: boolean;
  swapEveryMin: number | null;
  /** Where the basket browns fastest and slowest by its bread test, and whether it is turned round; null without a test. */
  spots: { hottest: Spot; coolest: Spot; turned: boolean } | null;
  /** The same cook on the lower rack, where a batch takes more than one; null otherwise. */
  lower: CookSeries | null;
  /** The same cook of the smaller pieces, where there are some; null otherwise. */
  smaller: CookSeries | null;
}

/** What the pot left of the dish: whatever is done there is done. */
export interface PotLeft {
  /** Minutes until the coat's foot reached 75 °C; null when it never did. */
  footHotMin: number | null;
  /** Firmness of the food, 1 raw … 0, and °C of its centre. */
  firmness: number;
  centreC: number;
  /** Browning B of its paler side. */
  colour: number;
}

/** Everything an outcome looks at: a piece, how it was cooked, and the moment at which it is judged. */
export interface Judged {
  ready: ReadyPiece;
  series: CookSeries;
  /** Index of the sample that is judged. */
  at: number;
  tempC: number;
  turnAtMin: number | null;
  restMin: number;
  /** Oil that comes onto the coat, sprayed and touched up, g per m² of skin. */
  oilGm2: number;
  /** What the pot made of it, for comparison; null in the pot itself. */
  pot: PotLeft | null;
  /** null when it was fried. */
  air: InAir | null;
}

export const valueOf = (j: Judged, column: Column): number => j.series.columns[column][j.at];

export type FacePair = 'colour' | 'char' | 'crunch' | 'shell' | 'floury' | 'setFoot' | 'setSkin';

/** Both faces, up and down, of a column pair at sample `at`. */
export function facesOf(series: CookSeries, at: number, name: FacePair): [number, number] {
  const unit = name === 'crunch' || name === 'shell' ? 'Mm' : '';
  const { columns } = series;
  return [columns[`${name}Up${unit}` as Column][at], columns[`${name}Down${unit}` as Column][at]];
}

/** Both faces of a column pair at the judged moment. */
export const faces = (j: Judged, name: FacePair): [number, number] => facesOf(j.series, j.at, name);

/** Minutes until a column pair's slower face passes `level`, or null when it has not by the judged moment. */
export function minutesUntil(series: CookSeries, at: number, a: Column, b: Column, level: number): number | null {
  for (let i = 0; i <= at; i++) {
    if (Math.min(series.columns[a][i], series.columns[b][i]) >= level) return series.timeS[i] / 60;
  }
  return null;
}

/** Minutes until the coat's foot is hot enough to set at once on both faces, or null. */
export const footHotMin = (series: CookSeries, at: number): number | null =>
  minutesUntil(series, at, 'footUpC', 'footDownC', HOT_FOOT_C);

/** `2 minutes 20`, `9 seconds`. */
export function inWords(minutes: number): string {
  const seconds = Math.round((minutes * 60) / 5) * 5;
  if (seconds < 90) return `${Math.max(5, seconds)} seconds`;
  const whole = Math.floor(seconds / 60);
  const rest = seconds % 60;
  return rest ? `${whole} min ${rest} s` : `${whole} minutes`;
}

export const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** Oil on a piece that is told, g. */
const SOME_OIL_G = 0.05;

/** `0.3 g of oil a piece`, of `gm2` g per m² of skin. */
export function oilOn(j: Judged, gm2 = j.oilGm2): Text {
  const onPieceG = gm2 * j.ready.piece.areaM2;
  return onPieceG < SOME_OIL_G ? text`no oil` : text`${grams(onPieceG)} of oil a piece`;
}

/** 1 worth mending, 2 spoils the dish: by the band of what it is about. */
export const weightOf = (band: Band): 1 | 2 => (band === 'poor' ? 2 : 1);

/** One reason of an outcome that is not good. */
export const because = (band: Band, text: Text, move: Text): Because => ({ weight: weightOf(band), text, move });

/** The band of a value that should be small: good up to `good`, fair up to `fair`. */
export const smallIsGood = (value: number, { good, fair }: { good: number; fair: number }): Band =>
  value < good ? 'good' : value < fair ? 'fair' : 'poor';

/** The band of a value that should be large. */
export const largeIsGood = (value: number, { good, fair }: { good: number; fair: number }): Band =>
  value > good ? 'good' : value > fair ? 'fair' : 'poor';

/** What an outcome comes to, with at most one reason, which it has when its band is not good. */
export function verdict(
  value: number,
  unit: Verdict['unit'],
  band: Band,
  word: string,
  why?: () => readonly [text: Text, move: Text],
): Verdict {
  return { value, unit, band, word, reasons: band === 'good' || !why ? [] : [because(band, ...why())] };
}
