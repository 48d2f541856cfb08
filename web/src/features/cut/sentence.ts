import { cutTold, foodOf, lowered, throughMm, wayOf, type Dish, type Pantry } from '@yellowmist/core';
import * as texts from './texts';

const SKIN_WORDS: Record<Dish['skin'], string> = { dry: 'dry', damp: 'patted', wet: 'wet' };
/** °C up to which a food comes from the freezer, and from the refrigerator. */
const FROZEN_C = -2;
const COLD_C = 12;

const startWord = (startC: number): string =>
  startC < FROZEN_C ? texts.frozen : startC <= COLD_C ? texts.fromCold : texts.notCold;

/** "24 oyster mushrooms, torn, 16 mm thick, patted, from the cold". */
export function sentenceOf(pantry: Pantry, dish: Dish, say: (mm: number) => string): string {
  const food = foodOf(pantry, dish.foodId);
  const cut = dish.bought ? cutTold(food, dish.bought.cut) : '';
  const words = [
    texts.ofIt(dish.count, dish.count === 1 ? texts.piece : texts.sentencePieces, lowered(food.name), cut),
    texts.thick(say(throughMm(dish.shape))),
    SKIN_WORDS[dish.skin],
    ...(dish.preparation === 'raw' ? [] : [lowered(wayOf(dish.preparation).label)]),
    ...(dish.readyCoated ? [texts.boughtWithItsCoat] : [startWord(dish.startC)]),
  ];
  const second = dish.also && foodOf(pantry, dish.also.foodId);
  return `${words.join(', ')}${second ? texts.withPiecesOf(dish.also!.count, lowered(second.name)) : ''}`;
}
