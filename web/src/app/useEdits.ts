import { useRef, useState } from 'react';
import { problemText } from './api';

/** A change of a document that comes to the same when it is made twice. */
export type Edit<Body> = (body: Body) => Body;

interface Store<Body> {
  /** What is known of the document now. */
  stored: Body & { version: number };
  /** Reads it anew from the server. */
  read: () => Promise<Body & { version: number }>;
  save: (document: Body & { version: number }) => Promise<unknown>;
}

/**
 * A document of which there is one, with changes that are seen at once and saved one after the other, each over what the
 * one before it left.
 */
export function useEdits<Body extends object>({ stored, read, save }: Store<Body>) {
  const [pending, setPending] = useState<readonly Edit<Body>[]>([]);
  const [problem, setProblem] = useState('');
  const last = useRef<Promise<unknown>>(Promise.resolve());

  /** Answers whether it was saved; what went wrong stands in `problem` until the next change. */
  const change = (edit: Edit<Body>): Promise<boolean> => {
    setPending((edits) => [...edits, edit]);
    const step = last.current.then(async () => {
      try {
        const now = await read();
        await save({ ...edit(now), version: now.version });
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
  const shown = pending.reduce<Body>((body, edit) => edit(body), stored);
  return { shown, change, problem };
}
