import {
  ingredient,
  massMean,
  mixComposition,
  mixDensity,
  totalGrams,
  type Grain,
  type Portion,
} from '../foods/index.js';
import { drainedFilmM, flowOf } from './batter.js';
import {
  BATTER_FROM_POWDER_SHARE,
  CLUMPED_FACTOR,
  DEFAULT_DRAIN_S,
  DUST_ON_SKIN_GM2,
  GRIP_ON,
  OVER_BATTER_FACTOR,
  PICK_UP_ON_WET_GM2,
  PRESSED_FACTOR,
  SEEPS_BELOW_PA,
  WET_FROM_LIQUID_SHARE,
} from './constants.js';
import type { CoatLayer, LayerSpec, SkinWater } from './types.js';

const shareOf = (portions: readonly Portion[], picks: (p: Portion) => boolean): number =>
  totalGrams(portions.filter(picks)) / totalGrams(portions);

const isPourable = (p: Portion): boolean => {
  const { wet, group } = ingredient(p.ingredientId);
  return wet !== undefined && group !== 'fat';
};

/** Whether a layer is dipped (wet) rather than dredged, from its recipe. */
export const isWetLayer = (layer: LayerSpec): boolean => shareOf(layer.portions, isPourable) >= WET_FROM_LIQUID_SHARE;

/** The grain that most of a layer's dry mass has, or null when it holds none. */
export function grainOf(layer: LayerSpec): Grain | null {
  const dry = layer.portions.filter((p) => ingredient(p.ingredientId).dry);
  if (dry.length === 0) return null;
  const most = dry.reduce((a, b) => (b.grams > a.grams ? b : a));
  return ingredient(most.ingredientId).dry!.grain;
}

/** "Beaten egg", "Plain wheat flour and beer batter": the one or two ingredients that make a layer what it is. */
function nameOf(portions: readonly Portion[], batter: boolean): string {
  const main = [...portions]
    .sort((a, b) => b.grams - a.grams)
    .filter((p) => !['seasoning', 'leavening', 'fat'].includes(ingredient(p.ingredientId).group))
    .slice(0, 2)
    .map((p) => ingredient(p.ingredientId));
  if (batter) main.sort((a, b) => Number(b.dry !== undefined) - Number(a.dry !== undefined));
  const names = main.map((i, k) => (k === 0 ? i.name : i.name.charAt(0).toLowerCase() + i.name.slice(1)));
  return names.join(' and ') + (batter ? ' batter' : '');
}

const dryMean = (portions: readonly Portion[], of: (p: Portion) => number): number => {
  const dry = portions.filter((p) => ingredient(p.ingredientId).dry);
  const total = totalGrams(dry);
  return total === 0 ? 0 : dry.reduce((sum, p) => sum + (p.grams / total) * of(p), 0);
};

const structureOf = (portions: readonly Portion[]): number =>
  dryMean(portions, (p) => ingredient(p.ingredientId).dry!.structure);

/** Browning of beaten egg or milk alone: protein and milk sugar, against coarse crumbs. Common practice, no source. */
const BROWNING_OF_A_DIP = 0.8;
/** Sugar browns this many times faster per share of the solids. From memory, order of magnitude. */
const BROWNING_OF_SUGAR = 3;

function browningOf(portions: readonly Portion[]): number {
  const base = dryMean(portions, (p) => ingredient(p.ingredientId).dry!.browning) || BROWNING_OF_A_DIP;
  const solidsG = massMean(portions, (i) => 100 - i.per100g.waterG) * 0.01 * totalGrams(portions);
  const sugarG = totalGrams(portions.filter((p) => p.ingredientId === 'sugar'));
  return base + BROWNING_OF_SUGAR * (sugarG / Math.max(1e-9, solidsG));
}

function wetLayer(spec: LayerSpec, below: CoatLayer | undefined, drainLengthM: number): CoatLayer {
  const { portions } = spec;
  const flow = flowOf(portions);
  const density = mixDensity(portions);
  const film = drainedFilmM(flow, density, drainLengthM, spec.drainS ?? DEFAULT_DRAIN_S);
  const seeps = below && !below.wet && flow.yieldPa < SEEPS_BELOW_PA;
  const batter = shareOf(portions, (p) => ingredient(p.ingredientId).dry !== undefined) >= BATTER_FROM_POWDER_SHARE;
  const soakedGm2 = seeps ? below.pickUpGm2 * below.poreShare * (density / below.bulkKgM3) : 0;
  const pickUpGm2 = film * density * 1000 + Math.min(soakedGm2, 400);
  return {
    name: nameOf(portions, batter),
    wet: true,
    batter,
    pickUpGm2,
    thicknessM: pickUpGm2 / 1000 / density,
    bulkKgM3: density,
    poreShare: 0,
    composition: mixComposition(portions),
    portions: normalised(portions),
    structure: 0.35 + 0.4 * structureOf(portions),
    browning: browningOf(portions),
    grain: null,
    viscosityPaS: flow.viscosityPaS,
    yieldPa: flow.yieldPa,
    grip: 1,
  };
}

const groundOf = (below: CoatLayer | undefined, skin: SkinWater): keyof typeof GRIP_ON => {
  if (below) return below.wet ? 'wet' : 'dry';
  return `${skin} skin`;
};

function dryPickUpGm2(spec: LayerSpec, grain: Grain, below: CoatLayer | undefined, skin: SkinWater): number {
  const powdery = grain === 'powder' || grain === 'starch';
  if (!below && powdery) {
    return DUST_ON_SKIN_GM2[skin] * (spec.clumped ? CLUMPED_FACTOR : 1);
  }
  const onWet = PICK_UP_ON_WET_GM2[grain];
  const held = onWet * GRIP_ON[groundOf(below, skin)];
  const clumped = spec.clumped && powdery ? CLUMPED_FACTOR : 1;
  const pressed = spec.pressed && !powdery ? PRESSED_FACTOR : 1;
  const overBatter = below?.batter ? OVER_BATTER_FACTOR : 1;
  return held * clumped * pressed * overBatter;
}

function dryLayer(spec: LayerSpec, below: CoatLayer | undefined, skin: SkinWater): CoatLayer {
  const { portions } = spec;
  const grain = grainOf(spec) ?? 'powder';
  const bulk =
    1 /
    Math.max(
      1e-6,
      dryMean(portions, (p) => 1 / ingredient(p.ingredientId).dry!.bulkKgM3),
    );
  const bulkKgM3 = Number.isFinite(bulk) && bulk < 3000 ? bulk : 600;
  const pickUpGm2 = dryPickUpGm2(spec, grain, below, skin);
  const powderOnSkin = !below && (grain === 'powder' || grain === 'starch');
  return {
    name: nameOf(portions, false),
    wet: false,
    batter: false,
    pickUpGm2,
    thicknessM: pickUpGm2 / 1000 / bulkKgM3,
    bulkKgM3,
    poreShare: Math.max(0.05, 1 - bulkKgM3 / mixDensity(portions)),
    composition: mixComposition(portions),
    portions: normalised(portions),
    structure: structureOf(portions),
    browning: browningOf(portions),
    grain,
    viscosityPaS: 0,
    yieldPa: 0,
    grip: powderOnSkin ? { dry: 0.35, damp: 1, wet: 0.9 }[skin] : GRIP_ON[groundOf(below, skin)],
  };
}

function normalised(portions: readonly Portion[]): Portion[] {
  const total = totalGrams(portions);
  return portions.map((p) => ({ ingredientId: p.ingredientId, grams: p.grams / total }));
}

/**
 * The coat as it lies on the piece, from the skin outward: pick-up and thickness of every layer from what it is and
 * what it lies on. A layer without a gram in it is not there.
 * @param drainLengthM height of the face that drips, m
 */
export function buildCoat(layers: readonly LayerSpec[], skin: SkinWater, drainLengthM: number): CoatLayer[] {
  const built: CoatLayer[] = [];
  for (const spec of layers) {
    if (totalGrams(spec.portions) <= 0) continue;
    const below = built.at(-1);
    built.push(isWetLayer(spec) ? wetLayer(spec, below, drainLengthM) : dryLayer(spec, below, skin));
  }
  return built;
}
