import type { Chosen } from '@yellowmist/contract';
import { planId, type Alternative, type Conversion } from '@yellowmist/core';
import { FAMILY_NAMES } from '../dish/words';
import * as texts from './texts';

/** Whether it is the very plan that lies on the bench. */
export const isTaken = (a: Alternative, chosen: Chosen | null): boolean =>
  chosen !== null && chosen.family === a.family && a.id === planId(chosen.plan);

/** Two that are this close in likeness are as good as each other. */
const AS_GOOD = 0.03;

/** Whether a version is so much better than another that it is worth a word. */
export const isBetter = (
  a: Pick<Alternative, 'works' | 'likeness'>,
  b: Pick<Alternative, 'works' | 'likeness'>,
): boolean => (a.works === b.works ? a.likeness > b.likeness + AS_GOOD : a.works);

/** A better one than what the search laid on the bench and the cook has read since; null where there is none, or the cook chose. */
export function betterThan(conversion: Conversion | null, chosen: Chosen | null): Alternative | null {
  const best = conversion?.alternatives[0];
  if (!best || chosen?.by !== 'search' || isTaken(best, chosen)) return null;
  const taken = choicesIn(conversion).find((a) => isTaken(a, chosen));
  return !taken || isBetter(best, taken) ? best : null;
}

/** All that there is to choose from: the original as it is, then the best first. */
export const choicesIn = (conversion: Conversion | null): Alternative[] =>
  conversion ? [conversion.original, ...conversion.alternatives] : [];

/**
 * What was found, with the version on the bench among it even where others beat it: it stays there. One that the search
 * laid there stands in the place of a later one of its family that is hardly better.
 * @param known versions that were shown before
 */
export function withTaken(conversion: Conversion, known: readonly Alternative[], chosen: Chosen | null): Conversion {
  if (!chosen) return conversion;
  const { alternatives } = conversion;
  const lies = (a: Alternative): boolean => isTaken(a, chosen);
  if (choicesIn(conversion).some(lies)) return conversion;
  const before = known.find(lies);
  if (!before) return conversion;
  const taken = { ...before, badges: [] };
  const twin = alternatives.find((a) => a.family === taken.family);
  if (chosen.by === 'search' && twin && !isBetter(twin, taken)) {
    return { ...conversion, alternatives: alternatives.map((a) => (a === twin ? { ...taken, badges: a.badges } : a)) };
  }
  return { ...conversion, alternatives: [...alternatives, taken] };
}

export const keyOf = ({ family, id }: Alternative): string => `${family} ${id}`;

const coatName = (a: Alternative): string => FAMILY_NAMES[a.family] + (a.variant ? `: ${a.variant}` : '');

/** How a version differs from an earlier one of the same coat, in a word or two. */
function apartFrom(a: Alternative, earlier: Alternative): string {
  const [from, to] = [earlier.plan, a.plan];
  if (to.oilGm2 !== from.oilGm2) return to.oilGm2 < from.oilGm2 ? texts.lessOil : texts.moreOil;
  if ((to.settings.turnAtMin === null) !== (from.settings.turnAtMin === null)) {
    return to.settings.turnAtMin === null ? texts.notTurned : 'turned';
  }
  if (to.settings.tempC !== from.settings.tempC) return to.settings.tempC < from.settings.tempC ? 'cooler' : 'hotter';
  return to.settings.minutes < from.settings.minutes ? 'shorter' : 'longer';
}

/** A name for each version that no other has: its coat, and what sets it apart from others of that coat. */
export function namesOf(all: readonly Alternative[]): Map<Alternative, string> {
  const names = new Map<Alternative, string>();
  const taken = new Set<string>();
  for (const a of all) {
    const earlier = all.find((b) => coatName(b) === coatName(a));
    let name = coatName(a);
    if (earlier && earlier !== a) name += `, ${apartFrom(a, earlier)}`;
    for (let k = 2; taken.has(name); k++) name = `${coatName(a)}, ${k}`;
    taken.add(name);
    names.set(a, name);
  }
  return names;
}
