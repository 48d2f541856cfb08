import { useEffect, useRef, useState } from 'react';
import {
  clocksOf,
  dishOfEvening,
  eveningRequest,
  isPlanned,
  isWhole,
  type Clock,
  type EveningBody,
  type ListedConversion,
} from '@yellowmist/contract';
import { fingerprint, type Evening } from '@yellowmist/core';
import { useConversionsQuery, useKitchenInUseQuery } from '../../state/api';
import { usePantryDocument } from '../../state/pantryDocument';
import * as texts from './texts';

/** An evening as it was planned, with its clocks. */
export interface Planned {
  /** Of what it is the plan. */
  key: string;
  evening: Evening;
  clock: Clock;
  /** The clock of the table that was asked for. */
  asked: Clock;
}

export interface Planning {
  planned: Planned | null;
  /** Dishes of the evening that are not in its plan: not converted yet, or not to be opened here. */
  leftOut: ListedConversion[];
  /** Whether what is shown is the plan of what is asked now. */
  current: boolean;
  progress: { done: number; of: number; what: 'dishes' | 'schedules' } | null;
  error: string;
}

/** A hand that is still changing things is not answered at once, ms. */
const PAUSE_MS = 120;
const MINUTE_MS = 60_000;

/** The moment, to the minute: a plan does not change because a second went by. */
const thisMinute = (): number => Math.floor(Date.now() / MINUTE_MS) * MINUTE_MS;

/** The plan of an evening, made anew when what it depends on changes; what was planned last is shown meanwhile. */
export function usePlan(body: EveningBody): Planning {
  const listed = useConversionsQuery().data;
  const kitchen = useKitchenInUseQuery(undefined, { refetchOnMountOrArgChange: true }).data;
  const { own, have } = usePantryDocument();
  const mine = body.dishes.flatMap(({ id }) => listed?.find((d) => d.id === id) ?? []);
  const dishes = mine.filter(isWhole).filter(isPlanned);
  const { name: _name, state: _state, ...asked } = body;
  const ready = kitchen !== undefined && listed !== undefined && dishes.length > 0;
  const key = ready ? fingerprint([asked, dishes.map((d) => [d.id, d.version, d.name]), kitchen, own, have]) : '';
  const [state, setState] = useState<{ planned: Planned | null; error: string; of: string }>({
    planned: null,
    error: '',
    of: '',
  });
  const [progress, setProgress] = useState<Planning['progress']>(null);
  const latest = useRef(key);
  useEffect(() => {
    latest.current = key;
    if (!ready) return;
    const calling = new AbortController();
    const timer = setTimeout(() => {
      const nowMs = thisMinute();
      const request = eveningRequest(
        body,
        dishes.map((d) => dishOfEvening(d.id, d)),
        kitchen,
        have,
        nowMs,
      );
      const tell = (done: number, of: number, what: 'dishes' | 'schedules'): void => {
        if (latest.current === key) setProgress({ done, of, what });
      };
      import('../../worker/core')
        .then(({ planEvening }) => planEvening({ ...request, own }, tell, calling.signal))
        .then(
          (evening) => {
            if (latest.current !== key) return;
            setState({ planned: { key, evening, ...clocksOf(evening, body, nowMs) }, error: '', of: key });
            setProgress(null);
          },
          (failure: { message?: string }) => {
            if (calling.signal.aborted || latest.current !== key) return;
            setState((s) => ({ ...s, error: failure.message ?? texts.itCouldNotBe, of: key }));
            setProgress(null);
          },
        );
    }, PAUSE_MS);
    return () => {
      clearTimeout(timer);
      calling.abort(new Error('asked anew'));
    };
    // What is asked is all in the key.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, ready]);
  const planned = dishes.length > 0 ? state.planned : null;
  const current = state.of === key;
  const leftOut = mine.filter((d) => !dishes.some(({ id }) => id === d.id));
  return { planned, leftOut, current, progress, error: current ? state.error : '' };
}
