import { isWetLayer, type LayerSpec } from '../coat/index.js';
import { dishAs } from '../dish/index.js';
import { ingredient, totalGrams } from '../foods/index.js';
import { throughMm } from '../piece/index.js';
import { isBatter } from '../plan/index.js';
import type { Put } from './put.js';

/** What of the doing is told, or can be looked after. */
export const DID_FIELDS = [
  'wetSkin',
  'waterOut',
  'thicknessMm',
  'startC',
  'dusted',
  'tapped',
  'batter',
  'pressed',
  'restMin',
  'oilG',
  'bothSides',
  'preheated',
  'airOffC',
  'rack',
  'parchment',
  'piecesAtOnce',
  'openings',
  'turned',
  'turnedAtMin',
  'minutes',
  'burningLater',
  'sauceGm2',
  'coolMin',
  'onPlate',
] as const;
export type DidField = (typeof DID_FIELDS)[number];

/** Whether a field is one of the doing. */
export const isDid = (field: string): field is DidField => (DID_FIELDS as readonly string[]).includes(field);

const share = (is: boolean): number => (is ? 1 : 0);

/** Liquid to powder of the batters of a coat, by weight; null without one. */
function liquidShare({ lying: { pantry, plan } }: Doing): number | null {
  const portions = plan.layers.filter((layer) => isBatter(pantry, layer)).flatMap((layer) => layer.portions);
  if (portions.length === 0) return null;
  const wet = portions.filter((p) => ingredient(pantry, p.ingredientId).wet);
  const wetG = totalGrams(wet);
  return wetG / Math.max(1, totalGrams(portions) - wetG);
}

/** The first layer, where it is a powder under a wet one: a dust. */
export function dustOf({ lying: { pantry, plan } }: Pick<Put, 'lying'>): LayerSpec | null {
  const [first, second] = plan.layers;
  return first && second && !isWetLayer(pantry, first) && isWetLayer(pantry, second) ? first : null;
}

/** What was done in a cook; how it comes out does not matter to it. */
export type Doing = Omit<Put, 'pot'>;

const RACKS = { only: 1, upper: 2, lower: 0 } as const;

/** Pieces from above, m²: all alike are enough to reckon oil by. */
const sprayedG = ({ lying: { plan, load } }: Doing, pieceAreaM2: number): number =>
  plan.oilGm2 * pieceAreaM2 * load.piecesPerBatch;

/**
 * What was done in a cook as it is put: what does not apply is missing.
 * @param meant the same cook as it was meant, for what is told against it
 */
export function didIn(put: Doing, meant: Doing, pieceAreaM2: number): Partial<Record<DidField, number>> {
  const { plan, fryer, load } = put.lying;
  const dish = dishAs(put.lying.dish, plan);
  const [ratio, recipe] = [liquidShare(put), liquidShare(meant)];
  const { happened, unknowns } = put;
  const { second } = plan;
  const meantLast = meant.lying.plan.layers.at(-1);
  const all: Record<DidField, number | null> = {
    wetSkin: share(dish.skin === 'wet'),
    waterOut: meant.lying.dish.preparation === 'raw' ? null : share(dish.preparation === meant.lying.dish.preparation),
    thicknessMm: throughMm(dish.shape) * Math.exp(unknowns.sizeLog),
    startC: dish.startC + unknowns.startK,
    dusted: dustOf(meant) ? share(dustOf(put) !== null) : null,
    tapped: dustOf(put) ? share(!dustOf(put)!.untapped) : null,
    batter: ratio !== null && recipe !== null ? ratio / recipe : null,
    pressed: meantLast?.pressed ? share(plan.layers.at(-1)?.pressed ?? false) : null,
    restMin: plan.layers.length > 0 ? plan.restMin : null,
    oilG: sprayedG(put, pieceAreaM2),
    bothSides: meant.lying.plan.oilGm2 > 0 ? share(!put.oiledAbove) : null,
    preheated: share(plan.settings.preheated),
    airOffC: fryer.offsetC + unknowns.offsetK,
    rack: fryer.racks > 1 ? RACKS[put.level ?? 'only'] : null,
    parchment: share(plan.settings.under === 'parchment'),
    piecesAtOnce: load.piecesPerBatch,
    openings: happened.opensAtMin.length,
    turned: share(happened.turnAtMin !== null),
    turnedAtMin: happened.turnAtMin,
    minutes: happened.minutes,
    burningLater: meant.lying.plan.making?.later?.length ? share((plan.making?.later?.length ?? 0) > 0) : null,
    sauceGm2: second?.sauce ? second.sauceGm2 : null,
    coolMin: second?.sauce ? second.coolMin : null,
    onPlate: share(put.waits === 'plate'),
  };
  return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== null));
}
