import type { Difference } from '@yellowmist/core';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

/** Signs that are read without colour: better, worse, other. */
const SIGNS = { better: '+', worse: '−', other: '·' } as const;
const TONES = { better: 'text-success', worse: 'text-error', other: '' } as const;
const SPOKEN = { better: texts.gains, worse: texts.givesUp, other: '' } as const;

/** In what one cook differs from another, as sentences with a sign. */
export function Differences({
  changes,
  most = 4,
  none = texts.noDifferenceWorthTelling,
}: {
  changes: readonly Difference[];
  most?: number;
  none?: string;
}) {
  const { tell } = useUnits();
  if (changes.length === 0) return <p className="text-xs opacity-85">{none}</p>;
  return (
    <ul className="text-xs leading-snug">
      {changes.slice(0, most).map((d) => {
        const kind = d.better === null ? 'other' : d.better ? 'better' : 'worse';
        return (
          <li key={d.about + d.text} className="flex gap-1">
            <span aria-hidden className={`w-2 shrink-0 text-center font-bold ${TONES[kind]}`}>
              {SIGNS[kind]}
            </span>
            <span>
              <span className="sr-only">{SPOKEN[kind]}</span>
              {tell(d.text)}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
