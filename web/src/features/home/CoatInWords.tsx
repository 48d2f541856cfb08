import type { OneLine } from '@yellowmist/core';
import { useUnits } from '../../state/useUnits';
import { Asking } from '../dish/entry/Asking';
import * as texts from './texts';

interface Props {
  said: OneLine;
  /** What was written for the coat; undefined where nobody wrote there. */
  written: string | undefined;
  onTake: () => void;
}

/** What the words for the food tell of beside it: coat and frying that are taken as said, or a coat that is offered beside the one that was written. */
export function CoatInWords({ said: { coat, byName, pot }, written, onTake }: Props) {
  const { say } = useUnits();
  const taken = [
    ...(coat !== null && written === undefined ? [coat] : []),
    ...(pot.medium === 'pan-oil' ? [texts.inPan] : []),
    ...(pot.tempC === null ? [] : [texts.atHeat(say(pot.tempC, 'temperature'))]),
    ...(pot.minutes === null ? [] : [texts.forMinutes(say(pot.minutes, 'minutes'))]),
  ];
  return (
    <>
      {taken.length > 0 && <p className="text-sm">{texts.takenFromWords(taken.join(', '))}</p>}
      {coat !== null && !byName && written !== undefined && written !== coat && (
        <Asking offer text={texts.yourWordsNameCoat(coat)} answers={[{ words: texts.takeThatCoat, onTake }]} />
      )}
    </>
  );
}
