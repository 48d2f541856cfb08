import {
  cutNamed,
  enter,
  foodOf,
  gramsPerMl,
  namesOf,
  piecesOf,
  readBowls,
  soldAs,
  spoken,
  thicknessMinutes,
  type Bought,
  type BowlsReading,
  type CutUp,
  type Entered,
  type Food,
  type OwnWeights,
  type Pantry,
} from '@yellowmist/core';
import type { BowlRead, EnterQuestion, EnteredDish, EnteredFood, NamedThing } from './questions';

/** An amount as one says it: "2 medium onions, rings", "500 g chicken breast, halved flat". */
function amountWords(pantry: Pantry, { foodId, unit, amount, cut, sizeMm }: Bought): string {
  const food = foodOf(pantry, foodId);
  const { units, cuts } = soldAs(food);
  const name = spoken(food.name);
  const found = units.find((u) => u.id === unit);
  const many = Number(amount.toFixed(2));
  const counted = found ? (amount === 1 ? found.name : found.plural) : '';
  const named = counted.includes(name.split(' ').at(-1)!.slice(0, 4)) ? counted : `${counted} of ${name}`;
  const size = sizeMm === undefined ? '' : ` of ${Math.round(sizeMm)} mm`;
  const cutName = cuts.find((c) => c.id === cut)?.name ?? cut;
  return `${found ? `${many} ${named}` : `${Math.round(amount)} g of ${name}`}, ${cutName}${size}`;
}

/** The same amount in each cut of a food. */
function inEachCut(pantry: Pantry, bought: Bought, weights: OwnWeights): EnteredFood['byCut'] {
  const { cuts } = soldAs({ id: bought.foodId });
  const of = ({ id }: { id: Bought['cut'] }): [string, CutUp] => [
    id,
    piecesOf(pantry, { ...bought, cut: id, sizeMm: undefined }, weights),
  ];
  return Object.fromEntries(cuts.map(of));
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

const thingsOf = (pantry: Pantry, ids: readonly string[]): Record<string, NamedThing> =>
  Object.fromEntries([...new Set(ids)].map((id) => [id, thingOf(pantry, id)]));

/** One bowl in a cook's words: a sauce, a dip, a marinade. */
export function readBowl(pantry: Pantry, text: string): BowlRead {
  const reading = readBowls(pantry, text);
  return { reading, things: thingsOf(pantry, idsOf(reading)) };
}

/** A dish in a cook's words, with what the page shows of it. */
export function enterDish(pantry: Pantry, question: EnterQuestion): EnteredDish {
  const weightsOf = (foodId: string): OwnWeights =>
    Object.fromEntries(question.weights.filter((w) => w.foodId === foodId).map((w) => [w.unit, w.grams]));
  const { food, coat, minutes, count } = question;
  const entered = enter(pantry, { food, coat, minutes, count }, weightsOf);
  const { bought, likely } = entered.food;
  const of = (item: Food, bag: Bought): EnteredFood => {
    const sold = soldAs(item);
    const weights = weightsOf(item.id);
    return {
      food: item,
      cut: cutNamed(sold, bag.cut),
      cuts: sold.cuts,
      cutUp: piecesOf(pantry, bag, weights),
      byCut: inEachCut(pantry, bag, weights),
      thickness: thicknessMinutes(pantry, entered.dish!, question.pot ?? entered.fried),
      source: sold.source,
    };
  };
  return {
    ...entered,
    of: bought && of(foodOf(pantry, bought.foodId), bought),
    likelyFoods: likely.map((b) => ({
      bought: b,
      words: amountWords(pantry, b),
      cutUp: piecesOf(pantry, b, weightsOf(b.foodId)),
    })),
    things: thingsOf(pantry, idsIn(entered)),
  };
}
