import { facesCovered, type AirPlan } from '@yellowmist/core';

/** How far both faces are wet with oil when they go in, and after the touch-up. */
export function OilCover({ plan }: { plan: AirPlan }) {
  const before = facesCovered(plan, false);
  const after = facesCovered(plan, true);
  const more = (plan.oiling?.touchUpGm2 ?? 0) > 0;
  return (
    <dl className="text-sm">
      <Face label="Side that starts up" before={before.up} after={more ? after.up : null} />
      <Face label="Side that starts down" before={before.down} after={more ? after.down : null} />
    </dl>
  );
}

const word = (share: number): string =>
  share > 0.95 ? 'all of it' : share > 0.8 ? 'nearly all' : share > 0.3 ? 'in spots' : share > 0.05 ? 'hardly' : 'dry';

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
          {Math.round(before * 100)} of 100 parts
          {after !== null && after > before && `, ${Math.round(after * 100)} after the touch-up`}
        </span>
      </dd>
    </div>
  );
}
