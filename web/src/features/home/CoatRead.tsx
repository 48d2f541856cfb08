import type { BowlKind, BowlLine } from '@yellowmist/core';
import { thingWords } from '../../state/things';
import { useUnits } from '../../state/useUnits';
import type { EnteredDish } from '../../worker/questions';
import { Asking } from '../dish/entry/Asking';
import { LINE_QUESTIONS } from '../dish/entry/lineQuestions';
import { Word } from '../../ui/Word';
import * as texts from './texts';

const KINDS: Record<BowlKind, string> = {
  dust: texts.dust,
  binder: texts.binder,
  batter: texts.batter,
  dredge: texts.dredge,
  finish: texts.finish,
};

interface Props {
  entered: EnteredDish;
  /** The words for a line are replaced by others; a coat of this name is taken. */
  onReword: (typed: string, words: string) => void;
  onCoat: (label: string) => void;
}

/** The bowls as they are understood, in the order of dipping; each line that is not is asked about. */
export function CoatRead({ entered, onReword, onCoat }: Props) {
  const { system } = useUnits();
  const { coat, things } = entered;
  if (coat.named || !coat.bowls) return null;
  const { bowls, doubts, lines } = coat.bowls;
  const answers = (line: BowlLine) =>
    line.likely.map((likely) => {
      const words = thingWords(things, likely, system);
      return { words, onTake: () => onReword(line.typed, words) };
    });
  const guessed = [...new Set(lines.filter((l) => l.guessed).map((l) => l.typed))];
  return (
    <div className="grid gap-1 text-sm">
      {bowls.length > 0 && (
        <ol className="flex flex-wrap gap-x-3 gap-y-1" aria-label={texts.bowlsAsTheyAre}>
          {bowls.map((bowl, k) => (
            <li key={k} className="border-l-2 border-primary-content/50 pl-2">
              <b>{bowl.kind === 'batter' ? KINDS.batter : <Word id={bowl.kind}>{KINDS[bowl.kind]}</Word>}</b>{' '}
              {bowl.portions.map((portion) => thingWords(things, portion, system)).join(', ')}
            </li>
          ))}
        </ol>
      )}
      {guessed.length > 0 && <p>{texts.nothingWasSaidOf(guessed.join(', '))}</p>}
      {lines.some((l) => l.notCoat) && <p>{texts.oilIsForPot}</p>}
      {bowls.length === 0 && coat.likely.length > 0 ? (
        <Asking
          text={texts.doYouMeanOne(coat.typed)}
          answers={coat.likely.slice(0, 4).map(({ label }) => ({ words: label, onTake: () => onCoat(label) }))}
        />
      ) : (
        doubts.map((line) => (
          <Asking key={line.typed} text={LINE_QUESTIONS[line.doubt!](line.typed)} answers={answers(line)} />
        ))
      )}
      {lines.length === 0 && coat.likely.length === 0 && <p>{texts.sayWhatCoatIs}</p>}
    </div>
  );
}
