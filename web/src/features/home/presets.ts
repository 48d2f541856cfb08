import { exampleConversion, RANGES, type ConversionBody } from '@yellowmist/contract';
import {
  foodOf,
  KNOWN,
  type Dish,
  type FriedCook,
  type Fryer,
  type LayerSpec,
  type PieceShape,
} from '@yellowmist/core';

const layer = (...parts: [string, number][]): LayerSpec => ({
  portions: parts.map(([ingredientId, grams]) => ({ ingredientId, grams })),
});

export interface CoatPreset {
  id: string;
  label: string;
  layers: LayerSpec[];
  medium: FriedCook['medium'];
  tempC: number;
  /** How the food comes when it comes with this coat. */
  dish?: Partial<Dish>;
}

const FLOUR = layer(['wheat-flour', 60], ['salt', 2]);
const EGG = layer(['egg', 50]);

/** Coats that people fry, to start the sentence from. Proportions: common practice, no source. */
export const COAT_PRESETS: readonly CoatPreset[] = [
  {
    id: 'beer-batter',
    label: 'beer batter',
    medium: 'deep-oil',
    tempC: 185,
    layers: [layer(['wheat-flour', 150], ['beer', 210], ['baking-powder', 4], ['salt', 3])],
  },
  {
    id: 'fine-crumbs',
    label: 'flour, egg and fine crumbs',
    medium: 'deep-oil',
    tempC: 175,
    layers: [FLOUR, EGG, layer(['fine-crumbs', 80])],
  },
  {
    id: 'coarse-crumbs',
    label: 'flour, egg and coarse crumbs',
    medium: 'deep-oil',
    tempC: 175,
    layers: [FLOUR, EGG, layer(['coarse-crumbs', 60])],
  },
  { id: 'flour', label: 'flour only', medium: 'deep-oil', tempC: 180, layers: [FLOUR] },
  {
    id: 'buttermilk-flour',
    label: 'buttermilk and seasoned flour',
    medium: 'deep-oil',
    tempC: 170,
    layers: [
      layer(['buttermilk', 200]),
      { ...layer(['wheat-flour', 120], ['corn-starch', 30], ['paprika', 4], ['salt', 4]), clumped: true },
    ],
  },
  {
    id: 'cornmeal',
    label: 'buttermilk and cornmeal',
    medium: 'deep-oil',
    tempC: 180,
    layers: [layer(['buttermilk', 120]), layer(['cornmeal', 100], ['wheat-flour', 30], ['salt', 3])],
  },
  {
    id: 'starch',
    label: 'egg and potato starch',
    medium: 'deep-oil',
    tempC: 175,
    layers: [EGG, layer(['potato-starch', 80], ['salt', 2])],
  },
  {
    id: 'chickpea-batter',
    label: 'chickpea batter',
    medium: 'deep-oil',
    tempC: 175,
    layers: [layer(['chickpea-flour', 120], ['water', 150], ['salt', 3])],
  },
  {
    id: 'thin-batter',
    label: 'thin, cold batter of flour, egg and water',
    medium: 'deep-oil',
    tempC: 175,
    layers: [FLOUR, layer(['wheat-flour', 100], ['sparkling-water', 180], ['egg', 50])],
  },
  {
    id: 'ready-breaded',
    label: 'the crumbs they come in, frozen',
    medium: 'deep-oil',
    tempC: 180,
    layers: [FLOUR, EGG, layer(['fine-crumbs', 80], ['rapeseed-oil', 12])],
    dish: { readyCoated: true, preparation: 'frozen', startC: -18, skin: 'dry' },
  },
  {
    id: 'spring-roll-sheet',
    label: 'spring roll sheets',
    medium: 'deep-oil',
    tempC: 175,
    layers: [layer(['spring-roll-sheet', 50])],
  },
  {
    id: 'rice-paper',
    label: 'rice paper',
    medium: 'deep-oil',
    tempC: 175,
    layers: [layer(['rice-paper', 50])],
  },
];

interface Cut {
  shape: PieceShape;
  count: number;
  minutes: number;
  skin?: Dish['skin'];
}

const slab = (lengthMm: number, widthMm: number, thicknessMm: number): PieceShape => ({
  kind: 'slab',
  lengthMm,
  widthMm,
  thicknessMm,
});

/** How foods are usually cut for frying, and how long they then fry. Common practice, no source. */
const CUTS: Record<string, Cut> = {
  cauliflower: { shape: { kind: 'ball', diameterMm: 30 }, count: 40, minutes: 4 },
  broccoli: { shape: { kind: 'ball', diameterMm: 28 }, count: 40, minutes: 3.5 },
  courgette: { shape: { kind: 'disc', diameterMm: 50, thicknessMm: 10 }, count: 30, minutes: 3 },
  onion: { shape: { kind: 'ring', outerMm: 80, innerMm: 64, thicknessMm: 10 }, count: 20, minutes: 3 },
  'bell-pepper': { shape: { kind: 'ring', outerMm: 80, innerMm: 68, thicknessMm: 12 }, count: 16, minutes: 3 },
  aubergine: { shape: slab(100, 70, 12), count: 12, minutes: 5, skin: 'wet' },
  okra: { shape: { kind: 'rod', diameterMm: 16, lengthMm: 30 }, count: 60, minutes: 3.5 },
  'green-tomato': { shape: { kind: 'disc', diameterMm: 70, thicknessMm: 9 }, count: 16, minutes: 4, skin: 'wet' },
  'oyster-mushroom': { shape: { kind: 'irregular', longestMm: 70, thicknessMm: 16, massG: 18 }, count: 24, minutes: 5 },
  'button-mushroom': { shape: { kind: 'ball', diameterMm: 26 }, count: 30, minutes: 4 },
  'chicken-breast': { shape: slab(130, 80, 14), count: 4, minutes: 6 },
  'chicken-thigh': { shape: slab(45, 35, 22), count: 24, minutes: 6 },
  'chicken-wing': { shape: { kind: 'irregular', longestMm: 90, thicknessMm: 26, massG: 45 }, count: 16, minutes: 9 },
  'chicken-drumstick': { shape: { kind: 'rod', diameterMm: 42, lengthMm: 110 }, count: 8, minutes: 14 },
  'chicken-thigh-on-bone': { shape: slab(100, 65, 26), count: 6, minutes: 12 },
  'turkey-breast': { shape: slab(130, 90, 10), count: 4, minutes: 4 },
  'pork-loin': { shape: slab(130, 95, 9), count: 4, minutes: 3 },
  veal: { shape: slab(140, 100, 6), count: 4, minutes: 2.5 },
  'beef-steak': { shape: slab(130, 95, 9), count: 4, minutes: 3 },
  meatball: { shape: { kind: 'ball', diameterMm: 28 }, count: 20, minutes: 5 },
  cod: { shape: slab(130, 50, 20), count: 4, minutes: 5 },
  salmon: { shape: slab(110, 45, 20), count: 4, minutes: 5 },
  prawn: { shape: slab(70, 32, 12), count: 24, minutes: 2.5 },
  squid: { shape: { kind: 'ring', outerMm: 55, innerMm: 43, thicknessMm: 9 }, count: 40, minutes: 1.5 },
  halloumi: { shape: slab(80, 16, 16), count: 18, minutes: 3 },
  mozzarella: { shape: slab(80, 14, 14), count: 16, minutes: 2 },
  paneer: { shape: slab(60, 20, 20), count: 20, minutes: 3 },
  tofu: { shape: slab(60, 35, 18), count: 16, minutes: 4 },
  tempeh: { shape: slab(80, 35, 10), count: 12, minutes: 3.5 },
  'croquette-filling': { shape: { kind: 'rod', diameterMm: 22, lengthMm: 60 }, count: 18, minutes: 4.5 },
  'roll-filling': { shape: { kind: 'rod', diameterMm: 22, lengthMm: 90 }, count: 14, minutes: 5 },
  'mash-filling': { shape: { kind: 'rod', diameterMm: 22, lengthMm: 60 }, count: 18, minutes: 4.5 },
  // Halved: a whole one is dark before it is warm.
  'boiled-egg': { shape: { kind: 'irregular', longestMm: 52, thicknessMm: 22, massG: 26 }, count: 12, minutes: 4 },
  potato: { shape: slab(80, 12, 12), count: 60, minutes: 6 },
  'sweet-potato': { shape: slab(80, 12, 12), count: 60, minutes: 5 },
  'green-bean': { shape: { kind: 'rod', diameterMm: 8, lengthMm: 100 }, count: 60, minutes: 3 },
  // Halved lengthways.
  banana: { shape: slab(90, 30, 15), count: 8, minutes: 3 },
  apple: { shape: { kind: 'ring', outerMm: 75, innerMm: 20, thicknessMm: 8 }, count: 12, minutes: 3 },
  pineapple: { shape: { kind: 'ring', outerMm: 85, innerMm: 30, thicknessMm: 12 }, count: 8, minutes: 3 },
};
const USUAL: Cut = { shape: slab(60, 40, 16), count: 16, minutes: 4 };

/** The usual cut of a food. */
export const usualCut = (foodId: string): Cut => CUTS[foodId] ?? USUAL;

/** A dish in the words of the sentence. */
export function compose(foodId: string, coatId: string, count: number, minutes: number, fryer: Fryer): ConversionBody {
  const example = exampleConversion();
  const coat = COAT_PRESETS.find((c) => c.id === coatId)!;
  const { shape, skin } = usualCut(foodId);
  return {
    ...example,
    name: `${foodOf(KNOWN, foodId).name} in ${coat.label}`.slice(0, RANGES.nameLength.max).trim(),
    dish: { ...example.dish, foodId, shape, count, skin: skin ?? 'damp', ...coat.dish },
    fried: { ...example.fried, layers: coat.layers, medium: coat.medium, tempC: coat.tempC, minutes },
    fryer,
    limits: { ...example.limits, maxTempC: fryer.maxTempC, preheat: fryer.preheats ?? false },
  };
}
