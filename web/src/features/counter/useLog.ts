import { useCallback, useEffect, useRef, useState } from 'react';
import { v4 as newId } from 'uuid';
import type { CookDocument, StoredCookEvent } from '@yellowmist/contract';
import { serverNow, setByServer, ticked, type CookEvent, type Deed, type SteadyClock } from '@yellowmist/core';
import { lookAfter, useSignedOut } from '../../state/asking';
import { handOver, useBegunHere } from '../../state/handingOver';
import { hearClock, isKept, serverClock } from '../../state/serverClock';
import {
  forgetCook,
  forgetOthersOver,
  heard,
  keepTap,
  putBack,
  rememberCook,
  rememberedCook,
  together,
  waitingTaps,
} from '../../state/taps';

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
  const begun = useBegunHere(id);
  // What the browser kept is from another time, and knows less than this page did before it was loaded anew.
  const [kept] = useState(() => begun || isKept(document.nowMs));
  const [events, setEvents] = useState<CookEvent[]>(() => {
    const before = kept ? (rememberedCook(id)?.events ?? []) : [];
    return together(together(document.events, before), waitingTaps(id));
  });
  const [firstMs] = useState(() => (kept ? serverClock() : document.nowMs));
  const clock = useRef<SteadyClock | null>(null);
  clock.current ??= clockFrom(firstMs);
  const [nowMs, setNowMs] = useState(firstMs);
  useEffect(() => {
    if (!kept) hearClock(document.nowMs);
  }, [kept, document.nowMs]);
  const [connected, setConnected] = useState(!begun);
  const [waiting, setWaiting] = useState(() => waitingTaps(id).length);
  /** When this page's last tap was, ms. */
  const lastMs = useRef(0);

  const handOn = useCallback(async (): Promise<void> => {
    try {
      const heardMs = await handOver(id);
      if (heardMs === null) return;
      clock.current = clockFrom(heardMs);
      setConnected(true);
    } catch {
      setConnected(false);
    } finally {
      setWaiting(waitingTaps(id).length);
    }
  }, [id]);

  const signedOut = useSignedOut();
  useEffect(() => {
    // There is nothing to listen to of a cook that the server does not know yet.
    if (signedOut || begun) return;
    const source = new EventSource(`/api/cooks/${id}/stream`);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const message = JSON.parse(data) as { event: StoredCookEvent } | { nowMs: number } | { anew: true };
      setConnected(true);
      // A backup was brought back: what is shown here is of another time.
      if ('anew' in message) {
        forgetCook(id);
        return window.location.reload();
      }
      if ('event' in message) setEvents((known) => heard(known, message.event));
      else {
        clock.current = clockFrom(message.nowMs);
        hearClock(message.nowMs);
        lastMs.current = Math.min(lastMs.current, message.nowMs);
        putBack(id, message.nowMs);
        void handOn();
      }
    };
    // The browser goes on trying by itself, from the last event that it heard.
    source.onerror = () => {
      setConnected(false);
      lookAfter(source);
    };
    return () => source.close();
  }, [id, handOn, signedOut, begun]);

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
    const trying = setInterval(() => (begun || waitingTaps(id).length > 0) && void handOn(), AGAIN_MS);
    const back = (): void => void handOn();
    window.addEventListener('online', back);
    return () => {
      clearInterval(ticking);
      clearInterval(trying);
      window.removeEventListener('online', back);
    };
  }, [id, handOn, begun]);

  const over = events.some((e) => e.what === 'ended');
  const taps = events.filter((e) => e.what !== 'reading');
  useEffect(() => {
    rememberCook({ ...document, events: taps.map((e, k) => ({ ...e, seq: k })) });
    if (over) forgetOthersOver(id);
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
      void handOn();
    },
    [id, handOn],
  );
  return { events, nowMs, connected, waiting, tell };
}
