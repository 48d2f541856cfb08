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
import * as texts from './texts';

type Word = Exclude<Consistency, 'liquid'>;

const AS_WANTED = texts.asWanted;

const SEEN: readonly { value: Word; label: string }[] = [
  { value: 'thick', label: texts.fallsInClumps },
  { value: 'medium', label: texts.coversItTinesShow },
  { value: 'pancake', label: texts.runsOffInRibbon },
  { value: 'thin', label: texts.coatsItLightly },
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
        label={texts.forkShouldSayIt(wantedText)}
        value={seen}
        options={[{ value: AS_WANTED, label: texts.justThat }, ...SEEN.filter((s) => s.value !== wanted)]}
        onChange={setSeen}
      />
      <p className="min-h-5 text-sm" aria-live="polite">
        {add ? (
          <>
            {texts.stirIn}
            <b>{amount}</b>
            {texts.ofIt(add.name.toLowerCase())}
            {add.ml !== null && system === 'metric' && texts.ml(Math.round(add.ml))}
            {texts.littleAtTime}
          </>
        ) : (
          seen === AS_WANTED || texts.mixItAnewThis
        )}
      </p>
    </div>
  );
}
