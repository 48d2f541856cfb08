import { onTheClock, type Change, type Evening, type Warning } from '@yellowmist/core';
import type { Clock } from '@yellowmist/contract';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

const CHANGE_WORDS: Record<Change['what'], string> = {
  later: texts.eatThen,
  fryer: texts.doThat,
  cooks: texts.oneMoreJoins,
  ahead: texts.doThat,
  unpin: texts.letItGo,
  'leave-out': texts.leaveItOut,
};

/** So many are read at once; the others are a touch away. */
const SHOWN = 4;

/** What somebody can get hurt by, or goes hungry. */
export const isGrave = ({ about }: Warning): boolean => about === 'unsafe' || about === 'guest' || about === 'cold';

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
  const { cannot, warnings, lateMin } = evening.plan;
  if (cannot.length + warnings.length === 0) return null;
  const sorted = [...warnings].sort((a, b) => Number(isGrave(b)) - Number(isGrave(a)));
  const [first, rest] = [sorted.slice(0, SHOWN), sorted.slice(SHOWN)];
  const row = (w: Warning) => (
    <li
      key={`${w.about}${w.dishId}`}
      role={isGrave(w) ? 'alert' : undefined}
      className={`border-l-4 px-2 text-sm leading-snug ${isGrave(w) ? 'border-error font-semibold' : 'border-warning'}`}
    >
      {tell(onTheClock(w.text, asked.time))}
    </li>
  );
  return (
    <ul aria-label={texts.whatToKnowOf} className="mb-2 space-y-1">
      {cannot.map((c, k) => (
        <li
          key={`c${k}`}
          role="alert"
          className="flex flex-wrap items-center gap-x-3 border-l-4 border-error bg-error/10 px-2 py-1"
        >
          <span className="min-w-0 grow basis-80 leading-snug">
            <b>{tell(onTheClock(c.why, asked.time))}</b> {tell(onTheClock(c.cheapest, asked.time))}
          </span>
          {lateMin > 0 && c.change?.what !== 'later' && c.change?.what !== 'unpin' && (
            <button
              type="button"
              className="btn btn-sm h-11"
              onClick={() => onTake({ what: 'later', byMin: Math.ceil(lateMin) })}
            >
              {texts.eatAt(asked.time(Math.ceil(lateMin)))}
            </button>
          )}
          {c.change && (
            <button type="button" className="btn btn-sm h-11" onClick={() => onTake(c.change!)}>
              {CHANGE_WORDS[c.change.what]}
            </button>
          )}
        </li>
      ))}
      {first.map(row)}
      {rest.length > 0 && (
        <li>
          <details>
            <summary className="min-h-9 cursor-pointer text-sm">{texts.moreToKnow(rest.length)}</summary>
            <ul className="space-y-1">{rest.map(row)}</ul>
          </details>
        </li>
      )}
    </ul>
  );
}
