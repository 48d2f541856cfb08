import { useCallback } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { ConversionBody } from '@yellowmist/contract';
import type { Alternative } from '@yellowmist/core';
import { crustCss } from '../../draw/palette';
import { useAppDispatch } from '../../state/hooks';
import { useUnits } from '../../state/useUnits';
import { sideTurned } from '../dish/deskSlice';
import { picked } from '../dish/dishSlice';
import { Unsafe } from '../dish/Unsafe';
import { betterThan, choicesIn, isTaken, keyOf, namesOf } from './names';
import { useCurrentSearch } from './SearchContext';
import { SearchState } from './SearchState';
import * as texts from './texts';

/** All versions in one line: what there is to choose from, always in sight. */
export function SearchLine({ body: { chosen, fryer } }: { body: ConversionBody }) {
  const dispatch = useAppDispatch();
  const { say, set } = useUnits();
  const { conversion, settled } = useCurrentSearch();
  const choices = choicesIn(conversion);
  const names = namesOf(choices);
  const better = betterThan(conversion, chosen);
  const take = useCallback(
    (a: Alternative): void => {
      dispatch(picked({ family: a.family, by: 'cook', plan: a.plan }));
      dispatch(sideTurned('air'));
    },
    [dispatch],
  );
  useHotkeys('b', () => better && take(better), [better, take]);
  return (
    <div
      role="group"
      aria-label={texts.versionsFound}
      className="flex items-center gap-2 overflow-x-auto border-b border-base-content/20 px-3 py-1"
    >
      <span className="sr-only" role="status">
        {better && texts.betterFound(names.get(better)!)}
      </span>
      {choices.map((a) => {
        const taken = isTaken(a, chosen);
        const { tempC, minutes } = a.plan.settings;
        return (
          <button
            key={keyOf(a)}
            type="button"
            aria-pressed={taken}
            className={`relative flex min-h-12 shrink-0 items-center gap-2 rounded-field border px-2 text-left ${taken ? 'border-base-content bg-primary text-primary-content' : 'border-base-content/30 bg-base-100'}`}
            onClick={() => take(a)}
          >
            <span className="sr-only">{taken ? texts.inUse : texts.use}: </span>
            <span
              aria-hidden
              className="h-8 w-3 rounded-xs border border-base-content/40"
              style={{ background: crustCss(a.outcomes.colourTop?.value ?? 0) }}
            />
            <span className="leading-tight">
              <b className="block text-sm font-semibold whitespace-nowrap">{names.get(a)}</b>
              <span className="block text-xs whitespace-nowrap">
                {set(tempC, fryer.stepC)}, {say(minutes, 'minutes')},{' '}
                {a.works ? a.outcomes.crispness?.word : texts.fails}
              </span>
              <Unsafe unsafe={a.unsafe} brief />
            </span>
            {a === better && (
              <span className="rounded-field bg-base-content px-1.5 py-1 text-xs font-semibold text-base-100">
                {texts.better}
                <kbd className="ml-0.5 font-display">B</kbd>
              </span>
            )}
          </button>
        );
      })}
      {/* It keeps its place while versions come in beside it, so that Stop is where the hand aimed. */}
      <span
        className={`-right-3 ml-auto flex min-h-12 shrink-0 items-center gap-2 bg-base-200 px-2 text-sm ${settled ? '' : 'lg:sticky'}`}
        aria-live="polite"
      >
        <SearchState />
      </span>
    </div>
  );
}
