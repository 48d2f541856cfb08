import { useCallback, useEffect, useRef, useState } from 'react';
import { v4 as newId } from 'uuid';
import type { CookDocument, CookEventsAnswer, Problem, StoredCookEvent } from '@yellowmist/contract';
import { serverNow, setByServer, ticked, type CookEvent, type Deed, type SteadyClock } from '@yellowmist/core';
import {
  confirmTaps,
  forgetCook,
  heard,
  keepTap,
  putBack,
  rememberCook,
  together,
  waitingTaps,
} from '../../state/taps';
import { ask, lookAfter, useSignedOut } from '../../state/asking';
import { tellWrong } from '../../state/toast';
import * as texts from './texts';

/** How often the page looks at its clock, ms, and how often it tries to hand over what waits. */
const TICK_MS = 250;
const AGAIN_MS = 2_000;
/** A page that was not asked for so long was asleep, ms. */
const ASLEEP_MS = 3_000;

export interface CookLog {
  events: CookEvent[];
  /** ms since 1970 by the server's clock. */
  nowMs: number;
  /** Whether the server is there, and how many taps wait for it. */
  connected: boolean;
  waiting: number;
  tell: (deed: Deed) => void;
}

const clockFrom = (serverMs: number): SteadyClock =>
  setByServer(serverMs, performance.now(), performance.now(), Date.now());

/**
 * The event log of a cook as this page knows it: fetched, streamed, and tapped here. It goes on by itself while the server is
 * away, keeps its taps, and hands them over in order when it is back.
 */
export function useLog(document: CookDocument): CookLog {
  const { id } = document;
  const [events, setEvents] = useState<CookEvent[]>(() => together(document.events, waitingTaps(id)));
  const clock = useRef<SteadyClock | null>(null);
  clock.current ??= clockFrom(document.nowMs);
  const [nowMs, setNowMs] = useState(document.nowMs);
  const [connected, setConnected] = useState(true);
  const [waiting, setWaiting] = useState(() => waitingTaps(id).length);
  const handing = useRef(false);
  /** When this page's last tap was, ms. */
  const lastMs = useRef(0);

  const handOver = useCallback(async (): Promise<void> => {
    if (handing.current) return;
    handing.current = true;
    try {
      // What the server does not take is found among the others, and does not stand in the way of what comes after it.
      let most = MOST_AT_ONCE;
      for (let taps = waitingTaps(id); taps.length > 0; taps = waitingTaps(id)) {
        const some = taps.slice(0, most);
        const answer = await ask(`/api/cooks/${id}/events`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ events: some }),
          keepalive: true,
        });
        if (answer.status >= 500) throw new Error(answer.statusText);
        setConnected(true);
        if (answer.status >= 400 && some.length > 1) {
          most = 1;
          continue;
        }
        if (answer.status < 400) clock.current = clockFrom(((await answer.json()) as CookEventsAnswer).nowMs);
        else void tellWrong(texts.tapCouldNotBe(((await answer.json()) as Problem).detail));
        confirmTaps(id, new Set(some.map((e) => e.id)));
      }
    } catch {
      setConnected(false);
    } finally {
      handing.current = false;
      setWaiting(waitingTaps(id).length);
    }
  }, [id]);

  const signedOut = useSignedOut();
  useEffect(() => {
    if (signedOut) return;
    const source = new EventSource(`/api/cooks/${id}/stream`);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const message = JSON.parse(data) as { event: StoredCookEvent } | { nowMs: number } | { anew: true };
      setConnected(true);
      // A backup was brought back: what is shown here is of another time.
      if ('anew' in message) return window.location.reload();
      if ('event' in message) setEvents((known) => heard(known, message.event));
      else {
        clock.current = clockFrom(message.nowMs);
        lastMs.current = Math.min(lastMs.current, message.nowMs);
        putBack(id, message.nowMs);
        void handOver();
      }
    };
    // The browser goes on trying by itself, from the last event that it heard.
    source.onerror = () => {
      setConnected(false);
      lookAfter(source);
    };
    return () => source.close();
  }, [id, handOver, signedOut]);

  useEffect(() => {
    let last = performance.now();
    const look = (): void => {
      const count = performance.now();
      const asleep = globalThis.document.hidden || count - last > ASLEEP_MS;
      last = count;
      clock.current = ticked(clock.current!, count, Date.now(), asleep);
      setNowMs(serverNow(clock.current, count));
    };
    const ticking = setInterval(look, TICK_MS);
    const trying = setInterval(() => waitingTaps(id).length > 0 && void handOver(), AGAIN_MS);
    const back = (): void => void handOver();
    window.addEventListener('online', back);
    return () => {
      clearInterval(ticking);
      clearInterval(trying);
      window.removeEventListener('online', back);
    };
  }, [id, handOver]);

  const over = events.some((e) => e.what === 'ended');
  const taps = events.filter((e) => e.what !== 'reading');
  useEffect(() => {
    if (over) forgetCook(id);
    else rememberCook({ ...document, events: taps.map((e, k) => ({ ...e, seq: k })) });
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id, over, taps.length]);

  const tell = useCallback(
    (deed: Deed): void => {
      // The clock is set anew by every answer, and may go back a little: taps come one after the other all the same.
      const atMs = Math.max(Math.round(serverNow(clock.current!, performance.now())), lastMs.current + 1);
      lastMs.current = atMs;
      const event: CookEvent = { id: newId(), atMs, by: 'cook', ...deed };
      keepTap(id, event);
      setWaiting(waitingTaps(id).length);
      setEvents((known) => together(known, [event]));
      void handOver();
    },
    [id, handOver],
  );
  return { events, nowMs, connected, waiting, tell };
}

/** Taps that go to the server at a time. */
const MOST_AT_ONCE = 100;
