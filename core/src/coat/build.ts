import {
  ingredient,
  massMean,
  mixComposition,
  mixDensity,
  totalGrams,
  type DryTraits,
  type Grain,
  type Portion,
} from '../foods/index.js';
import { drainedFilmM, flowOf, type Flow } from './batter.js';
import {
  BATTER_FROM_POWDER_SHARE,
  BROWNING_OF_A_DIP,
  BROWNING_OF_SUGAR,
  CLUMPED_FACTOR,
  DEFAULT_DRAIN_S,
  DUST_ON_SKIN_GM2,
  GLUTEN_WHEN_FOLDED,
  DUST_GRIP_ON_SKIN,
  GLUE_GRIP_ON_SKIN,
  GRIP_ON,
  LIGHTNESS,
  MOST_SOAKED_GM2,
  OVER_BATTER_FACTOR,
  PICK_UP_ON_WET_GM2,
  PRESSED_FACTOR,
  SEEPS_BELOW_PA,
  UNTAPPED_FACTOR,
  WET_FROM_LIQUID_SHARE,
  WET_STRUCTURE,
} from './constants.js';
import { thicknessFromSpread } from './spread.js';
import type { CoatLayer, LayerSpec, SkinWater } from './types.js';

const shareOf = (portions: readonly Portion[], picks: (p: Portion) => boolean): number =>
  totalGrams(portions.filter(picks)) / totalGrams(portions);

const isPourable = (p: Portion): boolean => {
  const { wet, group } = ingredient(p.ingredientId);
  return wet !== undefined && group !== 'fat';
};

/** Whether a layer is dipped (wet) rather than dredged, from its recipe. */
export const isWetLayer = (layer: LayerSpec): boolean => shareOf(layer.portions, isPourable) >= WET_FROM_LIQUID_SHARE;

/** Room that the dry ingredients of a layer take as they lie on the piece, largest first. */
function dryRooms({ portions }: Pick<LayerSpec, 'portions'>): { grain: Grain; room: number }[] {
  return portions
    .flatMap((p) => {
      const { dry } = ingredient(p.ingredientId);
      return dry ? [{ grain: dry.grain, room: p.grams / dry.bulkKgM3 }] : [];
    })
    .sort((a, b) => b.room - a.room);
}

/** The grain that takes most of a layer's room, or null when it holds nothing dry. */
export const grainOf = (layer: Pick<LayerSpec, 'portions'>): Grain | null => dryRooms(layer)[0]?.grain ?? null;

/** Pick-up on a wet layer, g/m²: that of its grains, by the room that each takes. */
function pickUpOnWet(layer: LayerSpec): number {
  const rooms = dryRooms(layer);
  const all = rooms.reduce((sum, r) => sum + r.room, 0);
  if (all === 0) return PICK_UP_ON_WET_GM2.powder;
  return rooms.reduce((sum, { grain, room }) => sum + (room / all) * PICK_UP_ON_WET_GM2[grain], 0);
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

const lightnessOf = ({ light, grain }: DryTraits): number => light ?? LIGHTNESS[grain];

const structureOf = (portions: readonly Portion[]): number =>
  dryMean(portions, (p) => ingredient(p.ingredientId).dry!.structure);

function browningOf(portions: readonly Portion[]): number {
  const base = dryMean(portions, (p) => ingredient(p.ingredientId).dry!.browning) || BROWNING_OF_A_DIP;
  const solidsG = massMean(portions, (i) => 100 - i.per100g.waterG) * 0.01 * totalGrams(portions);
  const sugarG = massMean(portions, (i) => i.sugarG ?? 0) * 0.01 * totalGrams(portions);
  return base + BROWNING_OF_SUGAR * (sugarG / Math.max(1e-9, solidsG));
}

/** Flow of a wet layer as it stands in the bowl: by its recipe, or as thick as its drop was measured to be. */
export function flowOfLayer({ portions, standMin, spreadMm }: LayerSpec): Flow {
  const recipe = flowOf(portions, standMin);
  if (spreadMm === undefined) return recipe;
  const factor = thicknessFromSpread(recipe, portions, spreadMm);
  return { ...recipe, viscosityPaS: recipe.viscosityPaS * factor, yieldPa: recipe.yieldPa * factor };
}

function wetLayer(spec: LayerSpec, below: CoatLayer | undefined, drainLengthM: number): CoatLayer {
  const { portions } = spec;
  const flow = flowOfLayer(spec);
  const density = mixDensity(portions);
  const film = drainedFilmM(flow, density, drainLengthM, spec.drainS ?? DEFAULT_DRAIN_S);
  const seeps = below && !below.wet && flow.yieldPa < SEEPS_BELOW_PA;
  const batter = shareOf(portions, (p) => ingredient(p.ingredientId).dry !== undefined) >= BATTER_FROM_POWDER_SHARE;
  const soakedGm2 = seeps ? below.pickUpGm2 * below.poreShare * (density / below.bulkKgM3) : 0;
  const pickUpGm2 = film * density * 1000 + Math.min(soakedGm2, MOST_SOAKED_GM2);
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
    structure: WET_STRUCTURE.least + WET_STRUCTURE.ofPowder * structureOf(portions),
    browning: browningOf(portions),
    startColour: dryMean(portions, (p) => ingredient(p.ingredientId).dry!.startColour ?? 0),
    grain: null,
    pressed: false,
    light: 0,
    viscosityPaS: flow.viscosityPaS,
    yieldPa: flow.yieldPa,
    gluten: batter ? glutenOf(spec) : 0,
    grip: 1,
  };
}

/** Gluten of a batter by its flour, worked up when it was beaten. */
function glutenOf({ portions, beaten }: LayerSpec): number {
  const worked = beaten ? 1 : GLUTEN_WHEN_FOLDED;
  return worked * dryMean(portions, (p) => ingredient(p.ingredientId).dry!.gluten ?? 0);
}

/** A sauce of `gm2` g per m² as it lies on the cooked piece. */
export function buildSauce(spec: LayerSpec, gm2: number): CoatLayer {
  const sauce = wetLayer(spec, undefined, SAUCE_DRAIN_M);
  return { ...sauce, pickUpGm2: gm2, thicknessM: gm2 / 1000 / sauce.bulkKgM3 };
}

/** Any length: a sauce's amount is given, and does not come from draining. */
const SAUCE_DRAIN_M = 0.05;

const groundOf = (below: CoatLayer | undefined, skin: SkinWater): keyof typeof GRIP_ON => {
  if (below) return below.wet ? 'wet' : 'dry';
  return `${skin} skin`;
};

function dryPickUpGm2(spec: LayerSpec, grain: Grain, below: CoatLayer | undefined, skin: SkinWater): number {
  const powdery = grain === 'powder' || grain === 'starch';
  const loose = spec.untapped && powdery ? UNTAPPED_FACTOR : 1;
  if (!below && powdery) {
    return DUST_ON_SKIN_GM2[skin] * (spec.clumped ? CLUMPED_FACTOR : 1) * loose;
  }
  const held = pickUpOnWet(spec) * GRIP_ON[groundOf(below, skin)];
  const clumped = spec.clumped && powdery ? CLUMPED_FACTOR : 1;
  const pressed = spec.pressed && !powdery ? PRESSED_FACTOR : 1;
  const overBatter = below?.batter ? OVER_BATTER_FACTOR : 1;
  return held * clumped * pressed * overBatter * loose;
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
    startColour: dryMean(portions, (p) => ingredient(p.ingredientId).dry!.startColour ?? 0),
    grain,
    pressed: spec.pressed ?? false,
    light: dryMean(portions, (p) => lightnessOf(ingredient(p.ingredientId).dry!)),
    viscosityPaS: 0,
    yieldPa: 0,
    gluten: 0,
    grip: powderOnSkin ? DUST_GRIP_ON_SKIN[skin] : GRIP_ON[groundOf(below, skin)],
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
    if (!isWetLayer(spec)) built.push(dryLayer(spec, below, skin));
    else {
      const layer = wetLayer(spec, below, drainLengthM);
      built.push(below ? layer : { ...layer, grip: layer.grip * GLUE_GRIP_ON_SKIN[skin] });
    }
  }
  return built;
}
