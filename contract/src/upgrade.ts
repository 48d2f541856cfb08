import { PLAIN_AIR } from '@yellowmist/core';
import { CONVERSION_FORMAT, type Chosen, type ConversionBody } from './types.js';

/** Format 1 knew no water tray, looks, swap of racks or second cook. */
function fromFirst(body: ConversionBody): ConversionBody {
  if (!body.chosen) return body;
  const { plan } = body.chosen;
  const chosen: Chosen = {
    ...body.chosen,
    plan: { ...plan, settings: { ...PLAIN_AIR, ...plan.settings }, second: plan.second ?? null },
  };
  return { ...body, chosen };
}

/** Format 2 knew no named versions. */
const fromSecond = (body: ConversionBody): ConversionBody => ({ ...body, versions: body.versions ?? [] });

/** Steps from each format to the next; the first stands at index 1. */
const STEPS: Record<number, (body: ConversionBody) => ConversionBody> = { 1: fromFirst, 2: fromSecond };

/**
 * Brings a stored body up to today's format, step by step.
 * @throws Error when it was written by a newer Yellowmist
 */
export function upgradeConversion(format: number, body: unknown): ConversionBody {
  if (format > CONVERSION_FORMAT) {
    throw new Error(
      `This dish was saved by a newer Yellowmist (format ${format}; this one reads ${CONVERSION_FORMAT}).`,
    );
  }
  let current = body as ConversionBody;
  for (let from = format; from < CONVERSION_FORMAT; from++) current = STEPS[from](current);
  return current;
}
