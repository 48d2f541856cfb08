import { asItsPage, type Happened } from '../dish/index.js';
import { NOTHING_KNOWN, seriesUnder, type Lying, type Unknowns } from '../evidence/index.js';
import { withLiquidTimes } from '../coat/index.js';
import type { CookSeries } from '../heat/index.js';
import { seeded, seedOf } from '../units/index.js';
import { PRACTICE_FOOD, PRACTICE_LOG, PRACTICE_OFF_K, SURPRISING } from './constants.js';

/** What can go otherwise in a rehearsal. */
export const SURPRISES = ['runs-hot', 'opened-often', 'no-oil', 'thin-batter', 'crowded'] as const;
export type Surprise = (typeof SURPRISES)[number];

/** What is really so, and is not told: of the fryer, of this batch's food, and what went wrong. */
export interface Truth {
  unknowns: Unknowns;
  surprises: readonly Surprise[];
}

/** Everything as it was said. */
export const AS_SAID: Truth = { unknowns: NOTHING_KNOWN, surprises: [] };

const between = (random: () => number, least: number, most: number): number => least + (most - least) * random();

/**
 * The truth of a practice fryer for one batch: the fryer's own is the same under the same name, for ever; the food of each
 * batch is its own.
 * @param fryer its name
 * @param batch anything that names the batch among all cooks
 */
export function practiceTruth(fryer: string, batch: string, surprises: readonly Surprise[] = []): Truth {
  const own = seeded(seedOf(fryer));
  const food = seeded(seedOf(`${fryer}/${batch}`));
  const sign = own() < 0.5 ? -1 : 1;
  return {
    unknowns: {
      offsetK: sign * between(own, PRACTICE_OFF_K.least, PRACTICE_OFF_K.most),
      airLog: between(own, -PRACTICE_LOG.air, PRACTICE_LOG.air),
      browningLog: between(own, -PRACTICE_LOG.browning, PRACTICE_LOG.browning),
      startK: -between(food, 0, PRACTICE_FOOD.colderK),
      sizeLog: between(food, -PRACTICE_FOOD.sizeLog, PRACTICE_FOOD.sizeLog),
    },
    surprises,
  };
}

/**
 * The truth of a rehearsal for one batch: a fryer as the kitchen page says it, food that is a little otherwise in every
 * batch, and the surprises that were chosen.
 */
export function rehearsalTruth(batch: string, surprises: readonly Surprise[]): Truth {
  const { startK, sizeLog } = practiceTruth('', batch).unknowns;
  return { unknowns: { ...NOTHING_KNOWN, startK, sizeLog }, surprises };
}

/** How far a fryer's air really is off its setting, K. */
export const reallyOffK = (truth: Truth): number =>
  truth.unknowns.offsetK + (truth.surprises.includes('runs-hot') ? SURPRISING.hotterK : 0);

/** A batch as it really is and lies; what of it no plan can say stays among the unknowns. */
export function really(lying: Lying, { unknowns, surprises }: Truth): { lying: Lying; unknowns: Unknowns } {
  const has = (surprise: Surprise): boolean => surprises.includes(surprise);
  const { plan, load, pantry } = lying;
  const crowd = has('crowded') ? SURPRISING.crowded : 1;
  // What is learned of a practice fryer is learned of what it really is, and does not move it.
  const fryer = lying.fryer.practice ? asItsPage(lying.fryer) : lying.fryer;
  return {
    lying: {
      ...lying,
      fryer,
      plan: {
        ...plan,
        oilGm2: has('no-oil') ? 0 : plan.oilGm2,
        layers: has('thin-batter')
          ? plan.layers.map((layer) => withLiquidTimes(pantry, layer, SURPRISING.thinner))
          : plan.layers,
      },
      load: {
        ...load,
        coverage: Math.min(1, load.coverage * crowd),
        piecesPerBatch: Math.round(load.piecesPerBatch * crowd),
      },
    },
    unknowns: { ...unknowns, offsetK: unknowns.offsetK + (has('runs-hot') ? SURPRISING.hotterK : 0) },
  };
}

/** When it is really opened: as it happened, and by somebody who cannot leave it alone. */
export function opened({ surprises }: Truth, happened: Happened): Happened {
  if (!surprises.includes('opened-often')) return happened;
  const n = Math.floor(happened.minutes / SURPRISING.openedEveryMin);
  const more = Array.from({ length: n }, (_, k) => (k + 1) * SURPRISING.openedEveryMin);
  return { ...happened, opensAtMin: [...happened.opensAtMin, ...more] };
}

/** The cook that really happens. */
export function trueSeries(lying: Lying, truth: Truth, happened: Happened): CookSeries {
  const real = really(lying, truth);
  return seriesUnder(real.lying, real.unknowns, opened(truth, happened));
}
