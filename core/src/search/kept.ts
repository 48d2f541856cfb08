import { fingerprint, type AirPlan } from '../dish/index.js';
import { evaluateFried, type Asked, type FriedResult } from '../plan/index.js';
import { completed, rankFound } from './convert.js';
import type { Candidate, Conversion, Family, FamilyFound } from './types.js';

/** A coat that a search tried, with one of its plans: the others differ in heat, minutes, oil and turning alone. */
export interface KeptCoat {
  family: Family;
  variant: string;
  plan: AirPlan;
}

/** One cook of a kept coat, and how it was judged. */
export interface KeptCook {
  /** Of its candidate; see there. */
  id: string;
  /** Place of its coat in the list of coats. */
  coat: number;
  tempC: number;
  minutes: number;
  oilGm2: number;
  turnAtMin: number | null;
  score: number;
  likeness: number;
  crispness: number;
  oilPerPieceG: number;
  bowls: number;
  works: boolean;
}

/** What a search found, small enough to be kept: shown again it takes a few simulations, and no search. */
export interface KeptSearch {
  simulations: number;
  coats: KeptCoat[];
  cooks: KeptCook[];
  /** Those worth showing, the original as it is first. */
  shown: KeptCoat[];
}

const DIGITS = 1e4;
const rounded = (value: number): number => Math.round(value * DIGITS) / DIGITS;

/** Of a plan what a kept cook does not say itself. */
const restOf = ({ settings, ...rest }: AirPlan): unknown => ({
  ...rest,
  oilGm2: 0,
  settings: { ...settings, tempC: 0, minutes: 0, turnAtMin: 0 },
});

/** A search as it is kept. */
export function kept({ original, alternatives, candidates, simulations }: Conversion): KeptSearch {
  const coats: KeptCoat[] = [];
  const places = new Map<string, number>();
  const placeOf = ({ family, variant, plan }: Candidate): number => {
    const key = `${family} ${variant} ${fingerprint(restOf(plan))}`;
    const known = places.get(key);
    if (known !== undefined) return known;
    places.set(key, coats.length);
    return coats.push({ family, variant, plan }) - 1;
  };
  return {
    simulations,
    cooks: candidates.map((c) => ({
      id: c.id,
      coat: placeOf(c),
      tempC: c.plan.settings.tempC,
      minutes: c.minutes,
      oilGm2: c.plan.oilGm2,
      turnAtMin: c.plan.settings.turnAtMin,
      score: rounded(c.score),
      likeness: rounded(c.likeness),
      crispness: rounded(c.crispness),
      oilPerPieceG: rounded(c.oilPerPieceG),
      bowls: c.bowls,
      works: c.works,
    })),
    coats,
    shown: [original, ...alternatives].map(({ family, variant, plan }) => ({ family, variant, plan })),
  };
}

function candidateOf(coats: readonly KeptCoat[], cook: KeptCook): Candidate {
  const { family, variant, plan: base } = coats[cook.coat];
  const { tempC, oilGm2, turnAtMin, coat: _, ...judged } = cook;
  const settings = { ...base.settings, tempC, minutes: judged.minutes, turnAtMin };
  return { ...judged, family, variant, plan: { ...base, oilGm2, settings } };
}

/**
 * A kept search as it was found: what is worth showing is simulated again, and nothing is searched.
 * @param request the very request that was searched
 * @param fried its fried original, where it was simulated already
 * @throws Refusal for an unknown food or ingredient
 */
export function restored(
  request: Asked,
  { coats, cooks, shown, simulations }: KeptSearch,
  fried: FriedResult = evaluateFried(request),
): Conversion {
  const families = [...new Set(shown.map((s) => s.family))];
  const found = families.map((family): FamilyFound => ({
    family,
    candidates: cooks.filter((c) => coats[c.coat].family === family).map((c) => candidateOf(coats, c)),
    alternatives: shown.filter((s) => s.family === family).map((s) => completed(request, fried, s)),
  }));
  return rankFound(request, fried, found, simulations);
}
