import { comparedWords, isFlesh, type Ingredient } from '../foods/index.js';
import type { Clause } from './clauses.js';
import { LITTLE_FOOD_G, MUCH_FOOD_G } from './constants.js';
import { does } from './group.js';
import { isOneBowl, sectionKind } from './sections.js';
import type { Thing } from './things.js';

/** Points for what makes a line the food that is fried. Our judgement. */
const POINTS = { inTitle: 6, flesh: 3, dipped: 4, first: 2, weighed: 1, aside: -5, served: -8, little: -3, mixed: -2 };

const isWhole = ({ item }: Thing): boolean => item?.food !== undefined;

function pointsOf(thing: Thing, title: readonly string[], clauses: readonly Clause[], first: boolean): number {
  const kind = sectionKind(thing.section);
  const named = clauses.filter(({ mentions }) => mentions.some((m) => m.things.includes(thing)));
  const inTitle = thing.called.some((word) => title.includes(word));
  const dipped = named.some(({ deed }) => deed === 'dip' || deed === 'fry');
  const aside = kind === 'sauce' || kind === 'dip' || kind === 'marinade' || kind === 'batter';
  const served = kind === 'garnish' || thing.own === 'serving' || thing.own === 'dipping';
  return (
    (inTitle ? POINTS.inTitle : 0) +
    (isFlesh(thing.item!) ? POINTS.flesh : 0) +
    (dipped ? POINTS.dipped : 0) +
    (first ? POINTS.first : 0) +
    ((thing.grams ?? 0) >= MUCH_FOOD_G ? POINTS.weighed : 0) +
    (aside ? POINTS.aside : 0) +
    (served ? POINTS.served : 0) +
    (thing.grams !== null && thing.grams > 0 && thing.grams < LITTLE_FOOD_G ? POINTS.little : 0) +
    (named.some(({ deed }) => deed === 'mix') && !dipped ? POINTS.mixed : 0)
  );
}

/** A second food stands with the first where it is dipped as well, or the title names both. */
const WITH_THE_FIRST = 6;

/** The lines that are the food, the one that most speaks for first; those of a filling stand with it. */
export function foodLines(
  things: readonly Thing[],
  title: string,
  clauses: readonly Clause[],
  titleFood: Ingredient | null,
): Thing[] {
  const words = comparedWords(title);
  const foods = things.filter(isWhole);
  const isTitles = (t: Thing): boolean => t.item === titleFood || t.called.some((w) => words.includes(w));
  if (titleFood !== null && !foods.some(isTitles)) {
    // "Scotch eggs" of "6 eggs": what the title names is made of the line that shares its word. "Buttermilk fried chicken"
    // of chicken thighs is made of those.
    const made = things.find(
      (t) =>
        !isOneBowl(sectionKind(t.section)) &&
        !isWhole(t) &&
        t.called.some((w) => words.includes(w)) &&
        does(t) === 'glue',
    );
    if (made) return [made, ...foods.filter((t) => t.own === null && (t.grams ?? 0) > 0)];
  }
  const [firstFood] = foods;
  const rated = foods
    .map((thing) => ({ thing, points: pointsOf(thing, words, clauses, thing === firstFood) }))
    .sort((a, b) => b.points - a.points || a.thing.at - b.thing.at);
  const [best] = rated;
  if (!best || best.points <= POINTS.served + POINTS.inTitle) return [];
  return rated.filter(({ points }, k) => k === 0 || (points >= WITH_THE_FIRST && points > 0)).map(({ thing }) => thing);
}
