import type { Guest } from '@yellowmist/core';
import type { EveningBody } from './types.js';

/** The one supper of a kitchen that knew no evenings yet: dishes and guests, and no time. */
export interface OldSupper {
  name: string;
  dishIds: string[];
  guests: Guest[];
}

/** The identity that its evening gets in every kitchen, so that it is the same one in all of them. */
export const EVENING_OF_SUPPER = '00000000-0000-4000-8000-000000000001';

/** The evening that a supper becomes. */
export const eveningOfSupper = ({ name, dishIds, guests }: OldSupper): EveningBody => ({
  ...EMPTY_EVENING,
  name,
  dishes: dishIds.map((id) => ({ id })),
  guests,
});

/** An evening of which nothing has been said yet. */
export const EMPTY_EVENING: EveningBody = {
  name: 'Supper',
  state: 'planned',
  serveAt: null,
  startAt: null,
  timeZone: 'UTC',
  cooks: [{ name: 'You' }],
  dishes: [],
  guests: [],
  togetherMin: 5,
  roomC: 21,
  pins: [],
};
