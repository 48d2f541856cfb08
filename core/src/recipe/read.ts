import { soldAs, usualPotMinutes } from '../cut/index.js';
import type { LayerSpec } from '../coat/index.js';
import { patted, type Dish, type FriedCook, type SideBowl, type SideUse } from '../dish/index.js';
import { BATTER_POT_C, DRY_POT_C, FROM_COLD_C, piecesOf } from '../entry/index.js';
import { foodOf, recognise, type Pantry } from '../foods/index.js';
import { bowlsIn, type Setting } from './bowls.js';
import { clausesOf, type Clause } from './clauses.js';
import { LITTLE_OIL_G } from './constants.js';
import { foodLines } from './foodLines.js';
import { shapedAt } from './told.js';
import { foundIn, foodIn, makingOf, readFoodLine, shapedFood, type Making } from './making.js';
import { potIn, type PotSaid } from './pot.js';
import { thingsInProse } from './prose.js';
import { isOneBowl, sectionKind } from './sections.js';
import { thingOf, type Thing } from './things.js';
import { troubleOf } from './trouble.js';
import type {
  Found,
  Guess,
  Moved,
  ReadStep,
  RecipeBowl,
  RecipeFood,
  RecipeReading,
  RecipeText,
  WrittenLine,
} from './types.js';

const FROM_FREEZER_C = -18;
/** Minutes that a way before the coat takes at least and at most. */
const PREP_MIN = { least: 0.5, most: 240 };
const NAME_LETTERS = 80;

interface Cooking {
  pot: PotSaid;
  steps: ReadStep[];
}

/** What the steps say of the pot, and what was found in each. */
function cookingIn({ steps, title }: RecipeText, clauses: readonly Clause[], setting: Setting): Cooking {
  const pot: PotSaid = { medium: /\bdeep[- ]?fried\b/i.test(title) ? 'deep-oil' : null, tempC: null, minutes: null };
  const firstDip = clauses.find(({ deed }) => deed === 'dip')?.step ?? 0;
  const read = steps.map(({ text }, at): ReadStep => {
    const mine = clauses.filter(({ step }) => step === at);
    const { said, found } = potIn(text, pot.tempC === null);
    pot.medium ??= said.medium;
    const again = /\b(second fry|fry (them )?(again|a second time)|return .{0,20}to the (oil|fryer|pot)|refry)\b/i.test(
      text,
    );
    if (at >= firstDip)
      pot.minutes =
        again && pot.minutes !== null && said.minutes !== null
          ? pot.minutes + said.minutes
          : (pot.minutes ?? said.minutes);
    pot.tempC ??= said.tempC;
    const mixed = setting.bowls.flatMap(({ bowl, name }) =>
      mine.some(
        ({ deed, mentions }) => deed === 'mix' && mentions.some((m) => m.things.some((t) => bowl.things.includes(t))),
      )
        ? [name]
        : [],
    );
    const dips = setting.dippedIn(at);
    const all: Found[] = [
      ...(mixed.length > 0 ? [{ what: 'mixing' as const, text: mixed.join(', ') }] : []),
      ...(dips.length > 0 ? [{ what: 'dipping' as const, text: dips.join(', then ') }] : []),
      ...mine.flatMap(foundIn),
      ...found,
    ];
    return { text, found: all.filter((f, k) => all.findIndex((g) => g.what === f.what && g.text === f.text) === k) };
  });
  return { pot, steps: read };
}

function dishOf(
  pantry: Pantry,
  bought: RecipeFood,
  making: Making,
  beside: SideBowl[],
  text: RecipeText,
  guess: (field: string, why: string) => void,
): Dish {
  const { foodId, ...boughtAs } = bought;
  const food = foodOf(pantry, foodId);
  const pieces = piecesOf(pantry, bought);
  const sold = soldAs(food);
  const marinade = beside.some(({ use }) => use === 'marinade') && food.food.ways.includes('marinated');
  const preparation =
    making.frozen && food.food.ways.includes('frozen')
      ? 'frozen'
      : (making.preparation ?? (marinade ? 'marinated' : 'raw'));
  const frozen = preparation === 'frozen';
  if (making.frozen && !frozen)
    guess('dish.preparation', 'It is not coated while it is frozen here: it is taken as thawed.');
  const skin = sold.skin ?? 'damp';
  const minutes =
    making.minutes === null ? undefined : Math.min(PREP_MIN.most, Math.max(PREP_MIN.least, making.minutes));
  return {
    foodId,
    shape: pieces.shape,
    count: pieces.count,
    startC: frozen ? FROM_FREEZER_C : FROM_COLD_C,
    skin: making.patted ? (skin === 'wet' ? patted(skin) : 'dry') : skin,
    preparation,
    bought: boughtAs,
    ...(sold.bareShare !== undefined && { bareShare: sold.bareShare }),
    ...(minutes !== undefined &&
      preparation === making.preparation &&
      preparation !== 'frozen' && { prepMin: minutes }),
    ...(beside.length > 0 && { beside }),
    ...(text.servings !== null && { servings: text.servings }),
  };
}

const SIDE_USE_OF: Readonly<Record<'marinade' | 'sauce' | 'dip', SideUse>> = {
  marinade: 'marinade',
  sauce: 'tossed',
  dip: 'dip',
};

/** Bowls beside the coat, with what they are used for. */
function besideOf(bowls: readonly RecipeBowl[], steps: readonly ReadStep[]): SideBowl[] {
  const brushed = steps.some(({ found }) => found.some((f) => f.what === 'sauce' && f.text === 'brushed on'));
  const names = new Set<string>();
  return bowls.flatMap(({ kind, name, portions, layers }) => {
    if (layers.length > 0 || (kind !== 'marinade' && kind !== 'sauce' && kind !== 'dip')) return [];
    const served = portions.filter((p) => p.grams > 0);
    if (served.length === 0) return [];
    let own = name.slice(0, NAME_LETTERS);
    while (names.has(own)) own = `${own} 2`;
    names.add(own);
    return [{ name: own, use: kind === 'sauce' && brushed ? 'brushed' : SIDE_USE_OF[kind], portions: served }];
  });
}

function layersIn(bowls: readonly RecipeBowl[], pieces: number, amountsSaid: (id: string) => boolean): LayerSpec[] {
  const most = Math.max(-1, ...bowls.flatMap(({ layers }) => layers));
  return Array.from({ length: most + 1 }, (_, at): LayerSpec => {
    const { id, portions, layers } = bowls.find((b) => b.layers.includes(at))!;
    const first = layers[0] === at;
    return { portions, ...(first && amountsSaid(id) && { written: { portions, pieces } }) };
  });
}

function friedOf(
  layers: LayerSpec[],
  bowls: readonly RecipeBowl[],
  pot: PotSaid,
  things: readonly Thing[],
  usualMin: number,
  guess: (field: string, why: string) => void,
): FriedCook {
  const battered = bowls.some((b) => b.kind === 'batter' && b.layers.length > 0);
  const oil = things.find((t) => t.item?.roles.includes('frying-oil'));
  const oilG = things.map((t) => t.grams).find((g) => g !== null) ?? null;
  if (pot.tempC === null)
    guess('fried.tempC', 'The recipe does not say how hot the oil is: it is taken as usual for this coat.');
  if (pot.minutes === null)
    guess('fried.minutes', 'The recipe does not say how long it is fried: it is taken as usual for this piece.');
  const little = oilG !== null && oilG < LITTLE_OIL_G;
  const said = things.map(({ text }) => text).join(' ');
  const told = /\bdeep\b/i.test(said) ? 'deep-oil' : /\b(shallow|pan)\b/i.test(said) ? 'pan-oil' : null;
  const medium = little ? 'pan-oil' : (pot.medium ?? told ?? 'deep-oil');
  if (pot.medium === null && told === null)
    guess(
      'fried.medium',
      `The recipe does not say how deep the oil is: ${little ? 'so little is a pan’s' : 'a pot is taken'}.`,
    );
  return {
    layers,
    medium,
    oilId: oil?.item?.id ?? 'rapeseed-oil',
    tempC: pot.tempC ?? (battered ? BATTER_POT_C : DRY_POT_C),
    minutes: pot.minutes ?? usualMin,
  };
}

/** "2 tbsp soy sauce (for the marinade)": a line that names its own heading. */
function inItsSection(line: WrittenLine): WrittenLine {
  const named = /\bfor (?:the )?([a-z][a-z -]{2,30})\)?\s*$/i.exec(line.text)?.[1];
  const kind = named === undefined ? null : sectionKind(named);
  return named !== undefined && kind !== 'dry' && (isOneBowl(kind) || kind === 'garnish')
    ? { ...line, section: named }
    : line;
}

/**
 * What is understood of a recipe: every line taken for something, the bowls in the order of dipping, the dish and the pot;
 * what it does not say is guessed and named. Nothing of it is dropped.
 * @param moved what a cook has put right, by the line's place
 */
export function understand(
  pantry: Pantry,
  text: RecipeText,
  moved: ReadonlyMap<number, Moved> = new Map(),
): RecipeReading {
  const written = text.ingredients.length > 0 ? text.ingredients.map(inItsSection) : thingsInProse(pantry, text.steps);
  const things = written.map((line, at) => thingOf(pantry, line, at));
  const clauses = clausesOf(text.steps, things);
  const titleFood = recognise(pantry, text.title, { fits: (item) => item.food !== undefined })?.item ?? null;
  const foods = foodLines(things, text.title, clauses, titleFood);
  const guesses: Guess[] = [];
  const guess = (field: string, why: string): void => void guesses.push({ field, why });
  const setting = bowlsIn(pantry, { things, clauses, foods, moved }, guess);
  const { pot, steps } = cookingIn(text, clauses, setting);
  const { lines, recipeBowls } = setting;
  const beside = besideOf(recipeBowls, steps);
  const main = setting.food;
  const told = [...text.headings, ...text.steps.map((s) => s.text)];
  const minced = /mince|sausage/.test(main?.item?.id ?? '');
  const made = (shapedAt(clauses) >= 0 && !minced) || (foods.length > 0 && !foods[0].item?.food);
  const shaped = made ? shapedFood(pantry, text.title, told, main?.quantity ?? null) : null;
  const read = shaped ?? (main ? readFoodLine(pantry, main, clauses) : null);
  const food = read?.bought ? foodOf(pantry, read.bought.foodId) : foodIn(pantry, main);
  const making = makingOf(clauses, food, main?.text ?? '');
  if (read?.guess) guess('dish.count', read.guess);
  const dish = read?.bought ? dishOf(pantry, read.bought, making, beside, text, guess) : null;
  const layers = layersIn(recipeBowls, dish?.count ?? 1, setting.amountsSaid);
  const fried =
    layers.length > 0 && dish && food
      ? friedOf(
          layers,
          recipeBowls,
          pot,
          things.filter((t) => lines[t.at].takenFor === 'frying-oil'),
          usualPotMinutes(food, dish.shape),
          guess,
        )
      : null;
  return {
    title: text.title,
    servings: text.servings,
    lines,
    steps,
    bowls: recipeBowls,
    dish,
    fried,
    sauce: beside.find(({ use }) => use === 'tossed' || use === 'brushed') ?? null,
    guesses: fried ? guesses : guesses.filter((g) => !g.field.startsWith('fried')),
    headings: text.headings,
    notUsed: text.notUsed,
    trouble: troubleOf(text, dish, layers.length),
  };
}
