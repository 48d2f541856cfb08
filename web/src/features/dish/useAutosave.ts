import { useCallback, useEffect, useRef, useState } from 'react';
import { problemText, useSaveMutation } from '../../state/api';
import { useAppDispatch, useAppSelector } from '../../shell/store';
import { stored } from './dishSlice';

export type SaveState = 'saved' | 'waiting' | 'saving' | 'conflict' | 'failed';

const PAUSE_MS = 500;
const RETRY_MS = 4000;

interface Outcome {
  state: 'ready' | 'saving' | 'conflict' | 'failed';
  problem: string;
}

/**
 * Saves the dish half a second after its last change, one save at a time, and tries again while the server cannot be
 * reached. A save that somebody overtook (409) stops and asks.
 */
export function useAutosave() {
  const dispatch = useAppDispatch();
  const { id, version, saved } = useAppSelector((s) => s.bench.desk);
  const body = useAppSelector((s) => s.bench.dish.present);
  const [save] = useSaveMutation();
  const [outcome, setOutcome] = useState<Outcome>({ state: 'ready', problem: '' });
  const busy = useRef(false);
  const dirty = body !== null && body !== saved;

  const saveOver = useCallback(
    async (over: number) => {
      if (!body || busy.current) return;
      busy.current = true;
      setOutcome({ state: 'saving', problem: '' });
      try {
        const document = await save({ id, version: over, body }).unwrap();
        dispatch(stored({ version: document.version, body }));
        setOutcome({ state: 'ready', problem: '' });
      } catch (error) {
        const conflict = (error as { status?: number }).status === 409;
        setOutcome({ state: conflict ? 'conflict' : 'failed', problem: problemText(error) });
      } finally {
        busy.current = false;
      }
    },
    [body, id, save, dispatch],
  );

  const { state } = outcome;
  useEffect(() => {
    if (!dirty || state === 'conflict' || state === 'saving') return;
    const timer = setTimeout(() => void saveOver(version), state === 'failed' ? RETRY_MS : PAUSE_MS);
    return () => clearTimeout(timer);
  }, [dirty, version, saveOver, state]);

  useEffect(() => {
    if (!dirty) return;
    const warn = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [dirty]);

  // Leaving the bench within the pause saves at once.
  const leave = useRef<() => void>(() => undefined);
  useEffect(() => {
    leave.current = () => {
      if (dirty && state !== 'conflict') void saveOver(version);
    };
  });
  useEffect(() => () => leave.current(), []);

  const shown: SaveState = state === 'ready' ? (dirty ? 'waiting' : 'saved') : state;
  return {
    state: shown,
    problem: outcome.problem,
    /** Answers a conflict by saving over the newer version. */
    keepMine: saveOver,
    /** Answers a conflict by going on from what was laid out anew. */
    settled: () => setOutcome({ state: 'ready', problem: '' }),
  };
}
