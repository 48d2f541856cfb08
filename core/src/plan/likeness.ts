import { kindOf, type CoatKind, type CoatLayer } from '../coat/index.js';
import { GOLDEN } from '../heat/index.js';
import { OUTCOME_KEYS, ruleOf, type Outcomes, type Reason } from '../outcome/index.js';
import { BARE_APART, BATTER_UNDER_CRUMBS, KIND_APART, THICKNESS_COST } from './constants.js';
import { tastesAlike } from './taste.js';

/** 1 where two coats are of one thickness, falling slowly with their ratio. */
function sameCoat(air: readonly CoatLayer[], fried: readonly CoatLayer[]): number {
  const { perGap, unseenGap, bareM } = THICKNESS_COST;
  const thickness = (coat: readonly CoatLayer[]): number => coat.reduce<number>((sum, l) => sum + l.thicknessM, bareM);
  const gap = Math.abs(Math.log(thickness(air) / thickness(fried)));
  return Math.exp(-perGap * Math.max(0, gap - unseenGap));
}

/** How unlike two kinds of coat are, 0–1. */
export function kindsApart(a: CoatKind, b: CoatKind): number {
  if (a === b) return 0;
  return KIND_APART[a]?.[b] ?? KIND_APART[b]?.[a] ?? BARE_APART;
}

/** 1 where two coats are of one kind, less the farther theirs are apart; a batter under crumbs is half a batter still. */
function sameKind(air: readonly CoatLayer[], fried: readonly CoatLayer[]): number {
  const carriesOn = fried.at(-1)?.batter && !air.at(-1)?.wet && air.some((l) => l.batter);
  return 1 - kindsApart(kindOf(air), kindOf(fried)) * (carriesOn ? BATTER_UNDER_CRUMBS : 1);
}

/** How like a coat is to the cook's own before any heat, 0–1: of its kind, as thick, and tasting of the same. */
export const coatLikeness = (air: readonly CoatLayer[], fried: readonly CoatLayer[]): number =>
  sameKind(air, fried) * sameCoat(air, fried) * tastesAlike(air, fried);

/**
 * How like the fried original a cook comes out, 0–1: the product of what each outcome says of it, so that one failure is
 * not outweighed. Weights: our judgement, no source.
 * @param coats how like the two coats are, from `coatLikeness`
 * @param pale its colour is let off; see `staysPale`
 */
export const likenessOf = (air: Outcomes, fried: Outcomes, coats: number, pale = false): number =>
  OUTCOME_KEYS.reduce(
    (product, key) => (isLetOff(key, pale) ? product : product * (ruleOf(key).weight.likeness?.(air, fried) ?? 1)),
    coats,
  );

/** Starch has nothing that browns: its paleness is no failure where the pot leaves the dish pale as well. */
export const staysPale = (layers: readonly CoatLayer[], fried: Outcomes): boolean =>
  layers.at(-1)?.grain === 'starch' && (fried.colourTop?.value ?? 0) < GOLDEN.from;

const isLetOff = (key: keyof Outcomes, pale: boolean): boolean => pale && ruleOf(key).weight.ofBrowning === true;

/**
 * Penalty of a cook that is not right yet, where one that stays `pale` is let off its paleness: 0 when the centre is right and the
 * colour golden, more the farther off.
 */
export function shortfallOf(outcomes: Outcomes, pale: boolean): number {
  return OUTCOME_KEYS.reduce((sum, key) => {
    const outcome = outcomes[key];
    const { shortfall } = ruleOf(key).weight;
    return outcome && shortfall && !isLetOff(key, pale) ? sum + shortfall(outcome) : sum;
  }, 0);
}

/** A plan works when no outcome is poor; starch is let off its paleness, and what is eaten at once need not stay crisp. */
export const works = (outcomes: Outcomes, pale: boolean): boolean =>
  Object.values(outcomes).every(({ band, key }) => band !== 'poor' || key === 'crispLife' || isLetOff(key, pale));

/** Reasons as they weigh: what is let off is worth knowing, and no fault; what does not stay crisp is worth mending. */
export const fairlyWeighed = (reasons: readonly Reason[], pale: boolean): Reason[] =>
  reasons.map((r) => {
    if (isLetOff(r.about, pale)) return { ...r, weight: 0 as const };
    return r.about === 'crispLife' && r.weight === 2 ? { ...r, weight: 1 as const } : r;
  });
