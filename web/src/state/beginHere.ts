import {
  cookThatBegins,
  dishOfEvening,
  eveningRequest,
  FORMATS,
  formatNumber,
  isPlanned,
  isWhole,
  oneDish,
  tellsOfBegun,
  wholeEvening,
  type ConversionBody,
  type CookDocument,
  type EveningBody,
} from '@yellowmist/contract';
import type { DishOfEvening } from '@yellowmist/core';
import { planEvening } from '../worker/core';
import { api } from './api';
import { serverClock } from './serverClock';
import { store } from './store';
import { keepBegun } from './taps';
import * as texts from './texts';

/** A cook that begins in the browser while the server is away: planned here, by what was last known of the kitchen. */

/** What is cooked, as it is seen where it is begun: a dish, or an evening. */
export type Cooked =
  { dish: Omit<ConversionBody, 'versions'> & { id: string } } | { evening: EveningBody & { id: string } };

/** More of it is not taken by the server, whose bodies have 256 kB at most. */
const MOST_B = 250_000;

const { conversions, kitchenInUse, pantry } = api.endpoints;
const ONCE = { subscribe: false } as const;

/** What of an answer is in this browser. @throws Error in words where it is not */
const here = <T>(answer: Promise<T>): Promise<T> =>
  answer.catch(() => {
    throw new Error(texts.notEnoughIsHere);
  });

async function dishesOf(of: Cooked): Promise<DishOfEvening[]> {
  const listed = 'dish' in of ? [of.dish] : await here(store.dispatch(conversions.initiate(undefined, ONCE)).unwrap());
  const wanted = 'dish' in of ? [of.dish] : of.evening.dishes;
  return wanted.map(({ id }) => {
    const dish = listed.find((d) => d.id === id);
    if (!dish || !isWhole(dish) || !isPlanned(dish)) throw new Error(texts.dishIsNotHere);
    return dishOfEvening(id, dish);
  });
}

/**
 * Begins a cook here; it is handed over when the server is back.
 * @param id that it has from now on, here and there
 * @throws Error in words, where not enough of it is known here, or there is no room for it
 */
export async function beginHere(of: Cooked, id: string, timeZone: string): Promise<void> {
  const toBegin = 'dish' in of ? oneDish(of.dish.id, of.dish.name, timeZone) : wholeEvening(of.evening.id, of.evening);
  const nowMs = serverClock();
  const kitchen = await here(store.dispatch(kitchenInUse.initiate(undefined, ONCE)).unwrap());
  const { have, own } = await here(store.dispatch(pantry.initiate(undefined, ONCE)).unwrap());
  const dishes = await dishesOf(of);
  const request = eveningRequest(toBegin.toPlan, dishes, kitchen, have, nowMs);
  const evening = await planEvening({ ...request, own }, () => undefined, new AbortController().signal);
  const body = cookThatBegins(toBegin, { evening, dishes }, { nowMs, timeZone });
  const document: CookDocument = {
    ...body,
    id,
    format: formatNumber(FORMATS.cook),
    startedAt: new Date(nowMs).toISOString(),
    endedAt: null,
    simulated: [],
    events: [],
    nowMs,
    notes: [],
  };
  const told = new Blob([JSON.stringify(tellsOfBegun(document, nowMs))]);
  if (told.size > MOST_B) throw new Error(texts.tooLargeToBegin);
  if (!keepBegun(document)) throw new Error(texts.noRoomToBegin);
}
