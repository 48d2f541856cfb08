import { useEffect, useRef, useState } from 'react';
import type { ConversionBody, PantryDocument } from '@yellowmist/contract';
import type { Conversion, ConvertRequest } from '@yellowmist/core';
import { useAppDispatch } from '../../app/store';
import { convert, stopConverting, type Progress } from '../../worker/core';
import { usePantry, withPantry } from '../pantry/usePantry';
import { searchFound } from './benchSlice';

const PAUSE_MS = 450;

export interface Search {
  conversion: Conversion | null;
  /** null while nothing is searched. */
  progress: Progress | null;
  /** What stands in `conversion` is the whole answer to what is described now. */
  settled: boolean;
  /** The cook stopped it before it had an answer for what stands there now. */
  stopped: boolean;
  error: string;
  stop: () => void;
  again: () => void;
}

/** What is searched for a dish in this kitchen. */
export const requestOf = ({ dish, fried, fryer, limits }: ConversionBody, pantry: PantryDocument): ConvertRequest => ({
  dish,
  fried,
  fryer,
  limits: withPantry(limits, pantry),
});

/** Searches air versions for what is described, anew after each change of the description; progress, stop, again. */
export function useConversion(body: ConversionBody | null): Search {
  const dispatch = useAppDispatch();
  const [conversion, setConversion] = useState<Conversion | null>(null);
  const [progress, setProgress] = useState<Progress | null>(null);
  const [stoppedAt, setStoppedAt] = useState('');
  const [failed, setFailed] = useState({ at: '', error: '' });
  const [settledFor, setSettledFor] = useState('');
  const [round, setRound] = useState(0);
  const soon = useRef<ReturnType<typeof setTimeout>>(undefined);
  const pantry = usePantry();
  const key = body ? JSON.stringify(requestOf(body, pantry)) : '';
  const asked = `${round} ${key}`;

  useEffect(() => {
    if (!key) return;
    let current = true;
    soon.current = setTimeout(() => {
      setProgress({ done: 0, of: 1, found: 0 });
      convert(JSON.parse(key), {
        onProgress: (p) => current && setProgress(p),
        onFound: (found) => current && setConversion(found),
      })
        .then((found) => {
          if (!current || !found) return;
          setConversion(found);
          setSettledFor(`${round} ${key}`);
          setProgress(null);
          dispatch(
            searchFound(
              found.alternatives.map(({ family, plan, likeness, works }) => ({ family, plan, likeness, works })),
            ),
          );
        })
        .catch((failure: unknown) => {
          if (!current) return;
          setProgress(null);
          setFailed({ at: `${round} ${key}`, error: failure instanceof Error ? failure.message : String(failure) });
        });
    }, PAUSE_MS);
    return () => {
      current = false;
      clearTimeout(soon.current);
      stopConverting();
    };
  }, [key, round, dispatch]);

  return {
    conversion,
    progress,
    settled: settledFor === asked,
    stopped: stoppedAt === asked,
    error: failed.at === asked ? failed.error : '',
    stop: () => {
      clearTimeout(soon.current);
      setProgress(null);
      setStoppedAt(asked);
      stopConverting();
    },
    again: () => setRound((n) => n + 1),
  };
}
