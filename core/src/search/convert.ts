import { kindOf } from '../coat/index.js';
import { planId } from '../dish/index.js';
import { evaluateAir, evaluateFried, type Asked, type FriedResult } from '../plan/index.js';
import { Refusal } from '../units/index.js';
import { COST, EQUAL_WORTH, STILL_LIKE, TIE, WIDE_TEMPERATURES } from './constants.js';
import { againstOriginal, awardBadges, needsShopping } from './explain.js';
import { coatsFor, coatsOf, type Coat } from './families.js';
import { improved } from './improve.js';
import { keepPotFor } from './keepPot.js';
import { retimed } from './retime.js';
import { searchCoat, searchVariants, SECOND_ROUND, simulationsOfVariants, temperaturesFor } from './search.js';
import { FAMILIES, type Alternative, type Candidate, type Conversion, type Family, type FamilyFound } from './types.js';
import { isTheirs, strangenessOf, worthOf } from './worth.js';

type Rank = (a: Alternative, b: Alternative) => number;

/**
 * What works first, and of that the cook's own coat; then the more like the original, less what is not quite right yet, where a minute, a way to a
 * special shop and another ingredient than the usual cost a little likeness.
 */
function rankBy({ limits, fryer }: Asked, fried: FriedResult): Rank {
  const atHome = limits.atHome ?? [];
  const worth = (a: Alternative): number =>
    worthOf(a, fried, fryer) - (needsShopping(a, atHome) ? COST.shopping : 0) - strangenessOf(a, fried);
  const step = (a: Alternative): number => Math.round(worth(a) / EQUAL_WORTH);
  const own = ({ family, works }: Alternative): boolean => works && isTheirs(family, fried);
  const place = ({ family }: Alternative): number => FAMILIES.indexOf(family);
  return (a, b) =>
    Number(b.works) - Number(a.works) ||
    Number(own(b)) - Number(own(a)) ||
    step(b) - step(a) ||
    place(a) - place(b) ||
    worth(b) - worth(a);
}

/** What makes two versions the same thing to whoever eats them: the kind of coat, its crumbs, and whether batter is in it. */
function thingOf({ layers }: Alternative): string {
  const most = layers.at(-1)?.portions.reduce((a, b) => (b.grams > a.grams ? b : a));
  return `${kindOf(layers)} ${most?.ingredientId ?? ''} ${layers.some((l) => l.batter)}`;
}

/** Of versions that are the same thing the first. */
function withoutTwins(ranked: readonly Alternative[]): Alternative[] {
  const seen = new Set<string>();
  return ranked.filter((a) => {
    const thing = thingOf(a);
    if (seen.has(thing)) return false;
    seen.add(thing);
    return true;
  });
}

/** The families of coats that the cook's limits leave something of: each can be searched by itself. */
export const familiesFor = (request: Asked): Family[] => coatsFor(request).map((c) => c.family);

/** Cooks that the moves of one family about take: in a round or two each, and the last with every oil and turning. */
const ABOUT_MOVED = 9;

/** How many cooks the first choices of all families will simulate, or with `wide` all their coats. */
export function simulationsFor(request: Asked, wide = false): number {
  const families = familiesFor(request);
  const temperatures = temperaturesFor(request).length;
  const moved = families.filter((f) => MOVABLE.includes(f)).length * ABOUT_MOVED;
  const first = 1 + families.length * temperatures + (families.length - 1) * SECOND_ROUND + moved;
  if (!wide) return first;
  return families.reduce(
    (sum, f) => sum + simulationsOfVariants(coatsOf(request, f).length - 1, Math.min(WIDE_TEMPERATURES, temperatures)),
    first,
  );
}

type FamilySearch = Generator<number, FamilyFound, undefined>;

/** One cook of a coat of a family, evaluated in full. */
export function completed(
  request: Asked,
  fried: FriedResult,
  { family, variant, plan }: Pick<Candidate, 'family' | 'variant' | 'plan'>,
): Alternative {
  const idea = coatsOf(request, family).find((c) => c.variant === variant)?.idea ?? '';
  const result = evaluateAir(request, plan, fried);
  const alternative: Alternative = { ...result, id: planId(plan), family, variant, idea, badges: [], against: [] };
  alternative.against.push(...againstOriginal(alternative, fried));
  return alternative;
}

/** What was found in long steps, half as fine or in one cook for all lengths, with its minutes searched again in full. */
function refined(request: Asked, fried: FriedResult, found: Candidate): Candidate {
  if (found.plan.second) return found;
  const plan = retimed(request, fried, found.plan);
  return { ...found, plan, id: planId(plan) };
}

const least = (candidates: readonly Candidate[], of: (c: Candidate) => number): Candidate | undefined =>
  candidates.reduce<Candidate | undefined>((a, b) => (a && of(a) <= of(b) ? a : b), undefined);

/** The best by score, and what else a family offers that works: crispest, least oil. */
function worthShowing(candidates: readonly Candidate[]): Candidate[] {
  const [best] = candidates;
  const working = candidates.filter((c) => c.works && c.likeness > STILL_LIKE);
  const others = [least(working, (c) => -c.crispness), least(working, (c) => c.oilPerPieceG - TIE.oil * c.likeness)];
  return [...new Set([best, ...others.filter((c): c is Candidate => c !== undefined)])];
}

/** Families that keep the cook's own coat or batter: the cook's moves go on from there. */
const MOVABLE: readonly Family[] = ['batter-under-crumbs', 'kept-finish', 'thick-batter-parchment'];

/** What was found for a coat, with what the moves make of it. */
function* withMoves(
  request: Asked,
  fried: FriedResult,
  coat: Coat,
  found: Candidate[],
): Generator<number, Candidate[], undefined> {
  const better = yield* improved(request, fried, coat, found[0]);
  if (better.best === found[0]) return found;
  return [better.best, ...found].sort((a, b) => b.score - a.score);
}

/**
 * Searches the first coat of one family. A generator: yields after every simulation, so that a worker can report and a
 * caller can stop between two of them.
 * @throws Refusal for an unknown food or ingredient, or a family that the limits leave nothing of
 */
export function* searchFamily(
  request: Asked,
  family: Family,
  fried: FriedResult = evaluateFried(request),
): FamilySearch {
  const coats = coatsOf(request, family);
  if (coats.length === 0) throw new Refusal(`Nothing is left of "${family}" within these limits.`);
  const first = yield* searchCoat(request, fried, coats[0]);
  const candidates = MOVABLE.includes(family) ? yield* withMoves(request, fried, coats[0], first) : first;
  return {
    family,
    candidates,
    alternatives: [completed(request, fried, refined(request, fried, candidates[0]))],
  };
}

/**
 * Searches the other coats of a family (other crumbs, flours, binders) around what its first came to.
 * @param first what `searchFamily` found for it
 */
export function* widenFamily(
  request: Asked,
  first: Pick<FamilyFound, 'family' | 'candidates'>,
  fried: FriedResult = evaluateFried(request),
): FamilySearch {
  const coats = coatsOf(request, first.family);
  const temperatures = [...new Set(first.candidates.map((c) => c.plan.settings.tempC))].slice(0, WIDE_TEMPERATURES);
  const others = yield* searchVariants(request, fried, coats.slice(1), temperatures, first.candidates[0].minutes);
  const candidates = [...first.candidates, ...others].sort((a, b) => b.score - a.score);
  const full = (c: Candidate): Alternative => completed(request, fried, refined(request, fried, c));
  const [best, ...rest] = worthShowing(candidates);
  // Half as fine flatters some: what beat the usual coat there has to beat it in full.
  const usual = first.candidates[0];
  const bests = [full(best), ...(best.variant === '' ? [] : [full(usual)])].sort(rankBy(request, fried));
  return {
    family: first.family,
    candidates,
    alternatives: [...bests, ...rest.filter((c) => c !== usual).map(full)],
  };
}

/** The best of every family that is another thing, and every other one that has a distinction. */
function distinct(all: readonly Alternative[], byRank: Rank): Alternative[] {
  const firstOf = new Set<Family>();
  return [...all].sort(byRank).filter((a) => {
    const first = !firstOf.has(a.family);
    firstOf.add(a.family);
    return first || a.badges.length > 0;
  });
}

/** Ranks what the families found so far, and gives out the distinctions. `found` must hold the original as it is. */
export function rankFound(
  asked: Asked,
  fried: FriedResult,
  found: readonly FamilyFound[],
  simulations: number,
): Conversion {
  const bare = found.flatMap((f) => f.alternatives).map((a): Alternative => ({ ...a, badges: [] }));
  const original = bare.find((a) => a.family === 'as-it-is')!;
  const atHome = asked.limits.atHome ?? [];
  const byRank = rankBy(asked, fried);
  const others = withoutTwins(bare.filter((a) => a !== original).sort(byRank));
  awardBadges(others, atHome);
  return {
    fried,
    alternatives: distinct(others, byRank),
    original,
    candidates: found.flatMap((f) => f.candidates),
    simulations,
    keepPot: keepPotFor(asked, fried, others[0]),
  };
}

/** How far a conversion looks: every family's first coat, or its other ingredients as well. */
export type Breadth = 'first' | 'wide';

/** A conversion that may have been called off before all was looked at. */
export interface WholeConversion extends Conversion {
  /** False where it was: some families, or other ingredients of some, were not looked at. */
  complete: boolean;
}

/**
 * The whole conversion at once: every family's first coat, then, with `wide`, other ingredients of each.
 * @param goOn asked before each of them, as the clock is the caller's: from its first no on what was found is answered; the
 * original and one family are always looked at
 * @throws Refusal for an unknown food or ingredient
 */
export function convertDish(
  request: Asked,
  breadth: Breadth = 'first',
  goOn: () => boolean = () => true,
): WholeConversion {
  const fried = evaluateFried(request);
  let simulations = 1;
  let complete = true;
  const run = (search: FamilySearch): FamilyFound => {
    let next = search.next();
    for (; !next.done; next = search.next()) simulations += 1;
    return next.value;
  };
  const mayGoOn = (): boolean => (complete &&= goOn());
  const found: FamilyFound[] = [];
  for (const family of familiesFor(request)) {
    if (found.length < ALWAYS_LOOKED_AT || family === 'as-it-is' || mayGoOn())
      found.push(run(searchFamily(request, family, fried)));
  }
  const all = found.map((first) =>
    breadth === 'wide' && first.family !== 'as-it-is' && mayGoOn() ? run(widenFamily(request, first, fried)) : first,
  );
  return { ...rankFound(request, fried, all, simulations), complete };
}

/** Families that are looked at whatever the time: the original, and something to put in its place. */
const ALWAYS_LOOKED_AT = 2;
