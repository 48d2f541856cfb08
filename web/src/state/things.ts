import { countedName, mlAsSpoons } from '@yellowmist/core';
import type { NamedThing } from '../worker/questions';
import type { UnitSystem } from './settings';
import * as texts from './texts';

/** Whole and half ones are counted; what lies further between is weighed. */
const BETWEEN = 0.1;
const isCounted = (many: number): boolean => many >= 0.4 && Math.abs(many - Math.round(many * 2) / 2) < BETWEEN;

/** "2 eggs", "½ cup flour", "63 g flour": so much of a thing as a cook writes it, in words that are read again. */
export function thingWords(
  things: Readonly<Record<string, NamedThing>>,
  { ingredientId, grams }: { ingredientId: string; grams: number | null },
  system: UnitSystem,
): string {
  const thing = things[ingredientId];
  if (!thing) return ingredientId;
  const { name, gPerMl, eachG } = thing;
  if (grams === null) return name;
  if (eachG !== null && isCounted(grams / eachG)) {
    const many = Math.round((grams / eachG) * 2) / 2;
    return `${many} ${countedName({ id: ingredientId }, many) ?? name}`;
  }
  if (system === 'us' && gPerMl !== null) {
    const spoons = mlAsSpoons(grams / gPerMl);
    return `${spoons === 'a pinch' ? texts.pinchOf : spoons} ${name}`;
  }
  return `${grams < 10 ? Number(grams.toFixed(1)) : Math.round(grams)} g ${name}`;
}
