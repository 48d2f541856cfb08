import { isLace } from '../coat/index.js';
import type { AirPlan, Fryer } from '../dish/index.js';
import { FRYERS } from '../heat/index.js';
import type { Outcomes } from '../outcome/index.js';
import { shortfallOf, staysPale, type AirResult, type FriedResult } from '../plan/index.js';
import { COST } from './constants.js';
import type { Coat } from './families.js';
import type { Family } from './types.js';

/** What a fryer is usually set to: gentle air bears more than a drawer's. */
const usualC = ({ kind, airFactor }: Fryer): number =>
  COST.heat.usualC + COST.heat.gentleK * (1 - (FRYERS[kind].hc * airFactor) / FRYERS.drawer.hc);

/**
 * What a plan costs beside how it comes out: its minutes, its oil, heat that wants watching, and more work than today.
 * @param today how many bowls the coat has as it is fried
 */
export const costOf = ({ settings, second, oilGm2, making, layers }: AirPlan, today: number, fryer: Fryer): number =>
  COST.perMinute * (settings.minutes + (second?.minutes ?? 0)) +
  COST.perOilGm2 * oilGm2 +
  COST.heat.perK2 * (Math.max(settings.tempC, second?.tempC ?? 0) - usualC(fryer)) ** 2 +
  COST.perLayer * Math.max(0, layers.length - today) +
  (settings.under === 'parchment' ? COST.parchment : 0) +
  (second && !second.sauce ? COST.twoTemperatures : 0) +
  (making?.frozen ? COST.freezing : 0) +
  (making?.halved ? COST.halving : 0);

/**
 * What a cook is worth, about 1 for one as good as the pot: its likeness, less what is not right yet, less what it costs.
 * @param pale whether it is let off its paleness
 * @param today how many bowls the coat has as it is fried
 */
export const worthOfCook = (
  likeness: number,
  outcomes: Outcomes,
  pale: boolean,
  plan: AirPlan,
  today: number,
  fryer: Fryer,
): number => likeness - shortfallOf(outcomes, pale) - costOf(plan, today, fryer);

/** The same of a plan that was evaluated. */
export const worthOf = ({ likeness, outcomes, layers, plan }: AirResult, fried: FriedResult, fryer: Fryer): number =>
  worthOfCook(likeness, outcomes, staysPale(layers, fried.outcomes), plan, fried.layers.length, fryer);

/** Families that leave the cook's own coat in its place, and those that leave their own batter there. */
const OWN: readonly Family[] = ['as-it-is', 'kept-finish'];
const OWN_BATTER: readonly Family[] = ['batter-under-crumbs', 'thick-batter-parchment'];

/** Whether a family leaves the cook's own coat, or their own batter, in its place: lace made thick is theirs no more. */
export const isTheirs = (family: Family, fried: FriedResult): boolean =>
  OWN.includes(family) || (OWN_BATTER.includes(family) && fried.layers.some((l) => l.batter) && !isLace(fried.layers));

/** What a coat costs for being another than the cook's own: of equals the own one goes first. */
export const strangenessOf = ({ family, variant }: Pick<Coat, 'family' | 'variant'>, fried: FriedResult): number =>
  (isTheirs(family, fried) ? 0 : COST.notTheirs) + (variant ? COST.unusual : 0);
