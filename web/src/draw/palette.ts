import { interpolateRgb, lab } from 'd3';
import { crustColour, type CoatLayer, type Food } from '@yellowmist/core';

/** CSS colour of a crust of browning `b`. */
export const crustCss = (b: number): string => lab(...crustColour(b)).formatRgb();

/** Raw and cooked look of the inside of a food. */
const INSIDES: Record<string, readonly [string, string]> = {
  meat: ['#dfa19b', '#d8c2a4'],
  fish: ['#e6d3cd', '#f3ecdf'],
  milk: ['#f7f0d8', '#f2dc98'],
  egg: ['#f6e9b8', '#f2dc98'],
  none: ['#dfe6c4', '#cbcf9c'],
};
const BY_FOOD: Record<string, readonly [string, string]> = {
  'oyster-mushroom': ['#e6dfd1', '#bfae95'],
  'button-mushroom': ['#eae4d8', '#bfae95'],
  aubergine: ['#ece9d3', '#c3b88d'],
  'green-tomato': ['#cfdc9d', '#b3b96c'],
  okra: ['#c4d69c', '#98a65f'],
  tofu: ['#f3eedd', '#efe4c4'],
  onion: ['#f0eee2', '#e2dcb8'],
  'croquette-filling': ['#f1e7c9', '#efdfb0'],
};

/** Colour of food at `tempC`, from raw through cooked (40–78 °C). */
export function insideCss(food: Food, tempC: number): string {
  const [raw, cooked] = BY_FOOD[food.id] ?? INSIDES[food.origin];
  return interpolateRgb(raw, cooked)(Math.min(1, Math.max(0, (tempC - 40) / 38)));
}

/** Colour of a layer before it browns: wet glassy, dry floury. */
export function rawLayerCss(layer: CoatLayer, wetness: number): string {
  const dry = layer.wet ? '#f0dfae' : layer.grain === 'starch' ? '#f4f1ea' : '#efe3c2';
  const wet = layer.batter ? '#f3e7c3' : layer.wet ? '#f2c868' : '#e3d3a2';
  return interpolateRgb(dry, wet)(Math.min(1, Math.max(0, wetness)));
}

const SAUCES: Record<string, string> = {
  'tomato-ketchup': '#ad2d1f',
  'barbecue-sauce': '#6b2a17',
  'sweet-chilli-sauce': '#cf5a26',
  'soy-honey-glaze': '#6f3c17',
  'chilli-butter-sauce': '#d4692f',
  'tomato-sauce': '#b93c27',
};
const ANY_SAUCE = '#a8432a';

/** Colour of a sauce: it darkens as it dries to a glaze. */
export function sauceCss(sauce: CoatLayer, wetness: number): string {
  const wet = SAUCES[sauce.portions[0]?.ingredientId ?? ''] ?? ANY_SAUCE;
  return interpolateRgb('#3f190d', wet)(0.55 + 0.45 * Math.min(1, Math.max(0, wetness)));
}
