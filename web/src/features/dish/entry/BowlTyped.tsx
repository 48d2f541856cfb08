import { useState } from 'react';
import { totalGrams, type Portion } from '@yellowmist/core';
import { usePantryDocument } from '../../../state/pantryDocument';
import { thingWords } from '../../../state/things';
import { useAnswer } from '../../../state/useAnswer';
import { useUnits } from '../../../state/useUnits';
import { Typed } from '../../../ui/Typed';
import { Asking } from './Asking';
import { LINE_QUESTIONS } from './lineQuestions';
import * as texts from '../texts';

/** Each thing once, with all of it that was written. */
const summed = (portions: readonly Portion[]): Portion[] => {
  const ids = [...new Set(portions.map((p) => p.ingredientId))];
  return ids.map((ingredientId) => ({
    ingredientId,
    grams: totalGrams(portions.filter((p) => p.ingredientId === ingredientId)),
  }));
};

interface Props {
  label: string;
  take: string;
  placeholder: string;
  onTake: (portions: Portion[]) => void;
  /** Foods may stand in it: a bowl beside the coat. */
  foods?: boolean;
  className?: string;
}

/** One bowl as a recipe writes it: read as it is typed, asked about where it is not understood, then taken. */
export function BowlTyped({ label, take, placeholder, onTake, foods = false, className }: Props) {
  const { system } = useUnits();
  const { own } = usePantryDocument();
  const [typed, setTyped] = useState('');
  const { answer } = useAnswer('bowl', typed.trim() === '' ? null : { text: typed, own, foods });
  const { lines = [], doubts = [] } = answer?.reading ?? {};
  const portions = summed(lines.flatMap((l) => (l.portion ? [l.portion] : [])));
  return (
    <div className={className}>
      <Typed
        label={label}
        value={typed}
        take={take}
        placeholder={placeholder}
        ready={portions.length > 0 && doubts.length === 0}
        onType={setTyped}
        onTake={() => {
          onTake(portions);
          setTyped('');
        }}
      />
      {answer && portions.length > 0 && (
        <p className="text-sm">
          {texts.understood(portions.map((p) => thingWords(answer.things, p, system)).join(', '))}
        </p>
      )}
      {answer &&
        doubts.map((line) => (
          <Asking
            key={line.typed}
            text={LINE_QUESTIONS[line.doubt!](line.typed)}
            answers={line.likely.map((likely) => {
              const words = thingWords(answer.things, likely, system);
              return { words, onTake: () => setTyped(typed.replace(line.typed, words)) };
            })}
          />
        ))}
    </div>
  );
}
