import type { ListedCook, SeenBody } from '@yellowmist/contract';
import { SEEN_FIELDS } from '@yellowmist/core';
import Papa from 'papaparse';

/** Columns of what was seen, in their order. */
const SEEN = [
  'overall',
  ...SEEN_FIELDS.flatMap((field) => (field === 'centreC' ? (['centreC', 'atMin'] as const) : [field])),
  'salt',
  'taste',
  'otherwise',
] as const satisfies readonly (keyof SeenBody)[];

/** All cooks as CSV (RFC 4180): a line for each dish of each cook, what was not noted left empty. */
export function cooksCsv(cooks: readonly ListedCook[]): string {
  const rows = cooks.flatMap((cook) =>
    cook.log.map(({ name, fryer, tempC, minutes, batches, record }) => ({
      cook: cook.id,
      startedAt: cook.startedAt,
      endedAt: cook.endedAt ?? '',
      name: cook.name,
      dish: name,
      fryer,
      tempC,
      minutes,
      batches,
      rehearsal: cook.rehearsal !== null,
      cookedBy: cook.cookedBy?.what ?? 'counter',
      ...Object.fromEntries(SEEN.map((field) => [field, record?.seen[field] ?? ''])),
    })),
  );
  // What begins like a formula is no formula.
  return Papa.unparse(rows, { columns: COLUMNS, escapeFormulae: true, newline: '\r\n' });
}

const COLUMNS = [
  'cook',
  'startedAt',
  'endedAt',
  'name',
  'dish',
  'fryer',
  'tempC',
  'minutes',
  'batches',
  'rehearsal',
  'cookedBy',
  ...SEEN,
];
