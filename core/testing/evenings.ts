import {
  eveningDish,
  evaluateFried,
  KNOWN,
  paceOf,
  PLAIN_AIR,
  type AirPlan,
  type Cooked,
  type Dish,
  type EveningAsked,
  type EveningDish,
  type Fryer,
  type LayerSpec,
  type SideBowl,
} from '../src/index.js';
import { planEvening } from '../src/evening/index.js';
import { PLAIN_FRYER, spec } from './plain.js';

/** Evenings that several tests begin with; a test names what it changes of them. */

export const DRAWER: Fryer = { ...PLAIN_FRYER, name: 'Drawer' };
export const OVEN: Fryer = {
  ...PLAIN_FRYER,
  name: 'Oven',
  kind: 'oven-type',
  basket: { kind: 'rectangle', widthMm: 260, depthMm: 230 },
  racks: 2,
  maxTempC: 220,
};

const FLOUR = spec(['wheat-flour', 60], ['salt', 3]);
const EGG = spec(['egg', 50]);
const CRUMBS = spec(['coarse-crumbs', 60]);
const PLANTS = [spec(['chickpea-flour', 120], ['water', 150]), spec(['cornflakes', 60])];

interface Makes {
  foodId: string;
  layers: LayerSpec[];
  fryer?: Fryer;
  dish?: Partial<Dish>;
  plan?: Partial<AirPlan>;
  minutes?: number;
}

/** A dish that is really simulated. */
export function cookedDish(
  id: string,
  { foodId, layers, fryer = DRAWER, dish: more, plan, minutes = 11 }: Makes,
): EveningDish {
  const dish: Dish = {
    foodId,
    shape: { kind: 'slab', lengthMm: 60, widthMm: 40, thicknessMm: 12 },
    count: 12,
    startC: 6,
    skin: 'damp',
    preparation: 'raw',
    ...more,
  };
  const fried = { layers, medium: 'deep-oil' as const, oilId: 'rapeseed-oil', tempC: 175, minutes: 4 };
  const asked = {
    id,
    name: id,
    pantry: KNOWN,
    dish,
    fried,
    fryer,
    limits: { diets: [], avoidAllergens: [], without: [], maxTempC: fryer.maxTempC, maxMinutes: 30, preheat: true },
    plan: {
      layers,
      restMin: 7,
      oilGm2: 18,
      second: null,
      settings: { ...PLAIN_AIR, tempC: 190, minutes, preheated: true, turnAtMin: 5, under: 'basket' as const },
      ...plan,
    },
  };
  return eveningDish(asked, evaluateFried(asked));
}

const DIP: SideBowl = {
  name: 'Herb dip',
  use: 'dip',
  portions: [
    { ingredientId: 'yoghurt', grams: 120 },
    { ingredientId: 'lemon-juice', grams: 10 },
  ],
};

let made: Record<'plants' | 'cheese' | 'fish' | 'chicken', EveningDish> | null = null;

/** Four dishes, simulated once: of plants alone with a dip, of cheese, of raw fish, of raw chicken. */
export const fourDishes = () =>
  (made ??= {
    plants: cookedDish('plants', { foodId: 'okra', layers: PLANTS, dish: { count: 24, beside: [DIP] } }),
    cheese: cookedDish('cheese', { foodId: 'halloumi', layers: [FLOUR, EGG, CRUMBS], fryer: OVEN }),
    fish: cookedDish('fish', { foodId: 'cod', layers: [FLOUR, EGG, CRUMBS], minutes: 12 }),
    chicken: cookedDish('chicken', {
      foodId: 'chicken-breast',
      layers: [FLOUR, EGG, CRUMBS],
      fryer: OVEN,
      minutes: 16,
    }),
  });

/** An evening with nothing scarce but hands and fryers. */
export const eveningWith = (dishes: EveningDish[], more: Partial<EveningAsked> = {}): EveningAsked => ({
  dishes,
  guests: [],
  cooks: [{ name: 'Ines' }],
  fryers: [DRAWER, OVEN],
  bowls: 0,
  trays: [],
  pace: paceOf(),
  options: {},
  togetherMin: 5,
  roomC: 21,
  pins: [],
  tableInMin: 24 * 60,
  otherwise: () => null,
  ...more,
});

export const planned = (asked: EveningAsked) => planEvening(asked, KNOWN);

/** A crust that softens by so much a minute, in so many batches of so many minutes: for schedules that are worked out by hand. */
export function paper(
  dish: EveningDish,
  id: string,
  {
    batches = 1,
    pieces = 6,
    minutes = 10,
    softensBy = 0.01,
    fryer = dish.fryer,
  }: Partial<Record<'batches' | 'pieces' | 'minutes' | 'softensBy', number>> & { fryer?: Fryer } = {},
): EveningDish {
  const curve = Array.from({ length: 61 }, (_, m) => Math.max(0, 1 - softensBy * m));
  const perBatch = Array.from({ length: batches }, () => pieces);
  const load = { ...dish.load, perBatch, batches, piecesPerBatch: pieces };
  const cooked: Cooked = {
    ...dish.cooked,
    fryer,
    load,
    plan: {
      ...dish.cooked.plan,
      restMin: 5,
      oilGm2: 0,
      oiling: undefined,
      second: null,
      settings: {
        ...dish.cooked.plan.settings,
        minutes,
        turnAtMin: null,
        preheated: false,
        looks: 0,
        swapEveryMin: null,
      },
    },
    unsafe: null,
    fresh: 1,
    onRack: curve,
    held: curve,
    centreC: curve.map(() => 80),
    again: [],
  };
  return { ...dish, id, name: id, fryer, load, cooked, dish: { ...dish.dish, count: batches * pieces }, beside: [] };
}
