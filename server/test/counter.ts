import { randomUUID } from 'node:crypto';
import type {
  ConversionBody,
  ConversionDocument,
  CookDocument,
  CookEventsAnswer,
  CookStanding,
  Problem,
} from '@yellowmist/contract';
import type { CookEvent, Deed } from '@yellowmist/core';
import { converted } from './converted.js';
import type { RunningServer } from './running.js';

/** What is done at a counter of a running server. */

export const event = (deed: Deed, more: Partial<CookEvent> = {}): CookEvent =>
  ({ id: randomUUID(), atMs: Date.now(), by: 'cook', ...deed, ...more }) as CookEvent;

/** Everything up to a kind of step, done. */
export function upTo({ programme: { steps } }: CookDocument, kind: string): CookEvent[] {
  const at = steps.findIndex((s) => s.kind === kind && s.cook !== null);
  return steps
    .slice(0, at)
    .filter((s) => s.cook !== null)
    .map((s) => event({ what: 'done', step: s.id }));
}

/** An answer is what its schema says. */
export const valid = (
  schema: { validate: (value: unknown, options: object) => { error?: Error } },
  body: unknown,
): void => expect(schema.validate(body, { convert: false }).error?.message).toBeUndefined();

/** The counter of a server, with a dish that can be cooked. */
export function counterOf(server: RunningServer) {
  let dish: ConversionDocument;
  const make = async (body: ConversionBody): Promise<ConversionDocument> =>
    (await server.ask<ConversionDocument>('POST', '/conversions', body)).body;
  return {
    make,
    /** Starts the server, and makes the dish. */
    async open(): Promise<ConversionDocument> {
      await server.start();
      dish = await make(converted('Oyster mushrooms'));
      return dish;
    },
    start: async (body: object = { conversionId: dish.id }): Promise<CookDocument> =>
      (await server.ask<CookDocument>('POST', '/cooks', body)).body,
    tell: (id: string, ...events: CookEvent[]) =>
      server.ask<CookEventsAnswer & Problem>('POST', `/cooks/${id}/events`, { events }),
    read: async (id: string): Promise<CookDocument> => (await server.ask<CookDocument>('GET', `/cooks/${id}`)).body,
    standing: async (id: string): Promise<CookStanding> =>
      (await server.ask<CookStanding>('GET', `/cooks/${id}/standing`)).body,
  };
}
