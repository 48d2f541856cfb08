import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { api, problemText } from '../../state/api';
import { useAppDispatch } from '../../state/hooks';
import { tell } from '../../state/toast';
import { NotHere } from '../../ui/NotHere';
import { warmUp } from '../../worker/core';
import { layOut } from '../dish/autosave';
import { Bench } from './Bench';
import * as texts from './texts';

/** Opens the dish of the address. */
export function BenchPage() {
  const { id = '' } = useParams();
  return <OpenedBench key={id} id={id} />;
}

/** Reads the dish once and lays it on the bench; from then on the bench holds the living copy. */
function OpenedBench({ id }: { id: string }) {
  const dispatch = useAppDispatch();
  const [attempt, setAttempt] = useState(0);
  const [state, setState] = useState<{ ready: boolean; problem: string }>({ ready: false, problem: '' });
  useEffect(() => {
    let current = true;
    warmUp();
    // What was found for it is asked for at once: the search will want it.
    void dispatch(api.endpoints.keptAnswer.initiate(id, { forceRefetch: true, subscribe: false }));
    dispatch(api.endpoints.conversion.initiate(id, { forceRefetch: true, subscribe: false }))
      .unwrap()
      .then(async (document) => {
        if (!current) return;
        if (await layOut(document)) void tell(texts.whatWasChangedHere);
        setState({ ready: true, problem: '' });
      })
      .catch((error: unknown) => current && setState({ ready: false, problem: problemText(error) }));
    return () => {
      current = false;
    };
  }, [id, attempt, dispatch]);

  if (state.ready) return <Bench />;
  if (!state.problem) return <p className="p-8">{texts.layingOutDish}</p>;
  const again = (): void => setAttempt((n) => n + 1);
  return <NotHere what={texts.dish} problem={state.problem} to="/" toLabel={texts.toDishes} onRetry={again} />;
}
