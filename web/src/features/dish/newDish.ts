import { exampleConversion, type ConversionBody } from '@yellowmist/contract';
import { preheatsByHabit, usualMostMinutes, type Dish, type FriedCook, type Fryer } from '@yellowmist/core';

/** A dish as it is stored when it begins: for this fryer, in its habits, and nothing of it converted yet. */
export function newDish(name: string, dish: Dish, fried: FriedCook, fryer: Fryer): ConversionBody {
  const example = exampleConversion();
  const limits = {
    ...example.limits,
    maxTempC: fryer.maxTempC,
    maxMinutes: usualMostMinutes(fryer),
    preheat: preheatsByHabit(fryer) ?? false,
  };
  return { ...example, name, dish, fried, fryer, limits };
}
