import { facesCovered, type AirPlan } from '@yellowmist/core';
import * as texts from './texts';

/** How far both faces are wet with oil when they go in, and after the touch-up. */
export function OilCover({ plan }: { plan: AirPlan }) {
  const before = facesCovered(plan, false);
  const after = facesCovered(plan, true);
  const more = (plan.oiling?.touchUpGm2 ?? 0) > 0;
  return (
    <dl className="text-sm">
      <Face label={texts.sideThatStartsUp} before={before.up} after={more ? after.up : null} />
      <Face label={texts.sideThatStartsDown} before={before.down} after={more ? after.down : null} />
    </dl>
  );
}

const word = (share: number): string =>
  share > 0.95
    ? texts.allOfIt
    : share > 0.8
      ? texts.nearlyAll
      : share > 0.3
        ? texts.inSpots
        : share > 0.05
          ? 'hardly'
          : 'dry';

function Face({ label, before, after }: { label: string; before: number; after: number | null }) {
  const last = after ?? before;
  return (
    <div className="mb-1">
      <dt className="flex justify-between">
        <span>{label}</span> <b>{word(last)}</b>
      </dt>
      <dd>
        <span className="relative block h-3 border border-base-content/60 bg-base-100" aria-hidden>
          <span className="absolute inset-y-0 left-0 bg-primary/50" style={{ width: `${last * 100}%` }} />
          <span className="absolute inset-y-0 left-0 bg-primary" style={{ width: `${before * 100}%` }} />
        </span>
        <span className="text-xs">
          {texts.of100Parts(Math.round(before * 100))}
          {after !== null && after > before && texts.afterTouchUp(Math.round(after * 100))}
        </span>
      </dd>
    </div>
  );
}
