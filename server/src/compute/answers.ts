import type {
  AlternativeAnswer,
  ChangeAnswer,
  CookAnswer,
  ConvertAnswer,
  KeepPotAnswer,
  OutcomesAnswer,
  ReasonAnswer,
  SeriesAnswer,
  SimulateAnswer,
} from '@yellowmist/contract';
import {
  COLUMNS,
  lyingUp,
  plain,
  type AirResult,
  type Alternative,
  type CoatLayer,
  type Column,
  type CookSeries,
  type FriedResult,
  type KeepPot,
  type Outcomes,
  type Reason,
  type Text,
  type WholeConversion,
  type WorthChange,
} from '@yellowmist/core';

const rounded = (values: ArrayLike<number>): number[] => Array.from(values, (v) => Math.round(v * 1e4) / 1e4);

const seriesAnswer = (series: CookSeries, turnAtMin: number | null): SeriesAnswer => ({
  timeS: rounded(series.timeS),
  columns: Object.fromEntries(COLUMNS.map((c) => [c, rounded(series.columns[c])])) as Record<Column, number[]>,
  liesUp: lyingUp(turnAtMin, (series.timeS.at(-1) ?? 0) / 60),
});

const reasonAnswer = ({ about, weight, text, move }: Reason): ReasonAnswer => ({
  about,
  weight,
  text: plain(text),
  textParts: text,
  move: plain(move),
  moveParts: move,
});

/** Outcomes as JSON: a set time that never comes is null, for JSON has no infinity. */
const outcomesAnswer = (outcomes: Outcomes): OutcomesAnswer =>
  Object.fromEntries(
    Object.entries(outcomes).map(([key, o]) => [
      key,
      { ...o, value: Number.isFinite(o.value) ? o.value : null, reasons: o.reasons.map(reasonAnswer) },
    ]),
  );

const cookAnswer = (cook: FriedResult | AirResult): CookAnswer => ({
  outcomes: outcomesAnswer(cook.outcomes),
  reasons: cook.reasons.map(reasonAnswer),
  oilPerPieceG: cook.oilPerPieceG,
});

const laid = (layer: CoatLayer | undefined) => ({
  name: layer?.name ?? '',
  pickUpGm2: layer?.pickUpGm2 ?? 0,
  thicknessMm: (layer?.thicknessM ?? 0) * 1000,
});

const said = (texts: readonly Text[]): string[] => texts.map(plain);

function alternativeAnswer(a: Alternative): AlternativeAnswer {
  return {
    ...cookAnswer(a),
    id: a.id,
    family: a.family,
    variant: a.variant,
    idea: a.idea,
    works: a.works,
    unsafe: a.unsafe,
    likeness: a.likeness,
    badges: a.badges,
    against: said(a.against),
    againstParts: a.against,
    layers: a.plan.layers.map((layer, i) => ({ ...layer, ...laid(a.layers[i]) })),
    settings: a.plan.settings,
    second: a.plan.second,
    making: a.plan.making ?? null,
    restMin: a.plan.restMin,
    oilGm2: a.plan.oilGm2,
    sprayOilG: a.sprayOilG,
    bowls: a.bowls,
    beside: a.beside,
    perServing: a.perServing,
    seasoning: { ...a.seasoning, move: plain(a.seasoning.move) },
    allergens: a.allergens,
    piecesPerBatch: a.load.piecesPerBatch,
    batches: a.load.batches,
    racksUsed: a.load.racksUsed,
    energy: a.energy,
    grammar: a.grammar.map(({ at, rule, text, repair }) => ({
      at,
      rule,
      text: plain(text),
      textParts: text,
      repair: plain(repair),
      repairParts: repair,
    })),
    steps: said(a.steps),
    stepParts: a.steps,
    cautions: a.cautions.map(({ text, ...rest }) => ({ ...rest, text: plain(text), textParts: text })),
  };
}

const changeAnswer = ({ id, text, buys, gain, needed }: WorthChange): ChangeAnswer => ({
  id,
  text: plain(text),
  textParts: text,
  buys: said(buys),
  buysParts: buys,
  gain,
  needed,
});

const keepPotAnswer = ({ why, reason, nearest }: KeepPot): KeepPotAnswer => ({
  why,
  reason: plain(reason),
  reasonParts: reason,
  nearest: plain(nearest),
  nearestParts: nearest,
});

/**
 * What `POST /api/convert` answers.
 * @param changes what the first of its alternatives changes of the cook's own
 */
export const conversionAnswer = (c: WholeConversion, changes: readonly WorthChange[]): ConvertAnswer => ({
  fried: cookAnswer(c.fried),
  original: alternativeAnswer(c.original),
  alternatives: c.alternatives.map(alternativeAnswer),
  changes: changes.map(changeAnswer),
  keepPot: c.keepPot && keepPotAnswer(c.keepPot),
  tried: c.candidates.map(({ plan, score: _, ...tried }) => ({
    ...tried,
    tempC: plan.settings.tempC,
    turnAtMin: plan.settings.turnAtMin,
    oilGm2: plan.oilGm2,
  })),
  simulations: c.simulations,
  complete: c.complete,
});

/** What `POST /api/simulate` answers: the series over time and the outcomes at the end. */
export const simulationAnswer = (result: FriedResult | AirResult, turnAtMin: number | null): SimulateAnswer => ({
  ...seriesAnswer(result.series, turnAtMin),
  outcomes: outcomesAnswer(result.outcomes),
  reasons: result.reasons.map(reasonAnswer),
  waiting: result.waiting.map(({ place, sauced, crispMin }) => ({ place, sauced, crispMin })),
  layers: result.layers.map(laid),
});
