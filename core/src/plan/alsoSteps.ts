import { foodOf, isFlesh } from '../foods/index.js';
import { safeMinimum } from '../safety/index.js';
import { celsius, counted, spoken, text, type Text } from '../units/index.js';
import { minutes, type Told } from './told.js';

/** A second food: which of the two goes through the bowls first, and what is left bare. */
export function alsoStep({ pantry, dish }: Told): Text[] {
  const bare = dish.bareShare ? [text`Leave the tail or bone bare: it is the handle, and no coat holds there.`] : [];
  if (!dish.also) return bare;
  const [first, second] = [foodOf(pantry, dish.foodId), foodOf(pantry, dish.also.foodId)];
  const [before, after] = isFlesh(first) && !isFlesh(second) ? [second, first] : [first, second];
  const why = isFlesh(after) && !isFlesh(before) ? ': what raw flesh has touched stays away from it' : '';
  return [
    ...bare,
    text`Beside it ${counted(dish.also.count, 'piece')} of ${spoken(second.name)}, through the same bowls: the ${spoken(before.name)} first, then the ${spoken(after.name)}${why}.`,
  ];
}

/** When the second food is done, where that is not when all is. */
export function alsoCentre({ pantry, also, plan, dish }: Told): Text[] {
  if (!also || !dish.also) return [];
  const name = spoken(also.name);
  const minimum = safeMinimum(foodOf(pantry, dish.also.foodId).food.safety);
  const check = minimum ? [text`Check the centre of the ${name}, too: ${celsius(minimum.tempC)} or more.`] : [];
  if (also.doneMin === null) {
    return [
      text`The ${name} is not done in these minutes (${celsius(also.centreC)} inside): put it in first, or cut it smaller.`,
      ...check,
    ];
  }
  const spare = plan.settings.minutes - also.doneMin;
  if (spare < EARLY_MIN) return check;
  return [
    text`The ${name} is done after about ${minutes(also.doneMin)}: put it in ${minutes(spare)} later, or take it out first.`,
    ...check,
  ];
}

/** This much earlier than the rest is worth a word, min. Our choice. */
const EARLY_MIN = 4;
