import { cutTold, foodOf, lowered, throughMm, wayOf, type Dish, type Pantry } from '@yellowmist/core';

const SKIN_WORDS: Record<Dish['skin'], string> = { dry: 'dry', damp: 'patted', wet: 'wet' };
/** °C up to which a food comes from the freezer, and from the refrigerator. */
const FROZEN_C = -2;
const COLD_C = 12;

const startWord = (startC: number): string =>
  startC < FROZEN_C ? 'frozen' : startC <= COLD_C ? 'from the cold' : 'not cold';

/** "24 oyster mushrooms, torn, 16 mm thick, patted, from the cold". */
export function sentenceOf(pantry: Pantry, dish: Dish, say: (mm: number) => string): string {
  const food = foodOf(pantry, dish.foodId);
  const cut = dish.bought ? cutTold(food, dish.bought.cut) : '';
  const words = [
    `${dish.count} ${dish.count === 1 ? 'piece' : 'pieces'} of ${lowered(food.name)}${cut}`,
    `${say(throughMm(dish.shape))} thick`,
    SKIN_WORDS[dish.skin],
    ...(dish.preparation === 'raw' ? [] : [lowered(wayOf(dish.preparation).label)]),
    ...(dish.readyCoated ? ['bought with its coat on'] : [startWord(dish.startC)]),
  ];
  const second = dish.also && foodOf(pantry, dish.also.foodId);
  return `${words.join(', ')}${second ? `; with ${dish.also!.count} pieces of ${lowered(second.name)}` : ''}`;
}
