import { text } from '../../units/index.js';
import { byHand, withPlan } from './putting.js';
import type { Cause } from './types.js';

/** What can go wrong when it is done. */
export const AFTER_CAUSES: readonly Cause[] = [
  {
    key: 'sauce-much',
    words: 'Too much sauce went on',
    prior: 1,
    sizes: [1.7, 2.15, 2.6],
    put: (meant, times) => {
      const { second } = meant.lying.plan;
      return second?.sauce ? withPlan(meant, { second: { ...second, sauceGm2: second.sauceGm2 * times } }) : null;
    },
    mend: byHand(['sauce-much'], text`Brush a thin coat on, and put the rest beside it.`),
    shows: 'sauceGm2',
    sizeOf: (value, meant) => value / meant,
  },
  {
    key: 'sauce-hot',
    words: 'The sauce went on while the coat was still soft',
    prior: 1,
    sizes: [0],
    put: (meant, minutes) => {
      const { second } = meant.lying.plan;
      return second?.sauce && second.coolMin >= 2 ? withPlan(meant, { second: { ...second, coolMin: minutes } }) : null;
    },
    mend: byHand(['sauce-hot'], text`Let the pieces rest on a rack for 4 minutes before the sauce.`),
    shows: 'coolMin',
    sizeOf: (value) => value,
  },
  {
    key: 'plate',
    words: 'It waited on a plate',
    prior: 0.9,
    sizes: [1],
    put: (meant) => (meant.waits === 'rack' ? { ...meant, waits: 'plate' } : null),
    mend: byHand(['plate'], text`Let it rest on a rack: on a plate its steam stays under it.`),
    shows: 'onPlate',
  },
];
