import type {
  AirResult,
  Alternative,
  Column,
  Conversion,
  CookSeries,
  FriedResult,
  Outcomes,
  Reason,
} from '@yellowmist/core';
import { COLUMNS } from '@yellowmist/core';

/** A cook's series as JSON: seconds, and one array per column (units in its name). */
export interface SeriesAnswer {
  timeS: number[];
  columns: Record<Column, number[]>;
}

const rounded = (values: ArrayLike<number>): number[] => Array.from(values, (v) => Math.round(v * 1e4) / 1e4);

export const seriesAnswer = (series: CookSeries): SeriesAnswer => ({
  timeS: rounded(series.timeS),
  columns: Object.fromEntries(COLUMNS.map((c) => [c, rounded(series.columns[c])])) as Record<Column, number[]>,
});

/** Outcomes as JSON: a set time that never comes is null, for JSON has no infinity. */
export const outcomesAnswer = (outcomes: Outcomes): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(outcomes).map(([key, o]) => [key, { ...o, value: Number.isFinite(o.value) ? o.value : null }]),
  );

export interface CookAnswer {
  outcomes: Record<string, unknown>;
  reasons: Reason[];
  oilPerPieceG: number;
}

const cookAnswer = (cook: FriedResult | AirResult): CookAnswer => ({
  outcomes: outcomesAnswer(cook.outcomes),
  reasons: cook.reasons,
  oilPerPieceG: cook.oilPerPieceG,
});

function alternativeAnswer(a: Alternative) {
  return {
    ...cookAnswer(a),
    family: a.family,
    variant: a.variant,
    idea: a.idea,
    works: a.works,
    likeness: a.likeness,
    badges: a.badges,
    against: a.against,
    layers: a.plan.layers.map((layer, i) => ({
      ...layer,
      name: a.layers[i]?.name ?? '',
      pickUpGm2: a.layers[i]?.pickUpGm2 ?? 0,
      thicknessMm: (a.layers[i]?.thicknessM ?? 0) * 1000,
    })),
    settings: a.plan.settings,
    second: a.plan.second,
    restMin: a.plan.restMin,
    oilGm2: a.plan.oilGm2,
    sprayOilG: a.sprayOilG,
    bowls: a.bowls,
    seasoning: a.seasoning,
    allergens: a.allergens,
    piecesPerBatch: a.load.piecesPerBatch,
    batches: a.load.batches,
    racksUsed: a.load.racksUsed,
    energy: a.energy,
    grammar: a.grammar,
    steps: a.steps,
    cautions: a.cautions,
  };
}

/** What `POST /api/convert` answers. */
export const conversionAnswer = (c: Conversion) => ({
  fried: cookAnswer(c.fried),
  original: alternativeAnswer(c.original),
  alternatives: c.alternatives.map(alternativeAnswer),
  /** Every cook that was tried, at its best minute, without its plan's layers. */
  tried: c.candidates.map((tried) => ({
    family: tried.family,
    variant: tried.variant,
    likeness: tried.likeness,
    crispness: tried.crispness,
    oilPerPieceG: tried.oilPerPieceG,
    minutes: tried.minutes,
    bowls: tried.bowls,
    works: tried.works,
    tempC: tried.plan.settings.tempC,
    turnAtMin: tried.plan.settings.turnAtMin,
    oilGm2: tried.plan.oilGm2,
  })),
  simulations: c.simulations,
});
