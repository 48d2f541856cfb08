import {
  cameOut,
  CAUSES,
  CLOSELY,
  didIn,
  evaluateFried,
  FIELD_SCALES,
  isFailure,
  KNOWN,
  loadFor,
  meant as asPlanned,
  missedOf,
  normal,
  NOTHING_KNOWN,
  PLAIN_AIR,
  readyPiece,
  SEEN_FIELDS,
  seeded,
  Simulated,
  wordIn,
  type AirPlan,
  type Cause,
  type CauseKey,
  type Did,
  type DidField,
  type Dish,
  type Field,
  type Fryer,
  type LayerSpec,
  type Put,
  type Seen,
} from '../src/index.js';
import { DRAWER, OVEN } from './evenings.js';
import { spec } from './plain.js';

/** Failures with a cause that is known to the test alone. */

const FLOUR = spec(['wheat-flour', 60], ['salt', 3]);
const EGG = spec(['egg', 50]);
const CRUMBS: LayerSpec = { ...spec(['coarse-crumbs', 60]), pressed: true };
const FLAKES: LayerSpec = { ...spec(['cornflakes', 60]), pressed: true };
const CHICKPEA = spec(['chickpea-flour', 120], ['water', 150]);
const BEER = spec(['wheat-flour', 120], ['beer', 130], ['salt', 2]);
const STARCH = spec(['potato-starch', 60]);
const slab = (lengthMm: number, widthMm: number, thicknessMm: number) => ({
  kind: 'slab' as const,
  lengthMm,
  widthMm,
  thicknessMm,
});

interface Made {
  foodId: string;
  layers: LayerSpec[];
  dish: Partial<Dish> & Pick<Dish, 'shape' | 'count'>;
  fryer?: Fryer;
  tempC?: number;
  minutes: number;
  plan?: Partial<AirPlan>;
}

const GLAZE = spec(['barbecue-sauce', 100]);

const MADE: readonly Made[] = [
  { foodId: 'chicken-breast', layers: [FLOUR, EGG, CRUMBS], dish: { shape: slab(90, 60, 16), count: 6 }, minutes: 13 },
  { foodId: 'pork-loin', layers: [FLOUR, EGG, CRUMBS], dish: { shape: slab(110, 80, 9), count: 3 }, minutes: 9 },
  { foodId: 'cod', layers: [FLOUR, EGG, FLAKES], dish: { shape: slab(90, 40, 20), count: 6 }, minutes: 12 },
  {
    foodId: 'halloumi',
    layers: [FLOUR, EGG, CRUMBS],
    dish: { shape: slab(80, 25, 18), count: 8 },
    fryer: OVEN,
    minutes: 11,
  },
  {
    foodId: 'okra',
    layers: [CHICKPEA, FLAKES],
    dish: { shape: { kind: 'rod', lengthMm: 90, diameterMm: 16 }, count: 20 },
    minutes: 12,
  },
  {
    foodId: 'oyster-mushroom',
    layers: [BEER, CRUMBS],
    dish: { shape: { kind: 'irregular', longestMm: 70, thicknessMm: 16, massG: 18 }, count: 12 },
    minutes: 11,
  },
  {
    foodId: 'aubergine',
    layers: [FLOUR, EGG, CRUMBS],
    dish: { shape: slab(90, 60, 12), count: 8, preparation: 'salted' },
    fryer: OVEN,
    tempC: 200,
    minutes: 12,
  },
  {
    foodId: 'tofu',
    layers: [STARCH],
    dish: { shape: slab(60, 25, 20), count: 12, preparation: 'pressed' },
    tempC: 200,
    minutes: 14,
  },
  { foodId: 'onion', layers: [FLOUR, BEER, CRUMBS], dish: { shape: slab(60, 30, 12), count: 12 }, minutes: 11 },
  {
    foodId: 'chicken-thigh',
    layers: [spec(['buttermilk', 80]), spec(['wheat-flour', 80], ['corn-starch', 20])],
    dish: { shape: slab(90, 60, 20), count: 6 },
    minutes: 17,
  },
  {
    foodId: 'prawn',
    layers: [FLOUR, EGG, CRUMBS],
    dish: { shape: { kind: 'rod', lengthMm: 70, diameterMm: 16 }, count: 16 },
    minutes: 9,
  },
  {
    foodId: 'turkey-breast',
    layers: [FLOUR, EGG, CRUMBS],
    dish: { shape: slab(90, 60, 12), count: 6 },
    minutes: 11,
    plan: { making: { later: [{ ingredientId: 'hard-cheese', grams: 45 }] } },
  },
  {
    foodId: 'cauliflower',
    layers: [CHICKPEA, CRUMBS],
    dish: { shape: { kind: 'irregular', longestMm: 45, thicknessMm: 28, massG: 16 }, count: 16 },
    minutes: 13,
    plan: { second: { sauce: GLAZE, sauceGm2: 300, coolMin: 4, tempC: 180, minutes: 5 } },
  },
];

function putOf({ foodId, layers, dish: more, fryer = DRAWER, tempC = 190, minutes, plan: also }: Made): Put {
  const dish: Dish = { foodId, startC: 6, skin: 'damp', preparation: 'raw', ...more };
  const fried = { layers, medium: 'deep-oil' as const, oilId: 'rapeseed-oil', tempC: 175, minutes: 4 };
  const plan: AirPlan = {
    layers,
    restMin: 7,
    oilGm2: 18,
    second: null,
    settings: { ...PLAIN_AIR, tempC, minutes, preheated: true, turnAtMin: minutes / 2, under: 'basket' },
    ...also,
  };
  const asked = { pantry: KNOWN, dish, fried, fryer };
  const ready = readyPiece(KNOWN, dish, layers);
  const lying = { pantry: KNOWN, dish, plan, fryer, load: loadFor(asked, ready) };
  const { pot } = evaluateFried(asked);
  return { lying, pot, unknowns: NOTHING_KNOWN, happened: asPlanned(lying), waits: 'rack' };
}

let dishes: Simulated[] | null = null;

/** Thirteen dishes as they are meant. */
export const meantDishes = (): Simulated[] => (dishes ??= MADE.map((made) => new Simulated(putOf(made), true)));

/** A failure, what was told of it, and what its cause was. */
export interface Failure {
  simulated: Simulated;
  cause: CauseKey;
  size: number;
  put: Put;
  /** The same kitchen without it. */
  without: Put;
  browningLog: number;
  seen: Seen;
}

/** How often each thing is told: what is seen; what a counter or a cook's memory keeps; what has to be measured. */
export interface Told {
  seen: number;
  kept: number;
  measured: number;
}

const MEASURED: readonly DidField[] = ['airOffC', 'oilG', 'thicknessMm', 'startC', 'batter', 'sauceGm2'];

function toldOf(simulated: Simulated, put: Put, browningLog: number, told: Told, random: () => number): Seen {
  const came = cameOut(put, CLOSELY);
  const noisy = (field: Field, value: number): number => {
    const { scaled, off, range } = FIELD_SCALES[field];
    const slope = Math.max(1e-6, (scaled(value + 1e-3) - scaled(value)) / 1e-3);
    return Math.max(range[0], Math.min(range[1], value + (normal(random) * off) / Math.max(slope, 0.2)));
  };
  const seen: Record<string, number | string> = {};
  const values = { ...came.values, ...came.colours(browningLog) };
  for (const field of SEEN_FIELDS) {
    const value = values[field];
    if (value === undefined || random() > told.seen) continue;
    const { words } = FIELD_SCALES[field];
    const wrong = words.length > 0 && random() < 0.03;
    const said = wrong ? words[Math.floor(random() * words.length)].word : wordIn(field, noisy(field, value));
    seen[field] = said ?? Math.round(noisy(field, value));
  }
  const did: Did = {};
  const done = didIn(put, simulated.meant, came.areaM2);
  for (const field of Object.keys(done) as DidField[]) {
    const often = MEASURED.includes(field) ? told.measured : told.kept;
    if (random() > often) continue;
    const yesNo = FIELD_SCALES[field].words.length > 0;
    did[field] = yesNo ? done[field]! > 0.5 : noisy(field, done[field]!);
  }
  return { ...seen, did };
}

/** One failure of a seed: a cause, each alike often, in a dish to which it can happen, of which something shows. */
export function failureOf(seed: number, told: Told): Failure | null {
  const random = seeded(seed);
  const all = meantDishes();
  const causes = CAUSES.filter(({ key }) => key !== 'as-it-went');
  const cause = causes[Math.floor(random() * causes.length)];
  for (let tried = 0; tried < 40; tried++) {
    const simulated = all[Math.floor(random() * all.length)];
    const found = drawn(simulated, cause, told, random);
    if (found) return found;
  }
  return null;
}

const ROUGHLY = { fine: 0.5, waits: true };

function drawn(simulated: Simulated, cause: Cause, told: Told, random: () => number): Failure | null {
  const [least, most] = [cause.sizes[0], cause.sizes.at(-1)!];
  const size = least + (most - least) * random();
  const unknowns = {
    ...NOTHING_KNOWN,
    offsetK: 2 * normal(random),
    sizeLog: 0.03 * normal(random),
    startK: normal(random),
  };
  const without = { ...simulated.meant, unknowns };
  const put = cause.put(without, size);
  if (!put) return null;
  const browningLog = 0.1 * normal(random);
  const fails = (it: Put): boolean =>
    isFailure(missedOf(simulated.valuesIn({ came: cameOut(it, ROUGHLY), did: {} }), simulated.aims, browningLog));
  // It fails by its cause, and not by what is otherwise in every kitchen.
  if (!fails(put) || fails(without)) return null;
  const seen = toldOf(simulated, put, browningLog, told, random);
  return { simulated, cause: cause.key, size, put, without, browningLog, seen };
}
