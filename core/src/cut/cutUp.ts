import type { Food } from '../foods/index.js';
import { geometryOf, type PieceShape } from '../piece/index.js';
import { Refusal } from '../units/index.js';
import { sized } from './body.js';
import { MINUTES_BY_THICKNESS, POT_MINUTES } from './constants.js';
import { soldAs } from './sold.js';
import { KNIVES, PER_WHOLE } from './knife.js';
import type { Amount, FoodCut, CutUp, MarketUnit, Sold } from './types.js';

/** Digits of a millimetre that a knife can tell. */
const TENTH = 10;
const tenth = (value: number): number => Math.round(value * TENTH) / TENTH;

const rounded = (shape: PieceShape): PieceShape =>
  Object.fromEntries(Object.entries(shape).map(([k, v]) => [k, typeof v === 'number' ? tenth(v) : v])) as PieceShape;

/** Density of the food with its pores, kg/m³. */
const bulkDensity = (food: Food): number => food.densityKgM3 * (1 - food.food.porosity);

/** Units of what lies there cut: so many pieces, or their weight. */
export const PIECES = 'piece';
export const GRAMS_CUT = 'g-cut';

/** Usual weights that a kitchen has changed, g by unit id. */
export type OwnWeights = Readonly<Record<string, number>>;

/** The unit that an amount is counted in; the food's first for a weight. @throws Refusal for an unknown unit */
export function unitOf(sold: Sold, { unit }: Amount): MarketUnit {
  const found = unit === 'g' ? sold.units[0] : sold.units.find((u) => u.id === unit);
  if (!found) {
    throw new Refusal(`"${unit}" is no unit of it: g, ${sold.units.map((u) => u.id).join(', ')} are known.`);
  }
  return found;
}

/** The cut of this id; the food's first without. @throws Refusal for a cut that the food is not known in */
export function cutNamed(sold: Sold, id: string | undefined): FoodCut {
  const found = id === undefined ? sold.cuts[0] : sold.cuts.find((c) => c.id === id);
  if (!found) throw new Refusal(`"${id}" is no cut of it: ${sold.cuts.map((c) => c.id).join(', ')} are known.`);
  return found;
}

/** Whole ones that an amount is, and g of one, as bought. By weight the whole ones are counted where they stay whole. */
function wholes(amount: Amount, grams: number, cut: FoodCut): { number: number; eachG: number } {
  if (amount.unit !== 'g') return { number: amount.amount, eachG: grams };
  const number = amount.amount / grams;
  if ((cut.perWhole ?? PER_WHOLE[cut.id]) === undefined) return { number, eachG: grams };
  const counted = Math.max(1, Math.round(number));
  return { number: counted, eachG: amount.amount / counted };
}

/** Pieces that lie there cut, from usual ones; what they came from follows. */
function lying(food: Food, sold: Sold, cut: FoodCut, { unit: by, amount }: Amount, sizeMm?: number | null): CutUp {
  const [unit] = sold.units;
  const density = bulkDensity(food);
  const trimmed = unit.trimmed ?? sold.trimmed;
  const body = sized(sold.body, unit.grams * trimmed, density);
  const shape = rounded(KNIVES[cut.id](body, sizeMm ?? cut.sizeMm ?? 0, cut, density));
  const pieceG = geometryOf(shape, density).massG;
  const count = Math.max(1, Math.round(by === PIECES ? amount : amount / pieceG));
  const usedG = count * pieceG;
  const perWhole = cut.perWhole ?? PER_WHOLE[cut.id];
  const boughtG = perWhole === undefined ? usedG / (trimmed * cut.share) : (count / perWhole) * unit.grams;
  return { shape, count, pieceG, boughtG, usedG, leftG: Math.max(0, boughtG - usedG) };
}

/**
 * The pieces that an amount of a food gives in a cut: a whole one by its weight and proportions, the cut's geometry, and
 * what is left for something else.
 * @param sizeMm the cut's own length, mm; the usual one without
 * @param weighed usual weights that the kitchen has changed
 * @throws Refusal for an unknown unit or cut, or an amount of nothing
 */
export function cutUp(
  food: Food,
  amount: Amount,
  cutId?: string,
  sizeMm?: number | null,
  weighed: OwnWeights = {},
): CutUp {
  if (!(amount.amount > 0)) throw new Refusal('There must be more than nothing of it.');
  const sold = soldAs(food);
  const cut = cutNamed(sold, cutId);
  if (amount.unit === PIECES || amount.unit === GRAMS_CUT) return lying(food, sold, cut, amount, sizeMm);
  const unit = unitOf(sold, amount);
  const { number, eachG } = wholes(amount, weighed[unit.id] ?? unit.grams, cut);
  const density = bulkDensity(food);
  const trimmed = unit.trimmed ?? sold.trimmed;
  const body = sized(sold.body, eachG * trimmed, density);
  const shape = rounded(KNIVES[cut.id](body, sizeMm ?? cut.sizeMm ?? 0, cut, density));
  const pieceG = geometryOf(shape, density).massG;
  const boughtG = number * eachG;
  const perWhole = cut.perWhole ?? PER_WHOLE[cut.id];
  const byWeight = (boughtG * trimmed * cut.share) / pieceG;
  const count = Math.max(1, Math.round(perWhole === undefined ? byWeight : number * perWhole));
  const usedG = Math.min(boughtG, count * pieceG);
  return { shape, count, pieceG, boughtG, usedG, leftG: Math.max(0, boughtG - usedG) };
}

const thicknessM = (food: Food, shape: PieceShape): number => geometryOf(shape, bulkDensity(food)).halfThicknessM;

/** Minutes that such a piece of a food usually takes in the pot, to the half minute; those of its usual cut by thickness. */
export function usualPotMinutes(food: Food, shape: PieceShape): number {
  const { usual } = soldAs(food);
  const ratio = thicknessM(food, shape) / thicknessM(food, usualCutUp(food).shape);
  const minutes = Math.round(usual.minutes * ratio ** MINUTES_BY_THICKNESS * 2) / 2;
  return Math.min(POT_MINUTES.most, Math.max(POT_MINUTES.least, minutes));
}

/** What a dish of this food begins with: the usual amount in the usual cut. */
export function usualAmount(food: Food): Amount {
  const { units, usual } = soldAs(food);
  return { unit: units[0].id, amount: usual.amount };
}

/** The same, cut. */
export const usualCutUp = (food: Food): CutUp => cutUp(food, usualAmount(food));
