import { FORMATS, formatNumber, upgrade, type CookBody } from '@yellowmist/contract';
import type { CookPace } from '@yellowmist/core';
import type { CookEntity } from './cook.entity.js';

/** Today's format of a cook's body. */
export const COOK_FORMAT = formatNumber(FORMATS.cook);

/** What a client says may be ahead of the server's clock by so much: the way there takes its time, ms. */
export const AHEAD_MS = 5_000;

/** A cook as it is stored, its body read. */
export interface StoredCook {
  id: string;
  startedAt: string;
  endedAt: string | null;
  body: CookBody;
}

export const paceOfCook = ({ startedMs, rehearsal }: CookBody): CookPace => ({
  startedMs,
  rate: rehearsal?.rate ?? 1,
});

/** Fryers of a cook that are not there. */
export const simulatedIn = ({ programme, rehearsal }: CookBody): string[] => [
  ...new Set(programme.batches.filter((b) => rehearsal !== null || b.fryer.practice).map((b) => b.fryer.name)),
];

/** The body of a cook in today's format. @throws Error with why it cannot be read here */
export const bodyIn = ({ format, body }: CookEntity): CookBody => upgrade(FORMATS.cook, format, JSON.parse(body));

/** The body of a cook; null where it cannot be read here: the others are listed and go on all the same. */
export function readable(row: CookEntity): CookBody | null {
  try {
    return bodyIn(row);
  } catch {
    return null;
  }
}

/** All of these cooks that can be read. */
export const readableOf = (rows: readonly CookEntity[]): StoredCook[] =>
  rows.flatMap((row) => {
    const body = readable(row);
    return body ? [{ ...row, body }] : [];
  });
