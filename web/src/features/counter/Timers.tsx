import type { CookNow } from './useCook';
import { crustCss } from '../../draw/palette';
import { colourUnder, type Step } from '@yellowmist/core';
import { batchOf, digits, timerName } from './words';
import * as texts from './texts';

const BY_ITSELF: Partial<Record<Step['kind'], string>> = { rest: texts.itsCoatRests, preheat: 'heats' };

/** Everything that goes on by itself, as bars of what is left; each with the colour that it ends in. */
export function Timers({ cook }: { cook: CookNow }) {
  const { live, document, planned, corrections } = cook;
  const timers = [...live.timers].sort((a, b) => a.leftS - b.leftS);
  if (timers.length === 0) return null;
  return (
    <ul aria-label={texts.whatGoesOnBy} className="flex flex-col gap-1">
      {timers.map((timer) => {
        const look = timer.batch === null ? undefined : planned.get(timer.batch);
        const endS = look ? look.series.timeS[look.series.timeS.length - 1] : 0;
        const ends = look
          ? Math.min(...(['up', 'down'] as const).map((face) => colourUnder(look.series, face, endS, 0)))
          : null;
        const cooks = timer.step.kind === 'cook' || timer.step.kind === 'second';
        const over = timer.leftS <= 0 && timer.step.kind !== 'rest';
        const done = Math.min(1, Math.max(0, 1 - timer.leftS / Math.max(1, timer.toS - timer.fromS)));
        const changed = timer.batch !== null && (corrections.get(timer.batch)?.told ?? 0) > 0;
        const fryer = batchOf(timer.batch, document.programme)?.fryer.name ?? timer.step.fryer;
        return (
          <li
            key={timer.step.id}
            className={`relative flex min-h-12 items-center gap-2 overflow-hidden rounded-field border-2 px-2 ${over ? 'border-error bg-error text-error-content' : 'border-base-300 bg-base-200'}`}
          >
            {!over && (
              <span
                aria-hidden
                className={`absolute inset-y-0 left-0 ${cooks ? 'bg-primary' : 'bg-base-300'}`}
                style={{ width: `${done * 100}%`, opacity: cooks ? 0.55 : 1 }}
              />
            )}
            {ends !== null && (
              <span
                aria-hidden
                className="relative size-8 shrink-0 rounded-full border-2 border-base-content"
                style={{ background: cooks ? crustCss(ends) : 'transparent' }}
              />
            )}
            <span className="relative min-w-0 grow leading-tight">
              <b className="line-clamp-1 break-words sm:line-clamp-2">{timerName(timer, document.programme)}</b>
              <span className="block text-sm">
                {over ? texts.timeIsUp : cooks ? fryer : (BY_ITSELF[timer.step.kind] ?? timer.step.head)}
                {changed && !over && cooks ? texts.timersByWhatWasRead : ''}
              </span>
            </span>
            <time className="relative shrink-0 text-3xl font-bold" aria-label={texts.left(digits(timer.leftS))}>
              {digits(timer.leftS)}
            </time>
          </li>
        );
      })}
    </ul>
  );
}
