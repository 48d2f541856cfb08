import { RANGES, type EveningBody } from '@yellowmist/contract';

/** The evening with a task that begins at a time, or is free again. */
export const pinnedAt = (body: EveningBody, id: string, fromMin: number | null): EveningBody => {
  const pins = body.pins.filter((p) => p.id !== id && p.id.split('#')[0] !== id.split('#')[0]);
  if (fromMin === null) return { ...body, pins };
  const beforeMin = Math.min(RANGES.beforeMin.max, Math.max(RANGES.beforeMin.min, -fromMin));
  return { ...body, pins: [...pins, { id, beforeMin }] };
};

/** Whether two tasks are parts or stretches of one piece of work. */
export const sameWork = (a: string, b: string): boolean => a.split('#')[0] === b.split('#')[0].replace(/\/\d+$/, '');
