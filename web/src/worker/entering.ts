import {
  cutNamed,
  enter,
  foodOf,
  gramsPerMl,
  inOneLine,
  namesOf,
  piecesOf,
  readBowls,
  soldAs,
  spoken,
  thicknessMinutes,
  weightsFor,
  type Bought,
  type BowlsReading,
  type Entered,
  type Food,
  type OwnWeights,
  type Pantry,
} from '@yellowmist/core';
import type { BowlQuestion, BowlRead, EnterQuestion, EnteredDish, EnteredFood, NamedThing } from './questions';

/** An amount as one says it: "2 medium onions, rings", "500 g chicken breast, halved flat". */
function amountWords(pantry: Pantry, { foodId, unit, amount, cut, sizeMm }: Bought): string {
  const food = foodOf(pantry, foodId);
  const { units, cuts } = soldAs(food);
  const name = spoken(food.name);
  const found = units.find((u) => u.id === unit);
  const many = Number(amount.toFixed(2));
  const counted = found ? (amount === 1 ? found.name : found.plural) : '';
  const said = counted.includes(name.split(' ').at(-1)!.slice(0, 4));
  const named = said ? counted : name.includes(counted) ? name : `${counted} of ${name}`;
  const size = sizeMm === undefined ? '' : ` of ${Math.round(sizeMm)} mm`;
  const told = found ? `${many} ${named}` : `${Math.round(amount)} g of ${name}`;
  const cutName = cuts.find((c) => c.id === cut)?.name ?? cut;
  return `${told}${told.includes(cutName) ? '' : `, ${cutName}`}${size}`;
}

/** The thing of this id as the page tells it. */
function thingOf(pantry: Pantry, id: string): NamedThing {
  const item = pantry.byId.get(id)!;
  const [own, other] = namesOf(item);
  return {
    name: own.includes(',') ? (other ?? own).toLowerCase() : own.toLowerCase(),
    gPerMl: item.cupG === undefined ? null : gramsPerMl(item),
    eachG: item.eachG ?? null,
  };
}

const idsOf = ({ lines }: BowlsReading): string[] =>
  lines.flatMap((l) => [...(l.portion ? [l.portion] : []), ...l.likely]).map((p) => p.ingredientId);

function idsIn({ fried, coat }: Entered): string[] {
  const layers = fried?.layers.flatMap((l) => l.portions.map((p) => p.ingredientId)) ?? [];
  return [...(coat.bowls ? idsOf(coat.bowls) : []), ...layers];
}

/** Things by id, as the page tells them. */
export const namesIn = (pantry: Pantry, ids: readonly string[]): Record<string, NamedThing> =>
  Object.fromEntries([...new Set(ids)].map((id) => [id, thingOf(pantry, id)]));

/** One bowl in a cook's words: a sauce, a dip, a marinade; `foods` may stand in it where it is no bowl of the coat. */
export function readBowl(pantry: Pantry, { text, foods }: BowlQuestion): BowlRead {
  const reading = readBowls(pantry, text, { foods });
  return { reading, things: namesIn(pantry, idsOf(reading)) };
}

/** A dish in a cook's words, with what the page shows of it. */
export function enterDish(pantry: Pantry, question: EnterQuestion): EnteredDish {
  const weightsOf = (foodId: string): OwnWeights => weightsFor(question.weights, foodId);
  const { food, coat, minutes, count, words } = question;
  const oneLine = words === undefined ? null : inOneLine(pantry, words);
  const said = {
    food: typeof food === 'string' ? (oneLine?.food ?? food) : food,
    coat: coat ?? oneLine?.coat ?? undefined,
    minutes: minutes ?? oneLine?.pot.minutes ?? undefined,
    medium: oneLine?.pot.medium ?? undefined,
    tempC: oneLine?.pot.tempC ?? undefined,
    count,
  };
  const entered = enter(pantry, said, weightsOf);
  const { bought, likely } = entered.food;
  const of = (item: Food, bag: Bought): EnteredFood => {
    const sold = soldAs(item);
    return {
      food: item,
      cut: cutNamed(sold, bag.cut),
      cuts: sold.cuts,
      cutUp: piecesOf(pantry, bag, weightsOf(item.id)),
      thickness: thicknessMinutes(pantry, entered.dish!, question.pot ?? entered.fried),
      source: sold.source,
    };
  };
  return {
    ...entered,
    of: bought && of(foodOf(pantry, bought.foodId), bought),
    likelyFoods: likely.map((b) => ({ bought: b, words: amountWords(pantry, b) })),
    things: namesIn(pantry, idsIn(entered)),
    oneLine,
  };
}
