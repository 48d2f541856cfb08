import type { Task } from '@yellowmist/core';
import { useUnits } from '../../state/useUnits';
import type { Planned } from './usePlan';
import * as texts from './texts';

/** What is done on an earlier day or hours before, in a line each. */
export function Ahead({ tasks, clock }: { tasks: readonly Task[]; clock: Planned['clock'] }) {
  const { tell } = useUnits();
  const ahead = tasks.filter((t) => t.ahead && t.cook !== null);
  if (ahead.length === 0) return null;
  return (
    <section aria-label={texts.aheadOfEvening} className="mb-2 rounded-box bg-base-200 px-3 py-2">
      <h2 className="text-base">{texts.ahead}</h2>
      <ul className="text-sm">
        {ahead.map((t) => (
          <li key={t.id} className="leading-snug">
            <b className="tabular-nums">
              {clock.day(t.fromMin).split(' ')[0]} {clock.time(t.fromMin)}
            </b>{' '}
            {tell(t.text)}
          </li>
        ))}
      </ul>
    </section>
  );
}
