import type { CookDocument } from '@yellowmist/contract';
import { notLaterThan, type CookEvent } from '@yellowmist/core';
import { readHere, writeHere } from './here';

/**
 * What a page keeps of a cook while the server is away: taps that it has not confirmed, in their order, the cook as it was
 * last known, and whether it began here. It outlives the page.
 */

const tapsKey = (id: string): string => `yellowmist.cook.${id}.taps`;
const cookKey = (id: string): string => `yellowmist.cook.${id}`;
const begunKey = (id: string): string => `yellowmist.cook.${id}.begun`;

/** Taps that wait for the server, the oldest first. */
export const waitingTaps = (id: string): CookEvent[] => readHere<CookEvent[]>(tapsKey(id), []);

/** Keeps a tap until the server has it. */
export const keepTap = (id: string, tap: CookEvent): void => writeHere(tapsKey(id), [...waitingTaps(id), tap]);

/** Forgets taps that the server has. Another window may have added some in the meantime: they stay. */
export function confirmTaps(id: string, confirmed: ReadonlySet<string>): void {
  const left = waitingTaps(id).filter((tap) => !confirmed.has(tap.id));
  if (left.length > 0) writeHere(tapsKey(id), left);
  else localStorage.removeItem(tapsKey(id));
}

/** A tap cannot have been later than now: where this page's clock ran ahead, its waiting taps are put back to the server's. */
export function putBack(id: string, nowMs: number): void {
  const taps = waitingTaps(id);
  if (taps.some((tap) => tap.atMs > nowMs)) writeHere(tapsKey(id), notLaterThan(taps, nowMs));
}

/** The cook as this browser last knew it. */
export const rememberedCook = (id: string): CookDocument | null => readHere<CookDocument | null>(cookKey(id), null);
export const rememberCook = (document: CookDocument): void => writeHere(cookKey(document.id), document);
export const forgetCook = (id: string): void => localStorage.removeItem(cookKey(id));

/** Keeps a cook that begins here until the server has it. @returns whether there was room for it */
export function keepBegun(document: CookDocument): boolean {
  rememberCook(document);
  writeHere(begunKey(document.id), true);
  return isBegunHere(document.id) && rememberedCook(document.id) !== null;
}
/** Whether a cook began here, and the server does not have it. */
export const isBegunHere = (id: string): boolean => readHere(begunKey(id), false);

/**
 * The server has a cook that began here. Where its clock shows another time, what happened in it is moved with its
 * beginning; once, whichever window hears of it.
 */
export function confirmBegun(told: CookDocument): void {
  const { id } = told;
  const known = rememberedCook(id);
  if (!isBegunHere(id) || !known) return;
  localStorage.removeItem(begunKey(id));
  const byMs = told.startedMs - known.startedMs;
  const moved = <T extends CookEvent>(event: T): T => ({ ...event, atMs: event.atMs + byMs });
  const taps = waitingTaps(id);
  if (taps.length > 0) writeHere(tapsKey(id), taps.map(moved));
  rememberCook({ ...told, events: known.events.map(moved) });
}

/** Keys of all that is kept of cooks. */
const cookKeys = (): string[] => Object.keys(localStorage).filter((key) => key.startsWith(cookKey('')));
const idsWith = (mark: string): string[] =>
  cookKeys().flatMap((key) => (key.endsWith(mark) ? [key.slice(cookKey('').length, -mark.length)] : []));

/** Cooks that began here and that the server does not have. */
export const begunHere = (): string[] => idsWith('.begun');
/** Cooks of which anything waits for the server. */
export const waitingCooks = (): string[] => [...new Set([...begunHere(), ...idsWith('.taps')])];

/** How many taps, and cooks that began here, wait for the server. */
export const waitingOfCooks = (): number =>
  waitingCooks().reduce((sum, id) => sum + waitingTaps(id).length + Number(isBegunHere(id)), 0);

const isOver = (events: readonly CookEvent[]): boolean => events.some((e) => e.what === 'ended');

/** Forgets cooks that are over and of which nothing waits, but for one that may be looked at again. */
export function forgetOthersOver(id: string): void {
  const waiting = new Set([id, ...waitingCooks()]);
  for (const other of cookKeys().map((key) => key.slice(cookKey('').length)))
    if (!waiting.has(other) && isOver(rememberedCook(other)?.events ?? [])) forgetCook(other);
}

/** Cooks that began here and that the server does not have, the latest first, with whether they are over. */
export const cooksBegunHere = (): { cook: CookDocument; over: boolean }[] =>
  begunHere()
    .flatMap((id) => rememberedCook(id) ?? [])
    .map((cook) => ({ cook, over: isOver(together(cook.events, waitingTaps(cook.id))) }))
    .sort((a, b) => b.cook.startedMs - a.cook.startedMs);

/** Forgets a cook with all that waits of it. */
export const leaveCook = (id: string): void =>
  [cookKey, tapsKey, begunKey].forEach((key) => localStorage.removeItem(key(id)));

/** Forgets all cooks, and what waits of them. */
export const forgetCooks = (): void => cookKeys().forEach((key) => localStorage.removeItem(key));

/** Events with one that the server has told: its word stands in the place of what this page said of the same. */
export function heard(known: readonly CookEvent[], event: CookEvent): CookEvent[] {
  const at = known.findIndex((e) => e.id === event.id);
  if (at < 0) return [...known, event];
  return known[at].atMs === event.atMs ? (known as CookEvent[]) : known.map((e, k) => (k === at ? event : e));
}

/** Events of both, each once. */
export function together(known: readonly CookEvent[], more: readonly CookEvent[]): CookEvent[] {
  const ids = new Set(known.map((e) => e.id));
  const fresh = more.filter((e) => !ids.has(e.id));
  return fresh.length === 0 ? (known as CookEvent[]) : [...known, ...fresh];
}
