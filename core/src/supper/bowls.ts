import type { Bowl } from '../coat/index.js';
import { ALLERGENS } from '../foods/index.js';
import { harmfulTraces, isRawFlesh, soilOf } from './guests.js';
import { SOIL_WORDS, type Guest, type SupperDish } from './types.js';

/** Two dishes of the evening whose bowls hold the same, and whether one bowl may do for both. */
export interface SharedBowl {
  name: string;
  from: SupperDish;
  to: SupperDish;
  /** Their places among the bowls of either dish. */
  fromAt: number;
  toAt: number;
  may: boolean;
  /** g that one bowl for both saves; 0 where it may not. */
  savesG: number;
  text: string;
}

/** Shares that differ by less are one recipe. */
const SAME_SHARE = 0.1;

/** Whether two bowls hold the same in nearly the same proportions. */
function sameBowl(a: Bowl, b: Bowl): boolean {
  if (a.parts.length !== b.parts.length) return false;
  return a.parts.every((p) => {
    const q = b.parts.find((x) => x.ingredientId === p.ingredientId);
    return q !== undefined && Math.abs(p.grams / a.totalG - q.grams / b.totalG) < SAME_SHARE;
  });
}

const quoted = (dish: SupperDish): string => `“${dish.name}”`;

function verdict(from: SupperDish, to: SupperDish, guests: readonly Guest[]): Pick<SharedBowl, 'may' | 'text'> {
  if (isRawFlesh(from)) {
    return {
      may: false,
      text: `Not one bowl: ${SOIL_WORDS[soilOf(from)]} of ${quoted(from)} goes through it, and what it touched is thrown away.`,
    };
  }
  const [trace] = harmfulTraces(from, to, guests);
  if (trace) {
    const what = trace.allergens.length > 0 ? trace.allergens.map((a) => ALLERGENS[a].name).join(', ') : 'something';
    return {
      may: false,
      text: `Not one bowl: ${quoted(from)} would bring ${what} into ${quoted(to)}, which ${trace.guest.name} must not eat.`,
    };
  }
  const brought = from.allergens.filter((a) => !to.allergens.includes(a));
  const said =
    brought.length > 0
      ? ` It brings traces of ${brought.map((a) => ALLERGENS[a].name).join(', ')} along: nobody at this table minds.`
      : '';
  return { may: true, text: `One bowl for both, ${quoted(from)} first.${said}` };
}

const keptG = ({ totalG, onFoodG, lostG }: Bowl): number => totalG - onFoodG - lostG;

/** The bowls that two dishes next to each other in the order have in common, with what may be shared and what must not. */
export function sharedBowls(ordered: readonly SupperDish[], guests: readonly Guest[]): SharedBowl[] {
  return ordered.flatMap((from, i) =>
    ordered.slice(i + 1).flatMap((to) =>
      from.bowls.flatMap((bowl, fromAt) => {
        const toAt = to.bowls.findIndex((b) => sameBowl(bowl, b));
        const other = to.bowls[toAt];
        if (!other) return [];
        const said = verdict(from, to, guests);
        return [
          {
            name: bowl.name,
            from,
            to,
            fromAt,
            toAt,
            ...said,
            savesG: said.may ? Math.min(keptG(bowl), keptG(other)) : 0,
          },
        ];
      }),
    ),
  );
}
