import { text } from '../../units/index.js';
import type { Put } from '../put.js';
import { byHand, withSettings } from './putting.js';
import type { Cause } from './types.js';

const crowdedBy = (meant: Put, times: number): Put => {
  const { lying } = meant;
  const { load } = lying;
  return {
    ...meant,
    lying: {
      ...lying,
      load: {
        ...load,
        coverage: Math.min(1, load.coverage * times),
        piecesPerBatch: Math.max(load.piecesPerBatch + 1, Math.round(load.piecesPerBatch * times)),
      },
    },
  };
};

/** What can go wrong in the basket. */
export const BASKET_CAUSES: readonly Cause[] = [
  {
    key: 'crowded',
    words: 'The basket was crowded',
    prior: 1,
    sizes: [1.4, 1.8, 2.2],
    put: crowdedBy,
    mend: byHand(['crowded'], text`Cook it in one batch more, with a finger’s breadth between the pieces.`),
    shows: 'piecesAtOnce',
    sizeOf: (value, meant) => value / meant,
  },
  {
    key: 'no-turn',
    words: 'The pieces were not turned',
    prior: 0.9,
    sizes: [1],
    put: (meant) =>
      meant.happened.turnAtMin === null ? null : { ...meant, happened: { ...meant.happened, turnAtMin: null } },
    mend: byHand(['no-turn'], text`Turn the pieces at half time, with something thin and flat.`),
    shows: 'turned',
  },
  {
    key: 'turned-early',
    words: 'The pieces were turned before the coat had set',
    prior: 0.7,
    sizes: [1, 1.75, 2.5],
    put: (meant, atMin) =>
      (meant.happened.turnAtMin ?? 0) < 4 ? null : { ...meant, happened: { ...meant.happened, turnAtMin: atMin } },
    mend: byHand(['turned-early'], text`Leave the pieces alone until half time: a coat that has set comes away whole.`),
    shows: 'turnedAtMin',
    sizeOf: (value) => value,
  },
  {
    key: 'parchment',
    words: 'Parchment lay under the pieces',
    prior: 0.4,
    sizes: [1],
    put: (meant) => (meant.lying.plan.settings.under === 'basket' ? withSettings(meant, { under: 'parchment' }) : null),
    mend: byHand(['parchment'], text`Leave the parchment out: oil the basket, and lay the pieces on its bare grid.`),
    shows: 'parchment',
  },
  {
    key: 'upper-rack',
    words: 'It stood on the upper rack',
    prior: 0.8,
    sizes: [1],
    put: (meant) =>
      meant.lying.fryer.racks > 1 && meant.lying.load.racksUsed === 1 && meant.level === undefined
        ? { ...meant, level: 'upper' }
        : null,
    mend: byHand(['upper-rack'], text`Put it on the middle or the lower rack: the upper one sees the heater.`),
    shows: 'rack',
  },
];
