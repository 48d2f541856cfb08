import { useState } from 'react';
import type { EveningBody } from '@yellowmist/contract';
import type { Edit } from '../../state/edits';

/** Steps that can be taken back. */
const MOST_STEPS = 60;

export interface Arranging {
  /** Changes the evening; the step can be taken back. */
  edit: (change: Edit<EveningBody>) => void;
  /** Takes the last change back as if it had never been made. */
  withdraw: () => void;
  undo: () => void;
  redo: () => void;
  canUndo: boolean;
  canRedo: boolean;
}

/** Steps back and forward over the changes of an evening. */
export function useHistory(shown: EveningBody, change: (edit: Edit<EveningBody>) => Promise<boolean>): Arranging {
  const [past, setPast] = useState<EveningBody[]>([]);
  const [future, setFuture] = useState<EveningBody[]>([]);
  const body = withoutVersion(shown);
  const to = (wanted: EveningBody): void => void change((now) => ({ ...now, ...wanted }));
  const withdraw = (): void => {
    const last = past.at(-1);
    if (!last) return;
    setPast((p) => p.slice(0, -1));
    to(last);
  };
  return {
    edit: (made) => {
      setPast((p) => [...p.slice(-MOST_STEPS), body]);
      setFuture([]);
      void change(made);
    },
    withdraw,
    undo: () => {
      if (past.length > 0) setFuture((f) => [...f, body]);
      withdraw();
    },
    redo: () => {
      const next = future.at(-1);
      if (!next) return;
      setFuture((f) => f.slice(0, -1));
      setPast((p) => [...p, body]);
      to(next);
    },
    canUndo: past.length > 0,
    canRedo: future.length > 0,
  };
}

function withoutVersion(body: EveningBody): EveningBody {
  const { version: _, ...rest } = body as EveningBody & { version?: number };
  return rest;
}
