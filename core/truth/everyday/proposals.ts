import { convertDish, KNOWN, kindOf, type Alternative, type CoatKind, type Conversion } from '../../src/index.js';
import { NO_LIMITS, type Everyday, type Expected } from './dish.js';

/** A dish of a list with what the converter proposes for it. */
export interface Proposal {
  dish: Everyday;
  conversion: Conversion;
  best: Alternative;
  /** Its minutes, at one temperature or at two. */
  minutes: number;
  kind: CoatKind;
}

/** What is proposed for a dish, by the first choices of every family. */
export function proposalFor(dish: Everyday): Proposal {
  const limits = { ...NO_LIMITS, maxTempC: dish.fryer.maxTempC };
  const conversion = convertDish({ pantry: KNOWN, dish: dish.dish, fried: dish.fried, fryer: dish.fryer, limits });
  const [best] = conversion.alternatives;
  const { settings, second } = best.plan;
  return { dish, conversion, best, minutes: settings.minutes + (second?.minutes ?? 0), kind: kindOf(best.layers) };
}

/** How near a proposal has to come to what is practised. */
export const NEAR = { minutes: 0.25, tempC: 15, share: 0.9 } as const;

const asExpected = (kind: CoatKind): Expected | CoatKind =>
  kind === 'thin-batter' || kind === 'thick-batter' ? 'batter' : kind;

export const isExpected = ({ dish, kind }: Proposal): boolean =>
  dish.expects.some((expected) => expected === asExpected(kind));

/** Of the expected kind, within 15 °C and 25 % of the practised minutes. */
export const isNear = (p: Proposal): boolean =>
  isExpected(p) &&
  Math.abs(p.best.plan.settings.tempC - p.dish.practised.tempC) <= NEAR.tempC &&
  Math.abs(p.minutes / p.dish.practised.minutes - 1) <= NEAR.minutes;

/** The value below which a share of a list lies. */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.round(share * (sorted.length - 1))];
}

const row = (p: Proposal): string => {
  const { practised, what } = p.dish;
  const { tempC } = p.best.plan.settings;
  return `| ${what} | ${practised.tempC} °C, ${practised.minutes} min | ${tempC} °C, ${p.minutes} min | ${p.kind} | ${p.best.likeness.toFixed(2)} | ${isNear(p) ? 'near' : 'off'} |`;
};

/** A list as it stands in the document, and below it how near it is as a whole. */
export function tableOf(proposals: readonly Proposal[]): string {
  const near = proposals.filter(isNear).length;
  const likenesses = proposals.flatMap((p) => p.conversion.alternatives.map((a) => a.likeness));
  const ratios = proposals.map((p) => p.minutes / p.dish.practised.minutes);
  const quartiles = [0.25, 0.5, 0.75].map((share) => quantile(likenesses, share).toFixed(2)).join(', ');
  return [
    '| dish | practised | proposed | coat | likeness | |',
    '| --- | --- | --- | --- | --- | --- |',
    ...proposals.map(row),
    '',
    `${near} of ${proposals.length} near; minutes ${quantile(ratios, 0.5).toFixed(2)} of the practised at the median; quartiles of the likeness of all versions ${quartiles}.`,
  ].join('\n');
}
