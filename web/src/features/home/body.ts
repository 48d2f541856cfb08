import { exampleConversion, type ConversionBody } from '@yellowmist/contract';
import type { Fryer } from '@yellowmist/core';
import type { EnteredDish } from '../../worker/questions';

/** The dish of the sentence as it is stored; null while something of it is asked about. */
export function bodyOf(
  { dish, fried, name }: Pick<EnteredDish, 'dish' | 'fried' | 'name'>,
  fryer: Fryer,
): ConversionBody | null {
  if (!dish || !fried) return null;
  const example = exampleConversion();
  return {
    ...example,
    name,
    dish,
    fried,
    fryer,
    limits: { ...example.limits, maxTempC: fryer.maxTempC, preheat: fryer.preheats ?? false },
  };
}
