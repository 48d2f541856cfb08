import type { AirPlan, Dish } from '../dish/index.js';
import { evaluateAir, type AirResult, type Asked, type FriedResult } from '../plan/index.js';
import { counted, Refusal } from '../units/index.js';
import { batchOf, placesBack, sideBySide } from './batch.js';
import { EXPECTED_AHEAD, FAIR_WITHIN_PERCENT, WAYS_AT_ONCE } from './constants.js';
import { hotPercent, laidFairly, laidInHalves } from './lay.js';
import { sharedBowls } from './mixed.js';
import type { Tasted } from './result.js';
import { stepsOf } from './steps.js';
import type { PlannedExperiment, PlannedWay, ToCompare } from './types.js';
import { planBy, wayName } from './ways.js';

const WAY_LETTERS = 'ABCD';

/** Pieces of one kind, so many of them. */
const only = ({ also: _a, smaller: _s, ...dish }: Dish, count: number): Dish => ({ ...dish, count });

const expectedOf = ({ outcomes, likeness }: AirResult, asks: Tasted): number | null =>
  asks === 'crisper'
    ? (outcomes.crispness?.value ?? null)
    : asks === 'holds'
      ? (outcomes.adhesion?.value ?? null)
      : asks === 'again'
        ? likeness
        : null;

/** The one that lies clearly ahead of all others. */
function bestOf(expected: readonly (number | null)[]): number | null {
  if (expected.some((e) => e === null)) return null;
  const inOrder = expected.map((e, way) => ({ e: e!, way })).sort((a, b) => b.e - a.e);
  return inOrder[0].e - inOrder[1].e >= EXPECTED_AHEAD ? inOrder[0].way : null;
}

/**
 * Plans a fair comparison of two to four ways in one batch: who lies where, what goes into every bowl, what is expected.
 * @throws Refusal where a way does not suit the plan, two are the same, or the batch has too few pieces
 */
export function planExperiment(asked: Asked, plan: AirPlan, given: ToCompare, fried: FriedResult): PlannedExperiment {
  const { ways, laying, asks, seed } = given;
  const dish = only(asked.dish, asked.dish.count);
  const request = { ...asked, dish };
  const base = laying === 'halves' ? { ...plan, settings: { ...plan.settings, basketTurned: true } } : plan;
  const plans = ways.map((way) => planBy(request, base, way));
  checked(request, given, plans);

  const batch = batchOf(request, base);
  const { places } = batch;
  if (places.length < ways.length)
    throw new Refusal(
      `A batch of this dish is ${counted(places.length, 'piece')}: ${ways.length} ways need at least ${ways.length}. Cut it smaller, or compare fewer.`,
    );
  const way = laying === 'halves' ? laidInHalves(places, seed) : laidFairly(places, ways.length, seed);
  const hot = hotPercent(places, way, ways.length);
  const cooked = plans.map((own) => evaluateAir({ ...request, dish: only(dish, places.length) }, own, fried));
  const planned = ways.map((own, at): PlannedWay => {
    const pieces = way.filter((w) => w === at).length;
    return {
      way: own,
      mark: WAY_LETTERS[at],
      name: wayName(asked, own),
      plan: plans[at],
      pieces,
      sprayOilG: (cooked[at].sprayOilG * pieces) / places.length,
      allergens: cooked[at].allergens,
      unsafe: cooked[at].unsafe,
      expected: expectedOf(cooked[at], asks),
    };
  });
  const known = !ways.some((w) => w.what === 'own');
  return {
    ways: planned,
    bowls: sharedBowls(request, planned),
    asks,
    laying,
    over: way.filter((w) => w === null).length,
    basket: asked.fryer.basket,
    racks: placesBack(batch.racks, way),
    footprints: batch.footprints,
    hotPercent: hot,
    sidePercent: hotPercent(places, sideBySide(places, ways.length), ways.length),
    tested: asked.fryer.hotSpots !== undefined,
    fair: hot <= FAIR_WITHIN_PERCENT,
    expects: known ? bestOf(planned.map((p) => p.expected)) : null,
    steps: stepsOf(asked, base, planned, laying),
  };
}

function checked(asked: Asked, { ways, laying }: ToCompare, plans: readonly AirPlan[]): void {
  const { least, most } = WAYS_AT_ONCE;
  if (ways.length < least || ways.length > most)
    throw new Refusal(`A comparison has ${least} to ${most} ways, and not ${ways.length}.`);
  if (laying === 'halves' && ways.length !== 2)
    throw new Refusal('Only two ways lie in halves; lay more among each other.');
  const names = ways.map((way) => wayName(asked, way));
  const twice = names.find((name, at) => names.indexOf(name) !== at);
  if (twice !== undefined) throw new Refusal(`Two of the ways are the same: “${twice}”.`);
  ways.forEach((a, i) =>
    ways.slice(0, i).forEach((b, j) => {
      if (a.what !== 'own' && b.what !== 'own' && JSON.stringify(plans[i]) === JSON.stringify(plans[j]))
        throw new Refusal(`“${names[j]}” and “${names[i]}” come to the same in this dish.`);
    }),
  );
}
