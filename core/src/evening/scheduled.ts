import type { Pantry } from '../foods/index.js';
import { harmfulTraces } from '../supper/index.js';
import { celsius, NEXT_TO_NOTHING, text, type Text } from '../units/index.js';
import { dullEarly } from './early.js';
import { searchSchedule, type Found, type SharedBasket, type TellTries } from './schedule/search.js';
import { whyNotTogether } from './tasks/shared.js';
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
        if (d.cooked.plan.making?.frozen) return [d.id, [d.cooked]];
        const frozen = asked.otherwise(d.id, { frozen: true });
        if (frozen) return [d.id, [frozen]];
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

/** Dishes that are cooked with another, where that can be; what it costs each, and why not where it cannot. */
function sharedBaskets(
  asked: EveningAsked,
  cooked: Map<string, Cooked[]>,
): { shared: SharedBasket[]; warnings: Warning[] } {
  const shared: SharedBasket[] = [];
  const warnings: Warning[] = [];
  for (const guest of asked.dishes) {
    const host = asked.dishes.find((d) => d.id === asked.options[guest.id]?.with);
    if (!host || host === guest || shared.some((s) => s.guest === host || s.host === guest)) continue;
    const [hostCooked] = cooked.get(host.id)!;
    const mine = asked.otherwise(guest.id, { with: host.id });
    const traces = [...harmfulTraces(host, guest, asked.guests), ...harmfulTraces(guest, host, asked.guests)];
    const why =
      traces.length > 0
        ? `one of them is for ${traces[0].guest.name}, who must not eat of the other`
        : mine === null
          ? 'it does not go in'
          : whyNotTogether(hostCooked, mine, guest.cooked);
    if (why !== '' || mine === null) {
      const said = text`${guest.name} does not lie with ${host.name}: ${why}.`;
      warnings.push({ about: 'fryer', dishId: guest.id, text: said });
      continue;
    }
    cooked.set(guest.id, [mine]);
    shared.push({ host, guest });
    const less = Math.round(100 * (1 - mine.fresh / Math.max(NEXT_TO_NOTHING, guest.cooked.fresh)));
    const cost =
      less > 3 ? `costs it about ${less} % of its crispness` : less < -3 ? 'even makes it crisper' : 'costs it nothing';
    warnings.push({
      about: mine.unsafe ? 'unsafe' : 'split',
      dishId: guest.id,
      text: mine.unsafe
        ? text`${guest.name} with ${host.name}: not safe. Its centre comes to about ${celsius(mine.unsafe.centreC)} in that setting, and must reach ${celsius(mine.unsafe.minimumC)}.`
        : text`${guest.name} lies with ${host.name}, at that one’s setting: it ${cost}.`,
    });
  }
  return { shared, warnings };
}

/** The schedule of an evening, without what it says about itself. */
export function scheduled(
  asked: EveningAsked,
  pantry: Pantry,
  more: { tell?: TellTries; effort?: number } = {},
): { found: Found; tried: number; warnings: Warning[] } {
  const { cooked, warnings } = cookedBy(asked);
  const baskets = sharedBaskets(asked, cooked);
  const { found, tried } = searchSchedule(asked, pantry, cooked, { ...more, shared: baskets.shared });
  return {
    found: { ...found, schedule: dullEarly(found.compiled, found.schedule) },
    tried,
    warnings: [...warnings, ...baskets.warnings],
  };
}
