import { PLAIN_AIR } from '@yellowmist/core';
import type {
  Chosen,
  ConversionBody,
  CookBody,
  EveningBody,
  ExperimentBody,
  KitchenBody,
  LearningBody,
  PantryBody,
} from './types.js';

/** One way up: a body of one format as the next one has it. */
type Step = (body: never) => unknown;

/** The format of a kind of stored document: raised when its shape changes, with a step that brings old ones up. */
export interface Format<Body> {
  /** What an error calls the document. */
  what: string;
  /** Steps from each format to the next; the first brings format 1 up to 2. Today's format is one more than there are. */
  steps: readonly Step[];
  /** Never read: names the type of a body of today's format. */
  readonly body?: Body;
}

/** Format 1 knew no water tray, looks, swap of racks or second cook. */
function fromFirst(body: ConversionBody): ConversionBody {
  if (!body.chosen) return body;
  const { plan } = body.chosen;
  const chosen: Chosen = {
    ...body.chosen,
    plan: { ...plan, settings: { ...PLAIN_AIR, ...plan.settings }, second: plan.second ?? null },
  };
  return { ...body, chosen };
}

/** Format 2 knew no named versions. */
const fromSecond = (body: ConversionBody): ConversionBody => ({ ...body, versions: body.versions ?? [] });

/** The formats of all kinds of stored documents. */
export const FORMATS = {
  conversion: { what: 'dish', steps: [fromFirst, fromSecond] } as Format<ConversionBody>,
  kitchen: { what: 'kitchen', steps: [] } as Format<KitchenBody>,
  pantry: { what: 'pantry', steps: [] } as Format<PantryBody>,
  evening: { what: 'evening', steps: [] } as Format<EveningBody>,
  cook: { what: 'cook', steps: [] } as Format<CookBody>,
  experiment: { what: 'experiment', steps: [] } as Format<ExperimentBody>,
  learning: { what: 'learning', steps: [] } as Format<LearningBody>,
} as const;

/** The number of today's format. */
export const formatNumber = ({ steps }: Format<unknown>): number => steps.length + 1;

/**
 * Brings a stored body up to today's format, step by step.
 * @throws Error when it was written by a newer Yellowmist
 */
export function upgrade<Body>(format: Format<Body>, from: number, body: unknown): Body {
  const today = formatNumber(format);
  if (from > today) {
    throw new Error(`This ${format.what} was saved by a newer Yellowmist (format ${from}; this one reads ${today}).`);
  }
  return format.steps.slice(from - 1).reduce((current, step) => step(current as never), body) as Body;
}
