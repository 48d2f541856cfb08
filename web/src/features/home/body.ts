import type { ConversionBody } from '@yellowmist/contract';
import type { Fryer } from '@yellowmist/core';
import type { EnteredDish } from '../../worker/questions';
import { newDish } from '../dish/newDish';

/** The dish of the sentence as it is stored; null while something of it is asked about. */
export function bodyOf(
  { dish, fried, name }: Pick<EnteredDish, 'dish' | 'fried' | 'name'>,
  fryer: Fryer,
): ConversionBody | null {
  return dish && fried ? newDish(name, dish, fried, fryer) : null;
}
