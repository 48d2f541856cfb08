import { comparedWords } from '../foods/index.js';
import type { Clause } from './clauses.js';
import { does, has, type Group } from './group.js';
import type { Thing } from './things.js';

/** What the clauses of the steps say of bowls, by their words. */

/** The amount that a line begins with. */
const AMOUNT = /^[\d½¼¾⅓⅔⅛./ ]+\s?(g|kg|ml|l|oz|lb|cups?|tbsp|tsp|tablespoons?|teaspoons?)\b/i;

/** Which of several lines a clause means: those of its own heading, those that no bowl has yet, the first. */
export function meant(
  candidates: readonly Thing[],
  clause: Clause,
  inStep: readonly Clause[],
  taken: ReadonlySet<Thing>,
): Thing[] {
  if (candidates.length < 2) return [...candidates];
  // "Stir the 100 g flour": the step says of which line by its amount.
  const byAmount = candidates.filter(({ text }) => {
    const amount = AMOUNT.exec(text)?.[0].trim();
    return amount !== undefined && clause.text.includes(amount);
  });
  if (byAmount.length === 1) return byAmount;
  const mixed = candidates.filter(({ own }) => own !== 'dusting');
  if (clause.deed === 'mix' && mixed.length === 1) return mixed;
  const section = clause.section?.toLowerCase();
  const own = section ? candidates.filter((t) => t.section?.toLowerCase() === section) : [];
  const sure = new Set(
    inStep.flatMap((c) =>
      c.mentions.filter((m) => m.things.length === 1 && !m.things[0].item?.food).map((m) => m.things[0].section),
    ),
  );
  const alike = candidates.filter((t) => sure.has(t.section));
  const free = (list: readonly Thing[]): Thing[] => list.filter((t) => !taken.has(t));
  for (const list of [free(own), free(alike), own, alike, free(candidates)]) if (list.length > 0) return [list[0]];
  return [candidates[0]];
}

const SAUCE_WORDS = /\b(sauce|glaze|syrup|dressing)\b/i;
const DIP_WORDS = /\b(dip|mayo|aioli|tartare?|raita)\b/i;
/** The sauce or dip that a clause makes by its own word; null where it makes none. */
export const saysSauce = ({ text, section, deed }: Clause): Group['said'] => {
  const told = `${section ?? ''} ${text}`;
  if (deed !== 'sauce' && !/^(for|make|to make|meanwhile)\b/i.test(text)) return null;
  if (/\bdip(ping)? (sauce)?\b|\b(aioli|tartare?|raita)\b/i.test(told) && deed !== 'dip') return 'dip';
  return SAUCE_WORDS.test(told) ? 'sauce' : DIP_WORDS.test(told) ? 'dip' : null;
};

export const FILLS =
  /\b(stuff|fill) (the|each|every|them|with)\b|\b(spoon|pipe|tuck|divide|place|press)\b.{0,40}\b(into|inside|in) (the |each |every )?(flowers?|pockets?|cavit\w+|wrappers?|peppers?|mushrooms?|caps?|chill(ie|i)s|slits?|olives?|breasts?)\b/i;
export const DRY_ONES =
  /\b(all|the|remaining|other|rest of the)?\s*dry (stuff|ingredients|things|goods|mix|mixture)\b/i;
const EVERYTHING = /\beverything\b|\ball (of )?(the )?(other |remaining )?ingredients\b/i;
const THE_SPICES = /\b(spices|seasonings|the seasoning|spice mix)\b/i;

/** Lines that are meant together: "the dry ingredients", "the spices". */
export function collectiveIn(text: string, things: readonly Thing[]): Thing[] {
  const dry = (t: Thing): boolean => does(t) === 'powder' || t.item?.dry?.grain === 'meal' || does(t) === 'season';
  if (EVERYTHING.test(text)) {
    const [, but = ''] = text.split(/\b(?:except|but|apart from)\b/i);
    const without = comparedWords(but);
    return things.filter((t) => !t.called.some((word) => without.includes(word)) && does(t) !== 'finish');
  }
  if (DRY_ONES.test(text)) return things.filter(dry);
  return THE_SPICES.test(text) ? things.filter((t) => does(t) === 'season' && t.item?.group !== 'leavening') : [];
}

const SHAPES =
  /\b(shape|form|mould|mold)\b|\broll\b.{0,40}\b(into|in) (\d+ )?(small |even |little )?(balls|logs|sausages|cylinders|barrels)/i;

/** Where the food is shaped of what was mixed before: croquettes, cakes, balls. −1 where it is not. */
export const shapedAt = (clauses: readonly Clause[]): number => {
  const shapes = clauses.findIndex(({ text }) => SHAPES.test(text));
  const dips = clauses.findIndex(({ deed }) => deed === 'dip');
  return shapes >= 0 && (dips < 0 || shapes <= dips) ? shapes : -1;
};

/** The last clause in which the food is dipped or fried: what is mixed after it is a sauce. */
export function friedAt(clauses: readonly Clause[]): number {
  const dips = clauses.findLastIndex(({ deed }) => deed === 'dip');
  const fries = clauses.findIndex(
    ({ deed, text }, at) => at > dips && deed === 'fry' && /\b(fry|deep-fry|cook|add|lower|drop)\b/i.test(text),
  );
  return fries < 0 ? Infinity : fries;
}

/** What is mixed after the frying: cold and creamy is a dip, anything else a sauce. */
export const saucedLate = (things: readonly Thing[]): 'sauce' | 'dip' =>
  things.some(({ item }) => item !== null && /mayo|yoghurt|sour-cream|cream-cheese|tahini/.test(item.id))
    ? 'dip'
    : 'sauce';

const INTO_WORD = /\b(into|to|in|with)\b/;
const STIRS = /\b(stir|pour|add|whisk|mix|fold|beat|tip|gradually)\b/i;
const INTO_THE_DRY = /\b(in|into|to|with) (the |your )?dry\b/i;

/** The bowl that a clause stirs something into: "pour the beer into the flour", "stir into the dry mix". */
export function joins(
  clause: Clause,
  groups: readonly Group[],
  fresh: readonly Thing[],
  foods: readonly Thing[],
): Group | undefined {
  if (!STIRS.test(clause.text)) return undefined;
  if (DRY_ONES.test(clause.text) && INTO_THE_DRY.test(clause.text)) {
    return groups.findLast((g) => g.said === null && has(g, 'powder') && !has(g, 'glue', 'thin', 'finish'));
  }
  const behind = clause.mentions.filter(({ word, things }) => {
    const before = clause.words.slice(Math.max(0, word - 4), word);
    return things.length === 1 && before.some((w) => INTO_WORD.test(w));
  });
  const holdsOne = ({ things }: Group): boolean =>
    things.some(
      (t) => !fresh.includes(t) && !foods.includes(t) && does(t) !== 'season' && behind.some((m) => m.things[0] === t),
    );
  const wet = has({ things: [...fresh] }, 'glue', 'thin');
  const takes = (g: Group): boolean =>
    wet ? has(g, 'powder', 'glue', 'thin') && !has(g, 'finish') : has(g, 'glue', 'thin');
  return groups.findLast((g) => g.said === null && holdsOne(g) && takes(g));
}
