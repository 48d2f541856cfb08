import type { BowlPart } from '../coat/index.js';
import { cutTold } from '../cut/index.js';
import { dishAs, PLAIN_OILING, wholeOf, type SideUse } from '../dish/index.js';
import { countedName, foodOf, ingredient, type Pantry } from '../foods/index.js';
import { PREHEAT_MIN } from '../outcome/index.js';
import { measured, type AirResult, type Asked } from '../plan/index.js';
import { wayMinutes } from '../prep/index.js';
import { capitalised, counted, filmMm, lowered, mass, mlAsSpoons, setTo, spoken, text } from '../units/index.js';
import { COAT_S, MIX_BOWL_MIN, TO_THE_TABLE_MIN } from './constants.js';
import type { CardBowl, CardItem, RecipeCard } from './types.js';

const itemOf = (part: BowlPart): CardItem => ({
  amount: measured(part),
  name: (part.count === null ? undefined : countedName({ id: part.ingredientId }, part.count)) ?? spoken(part.name),
});

const NTH = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

const USE_WORDS: Record<SideUse, string> = {
  marinade: 'before the coat',
  tossed: 'tossed with the cooked pieces',
  brushed: 'brushed on',
  dip: 'served beside',
  'spice-salt': 'scattered over while hot',
  topping: 'put on at the end',
};

/** What a dish of this kitchen is called, and what its cook wrote beside it. */
export interface CardTitle {
  name: string;
  note: string;
}

/** A food as one writes it on a list: without how its packet says that it comes. */
const foodName = (name: string): string => lowered(name.split(',')[0]);

function foodItems(pantry: Pantry, { dish }: Pick<Asked, 'dish'>): CardItem[] {
  const item = foodOf(pantry, dish.foodId);
  const { massG } = wholeOf(pantry, { ...dish, preparation: 'raw', also: undefined });
  const cut = dish.bought ? cutTold(item, dish.bought.cut) : '';
  const first: CardItem = {
    amount: mass10(massG),
    name: `${foodName(item.name)}${cut}, ${counted(dish.count, 'piece')}`,
  };
  if (!dish.also) return [first];
  const other = foodOf(pantry, dish.also.foodId);
  return [first, { amount: text`${dish.also.count}`, name: `pieces of ${spoken(other.name)}` }];
}

/** To the next 10 g: nobody buys fish by the gram. */
const mass10 = (grams: number) => text`${mass(Math.round(grams / 10) * 10)}`;

function oilItem(pantry: Pantry, { oil, plan }: AirResult): CardItem | null {
  const used = oil.filter((o) => o.place !== 'crumbs');
  const grams = used.reduce((sum, o) => sum + o.usedG, 0);
  const ml = used.reduce((sum, o) => sum + o.ml, 0);
  if (grams < WRITTEN_OIL_G) return null;
  const name = spoken(ingredient(pantry, (plan.oiling ?? PLAIN_OILING).oilId).name);
  return { amount: text`${mlAsSpoons(ml)} (${mass(Math.max(1, Math.round(grams)))})`, name: `${name}, for the coat` };
}
const WRITTEN_OIL_G = 0.5;

function timesOf(pantry: Pantry, asked: Pick<Asked, 'dish'>, air: AirResult, bowls: number): RecipeCard['times'] {
  const { plan, load } = air;
  const dish = dishAs(asked.dish, plan);
  const way =
    dish.preparation === 'raw'
      ? 0
      : wayMinutes(foodOf(pantry, dish.foodId), dish.shape, dish.preparation, dish.prepMin ?? null);
  const prepMin = Math.round(way + bowls * MIX_BOWL_MIN + (dish.count * COAT_S) / 60 + plan.restMin);
  const second = plan.second ? plan.second.coolMin + plan.second.minutes : 0;
  const preheat = plan.settings.preheated ? PREHEAT_MIN : 0;
  const cookMin = Math.round(preheat + load.batches * (plan.settings.minutes + second));
  return { prepMin, cookMin, totalMin: prepMin + cookMin + TO_THE_TABLE_MIN };
}

/** A converted dish as a card. @throws Refusal for an unknown food or ingredient */
export function cardOf(
  { name, note }: CardTitle,
  asked: Pick<Asked, 'pantry' | 'dish' | 'fryer'>,
  air: AirResult,
): RecipeCard {
  const { pantry, fryer } = asked;
  const { settings, second } = air.plan;
  const bowls = air.bowls.map((bowl): CardBowl => ({
    name: capitalised(spoken(bowl.name)),
    note: bowl.visits.map((at) => NTH[at]).join(' and '),
    items: bowl.parts.map(itemOf),
  }));
  const beside = air.beside.map((bowl): CardBowl => ({
    name: capitalised(bowl.name),
    note: USE_WORDS[bowl.use],
    items: bowl.parts.map(itemOf),
  }));
  const centre = air.cautions.filter((c) => c.about === 'centre').map((c) => c.text);
  const thick = Math.max(...air.layers.map((l) => l.thicknessM * 1000), 0);
  return {
    name,
    note,
    people: air.perServing.air.people,
    pieces: asked.dish.count + (asked.dish.also?.count ?? 0),
    food: foodItems(pantry, asked),
    bowls,
    beside,
    oil: oilItem(pantry, air),
    settings: {
      fryer: fryer.name,
      setting: text`${setTo(settings.tempC, fryer.stepC)}`,
      minutes: settings.minutes,
      preheat: settings.preheated ? text`${setTo(settings.preheatC ?? settings.tempC, fryer.stepC)}` : null,
      turnAtMin: settings.turnAtMin !== null && settings.turnAtMin < settings.minutes ? settings.turnAtMin : null,
      batches: air.load.batches,
      piecesPerBatch: air.load.piecesPerBatch,
    },
    times: timesOf(pantry, asked, air, bowls.length + beside.length),
    steps: air.steps,
    checks: [
      ...centre,
      text`Golden all over, no white spot${thick > THICK_MM ? text`, and a coat of about ${filmMm(thick)} that stays on when a piece is lifted` : text`, and the coat stays on when a piece is lifted`}.`,
      ...(second ? [text`The sauce bubbles and clings.`] : []),
    ],
    cautions: air.cautions,
    perServing: air.perServing.air,
  };
}
/** A layer that is thinner is not told by its thickness, mm. */
const THICK_MM = 1;
