import type { CookDocument } from '@yellowmist/contract';
import { notLaterThan, type CookEvent } from '@yellowmist/core';
import { readHere, writeHere } from './here';

/**
 * What a page keeps of a cook while the server is away: taps that it has not confirmed, in their order, and the cook as it
 * was last known. It outlives the page.
 */

const tapsKey = (id: string): string => `yellowmist.cook.${id}.taps`;
const cookKey = (id: string): string => `yellowmist.cook.${id}`;

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

/** Keys of all that is kept of cooks. */
const cookKeys = (): string[] => Object.keys(localStorage).filter((key) => key.startsWith(cookKey('')));

/** Taps of all cooks that wait for the server. */
export const waitingTapsOfAll = (): number =>
  cookKeys().reduce((sum, key) => sum + (key.endsWith('.taps') ? readHere<unknown[]>(key, []).length : 0), 0);

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
