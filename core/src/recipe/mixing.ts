import type { Clause } from './clauses.js';
import { does, has, type Group } from './group.js';
import { goesWith } from './neighbours.js';
import type { Thing } from './things.js';
import { collectiveIn, DRY_ONES, FILLS, friedAt, joins, meant, saucedLate, saysSauce, shapedAt } from './told.js';

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
    const stays =
      last &&
      (kind === 'season' || kind === 'oil' || goesWith({ things: last, said: null, section: null, place: 0 }, thing));
    if (stays) last.push(thing);
    else bowls.push([thing]);
  }
  return bowls;
}

/** "Just before frying": too few words to turn to something else. */
const ASIDE_WORDS = 4;
const SAYS_MARINADE = /\bmarinade\b|\bmarinate|(?<!pickle )\bbrine\b/i;

/** Things that the steps mix or set out together, clause by clause. */
export function bySteps(
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
  const dipped = new Set(
    clauses.filter(({ deed }) => deed === 'dip').flatMap((c) => c.mentions.flatMap((m) => m.things)),
  );
  clauses.forEach((clause, at) => {
    const late = at > fried && clause.deed !== 'serve' && clause.deed !== 'dip';
    const sauced =
      saysSauce(clause) ??
      (late &&
      (clause.deed === 'mix' || clause.deed === 'sauce' || /\b(pan|saucepan|simmer|bubble)\b/i.test(clause.text))
        ? 'late'
        : null);
    const fills =
      FILLS.test(clause.text) ||
      (clause.deed === 'mix' && clauses[at + 1]?.step === clause.step && FILLS.test(clauses[at + 1].text));
    const filling = (at <= shaped || fills) && clause.deed !== 'dip';
    const mixes =
      clause.deed === 'mix' ||
      (DRY_ONES.test(clause.text) && clause.deed === 'other') ||
      clause.deed === 'marinate' ||
      sauced !== null ||
      filling;
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
      ...clause.mentions
        .flatMap((m) => (m.all ? m.things : meant(m.things, clause, inStep, taken)))
        .filter((t) => !foods.includes(t)),
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
    const marinade = clause.deed === 'marinate' || SAYS_MARINADE.test(clause.text);
    if (fresh.length === 0) {
      // "Add the chicken and marinate": the bowl that was just mixed is the marinade.
      if (last && clause.deed === 'marinate' && !has(last, 'powder', 'finish')) last.said ??= 'marinade';
      const before =
        [...groups, ...sections].find((g) => g.things.some((t) => named.includes(t))) ?? sectionNamed(clause.text);
      if (before) last = before;
      return;
    }
    fresh.forEach((t) => taken.add(t));
    // What is dry and goes onto the food in the same bowl is a coat of its own.
    const onFood = holdsFood && last !== null && has({ things: fresh }, 'powder', 'finish');
    holdsFood = (holdsFood && clause.goesOn && !onFood) || (ofFood && clause.deed === 'mix' && !filling);
    const goesOn =
      clause.goesOn || (filling && last?.said === 'filling') || (sauced === 'late' && last?.said === 'sauce');
    const joined = joins(clause, groups, fresh, foods);
    if (joined) {
      joined.things.push(...fresh);
      last = joined;
      return;
    }
    if (last && !onFood && (goesOn || (marinade && last.said === 'marinade'))) {
      last.things.push(...fresh);
      if (marinade) last.said ??= 'marinade';
      return;
    }
    const said = filling
      ? 'filling'
      : sauced === 'late'
        ? saucedLate(fresh)
        : (sauced ?? (marinade ? 'marinade' : null));
    for (const bowl of said ? [fresh] : parted(fresh, clause.text)) {
      last = { things: bowl, said, section: null, place: groups.length };
      groups.push(last);
    }
  });
  return groups;
}
