import { ingredient } from '../foods/index.js';
import { otherTastes } from './taste.js';
import type { Alternative, Badge, FriedResult } from './types.js';

/** What a plan gains and gives up against the fried original, in sentences. */
export function againstOriginal(air: Alternative, fried: FriedResult): string[] {
  const out: string[] = [];
  const saved = fried.oilPerPieceG - air.oilPerPieceG;
  if (saved > 0.05) {
    const share = Math.round((100 * saved) / fried.oilPerPieceG);
    const kept = air.oilPerPieceG < 0.1 ? 'under 0.1 g' : `about ${air.oilPerPieceG.toFixed(1)} g`;
    out.push(`Keeps ${kept} of oil a piece instead of ${fried.oilPerPieceG.toFixed(1)} g, ${share} % less (estimate).`);
  }
  const others = otherTastes(air.layers, fried.layers);
  if (others.length > 0) out.push(`Tastes of ${others.join(' and ')}, which your coat does not.`);
  const [a, f] = [air.outcomes.crispness, fried.outcomes.crispness];
  if (a && f) out.push(a.word === f.word ? `As ${a.word} as from the pot.` : `From the pot ${f.word}, here ${a.word}.`);
  const colour = air.outcomes.colourTop;
  if (colour && fried.outcomes.colourTop && colour.word !== fried.outcomes.colourTop.word) {
    out.push(`${capital(colour.word)} on top where the pot gives ${fried.outcomes.colourTop.word}.`);
  }
  return out;
}

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** Whether something of a plan's coat is neither in the house nor in an ordinary shop. */
export const needsShopping = ({ plan }: Alternative, atHome: readonly string[]): boolean =>
  plan.layers.some((l) =>
    l.portions.some((p) => !ingredient(p.ingredientId).common && !atHome.includes(p.ingredientId)),
  );

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
  award('fewest-bowls', pool, (a) => -a.bowls.length + 0.1 * a.likeness);
  award(
    'no-special-shopping',
    pool.filter((a) => !needsShopping(a, atHome)),
    (a) => a.likeness,
  );
}
