import { useMemo, useSyncExternalStore } from 'react';
import { tellsOfBegun, type CookDocument, type CookEventsAnswer, type Problem } from '@yellowmist/contract';
import { ask } from './asking';
import { hearClock, serverClock } from './serverClock';
import {
  begunHere,
  confirmBegun,
  confirmTaps,
  cooksBegunHere,
  isBegunHere,
  leaveCook,
  putBack,
  rememberedCook,
  waitingCooks,
  waitingTaps,
} from './taps';
import { tellWrong } from './toast';
import * as texts from './texts';

/** Hands over what waits of a cook: first that it began, where it began here, then its taps in their order. */

/** Taps that go to the server at a time. */
const MOST_AT_ONCE = 100;
/** It is none that the server takes, however often it is sent. */
const NEVER = [400, 404, 413];

/** @param keepalive it is sent although the page is closed; only what is short can be */
const post = (path: string, body: unknown, keepalive = false): Promise<Response> =>
  ask(path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
    keepalive,
  });

/** What the server said against a cook that began here. */
const refused = new Map<string, string>();
const listeners = new Set<() => void>();
const tellAll = (): void => listeners.forEach((tell) => tell());

function listen(tell: () => void): () => void {
  listeners.add(tell);
  // Another window may have handed it over.
  globalThis.addEventListener?.('storage', tell);
  return () => {
    listeners.delete(tell);
    globalThis.removeEventListener?.('storage', tell);
  };
}

/** Whether a cook began here, and the server does not have it yet. */
export const useBegunHere = (id: string): boolean =>
  useSyncExternalStore(
    listen,
    () => isBegunHere(id),
    () => false,
  );

/** What of cooks that began here is looked at again whenever any of it changes. */
const whatBegan = (): string => JSON.stringify([begunHere(), [...refused]]);

/** Cooks that began here and that the server does not have, whether they are over, and why they were not taken. */
export function useCooksBegunHere(): { cook: CookDocument; over: boolean; refusal: string | null }[] {
  const now = useSyncExternalStore(listen, whatBegan, () => '');
  // eslint-disable-next-line react-hooks/exhaustive-deps
  return useMemo(() => cooksBegunHere().map((one) => ({ ...one, refusal: refused.get(one.cook.id) ?? null })), [now]);
}

/** Gives up a cook that began here, with all that was tapped of it. */
export function giveUp(id: string): void {
  leaveCook(id);
  refused.delete(id);
  tellAll();
}

/** @returns ms of the server's clock */
async function handOverCook(id: string): Promise<number> {
  const cook = rememberedCook(id);
  if (!cook || refused.has(id)) throw new Error(refused.get(id) ?? 'Nothing is known of it here.');
  const answer = await post(`/api/cooks?key=${id}`, tellsOfBegun(cook, serverClock()));
  if (NEVER.includes(answer.status)) {
    const { detail } = (await answer.json()) as Problem;
    refused.set(id, detail);
    tellAll();
    void tellWrong(texts.cookCouldNotBe(cook.name, detail));
    throw new Error(detail);
  }
  if (!answer.ok) throw new Error(answer.statusText);
  const told = (await answer.json()) as CookDocument;
  confirmBegun(told);
  tellAll();
  return told.nowMs;
}

/** @returns ms of the server's clock; null where there was nothing to hand over */
async function handOverTaps(id: string): Promise<number | null> {
  let nowMs: number | null = null;
  // What the server does not take is found among the others, and does not stand in the way of what comes after it.
  let most = MOST_AT_ONCE;
  for (let taps = waitingTaps(id); taps.length > 0; taps = waitingTaps(id)) {
    const some = taps.slice(0, most);
    const answer = await post(`/api/cooks/${id}/events`, { events: some }, true);
    if (answer.status >= 500) throw new Error(answer.statusText);
    // A tap of a clock that ran ahead was made now at the latest.
    const thereMs = Date.parse(answer.headers.get('date') ?? '');
    if (answer.status === 400 && some.some((tap) => tap.atMs > thereMs)) {
      putBack(id, thereMs);
      continue;
    }
    if (answer.status >= 400 && some.length > 1) {
      most = 1;
      continue;
    }
    if (answer.ok) ({ nowMs } = (await answer.json()) as CookEventsAnswer);
    else void tellWrong(texts.tapCouldNotBe(((await answer.json()) as Problem).detail));
    confirmTaps(id, new Set(some.map((e) => e.id)));
  }
  return nowMs;
}

async function handOverAll(id: string): Promise<number | null> {
  const begunMs = isBegunHere(id) ? await handOverCook(id) : null;
  const nowMs = (await handOverTaps(id)) ?? begunMs;
  if (nowMs !== null) hearClock(nowMs);
  return nowMs;
}

const underWay = new Map<string, Promise<number | null>>();

/**
 * Hands over what waits of a cook; whoever asks meanwhile waits for the same.
 * @returns ms of the server's clock; null where there was nothing to hand over
 * @throws Error where no server answers, or it does not take the cook
 */
export function handOver(id: string): Promise<number | null> {
  const before = underWay.get(id);
  if (before) return before;
  const now = handOverAll(id).finally(() => underWay.delete(id));
  underWay.set(id, now);
  return now;
}

/** Hands over what waits of all cooks, also of those whose page is not open. */
export const handOverCooks = (): void => waitingCooks().forEach((id) => void handOver(id).catch(() => undefined));
