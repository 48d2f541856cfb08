import { otherTastes, type FriedResult } from '../plan/index.js';
import { capitalised, grams, listed, text, type Text } from '../units/index.js';
import { TIE } from './constants.js';
import type { Alternative, Badge } from './types.js';

/** Less oil than this a piece is told as "under", g; and a saving below it is not told. */
const LEAST_TOLD_G = { kept: 0.1, saved: 0.05 } as const;

/** What a plan gains and gives up against the fried original, in sentences. */
export function againstOriginal(air: Alternative, fried: FriedResult): Text[] {
  const out: Text[] = [];
  const saved = fried.oilPerPieceG - air.oilPerPieceG;
  if (saved > LEAST_TOLD_G.saved) {
    const share = Math.round((100 * saved) / fried.oilPerPieceG);
    const little = air.oilPerPieceG < LEAST_TOLD_G.kept;
    const kept = text`${little ? 'under' : 'about'} ${grams(little ? LEAST_TOLD_G.kept : air.oilPerPieceG)}`;
    out.push(text`Keeps ${kept} of oil a piece instead of ${grams(fried.oilPerPieceG)}, ${share} % less (estimate).`);
  }
  const others = otherTastes(air.layers, fried.layers);
  if (others.length > 0) out.push(text`Tastes of ${listed(others)}, which your coat does not.`);
  const [a, f] = [air.outcomes.crispness, fried.outcomes.crispness];
  if (a && f) {
    out.push(
      a.word === f.word ? text`As crisp as from the pot: ${a.word}.` : text`From the pot ${f.word}, here ${a.word}.`,
    );
  }
  const colour = air.outcomes.colourTop;
  if (colour && fried.outcomes.colourTop && colour.word !== fried.outcomes.colourTop.word) {
    out.push(text`${capitalised(colour.word)} on top where the pot gives ${fried.outcomes.colourTop.word}.`);
  }
  return out;
}

/** Whether something of a plan's coat is neither in the house nor in an ordinary shop. */
export const needsShopping = ({ layers }: Alternative, atHome: readonly string[]): boolean =>
  layers.some((l) => l.portions.some((p) => !p.ingredient.common && !atHome.includes(p.ingredientId)));

/**
 * Gives each distinction to the plan that has the most of it, among those that work, or all when none does.
 * @param atHome pantry ids that need no shopping
 */
export function awardBadges(alternatives: Alternative[], atHome: readonly string[]): void {
  const inRunning = alternatives.filter((a) => a.works);
  const pool = inRunning.length > 0 ? inRunning : alternatives;
  const award = (badge: Badge, among: Alternative[], of: (a: Alternative) => number): void => {
    if (among.length === 0) return;
    among.reduce((best, a) => (of(a) > of(best) ? a : best)).badges.push(badge);
  };
  // In whole percent: of two that are as like, the one that ranks first is it.
  award('closest', pool, (a) => Math.round(100 * a.likeness));
  award('crispest', pool, (a) => a.outcomes.crispness?.value ?? 0);
  award('least-oil', pool, (a) => -a.oilPerPieceG);
  award('fewest-bowls', pool, (a) => -a.bowls.length + TIE.bowls * a.likeness);
  award(
    'no-special-shopping',
    pool.filter((a) => !needsShopping(a, atHome)),
    (a) => a.likeness,
  );
}
