import { RANGES, type DishAtEvening, type EveningBody } from '@yellowmist/contract';
import type { Change } from '@yellowmist/core';
import * as texts from './texts';

const MS_PER_MIN = 60_000;

/** The evening with other dishes; what was pinned of a dish goes with it. */
export function withDishes(body: EveningBody, dishes: DishAtEvening[]): EveningBody {
  const gone = body.dishes.filter(({ id }) => !dishes.some((d) => d.id === id));
  return { ...body, dishes, pins: body.pins.filter((pin) => !gone.some(({ id }) => pin.id.startsWith(`${id}:`))) };
}

/** The evening with a change that the plan proposed. */
export function taken(body: EveningBody, change: Change): EveningBody {
  switch (change.what) {
    case 'later': {
      if (body.serveAt === null) return body;
      const later = new Date(Date.parse(body.serveAt) + change.byMin * MS_PER_MIN).toISOString();
      return { ...body, serveAt: later.replace('.000', '') };
    }
    case 'fryer':
      return { ...body, dishes: body.dishes.map((d) => (d.id === change.dishId ? { ...d, fryer: change.fryer } : d)) };
    case 'ahead':
      return { ...body, dishes: body.dishes.map((d) => (d.id === change.dishId ? { ...d, ahead: change.ahead } : d)) };
    case 'cooks':
      return { ...body, cooks: withHands(body.cooks, change.cooks) };
    case 'unpin':
      return { ...body, pins: body.pins.filter((p) => p.id !== change.id) };
    case 'leave-out':
      return withDishes(
        body,
        body.dishes.filter((d) => d.id !== change.dishId),
      );
  }
}

function withHands(cooks: EveningBody['cooks'], wanted: number): EveningBody['cooks'] {
  const all = [...cooks];
  for (let k = 2; all.length < Math.min(wanted, RANGES.cooks.max); k++) {
    const name = texts.handsAt(k);
    if (!all.some((c) => c.name === name)) all.push({ name });
  }
  return all;
}
