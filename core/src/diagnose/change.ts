import type { AirPlan } from '../dish/index.js';
import { meant as asPlanned } from '../evidence/index.js';
import { text, type Text } from '../units/index.js';
import { causeOf, retempered, retimedBy, type CauseKey, type Mend } from './causes/index.js';
import { CHANGED, TRIED_CAUSES } from './constants.js';
import { isCured, missedInAll, missedOf, type Missed } from './missed.js';
import { believedSize, keyOf, type Posterior } from './posterior.js';
import type { RankedCause } from './ranked.js';
import type { Put } from './put.js';

/** One thing to do otherwise next time. */
export interface DiagnosedChange {
  text: Text;
  /** The plan with it; as it was where the change is in the doing. */
  plan: AirPlan;
  /** Causes of which it cures the failure, by the simulation, the likeliest first. */
  cures: CauseKey[];
  /** How likely it is that it cures it, 0–1. */
  chance: number;
  /** What is no cause any more when it is done. */
  removes: readonly CauseKey[];
}

/** The cook by another plan, all else as it was meant. */
function replanned(meant: Put, plan: AirPlan): Put {
  const lying = { ...meant.lying, plan };
  return { ...meant, lying, happened: asPlanned(lying) };
}

/** More oil on it, where it is sprayed; null where there is enough. */
function oiledMore({ lying: { plan } }: Put): Mend | null {
  if (plan.oilGm2 <= 0 || plan.oilGm2 >= CHANGED.mostOilGm2) return null;
  const oilGm2 = Math.min(CHANGED.mostOilGm2, Math.round(plan.oilGm2 * CHANGED.oilTimes));
  return {
    text: text`Oil it half as much again, both sides and the edges.`,
    plan: { ...plan, oilGm2 },
    removes: [],
  };
}

/** Changes of the plan that are tried whatever the cause is. */
const levers = (meant: Put): Mend[] =>
  [
    ...CHANGED.byK.map((k) => retempered(meant, k)),
    ...CHANGED.byShare.map((share) => retimedBy(meant, share * meant.lying.plan.settings.minutes)),
    oiledMore(meant),
  ].filter((mend): mend is Mend => mend !== null);

/** A cause that is still possible, in the size that is believed. */
interface Possible {
  key: CauseKey;
  share: number;
  size: number;
  before: Missed;
}

function possible(posterior: Posterior, ranked: readonly RankedCause[]): Possible[] {
  const { simulated, aims } = posterior;
  return ranked
    .slice(0, TRIED_CAUSES.most)
    .filter(({ share }) => share >= TRIED_CAUSES.from)
    .flatMap(({ key, share }) => {
      const size = settled(believedSize(posterior, key));
      const put = causeOf(key).put(simulated.meant, size);
      if (!put) return [];
      return [
        { key, share, size, before: missedOf(simulated.valuesOf(keyOf([{ cause: causeOf(key), size }]), put), aims) },
      ];
    });
}

/** Sizes that hardly differ are simulated once. */
const settled = (size: number): number => Number(size.toPrecision(2));

/** What is missed next time of a cook with this change, if it was this cause and is so again. */
function missedAfter({ simulated, aims }: Posterior, mend: Mend, { key, size }: Possible): Missed {
  const next = replanned(simulated.meant, mend.plan);
  const put = mend.removes.includes(key) ? next : (causeOf(key).put(next, size) ?? next);
  const what = mend.removes.includes(key) ? 'mended' : `${key} ${size}`;
  const { tempC, minutes } = mend.plan.settings;
  return missedOf(simulated.valuesOf(`next ${what} ${tempC} ${minutes} ${mend.plan.oilGm2}`, put), aims);
}

/**
 * The one change that mends most over what is still possible: each that a likely cause suggests, and some of the plan's own,
 * simulated under every likely cause. Null where nothing would be better.
 */
export function changeFor(posterior: Posterior, ranked: readonly RankedCause[]): DiagnosedChange | null {
  const causes = possible(posterior, ranked);
  const { meant } = posterior.simulated;
  const mends = [...causes.flatMap(({ key, size }) => causeOf(key).mend(meant, size) ?? []), ...levers(meant)];
  const tried = mends.map((mend) => {
    const after = causes.map((cause) => ({ cause, missed: missedAfter(posterior, mend, cause) }));
    const cured = after.filter(
      ({ cause, missed }) => isCured(cause.before, missed) && missedInAll(missed, 0) < missedInAll(cause.before, 0),
    );
    const chance = cured.reduce((sum, { cause }) => sum + cause.share, 0);
    const left = after.reduce((sum, { cause, missed }) => sum + cause.share * missedInAll(missed), 0);
    return { mend, cures: cured.map(({ cause }) => cause.key), chance, left };
  });
  const before = causes.reduce((sum, c) => sum + c.share * missedInAll(c.before), 0);
  const worth = ({ chance, left }: (typeof tried)[number]): number =>
    chance - (CHANGED.leftCounts * left) / Math.max(CHANGED.leastMissed, before);
  const best = tried
    .filter((t) => t.left < before)
    .sort((a, b) => worth(b) - worth(a))
    .at(0);
  if (!best) return null;
  const { mend, cures, chance } = best;
  return { text: mend.text, plan: mend.plan, cures, chance, removes: mend.removes };
}
