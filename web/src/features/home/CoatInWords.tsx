import type { OneLine } from '@yellowmist/core';
import { useUnits } from '../../state/useUnits';
import { Asking } from '../dish/entry/Asking';
import * as texts from './texts';

interface Props {
  said: OneLine;
  /** It stands as the coat; else another was written. */
  taken: boolean;
  onTake: () => void;
}

/** The coat and the frying that the words for the food tell of: taken as said, or offered beside what was written. */
export function CoatInWords({ said: { coat, pot }, taken, onTake }: Props) {
  const { say } = useUnits();
  const fried = [
    ...(pot.medium === 'pan-oil' ? [texts.inPan] : []),
    ...(pot.tempC === null ? [] : [texts.atHeat(say(pot.tempC, 'temperature'))]),
    ...(pot.minutes === null ? [] : [texts.forMinutes(say(pot.minutes, 'minutes'))]),
  ].join(' ');
  return taken ? (
    <p className="text-sm">{texts.coatFromYourWords(fried)}</p>
  ) : (
    <Asking text={texts.yourWordsNameCoat(coat)} answers={[{ words: texts.takeThatCoat, onTake }]} />
  );
}
