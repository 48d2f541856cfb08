import { useEffect, useMemo, useRef, useState } from 'react';
import type { Chosen, ConversionBody, SearchAnswer } from '@yellowmist/contract';
import { fingerprint, kept, type Alternative, type Conversion } from '@yellowmist/core';
import { api } from '../../state/api';
import { useAppDispatch, useAppStore } from '../../state/hooks';
import { searchOf, usePantryDocument } from '../../state/pantryDocument';
import { convert, judgedAgain, restore } from '../../worker/core';
import type { DishQuestion } from '../../worker/questions';
import { searchFound, selectBody, selectDesk, useDish, type Found } from '../dish/dishSlice';
import { choicesIn, isTaken, withTaken } from './names';
import { useCalm } from '../../ui/useCalm';
import { useReading } from './reading';
import { mayStay, stillOpened } from './stays';
import {
  begun,
  cleared,
  failed,
  found,
  joined,
  progressed,
  stopped,
  useSearchState,
  type SearchState,
} from './searchSlice';

/** So long after a description has come to rest its search begins, ms. */
const PAUSE_MS = 200;

/** Fingerprint of the model, made when the application is built: what an older one found is searched again. */
declare const __MODEL__: string;

export interface Search extends SearchState {
  stop: () => void;
  again: () => void;
}

/** What the choice of a version needs to know, the best first. */
const versionsOf = ({ alternatives }: Conversion): Found[] =>
  alternatives.map(({ family, plan, likeness, works }) => ({ family, plan, likeness, works }));

/** Searches that were finished lately, by their questions: what is undone or gone back to is there at once. */
const finished = new Map<string, Conversion>();
const MOST_FINISHED = 12;

function remember(asked: string, conversion: Conversion): void {
  finished.set(asked, conversion);
  const [oldest] = finished.keys();
  if (finished.size > MOST_FINISHED) finished.delete(oldest);
}

/** The answer that is kept with the dish, where it answers this very question by today's model. */
const fits = (answer: SearchAnswer | null | undefined, asked: string): answer is SearchAnswer =>
  answer?.asked === asked && answer.model === __MODEL__;

/**
 * Searches air versions for what is described, anew after each change of the description; progress, stop, again. What was
 * searched before, lately or when the dish was last open, is shown again and not searched.
 */
export function useSearch(body: ConversionBody | null): Search {
  const dispatch = useAppDispatch();
  const store = useAppStore();
  const state = useSearchState();
  const { id } = useDish(selectDesk);
  const pantry = usePantryDocument();
  const [round, setRound] = useState(0);
  const now = body ? JSON.stringify(searchOf(body, pantry)) : '';
  const key = useCalm(now, false);
  const moving = key !== now;
  const question = useMemo(() => (key ? (JSON.parse(key) as DishQuestion) : null), [key]);
  const asked = useMemo(() => fingerprint(question), [question]);
  const calling = useRef<AbortController>(null);
  const chosen = useRef<Chosen | null>(null);
  const shown = useRef<Conversion | null>(null);
  const openedWith = useRef<Chosen | null>(null);
  const foundBefore = useRef(false);
  const guessed = useRef<Alternative | null>(null);
  const reading = useReading();
  useEffect(() => {
    chosen.current = body?.chosen ?? null;
    shown.current = state.conversion;
  });

  useEffect(() => {
    openedWith.current = chosen.current;
    foundBefore.current = false;
    return () => void dispatch(cleared());
  }, [dispatch, id]);

  useEffect(() => {
    // Whoever goes on changing it is not held up by a search for what it was.
    if (!question || !id || moving) return;
    const off = new AbortController();
    const { signal } = off;
    calling.current = off;
    const opened = stillOpened({
      chosen: chosen.current,
      openedWith: openedWith.current,
      shown: shown.current !== null,
      changed: store.getState().dish!.body.past.length > 0,
    });
    // A dish that was just opened with its version is read as it lies; what another question finds is new.
    const stays = opened !== null && mayStay(question, opened);
    reading.begin(stays);
    /** Lays the best on the bench, unless what lies there was touched or read: then it is announced in the line. */
    const lay = (versions: Found[]): void => {
      const [best] = versions;
      if (!best || reading.isRead()) return;
      dispatch(searchFound(versions));
      chosen.current = selectBody(store.getState().dish!)?.chosen ?? null;
      reading.shown(best.works);
    };
    const tell = (conversion: Conversion, settled: boolean): void => {
      if (signal.aborted) return;
      const all = withTaken(
        conversion,
        [...(shown.current?.alternatives ?? []), ...(guessed.current ? [guessed.current] : [])],
        chosen.current,
      );
      dispatch(found({ asked, conversion: all, settled }));
    };
    const settle = (conversion: Conversion): void => {
      if (signal.aborted) return;
      remember(asked, conversion);
      // What a whole search found once is bettered by the cook alone.
      if (!stays || !foundBefore.current) lay(versionsOf(conversion));
      tell(conversion, true);
      foundBefore.current = true;
    };

    const search = async (): Promise<void> => {
      const known = round === 0 ? finished.get(asked) : undefined;
      if (known) return settle(known);
      if (round === 0) {
        const answer = await dispatch(api.endpoints.keptAnswer.initiate(id, { subscribe: false }));
        if (signal.aborted) return;
        const found = answer.data?.found;
        foundBefore.current ||= Boolean(found);
        if (fits(found, asked)) return settle(await restore(question, found, signal));
      }
      const conversion = await convert(
        question,
        {
          onProgress: (progress) => dispatch(progressed({ asked, progress })),
          onGuess: (guess) => {
            if (signal.aborted) return;
            guessed.current = guess;
            // What was found before is not given up for half a search.
            if (!stays) lay([guess]);
          },
          onFound: (so) => {
            if (signal.aborted) return;
            if (!stays) lay(versionsOf(so));
            tell(so, false);
          },
        },
        signal,
      );
      settle(conversion);
      if (signal.aborted) return;
      void dispatch(api.endpoints.keepAnswer.initiate({ id, found: { asked, model: __MODEL__, ...kept(conversion) } }));
    };

    // What is still being changed is not searched; what was found before need not wait.
    const soon = setTimeout(
      () => {
        dispatch(begun(asked));
        search().catch((failure: unknown) => {
          if (signal.aborted) return;
          dispatch(failed({ asked, error: failure instanceof Error ? failure.message : String(failure) }));
        });
      },
      // A dish that was just opened is looked up at once.
      finished.has(asked) || shown.current === null ? 0 : PAUSE_MS,
    );
    signal.addEventListener('abort', () => clearTimeout(soon));
    return () => off.abort(new Error('called off'));
  }, [asked, question, id, moving, round, dispatch, store, reading]);

  const lying = body?.chosen ?? null;
  const { conversion } = state;
  useEffect(() => {
    // What was found before, or kept under a name, stands on the shelf as well while it lies on the bench.
    if (!question || !conversion || !lying || lying.family === 'own') return;
    if (choicesIn(conversion).some((a) => isTaken(a, lying))) return;
    const off = new AbortController();
    judgedAgain({ ...question, family: lying.family, plan: lying.plan }, off.signal).then(
      (judged) => {
        if (!off.signal.aborted) dispatch(joined({ asked, conversion: withTaken(conversion, [judged], lying) }));
      },
      // What cannot be judged today is on the bench all the same.
      () => undefined,
    );
    return () => off.abort(new Error('called off'));
  }, [asked, question, conversion, lying, dispatch]);

  const current = state.asked === asked;
  // One object as long as nothing changes: all boards read it.
  return useMemo(
    () => ({
      ...state,
      settled: state.settled && current,
      stopped: state.stopped && current,
      error: current ? state.error : '',
      stop: () => {
        calling.current?.abort(new Error('stopped'));
        dispatch(begun(asked));
        dispatch(stopped());
      },
      again: () => setRound((n) => n + 1),
    }),
    [state, current, asked, dispatch],
  );
}
