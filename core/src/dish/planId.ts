import type { AirPlan } from './types.js';

/** FNV-1a, 32 bits: the prime, its offset, and another one, so that two together make 64 bits. */
const PRIME = 0x01000193;
const OFFSETS = [0x811c9dc5, 0x9e3779b9] as const;

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
  const letters = spelled(value);
  return OFFSETS.map((offset) => {
    let hash: number = offset;
    for (let i = 0; i < letters.length; i++) hash = Math.imul(hash ^ letters.charCodeAt(i), PRIME);
    return (hash >>> 0).toString(36);
  }).join('-');
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
