import { useRef, useState } from 'react';
import type { PantryBody, PantryDocument } from '@yellowmist/contract';
import { api, problemText, useSavePantryMutation } from '../../app/api';
import { useAppDispatch } from '../../app/store';

/** Changes of the pantry, saved one after the other, each over what the one before it left. */
export function usePantryEdits() {
  const dispatch = useAppDispatch();
  const [save] = useSavePantryMutation();
  const [problem, setProblem] = useState('');
  const last = useRef<Promise<unknown>>(Promise.resolve());

  const read = (): Promise<PantryDocument> =>
    dispatch(api.endpoints.pantry.initiate(undefined, { forceRefetch: true, subscribe: false })).unwrap();

  /** Answers whether it was saved; what went wrong stands in `problem` until the next change. */
  const change = (edit: (pantry: PantryBody) => PantryBody): Promise<boolean> => {
    const step = last.current.then(async () => {
      try {
        const { version, ...body } = await read();
        await save({ ...edit(body), version }).unwrap();
        setProblem('');
        return true;
      } catch (error) {
        setProblem(problemText(error));
        return false;
      } finally {
        await read().catch(() => undefined);
      }
    });
    last.current = step;
    return step;
  };
  return { change, problem };
}
