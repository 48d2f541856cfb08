import { fitsDiets, type Allergen } from '../foods/index.js';
import type { Guest, Soil, SupperDish } from './types.js';

/** Whether a guest may eat a dish, by its ingredients alone; the packets' labels decide. */
export const mayEat = (guest: Guest, dish: SupperDish): boolean =>
  !dish.allergens.some((a) => guest.avoidAllergens.includes(a)) && dish.eaten.every((i) => fitsDiets(i, guest.diets));

/** The guests with a wish whom a dish is for. */
export const servedBy = (dish: SupperDish, guests: readonly Guest[]): Guest[] => guests.filter((g) => mayEat(g, dish));

/** What `from` would carry into `to` that somebody for whom `to` is cooked must not eat. */
export function harmfulTraces(
  from: SupperDish,
  to: SupperDish,
  guests: readonly Guest[],
): { guest: Guest; allergens: Allergen[]; diet: boolean }[] {
  return servedBy(to, guests).flatMap((guest) => {
    const allergens = from.allergens.filter((a) => guest.avoidAllergens.includes(a));
    const diet = from.eaten.some((i) => !fitsDiets(i, guest.diets));
    return allergens.length > 0 || diet ? [{ guest, allergens, diet }] : [];
  });
}

/** How much the raw food of a dish soils bowls, board and hands. */
export function soilOf({ food }: SupperDish): Soil {
  switch (food.food.safety) {
    case 'poultry':
      return 4;
    case 'ground-meat':
    case 'whole-meat':
      return 3;
    case 'fish':
      return 2;
    default:
      return food.origin === 'none' ? 0 : 1;
  }
}

/** Raw flesh: what has touched it is thrown away or washed. */
export const isRawFlesh = (dish: SupperDish): boolean => soilOf(dish) >= 2;
