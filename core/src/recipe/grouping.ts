import { functionOf, type CoatFunction } from '../foods/index.js';
import type { Clause } from './clauses.js';
import { isOneBowl, sectionKind, type SectionKind } from './sections.js';
import type { Thing } from './things.js';

/** Things that stand in one bowl, before it is said which. */
export interface Group {
  things: Thing[];
  /** What a heading or a clause says that it is; null where its things decide. */
  said: 'marinade' | 'sauce' | 'dip' | 'batter' | 'food' | 'filling' | null;
  /** Heading above its lines. */
  section: string | null;
  /** Its place among the bowls that the steps set out; by the lines where no step does. */
  place: number;
  /** Those of its things that stand here only by what stands beside them. */
  near?: Thing[];
}

export type Does = 'powder' | 'finish' | 'glue' | 'thin' | 'sharp' | 'season' | 'oil' | 'sauce' | 'food';
const DOES: Record<CoatFunction, Does> = {
  powder: 'powder',
  finish: 'finish',
  glue: 'glue',
  'thin-liquid': 'thin',
  'sharp-liquid': 'sharp',
  oil: 'oil',
  sauce: 'sauce',
  spice: 'season',
  salt: 'season',
  lift: 'season',
  food: 'food',
};

/** What a thing does in a bowl; what is not known seasons. */
export const does = ({ item }: Thing): Does => (item ? DOES[functionOf(item)] : 'season');

export const has = ({ things }: Pick<Group, 'things'>, ...kinds: Does[]): boolean =>
  things.some((thing) => kinds.includes(does(thing)));

const saidBy = (kind: SectionKind): Group['said'] =>
  kind === 'marinade' || kind === 'sauce' || kind === 'dip' || kind === 'batter' || kind === 'food' ? kind : null;

/** Things below a heading that is one bowl. */
function bySection(things: readonly Thing[]): Group[] {
  const groups = new Map<string, Group>();
  for (const thing of things) {
    const kind = sectionKind(thing.section);
    if (!isOneBowl(kind)) continue;
    const key = thing.section!;
    const group = groups.get(key) ?? { things: [], said: saidBy(kind), section: key, place: thing.at };
    group.things.push(thing);
    groups.set(key, group);
  }
  return [...groups.values()];
}

/** Which of several lines a clause means: those of its own heading, those that no bowl has yet, the first. */
function meant(candidates: readonly Thing[], clause: Clause, inStep: readonly Clause[], taken: ReadonlySet<Thing>): Thing[] {
  if (candidates.length < 2) return [...candidates];
  const section = clause.section?.toLowerCase();
  const own = section ? candidates.filter((t) => t.section?.toLowerCase() === section) : [];
  const sure = new Set(
    inStep.flatMap((c) => c.mentions.filter((m) => m.things.length === 1 && !m.things[0].item?.food).map((m) => m.things[0].section)),
  );
  const alike = candidates.filter((t) => sure.has(t.section));
  const free = (list: readonly Thing[]): Thing[] => list.filter((t) => !taken.has(t));
  for (const list of [free(own), free(alike), own, alike, free(candidates)]) if (list.length > 0) return [list[0]];
  return [candidates[0]];
}

const SAUCE_WORDS = /\b(sauce|glaze|syrup|dressing)\b/i;
const DIP_WORDS = /\b(dip|mayo|aioli|tartare?|raita)\b/i;
const saysSauce = ({ text, section, deed }: Clause): Group['said'] => {
  const told = `${section ?? ''} ${text}`;
  if (deed !== 'sauce' && !/^(for|make|to make|meanwhile)\b/i.test(text)) return null;
  if (/\bdip(ping)? (sauce)?\b|\b(aioli|tartare?|raita)\b/i.test(told) && deed !== 'dip') return 'dip';
  return SAUCE_WORDS.test(told) ? 'sauce' : DIP_WORDS.test(told) ? 'dip' : null;
};

const IN_SEVERAL =
  /\b(separate|individual|two|three|four|2|3|4) (?:[a-z]+ ){0,2}(bowls?|dishes|plates|trays|tins|containers)\b|\b(bowls|dishes|plates) (each|separately)\b|\bseparate(ly)?\b|\beach in\b/i;

/** Things that one breath sets out in several bowls: "put the flour, the egg and the crumbs in three dishes". */
function parted(things: readonly Thing[], text: string): Thing[][] {
  const together = { things: [...things] };
  const crumbsAndGlue = has(together, 'finish') && has(together, 'glue') && !/\bbatter\b/i.test(text);
  if (!IN_SEVERAL.test(text) && !crumbsAndGlue) return [[...things]];
  const bowls: Thing[][] = [];
  for (const thing of things) {
    const last = bowls.at(-1);
    const kind = does(thing);
    const stays = last && (kind === 'season' || kind === 'oil' || goesWith({ things: last, said: null, section: null, place: 0 }, thing));
    if (stays) last.push(thing);
    else bowls.push([thing]);
  }
  return bowls;
}

/** "Just before frying": too few words to turn to something else. */
const ASIDE_WORDS = 4;
const MARINADE = /\bmarinade\b|\bmarinate|(?<!pickle )\bbrine\b/i;

const FILLS = /\b(stuff|fill) (the|each|every|them|with)\b|\b(spoon|pipe|tuck|divide|place|press)\b.{0,40}\b(into|inside|in) (the |each |every )?(flowers?|pockets?|cavit\w+|wrappers?|peppers?|mushrooms?|caps?|chill(ie|i)s|slits?|olives?|breasts?)\b/i;
const DRY_ONES = /\b(all|the|remaining|other|rest of the)?\s*dry (stuff|ingredients|things|goods)\b/i;
const SPICES = /\b(spices|seasonings|the seasoning|spice mix)\b/i;

/** Lines that are meant together: "the dry ingredients", "the spices". */
function collectiveIn(text: string, things: readonly Thing[]): Thing[] {
  const dry = (t: Thing): boolean => does(t) === 'powder' || t.item?.dry?.grain === 'meal' || does(t) === 'season';
  if (DRY_ONES.test(text)) return things.filter(dry);
  return SPICES.test(text) ? things.filter((t) => does(t) === 'season' && t.item?.group !== 'leavening') : [];
}

const SHAPES = /\b(shape|form|mould|mold)\b|\broll\b.{0,40}\b(into|in) (\d+ )?(small |even |little )?(balls|logs|sausages|cylinders|barrels)/i;

/** Where the food is shaped of what was mixed before: croquettes, cakes, balls. −1 where it is not. */
export const shapedAt = (clauses: readonly Clause[]): number => {
  const shapes = clauses.findIndex(({ text }) => SHAPES.test(text));
  const dips = clauses.findIndex(({ deed }) => deed === 'dip');
  return shapes >= 0 && (dips < 0 || shapes <= dips) ? shapes : -1;
};

/** The last clause in which the food is dipped or fried: what is mixed after it is a sauce. */
function friedAt(clauses: readonly Clause[]): number {
  const dips = clauses.findLastIndex(({ deed }) => deed === 'dip');
  const fries = clauses.findIndex(({ deed, text }, at) => at > dips && deed === 'fry' && /\b(fry|deep-fry|cook|add|lower|drop)\b/i.test(text));
  return fries < 0 ? Infinity : fries;
}

/** What is mixed after the frying: cold and creamy is a dip, anything else a sauce. */
const saucedLate = (things: readonly Thing[]): 'sauce' | 'dip' =>
  things.some(({ item }) => item !== null && /mayo|yoghurt|sour-cream|cream-cheese|tahini/.test(item.id)) ? 'dip' : 'sauce';

/** Things that the steps mix or set out together, clause by clause. */
function bySteps(
  clauses: readonly Clause[],
  grouped: ReadonlySet<Thing>,
  all: readonly Thing[],
  sections: readonly Group[],
  foods: readonly Thing[],
): Group[] {
  const groups: Group[] = [];
  const taken = new Set<Thing>(grouped);
  let last: Group | null = null;
  let holdsFood = false;
  const sectionNamed = (text: string): Group | undefined =>
    sections.find((g) => g.said !== null && g.said !== 'food' && new RegExp(`\\b${g.said}\\b`, 'i').test(text));
  const shaped = shapedAt(clauses);
  const fried = friedAt(clauses);
  const dipped = new Set(clauses.filter(({ deed }) => deed === 'dip').flatMap((c) => c.mentions.flatMap((m) => m.things)));
  clauses.forEach((clause, at) => {
    const late = at > fried && clause.deed !== 'serve' && clause.deed !== 'dip';
    const sauced = saysSauce(clause) ?? (late && (clause.deed === 'mix' || clause.deed === 'sauce' || /\b(pan|saucepan|simmer|bubble)\b/i.test(clause.text)) ? 'late' : null);
    const fills = FILLS.test(clause.text) || (clause.deed === 'mix' && clauses[at + 1]?.step === clause.step && FILLS.test(clauses[at + 1].text));
    const filling = (at <= shaped || fills) && clause.deed !== 'dip';
    const mixes = clause.deed === 'mix' || (DRY_ONES.test(clause.text) && clause.deed === 'other') || clause.deed === 'marinate' || sauced !== null || filling;
    const seasons = clause.deed === 'season' && !filling;
    if (!mixes && !seasons) {
      const told = /\b(mix|whisk|stir|combine|make)\b/i.test(clause.text) ? sectionNamed(clause.text) : undefined;
      if (told) {
        last = told;
        return;
      }
      if (clause.deed !== 'other' && clause.words.length > ASIDE_WORDS) last = null;
      return;
    }
    const collective = collectiveIn(clause.text, all).filter((t) => !foods.includes(t));
    const inStep = clauses.filter(({ step }) => step === clause.step);
    const named = [
      ...clause.mentions.flatMap((m) => (m.all ? m.things : meant(m.things, clause, inStep, taken))).filter((t) => !foods.includes(t)),
      ...collective,
    ];
    const ofFood = clause.mentions.some((m) => m.things.some((t) => foods.includes(t)));
    const fresh = [...new Set(named)].filter((t) => !taken.has(t) && !(filling && dipped.has(t)));
    if (seasons) {
      if (last && !ofFood) last.things.push(...fresh);
      else if (fresh.length > 0) groups.push({ things: fresh, said: 'food', section: null, place: groups.length });
      fresh.forEach((t) => taken.add(t));
      return;
    }
    const marinade = clause.deed === 'marinate' || MARINADE.test(clause.text);
    if (fresh.length === 0) {
      // "Add the chicken and marinate": the bowl that was just mixed is the marinade.
      if (last && clause.deed === 'marinate' && !has(last, 'powder', 'finish')) last.said ??= 'marinade';
      const before =
        [...groups, ...sections].find((g) => g.things.some((t) => named.includes(t))) ??
        sectionNamed(clause.text);
      if (before) last = before;
      return;
    }
    fresh.forEach((t) => taken.add(t));
    // What is dry and goes onto the food in the same bowl is a coat of its own.
    const onFood = holdsFood && last !== null && has({ things: fresh }, 'powder', 'finish');
    holdsFood = (holdsFood && clause.goesOn && !onFood) || (ofFood && clause.deed === 'mix' && !filling);
    const goesOn = clause.goesOn || (filling && last?.said === 'filling') || (sauced === 'late' && last?.said === 'sauce');
    if (last && !onFood && (goesOn || (marinade && last.said === 'marinade'))) {
      last.things.push(...fresh);
      if (marinade) last.said ??= 'marinade';
      return;
    }
    const said = filling ? 'filling' : sauced === 'late' ? saucedLate(fresh) : (sauced ?? (marinade ? 'marinade' : null));
    for (const bowl of said ? [fresh] : parted(fresh, clause.text)) {
      last = { things: bowl, said, section: null, place: groups.length };
      groups.push(last);
    }
  });
  return groups;
}

/** Fresh green and citrus, which stand on the plate where nothing says otherwise. */
const GARNISH = new Set(['fresh-parsley', 'fresh-herbs', 'chives', 'spring-onion', 'lemon-juice', 'lime-juice', 'dill', 'mint', 'nori-flakes']);
export const isGarnish = ({ item }: Thing): boolean => item !== null && GARNISH.has(item.id);

/** Whether a thing goes on with the bowl of the line before it. */
function goesWith(group: Group, thing: Thing): boolean {
  if (group.said === 'sauce' || group.said === 'dip') {
    if (thing.section !== group.things.at(-1)?.section) return false;
    return thing.section !== null || (['sauce', 'sharp', 'season'].includes(does(thing)) && group.things.some((t) => t.at === thing.at - 1));
  }
  if (group.said === 'filling') return thing.section === group.things.at(-1)?.section && does(thing) !== 'finish';
  switch (does(thing)) {
    case 'season':
    case 'oil':
      return true;
    case 'sharp':
      return has(group, 'glue', 'thin', 'sharp') || group.said === 'marinade';
    case 'sauce':
      return has(group, 'sauce');
    case 'glue':
      return has(group, 'glue', 'thin') && !has(group, 'powder', 'finish');
    case 'thin':
      return has(group, 'glue', 'thin', 'powder') && !has(group, 'finish');
    case 'powder':
      return (has(group, 'powder') || group.things.some((t) => t.item?.dry?.grain === 'meal')) && !has(group, 'glue', 'thin', 'finish');
    case 'finish':
      // Meal is stirred into flour; crumbs are a bowl of their own.
      if (thing.item?.dry?.grain === 'meal' && has(group, 'powder')) return !has(group, 'glue', 'thin');
      return has(group, 'finish') && !has(group, 'glue', 'thin');
    default:
      return false;
  }
}

/** What no heading and no step puts anywhere: with the line before it, or a bowl of its own. */
function byNeighbours(
  left: readonly Thing[],
  all: readonly Thing[],
  groups: Group[],
  foods: readonly Thing[],
  dips: readonly Clause[],
): void {
  const named = dips.map(({ mentions, words }) => ({ words, sure: mentions.filter((m) => m.things.length === 1) }));
  const dipped = new Set(named.flatMap(({ sure }) => sure.map((m) => m.things[0])));
  /** "Toss with flour and starch": one bowl of both. */
  const together = (a: Thing, b: Thing): boolean =>
    named.some(({ words, sure }) =>
      sure.some((m, k) => sure[k + 1] && words[sure[k + 1].word - 1] === 'and' && [m, sure[k + 1]].every((x) => [a, b].includes(x.things[0]))),
    );
  // What is dipped into by its own name is a bowl of its own: "flour, then egg, then semolina".
  const apart = (group: Group, thing: Thing): boolean =>
    dipped.has(thing) &&
    has({ things: [thing] }, 'powder', 'finish') &&
    group.things.some((t) => dipped.has(t) && has({ things: [t] }, 'powder', 'finish') && !together(t, thing));
  for (const thing of left) {
    const before = all.slice(0, thing.at).reverse();
    const near = before.map((t) => groups.find((g) => g.things.includes(t)) ?? (foods.includes(t) ? 'food' : null));
    const group = near.find((g) => g !== null) ?? null;
    const same = group !== null && group !== 'food' && !apart(group, thing) && goesWith(group, thing) ? group : null;
    const other = groups.find((g) => g.said === null && does(thing) !== 'season' && does(thing) !== 'oil' && !apart(g, thing) && goesWith(g, thing));
    const into = same ?? other;
    if (into) {
      into.things.push(thing);
      into.near = [...(into.near ?? []), thing];
    }
    else if (does(thing) === 'season' || does(thing) === 'oil') {
      const ofFood = groups.find((g) => g.said === 'food');
      if (group === 'food' || group === null) {
        if (ofFood) ofFood.things.push(thing);
        else groups.push({ things: [thing], said: 'food', section: thing.section, place: thing.at });
      } else groups.push({ things: [thing], said: 'food', section: thing.section, place: thing.at });
    } else groups.push({ things: [thing], said: does(thing) === 'sauce' ? 'dip' : null, section: thing.section, place: groups.length });
  }
}

/**
 * The things of a recipe sorted into what is mixed together: by headings that are one bowl, by what the steps mix, and by
 * what stands beside what.
 * @param things all that goes into bowls: no food, nothing to fry in, nothing to serve with
 */
export function groupsOf(
  things: readonly Thing[],
  all: readonly Thing[],
  clauses: readonly Clause[],
  foods: readonly Thing[],
): Group[] {
  const sections = bySection(things);
  const grouped = new Set<Thing>([...all.filter((t) => !things.includes(t)), ...sections.flatMap((g) => g.things)]);
  const steps = bySteps(clauses, grouped, things, sections, foods);
  const groups = [...sections, ...steps];
  const inOne = new Set(groups.flatMap((g) => g.things));
  byNeighbours(
    things.filter((t) => !inOne.has(t)),
    all,
    groups,
    foods,
    clauses.filter(({ deed }) => deed === 'dip'),
  );
  return groups.filter((g) => g.things.length > 0);
}
