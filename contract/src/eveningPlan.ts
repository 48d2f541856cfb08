import {
  onTheClock,
  plain,
  type DishOfEvening,
  type DishOptions,
  type Evening,
  type EveningRequest,
  type Text,
} from '@yellowmist/core';
import { clockOf, type Clock } from './clock.js';
import type { EveningAnswer } from './eveningAnswers.js';
import type { Chosen, ConversionBody, EveningBody, KitchenBody } from './types.js';

/** Between an evening as it is written, the core that knows no clock, and what is answered. */

const MS_PER_MIN = 60_000;

/** What of an evening the plan depends on. */
export type ToPlan = Pick<
  EveningBody,
  'serveAt' | 'startAt' | 'timeZone' | 'cooks' | 'guests' | 'togetherMin' | 'roomC' | 'pins' | 'dishes'
>;

/** A dish that can be cooked: it has an air version. */
export const isPlanned = <T extends Pick<ConversionBody, 'chosen'>>(body: T): body is T & { chosen: Chosen } =>
  body.chosen !== null;

/** A converted dish as the evening takes it. */
export const dishOfEvening = (
  id: string,
  { name, dish, fried, fryer, limits, chosen }: Omit<ConversionBody, 'versions'> & { chosen: Chosen },
): DishOfEvening => ({ id, name, dish, fried, fryer, limits, plan: chosen.plan });

const optionsOf = (dishes: ToPlan['dishes']): Record<string, DishOptions> =>
  Object.fromEntries(dishes.map(({ id, ...options }) => [id, options]));

/**
 * What the core is asked.
 * @param nowMs ms since 1970: nothing can begin before it
 */
export function eveningRequest(
  evening: ToPlan,
  dishes: DishOfEvening[],
  kitchen: KitchenBody,
  have: string[],
  nowMs: number,
): EveningRequest {
  const { guests, cooks, togetherMin, roomC, pins, serveAt } = evening;
  const { fryers, bowls, trays, paces } = kitchen;
  return {
    dishes,
    guests,
    cooks,
    kitchen: { fryers, bowls, trays, paces },
    have,
    options: optionsOf(evening.dishes),
    togetherMin,
    roomC,
    pins,
    tableInMin: serveAt === null ? null : (Date.parse(serveAt) - nowMs) / MS_PER_MIN,
  };
}

const firstOf = ({ plan }: Evening): number => plan.tasks.reduce((least, t) => Math.min(least, t.fromMin), 0);

/** ms since 1970 of the table that was asked for, and of the one that comes out. */
export function tableOf(
  { serveAt, startAt }: Pick<ToPlan, 'serveAt' | 'startAt'>,
  evening: Evening,
  nowMs: number,
): { askedMs: number; tableMs: number } {
  if (serveAt !== null) {
    const askedMs = Date.parse(serveAt);
    return { askedMs, tableMs: askedMs + Math.ceil(evening.plan.lateMin) * MS_PER_MIN };
  }
  const startMs = startAt === null ? nowMs : Date.parse(startAt);
  const tableMs = startMs - firstOf(evening) * MS_PER_MIN;
  return { askedMs: tableMs, tableMs };
}

/** The clocks of an evening: for its tasks, and for what is said of the table that was asked for. */
export function clocksOf(evening: Evening, toPlan: ToPlan, nowMs: number): { clock: Clock; asked: Clock } {
  const { askedMs, tableMs } = tableOf(toPlan, evening, nowMs);
  return { clock: clockOf(tableMs, toPlan.timeZone), asked: clockOf(askedMs, toPlan.timeZone) };
}

const hundredths = (value: number): number => Math.round(value * 100) / 100;

/** A planned evening as other programs read it. */
export function eveningAnswer(evening: Evening, toPlan: ToPlan, nowMs: number): EveningAnswer {
  const { clock, asked } = clocksOf(evening, toPlan, nowMs);
  const first = firstOf(evening);
  const said = (text: Text): Text => onTheClock(text, asked.time);
  const min = (fromTable: number): number => hundredths(fromTable - first);
  const { plan } = evening;
  return {
    tasks: plan.tasks.map((t) => ({
      id: t.id,
      dishId: t.dishId,
      batch: t.batch,
      kind: t.kind,
      text: plain(t.text),
      textParts: t.text,
      reason: plain(t.reason),
      reasonParts: t.reason,
      cook: t.cook,
      fryer: t.fryer,
      fromAt: clock.iso(t.fromMin),
      toAt: clock.iso(t.toMin),
      fromMin: min(t.fromMin),
      toMin: min(t.toMin),
      after: t.after,
      ahead: t.ahead,
      pinned: t.pinned,
    })),
    table: {
      at: clock.iso(0),
      atMin: min(0),
      batches: plan.table.map(({ crispMin: _, ...b }) => ({
        ...b,
        readyMin: min(b.readyMin),
        eatenMin: min(b.eatenMin),
      })),
    },
    warnings: plan.warnings.map((w) => ({ ...w, text: plain(said(w.text)), textParts: said(w.text) })),
    cannot: plan.cannot.map((c) => ({
      why: plain(said(c.why)),
      whyParts: said(c.why),
      cheapest: plain(said(c.cheapest)),
      cheapestParts: said(c.cheapest),
      change: c.change,
    })),
    order: evening.order.map((t) => ({ dishId: t.dish.id, why: t.why, wash: t.wash.text })),
    shopping: evening.shopping.map((s) => ({
      shop: s.shop,
      items: s.items.map((i) => ({ ...i, amount: plain(i.amount) })),
    })),
    measuring: evening.measuring.map(({ dishId, name, rows }) => ({
      dishId,
      name,
      bowls: rows.map((r) => ({ bowl: r.bowl, parts: plain(r.parts) })),
    })),
    tried: plan.tried,
  };
}
