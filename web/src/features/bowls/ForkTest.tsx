import { useState } from 'react';
import {
  consistencyOf,
  correctionFor,
  flowOf,
  mlAsSpoons,
  partsOf,
  type Bowl,
  type Consistency,
} from '@yellowmist/core';
import { Choice } from '../../ui/Choice';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';

type Word = Exclude<Consistency, 'liquid'>;

const AS_WANTED = 'as wanted';

const SEEN: readonly { value: Word; label: string }[] = [
  { value: 'thick', label: 'falls in clumps' },
  { value: 'medium', label: 'covers it, tines show slowly' },
  { value: 'pancake', label: 'runs off in a ribbon' },
  { value: 'thin', label: 'coats it lightly' },
];

/** What the fork says of the batter that stands in the bowl, and what to stir in so that it comes right. */
export function ForkTest({ bowl, standMin }: { bowl: Bowl; standMin: number }) {
  const { system, say } = useUnits();
  const [seen, setSeen] = useState<Word | typeof AS_WANTED>(AS_WANTED);
  const parts = partsOf(usePantry(), bowl.parts);
  const wanted = consistencyOf(flowOf(parts, standMin)).word as Word;
  const wantedText = SEEN.find((s) => s.value === wanted)!.label;
  const add = seen === AS_WANTED ? null : correctionFor(parts, bowl.totalG, wanted, standMin, seen);
  const amount = add && (add.ml !== null && system === 'us' ? mlAsSpoons(add.ml) : say(add.grams, 'mass'));
  return (
    <div className="mt-1">
      <Choice
        label={`The fork should say: ${wantedText}. It says:`}
        value={seen}
        options={[{ value: AS_WANTED, label: 'just that' }, ...SEEN.filter((s) => s.value !== wanted)]}
        onChange={setSeen}
      />
      <p className="min-h-5 text-sm" aria-live="polite">
        {add ? (
          <>
            Stir in <b>{amount}</b> of {add.name.toLowerCase()}
            {add.ml !== null && system === 'metric' && ` (${Math.round(add.ml)} ml)`}, a little at a time.
          </>
        ) : (
          seen === AS_WANTED || 'Mix it anew: this bowl cannot be brought there.'
        )}
      </p>
    </div>
  );
}
