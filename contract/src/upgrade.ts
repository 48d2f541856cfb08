import { CONVERSION_FORMAT, type ConversionBody } from './types.js';

/**
 * Brings a stored body up to today's format; there is one format so far. A later one adds its step here.
 * @throws Error when it was written by a newer Yellowmist
 */
export function upgradeConversion(format: number, body: unknown): ConversionBody {
  if (format > CONVERSION_FORMAT) {
    throw new Error(
      `This dish was saved by a newer Yellowmist (format ${format}; this one reads ${CONVERSION_FORMAT}).`,
    );
  }
  return body as ConversionBody;
}
