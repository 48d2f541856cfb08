import { RANGES } from '@yellowmist/contract';
import { batchName, type CounterBatch, type Programme, type Timer } from '@yellowmist/core';
import type { Turn } from '../../state/units';

/** Time that is left as it stands on a clock: "6:05", "0:40"; beyond its end "+0:20". */
export function digits(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  const said = `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
  return seconds < -0.5 ? `+${said}` : said;
}

/** What a timer is called: its batch and where it is, or what goes on. */
export function timerName(timer: Timer, programme: Programme): string {
  const batch = batchOf(timer.batch, programme);
  return batch ? batchName(batch, programme) : timer.step.head;
}

export const batchOf = (key: string | null, { batches }: Programme): CounterBatch | undefined =>
  batches.find((b) => b.key === key);

/** °C of a centre as it was typed, in the cook's unit; null where it is no number or no centre. */
export function centreRead(text: string, { stored }: Pick<Turn, 'stored'>): number | null {
  const typed = text.trim().replace(',', '.');
  const centreC = stored(Number(typed));
  const { min, max } = RANGES.centreC;
  return typed !== '' && Number.isFinite(centreC) && centreC >= min && centreC <= max ? centreC : null;
}

/** The words of the one press area for a step. */
const PRESSES: Partial<Record<Timer['step']['kind'], string>> = {
  load: 'It is in',
  unload: 'It is out',
  look: 'Looked, and shut',
  check: 'Checked',
  preheat: 'It heats',
  serve: 'On the table',
};

export const pressWords = (kind: Timer['step']['kind']): string => PRESSES[kind] ?? 'Done';
