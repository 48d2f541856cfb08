import type { Sold } from '../types.js';
import { cut, FDC_PORTIONS, sold, unit, whole } from '../build.js';

const shaped = (form: 'balls' | 'rods' | 'patties', sizeMm: number, name: string) =>
  cut(form, sizeMm, 'Set cold; weigh one, shape the rest alike, and chill them again before they are coated.', {
    name,
  });
const BATCH = [unit('bowl', 600), unit('cup', 240)];
const bowlOf = (...cuts: ReturnType<typeof shaped>[]) => ({ units: BATCH, body: { kind: 'ball' } as const, cuts });

/** How made-up fillings, patties and eggs are sold and shaped. Weights: common practice. */
export const FILLINGS_SOLD: Readonly<Record<string, Sold>> = {
  'croquette-filling': sold({
    ...bowlOf(shaped('rods', 23, 'croquettes'), shaped('balls', 32, 'balls')),
    usual: { amount: 1, minutes: 4.5 },
  }),
  'roll-filling': sold({
    units: [unit('roll', 38), unit('bowl', 600)],
    body: { kind: 'rod', slender: 4 },
    cuts: [
      whole('A spoonful in a line, the sheet rolled tight and its sides folded in: air inside bursts it.', {
        name: 'rolls',
      }),
    ],
    usual: { amount: 14, minutes: 5 },
  }),
  'mash-filling': sold({
    ...bowlOf(shaped('rods', 23, 'croquettes'), shaped('balls', 30, 'balls'), shaped('patties', 60, 'cakes')),
    usual: { amount: 1, minutes: 4.5 },
  }),
  'risotto-filling': sold({
    ...bowlOf(shaped('balls', 34, 'balls'), shaped('patties', 60, 'cakes')),
    usual: { amount: 1, minutes: 7 },
  }),
  'macaroni-cheese': sold({
    ...bowlOf(shaped('balls', 30, 'balls'), shaped('patties', 55, 'cakes')),
    usual: { amount: 1, minutes: 6 },
  }),
  'chickpea-patty': sold({
    ...bowlOf(shaped('balls', 32, 'balls'), shaped('patties', 50, 'patties')),
    usual: { amount: 1, minutes: 6 },
  }),
  'lentil-patty': sold({
    ...bowlOf(shaped('patties', 55, 'patties'), shaped('balls', 32, 'balls')),
    usual: { amount: 1, minutes: 5 },
  }),
  'bean-patty': sold({
    ...bowlOf(shaped('patties', 75, 'burgers')),
    usual: { amount: 1, minutes: 6 },
  }),
  'boiled-egg': sold({
    units: [unit('egg', 52), unit('large egg', 58)],
    body: { kind: 'lump', sides: [56, 42, 42] },
    cuts: [
      cut('halves', null, 'Cold, peeled, lengthwise with a wet knife: a whole one is dark before it is warm.'),
      whole('Cold and peeled.'),
    ],
    usual: { amount: 6, minutes: 4 },
    source: FDC_PORTIONS,
  }),
};
