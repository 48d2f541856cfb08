import { useEffect, useRef, useState } from 'react';
import { problemText } from './api';

/** A change of a document that comes to the same when it is made twice. */
export type Edit<Body> = (body: Body) => Body;

interface Store<Body> {
  /** What is known of the document now. */
  stored: Body & { version: number };
  /** Reads it anew from the server. */
  read: () => Promise<Body & { version: number }>;
  /** Answers the document as it is then. */
  save: (document: Body & { version: number }) => Promise<Body & { version: number }>;
}

/**
 * A document of which there is one, with changes that are seen at once and saved one after the other, each over what the
 * one before it left.
 */
export function useEdits<Body extends object>({ stored, read, save }: Store<Body>) {
  const [pending, setPending] = useState<readonly Edit<Body>[]>([]);
  const [problem, setProblem] = useState('');
  const last = useRef<Promise<unknown>>(Promise.resolve());
  const known = useRef(stored);
  useEffect(() => {
    if (stored.version >= known.current.version) known.current = stored;
  }, [stored]);

  /** Over what is known of the document; over what it is now, where somebody else has changed it. */
  const saveEdit = async (edit: Edit<Body>): Promise<void> => {
    const over = (now: Body & { version: number }) => save({ ...edit(now), version: now.version });
    try {
      known.current = await over(known.current);
    } catch (error) {
      if ((error as { status?: number }).status !== 409) throw error;
      known.current = await over(await read());
    }
  };

  /** Answers whether it was saved; what went wrong stands in `problem` until the next change. */
  const change = (edit: Edit<Body>): Promise<boolean> => {
    setPending((edits) => [...edits, edit]);
    const step = last.current.then(async () => {
      try {
        await saveEdit(edit);
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
  // One save goes on when the page is left; those behind it would be lost.
  const queued = pending.length > 1;
  useEffect(() => {
    if (!queued) return;
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [queued]);
  const shown = pending.reduce<Body>((body, edit) => edit(body), stored);
  return { shown, change, saving: pending.length > 0, problem };
}
