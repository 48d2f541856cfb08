import { GOLDEN } from '../heat/index.js';
import { CURED, MINDED, WEIGHS, WITHIN_WORD } from './constants.js';
import { SEEN_FIELDS, type SeenField } from './put.js';
import { FIELD_SCALES, type Observation } from './seen.js';
import type { ValueOf } from './values.js';
import type { Aims } from './aims.js';

/** Which side of what was meant is worse. */
type Worse = 'more' | 'less' | 'both';

const WORSE: Record<SeenField, Worse> = {
  colourTop: 'both',
  colourUnder: 'both',
  centreC: 'less',
  bald: 'more',
  floury: 'more',
  soggyUnder: 'more',
  stuck: 'more',
  ranOff: 'more',
  crumbsOff: 'more',
  crunchNow: 'less',
  crunchLater: 'less',
  firmness: 'both',
  juice: 'less',
  bite: 'less',
  chew: 'more',
};

const minded = (field: SeenField): number => {
  if (field === 'colourTop' || field === 'colourUnder') return MINDED.colour;
  if (field === 'crunchNow' || field === 'crunchLater') return MINDED.crunch;
  if (field === 'centreC') return MINDED.centreK;
  if (field === 'firmness' || field === 'juice' || field === 'bite' || field === 'chew') return MINDED[field];
  return MINDED.share;
};

/** What a failure of this field weighs beside the others. */
export const weightOf = (field: string): number =>
  field === 'centreC' ? WEIGHS.centre : field === 'bald' ? WEIGHS.bald : WEIGHS.other;

/** By how much each field is worse than what was aimed at, in what a cook minds: from 1 on it is a failure. */
export type Missed = Readonly<Partial<Record<SeenField, number>>>;

/** By how much one value misses its aim, in what a cook minds. */
export function missedBy(field: SeenField, value: number, aim: number): number {
  const { scaled } = FIELD_SCALES[field];
  const off = (scaled(value) - scaled(aim)) / minded(field);
  const worse = WORSE[field];
  return Math.max(0, worse === 'both' ? Math.abs(off) : worse === 'more' ? off : -off);
}

const isSeen = (field: string): field is SeenField => (SEEN_FIELDS as readonly string[]).includes(field);

/** By how much what was told misses its aim at the least, in what a cook minds. */
export function missedAtLeast({ field, from, to }: Observation, aims: Aims): number {
  const aim = isSeen(field) ? aims[field] : undefined;
  if (!isSeen(field) || aim === undefined) return 0;
  if (field === 'colourTop' || field === 'colourUnder') {
    // Nobody complains of a golden crust, and everybody of one that is past it.
    if (from < GOLDEN.to && to > Math.min(aim, GOLDEN.from)) return 0;
    return missedBy(field, within({ from, to }, aim), Math.min(aim, 1));
  }
  const [, most] = FIELD_SCALES[field].range;
  if (aim >= from && (aim < to || to >= most)) return 0;
  return missedBy(field, within({ from, to }, aim), aim);
}

/** The nearest value to what is wanted: what is said with a word lies within it, and not at its edge. */
function within({ from, to }: Pick<Observation, 'from' | 'to'>, wanted: number): number {
  const edge = (to - from) * WITHIN_WORD;
  return Math.min(to - edge, Math.max(from + edge, wanted));
}

/** What a cook misses of what was aimed at. */
export const missedOf = (values: ValueOf, aims: Aims, browningLog = 0): Missed =>
  Object.fromEntries(
    (Object.keys(aims) as SeenField[]).map((field) => [
      field,
      missedBy(field, values({ field }, browningLog) ?? aims[field]!, aims[field]!),
    ]),
  );

/** All that is missed as one number; what is below `unminded` counts nothing. */
export const missedInAll = (missed: Missed, unminded: number = CURED.unminded): number =>
  (Object.entries(missed) as [SeenField, number][]).reduce(
    (sum, [field, by]) => sum + weightOf(field) * Math.max(0, by - unminded),
    0,
  );

/** By how much one cook misses more than another, field by field, as one number. */
export const missedMore = (missed: Missed, than: Missed): number =>
  (Object.entries(missed) as [SeenField, number][]).reduce(
    (sum, [field, by]) => sum + weightOf(field) * Math.max(0, by - (than[field] ?? 0)),
    0,
  );

/** Whether somebody would call it a failure. */
export const isFailure = (missed: Missed): boolean => Object.values(missed).some((by) => by >= CURED.at);

/** Whether what was missed is mended: nothing of it is a failure any more, or hardly anything of it is left. */
export const isCured = (before: Missed, after: Missed): boolean =>
  !isFailure(after) || missedInAll(after) <= CURED.left * missedInAll(before);
