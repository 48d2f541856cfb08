import type { Pantry } from '../foods/index.js';
import { text, type Text } from '../units/index.js';
import { dullEarly } from './early.js';
import { searchSchedule, type Found, type TellTries } from './schedule/search.js';
import type { Cooked, EveningAsked, EveningDish, Warning } from './types.js';

/** What each dish is cooked in: its own fryer, another, both, or its own from frozen; and what could not be had. */
function cookedBy(asked: EveningAsked): { cooked: Map<string, Cooked[]>; warnings: Warning[] } {
  const warnings: Warning[] = [];
  const warn = (about: Warning['about'], d: EveningDish, said: Text): void =>
    void warnings.push({ about, dishId: d.id, text: said });
  const cooked = new Map(
    asked.dishes.map((d): [string, Cooked[]] => {
      const { fryer, ahead = [] } = asked.options[d.id] ?? {};
      if (ahead.includes('frozen')) {
        const frozen = asked.otherwise(d.id, { frozen: true });
        if (frozen) return [d.id, [frozen]];
        warn(
          'ahead',
          d,
          text`${d.name} is not frozen ahead: from frozen its centre is not done before its coat is too dark.`,
        );
      }
      if (fryer === undefined || fryer === d.fryer.name) return [d.id, [d.cooked]];
      const others = asked.fryers.filter((f) => f.name !== d.fryer.name);
      const other = asked.otherwise(d.id, { fryer: fryer === 'both' ? others[0]?.name : fryer });
      if (!other) {
        warn(
          'fryer',
          d,
          text`${d.name} does not go into ${fryer === 'both' ? 'a second fryer' : fryer}: it stays in ${d.fryer.name}.`,
        );
        return [d.id, [d.cooked]];
      }
      return [d.id, fryer === 'both' ? [d.cooked, other] : [other]];
    }),
  );
  return { cooked, warnings };
}

/** The schedule of an evening, without what it says about itself. */
export function scheduled(
  asked: EveningAsked,
  pantry: Pantry,
  more: { tell?: TellTries; effort?: number } = {},
): { found: Found; tried: number; warnings: Warning[] } {
  const { cooked, warnings } = cookedBy(asked);
  const { found, tried } = searchSchedule(asked, pantry, cooked, more);
  return { found: { ...found, schedule: dullEarly(found.compiled, found.schedule) }, tried, warnings };
}
