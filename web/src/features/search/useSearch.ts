import { useEffect, useRef, useState } from 'react';
import type { Chosen, ConversionBody, PantryDocument } from '@yellowmist/contract';
import type { Alternative, Conversion, ConvertRequest } from '@yellowmist/core';
import { useAppDispatch } from '../../shell/store';
import { convert, stopConverting, type Progress } from '../../worker/core';
import { usePantry, withPantry } from '../../state/usePantry';
import { firstFound, searchFound, type Found } from '../dish/dishSlice';

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

/** What the choice of a version needs to know, the best first. */
const versionsOf = ({ alternatives }: Conversion): Found[] =>
  alternatives.map(({ family, plan, likeness, works }) => ({ family, plan, likeness, works }));

/** What was found, with the version on the bench among it even where others beat it: it is the cook's. */
function withTaken(found: Conversion, before: Conversion | null, chosen: Chosen | null): Conversion {
  const isTaken = (a: Alternative): boolean => JSON.stringify(a.plan) === JSON.stringify(chosen?.plan);
  if (chosen?.by !== 'cook' || [found.original, ...found.alternatives].some(isTaken)) return found;
  const taken = before?.alternatives.find(isTaken);
  return taken ? { ...found, alternatives: [...found.alternatives, { ...taken, badges: [] }] } : found;
}

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
  const chosen = useRef<Chosen | null>(null);
  useEffect(() => void (chosen.current = body?.chosen ?? null));

  useEffect(() => {
    if (!key) return;
    let current = true;
    soon.current = setTimeout(() => {
      setProgress({ done: 0, of: 1, found: 0 });
      convert(JSON.parse(key), {
        onProgress: (p) => current && setProgress(p),
        onFound: (found) => current && setConversion((before) => withTaken(found, before, chosen.current)),
        onFirst: (found) => current && dispatch(firstFound(versionsOf(found))),
      })
        .then((found) => {
          if (!current || !found) return;
          setConversion((before) => withTaken(found, before, chosen.current));
          setSettledFor(`${round} ${key}`);
          setProgress(null);
          dispatch(searchFound(versionsOf(found)));
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
