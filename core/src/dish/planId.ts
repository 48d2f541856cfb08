import type { AirPlan } from './types.js';

/** FNV-1a, 32 bits: offset and prime. */
const OFFSET = 0x811c9dc5;
const PRIME = 0x01000193;

/** All that a value holds, fields in the order of their names, what is undefined left out. */
function spelled(value: unknown): string {
  if (value === null || typeof value !== 'object') return String(value);
  if (Array.isArray(value)) return `[${value.map(spelled).join()}]`;
  const fields = Object.entries(value).filter(([, v]) => v !== undefined);
  return `{${fields
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([key, v]) => `${key}:${spelled(v)}`)
    .join()}}`;
}

/** A short name for a text, the same for the same text. */
export function fingerprint(value: unknown): string {
  let hash = OFFSET;
  for (const letter of spelled(value)) hash = Math.imul(hash ^ letter.codePointAt(0)!, PRIME);
  return (hash >>> 0).toString(36);
}

const known = new WeakMap<AirPlan, string>();

/** The plan's name among others: two plans of the same coat, cooked alike, have the same. Remembered with the object. */
export function planId(plan: AirPlan): string {
  const found = known.get(plan);
  if (found) return found;
  const id = fingerprint(plan);
  known.set(plan, id);
  return id;
}
