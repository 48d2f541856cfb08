import {
  colourUnder,
  corrected,
  followedS,
  lyingOf,
  plannedSeries,
  reviewOf,
  stateOf,
  trueSeries,
  wentOn,
  type BatchCorrection,
  type BatchReview,
  type BatchState,
  type CookEvent,
  type CookPace,
  type CookSeries,
  type CounterBatch,
  type Face,
  type Forecast,
  type Programme,
  type Truth,
} from '@yellowmist/core';
import { work } from './work.js';

/** A cook as far as it is known. */
export interface ToCorrect {
  programme: Programme;
  pace: CookPace;
  events: CookEvent[];
}

/** A correction without the curves that it comes from. */
export interface SlimCorrection extends Omit<BatchCorrection, 'forecast'> {
  forecast: Pick<Forecast, 'wantedC' | 'centre' | 'golden' | 'out'> | null;
}

/** What was seen and read of a cook, batch by batch. */
export const correct = work((pantry, { programme, pace, events }: ToCorrect): SlimCorrection[] =>
  [...corrected(pantry, programme, stateOf(programme, pace, events)).values()].map(({ forecast, ...rest }) => ({
    ...rest,
    forecast: forecast && {
      wantedC: forecast.wantedC,
      centre: forecast.centre,
      golden: forecast.golden,
      out: forecast.out,
    },
  })),
);

/** A batch in a simulated fryer. */
export interface ToPractise {
  programme: Programme;
  batch: string;
  state: BatchState;
  truth: Truth;
}

const batchOf = (programme: Programme, key: string): CounterBatch => programme.batches.find((b) => b.key === key)!;

export const practise = work((pantry, { programme, batch, state, truth }: ToPractise): CookSeries => {
  const lying = lyingOf(pantry, programme, batchOf(programme, batch));
  return trueSeries(lying, truth, wentOn(lying, state)(followedS(lying)));
});

/** A batch by its plan. */
export interface ToExpect {
  programme: Programme;
  batch: string;
  atS: number;
  face: Face;
}

export const expectedColour = work((pantry, { programme, batch, atS, face }: ToExpect): number =>
  colourUnder(plannedSeries(lyingOf(pantry, programme, batchOf(programme, batch))), face, atS, 0),
);

/** The end of a rehearsal. */
export interface ToReview extends ToCorrect {
  truths: Record<string, Truth>;
  nowS: number;
}

export const review = work((pantry, { programme, pace, events, truths, nowS }: ToReview): BatchReview[] =>
  reviewOf(pantry, programme, pace, events, ({ key }) => truths[key], nowS),
);
