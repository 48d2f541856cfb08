import { useEffect, useMemo, useState } from 'react';
import { useAnswer } from '../../../state/useAnswer';
import { usePantryDocument } from '../../../state/pantryDocument';
import type { EnteredDish, EnterQuestion } from '../../../worker/questions';

/** Pause of a typing hand after which its words are read, ms. */
const PAUSE_MS = 120;

/** What the cook says of a dish, as far as it is typed. */
export type Saying = Omit<EnterQuestion, 'own' | 'weights'>;

/** The same as a question in this kitchen. */
export function useQuestion(said: Saying): EnterQuestion {
  const { own, weights = [] } = usePantryDocument();
  return { ...said, own, weights };
}

/** How the words are understood, shortly after they are typed; what was understood before stays until then. */
export function useEntered(said: Saying): { entered: EnteredDish | null; error: string } {
  const question = useQuestion(said);
  const key = JSON.stringify(question);
  const [settled, setSettled] = useState(key);
  useEffect(() => {
    const pause = setTimeout(() => setSettled(key), PAUSE_MS);
    return () => clearTimeout(pause);
  }, [key]);
  const asked = useMemo(() => JSON.parse(settled) as EnterQuestion, [settled]);
  const { answer, error } = useAnswer('enter', asked);
  const [last, setLast] = useState<EnteredDish | null>(null);
  if (answer && answer !== last) setLast(answer);
  return { entered: answer ?? last, error };
}
