import { useRef, useState } from 'react';
import type { PantryBody, PantryDocument } from '@yellowmist/contract';
import { api, problemText, useSavePantryMutation } from '../../app/api';
import { useAppDispatch } from '../../app/store';
import { usePantry } from './usePantry';

/** A change of the pantry that comes to the same when it is made twice. */
export type PantryEdit = (pantry: PantryBody) => PantryBody;

/** The pantry with changes that are seen at once and saved one after the other, each over what the one before it left. */
export function usePantryEdits() {
  const dispatch = useAppDispatch();
  const stored = usePantry();
  const [save] = useSavePantryMutation();
  const [pending, setPending] = useState<readonly PantryEdit[]>([]);
  const [problem, setProblem] = useState('');
  const last = useRef<Promise<unknown>>(Promise.resolve());

  const read = (): Promise<PantryDocument> =>
    dispatch(api.endpoints.pantry.initiate(undefined, { forceRefetch: true, subscribe: false })).unwrap();

  /** Answers whether it was saved; what went wrong stands in `problem` until the next change. */
  const change = (edit: PantryEdit): Promise<boolean> => {
    setPending((edits) => [...edits, edit]);
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
        setPending((edits) => edits.filter((e) => e !== edit));
      }
    });
    last.current = step;
    return step;
  };
  const pantry = pending.reduce<PantryBody>((p, edit) => edit(p), stored);
  return { pantry, change, problem };
}
