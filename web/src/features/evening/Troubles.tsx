import { onTheClock, type Change, type Evening } from '@yellowmist/core';
import type { Clock } from '@yellowmist/contract';
import { useUnits } from '../../state/useUnits';

const CHANGE_WORDS: Record<Change['what'], string> = {
  later: 'Eat then',
  fryer: 'Do that',
  cooks: 'One more joins',
  ahead: 'Do that',
  unpin: 'Let it go',
  'leave-out': 'Leave it out',
};

/** What cannot be as it was asked, with the cheapest change; and what there is to know. */
export function Troubles({
  evening,
  asked,
  onTake,
}: {
  evening: Evening;
  asked: Clock;
  onTake: (change: Change) => void;
}) {
  const { tell } = useUnits();
  const { cannot, warnings } = evening.plan;
  if (cannot.length + warnings.length === 0) return null;
  return (
    <ul aria-label="What to know of this plan" className="mb-2 space-y-1">
      {cannot.map((c, k) => (
        <li
          key={`c${k}`}
          role="alert"
          className="flex flex-wrap items-center gap-x-3 border-l-4 border-error bg-error/10 px-2 py-1"
        >
          <span className="min-w-0 grow basis-80 leading-snug">
            <b>{tell(onTheClock(c.why, asked.time))}</b> {tell(onTheClock(c.cheapest, asked.time))}
          </span>
          {c.change && (
            <button type="button" className="btn btn-sm h-11" onClick={() => onTake(c.change!)}>
              {CHANGE_WORDS[c.change.what]}
            </button>
          )}
        </li>
      ))}
      {warnings.map((w, k) => (
        <li
          key={`w${k}`}
          role={w.about === 'unsafe' || w.about === 'guest' || w.about === 'cold' ? 'alert' : undefined}
          className={`border-l-4 px-2 text-sm leading-snug ${w.about === 'unsafe' || w.about === 'guest' || w.about === 'cold' ? 'border-error font-semibold' : 'border-warning'}`}
        >
          {tell(onTheClock(w.text, asked.time))}
        </li>
      ))}
    </ul>
  );
}
