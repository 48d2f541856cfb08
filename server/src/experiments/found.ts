import {
  FORMATS,
  formatNumber,
  type ExperimentBody,
  type ExperimentDocument,
  type ListedExperiment,
} from '@yellowmist/contract';
import { plain, resultOf, tastingOrder, type ExperimentResult, type TastingAnswer } from '@yellowmist/core';
import type { Stamps } from '../documents/listed.entity.js';

/** What the tastings of an experiment come to. */
function resultIn({ planned, codes, tastings }: ExperimentBody): ExperimentResult {
  const answers = tastings.map(({ taster, order }): TastingAnswer => ({
    taster,
    order: order.length === 0 ? null : order.map((code) => codes.indexOf(code)),
  }));
  return resultOf(
    planned.ways.map((w) => w.name),
    planned.asks,
    answers,
  );
}

/** The order in which each taster is served next. */
function served({ tasters, tastings, codes, seed }: ExperimentBody): ExperimentDocument['serve'] {
  return tasters.map((taster, at) => {
    // Who tastes again goes round the table once more.
    const round = tastings.filter((t) => t.taster === taster).length;
    const order = tastingOrder(round * tasters.length + at, codes.length, seed);
    return { taster, order: order.map((way) => codes[way]) };
  });
}

/** A stored experiment with what follows from it. */
export function found({ id, version, createdAt, updatedAt }: Stamps, body: ExperimentBody): ExperimentDocument {
  const { says, ...result } = resultIn(body);
  const { expects } = body.planned;
  return {
    ...body,
    id,
    version,
    format: formatNumber(FORMATS.experiment),
    createdAt,
    updatedAt,
    serve: served(body),
    result: {
      ...result,
      says: plain(says),
      parts: says,
      asExpected: expects === null || result.ahead === null ? null : expects === result.ahead,
    },
  };
}

/** The same as it stands in a list. */
export function listed({ id, createdAt, updatedAt }: Stamps, body: ExperimentBody): ListedExperiment {
  const { says, sure } = resultIn(body);
  const { name, dishName, conversionId, asked, planned, tastings } = body;
  return {
    id,
    name,
    dishName,
    fryer: asked.fryer.name,
    conversionId,
    ways: planned.ways.map((way) => ({ mark: way.mark, name: way.name })),
    createdAt,
    updatedAt,
    tastings: tastings.length,
    sure,
    says: plain(says),
  };
}
