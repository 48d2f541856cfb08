import {
  mixComposition,
  mixDensity,
  partsOf,
  totalGrams,
  weighty,
  type Grain,
  type Pantry,
  type Part,
  type SkinGrip,
} from '../foods/index.js';
import { ROUNDING } from '../units/index.js';
import { drainedFilmM, flowOf, isPourable, type Flow } from './batter.js';
import {
  BATTER_FROM_POWDER_SHARE,
  CLUMPED_FACTOR,
  DEFAULT_DRAIN_S,
  DUST_ON_SKIN_GM2,
  GLUTEN_WHEN_FOLDED,
  DUST_GRIP_ON_SKIN,
  GLUE_GRIP_ON_SKIN,
  GRIP_ON,
  HELD_IN_FOLDS,
  MOST_SOAKED_GM2,
  OVER_BATTER_FACTOR,
  PICK_UP_ON_WET_GM2,
  PRESSED_FACTOR,
  SEEPS_BELOW_PA,
  UNTAPPED_FACTOR,
  THICKEST_FILM_M,
  WET_FROM_LIQUID_SHARE,
  WET_STRUCTURE,
  LEAST_PORES,
} from './constants/index.js';
import { browningOf, clumpedStructure, dryMean, lightnessOf, nameOf, normalised, structureOf } from './mixture.js';
import { thicknessFromSpread } from './spread.js';
import type { CoatLayer, LayerSpec, SkinWater } from './types.js';

/** A layer of a recipe with the ingredients that its ids stand for. */
interface Recipe extends LayerSpec {
  portions: Part[];
}

const weightyOf = (pantry: Pantry, { portions }: Pick<LayerSpec, 'portions'>): Part[] =>
  weighty(partsOf(pantry, portions));

const recipeOf = (pantry: Pantry, layer: LayerSpec): Recipe => ({ ...layer, portions: weightyOf(pantry, layer) });

const shareOf = (portions: readonly Part[], picks: (p: Part) => boolean): number =>
  totalGrams(portions.filter(picks)) / totalGrams(portions);

const isDipped = (portions: readonly Part[]): boolean => shareOf(portions, isPourable) >= WET_FROM_LIQUID_SHARE;

/** Whether a layer is dipped (wet) rather than dredged, from its recipe. */
export const isWetLayer = (pantry: Pantry, layer: Pick<LayerSpec, 'portions'>): boolean =>
  isDipped(weightyOf(pantry, layer));

/** Room that the dry ingredients of a layer take as they lie on the piece, largest first. */
function dryRooms(portions: readonly Part[]): { grain: Grain; room: number }[] {
  return portions
    .flatMap((p) => {
      const { dry } = p.ingredient;
      return dry ? [{ grain: dry.grain, room: p.grams / dry.bulkKgM3 }] : [];
    })
    .sort((a, b) => b.room - a.room);
}

/** The grain that takes most of a layer's room, or null when it holds nothing dry. */
export const grainOf = (pantry: Pantry, layer: Pick<LayerSpec, 'portions'>): Grain | null =>
  coarsest(weightyOf(pantry, layer));

const coarsest = (portions: readonly Part[]): Grain | null => dryRooms(portions)[0]?.grain ?? null;

/** Pick-up on a wet layer, g/m²: that of its grains, by the room that each takes. */
function pickUpOnWet({ portions }: Recipe): number {
  const rooms = dryRooms(portions);
  const all = rooms.reduce((sum, r) => sum + r.room, 0);
  if (all === 0) return PICK_UP_ON_WET_GM2.powder;
  return rooms.reduce((sum, { grain, room }) => sum + (room / all) * PICK_UP_ON_WET_GM2[grain], 0);
}

const powdery = (grain: Grain): boolean => grain === 'powder' || grain === 'starch';

/** Flow of a wet layer as it stands in the bowl: by its recipe, or as thick as its drop was measured to be. */
export const flowOfLayer = (pantry: Pantry, layer: LayerSpec): Flow => flowOfRecipe(recipeOf(pantry, layer));

function flowOfRecipe({ portions, standMin, spreadMm }: Recipe): Flow {
  const recipe = flowOf(portions, standMin);
  if (spreadMm === undefined) return recipe;
  const factor = thicknessFromSpread(recipe, portions, spreadMm);
  return { ...recipe, viscosityPaS: recipe.viscosityPaS * factor, yieldPa: recipe.yieldPa * factor };
}

/** Whether a wet layer seeps through the dry one below it: then it grips what that lies on as well. */
const seepsInto = ({ yieldPa }: Pick<Flow, 'yieldPa'>, below: CoatLayer): boolean =>
  !below.wet && yieldPa < SEEPS_BELOW_PA;

function wetLayer(spec: Recipe, below: CoatLayer | undefined, drainLengthM: number, held = 1): CoatLayer {
  const { portions } = spec;
  const flow = flowOfRecipe(spec);
  const density = mixDensity(portions);
  const film = Math.min(
    THICKEST_FILM_M,
    held * drainedFilmM(flow, density, drainLengthM, spec.drainS ?? DEFAULT_DRAIN_S),
  );
  const batter = shareOf(portions, (p) => p.ingredient.dry !== undefined) >= BATTER_FROM_POWDER_SHARE;
  const soakedGm2 =
    below && seepsInto(flow, below) ? below.pickUpGm2 * below.poreShare * (density / below.bulkKgM3) : 0;
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
    startColour: dryMean(portions, (p) => p.ingredient.dry!.startColour ?? 0),
    grain: null,
    pressed: false,
    light: 0,
    viscosityPaS: flow.viscosityPaS,
    yieldPa: flow.yieldPa,
    gluten: batter ? glutenOf(spec) : 0,
    grip: 1,
  };
}

/** A sheet round the food: a moist layer of a given weight, that dries to glass. */
function sheetLayer({ portions }: Recipe, gm2: number): CoatLayer {
  const density = mixDensity(portions);
  return {
    name: nameOf(portions, false),
    wet: true,
    batter: false,
    sheet: true,
    pickUpGm2: gm2,
    thicknessM: gm2 / 1000 / density,
    bulkKgM3: density,
    poreShare: 0,
    composition: mixComposition(portions),
    portions: normalised(portions),
    structure: structureOf(portions),
    browning: browningOf(portions),
    startColour: dryMean(portions, (p) => p.ingredient.dry!.startColour ?? 0),
    grain: null,
    pressed: false,
    light: 0,
    viscosityPaS: 0,
    yieldPa: 0,
    gluten: 0,
    grip: 1,
  };
}

/** Whether a layer is a sheet that is wrapped round the food. */
export const isSheetLayer = (pantry: Pantry, layer: Pick<LayerSpec, 'portions'>): boolean =>
  sheetOf(weightyOf(pantry, layer)) !== undefined;

/** g per m² of the sheet in a layer; undefined for all that is no sheet. */
const sheetOf = (portions: readonly Part[]): number | undefined =>
  portions.find((p) => p.ingredient.dry?.sheetGm2 !== undefined)?.ingredient.dry?.sheetGm2;

/** Gluten of a batter by its flour, worked up when it was beaten. */
function glutenOf({ portions, beaten }: Recipe): number {
  const worked = beaten ? 1 : GLUTEN_WHEN_FOLDED;
  return worked * dryMean(portions, (p) => p.ingredient.dry!.gluten ?? 0);
}

/** A sauce of `gm2` g per m² as it lies on the cooked piece. */
export function buildSauce(pantry: Pantry, spec: LayerSpec, gm2: number): CoatLayer {
  const sauce = wetLayer(recipeOf(pantry, spec), undefined, SAUCE_DRAIN_M);
  return { ...sauce, pickUpGm2: gm2, thicknessM: gm2 / 1000 / sauce.bulkKgM3 };
}

/** Any length: a sauce's amount is given, and does not come from draining. */
const SAUCE_DRAIN_M = 0.05;

const groundOf = (below: CoatLayer | undefined, skin: SkinWater): keyof typeof GRIP_ON => {
  if (below) return below.wet ? 'wet' : 'dry';
  return `${skin} skin`;
};

function dryPickUpGm2(spec: Recipe, grain: Grain, below: CoatLayer | undefined, skin: SkinWater): number {
  const powder = powdery(grain);
  const loose = spec.untapped && powder ? UNTAPPED_FACTOR : 1;
  if (!below && powder) {
    return DUST_ON_SKIN_GM2[skin] * (spec.clumped ? CLUMPED_FACTOR : 1) * loose;
  }
  const held = pickUpOnWet(spec) * GRIP_ON[groundOf(below, skin)];
  const clumped = spec.clumped && powder ? CLUMPED_FACTOR : 1;
  const pressed = spec.pressed && !powder ? PRESSED_FACTOR : 1;
  const overBatter = below?.batter ? OVER_BATTER_FACTOR : 1;
  return held * clumped * pressed * overBatter * loose;
}

function dryLayer(spec: Recipe, below: CoatLayer | undefined, skin: SkinWater): CoatLayer {
  const { portions } = spec;
  const grain = coarsest(spec.portions) ?? 'powder';
  const bulk =
    1 /
    Math.max(
      ROUNDING,
      dryMean(portions, (p) => 1 / p.ingredient.dry!.bulkKgM3),
    );
  const bulkKgM3 = Number.isFinite(bulk) && bulk < 3000 ? bulk : 600;
  const pickUpGm2 = dryPickUpGm2(spec, grain, below, skin);
  const powderOnSkin = !below && powdery(grain);
  return {
    name: nameOf(portions, false),
    wet: false,
    batter: false,
    pickUpGm2,
    thicknessM: pickUpGm2 / 1000 / bulkKgM3,
    bulkKgM3,
    poreShare: Math.max(LEAST_PORES, 1 - bulkKgM3 / mixDensity(portions)),
    composition: mixComposition(portions),
    portions: normalised(portions),
    structure: spec.clumped && powdery(grain) ? clumpedStructure(portions) : structureOf(portions),
    browning: browningOf(portions),
    startColour: dryMean(portions, (p) => p.ingredient.dry!.startColour ?? 0),
    grain,
    pressed: spec.pressed ?? false,
    light: dryMean(portions, (p) => lightnessOf(p.ingredient.dry!)),
    viscosityPaS: 0,
    yieldPa: 0,
    gluten: 0,
    grip: powderOnSkin ? DUST_GRIP_ON_SKIN[skin] : GRIP_ON[groundOf(below, skin)],
  };
}

/**
 * The coat as it lies on the piece, from the skin outward: pick-up and thickness of every layer from what it is and
 * what it lies on. A layer without a gram in it is not there.
 * @param drainLengthM height of the face that drips, m
 * @param grip what the food's skin is like: rough ones hold a batter in their folds
 */
export function buildCoat(
  pantry: Pantry,
  layers: readonly LayerSpec[],
  skin: SkinWater,
  drainLengthM: number,
  grip: SkinGrip = 'normal',
): CoatLayer[] {
  const built: CoatLayer[] = [];
  for (const layer of layers) {
    if (totalGrams(layer.portions) <= 0) continue;
    const spec = recipeOf(pantry, layer);
    const below = built.at(-1);
    const sheetGm2 = sheetOf(spec.portions);
    if (sheetGm2 !== undefined) built.push(sheetLayer(spec, sheetGm2));
    else if (!isDipped(spec.portions)) built.push(dryLayer(spec, below, skin));
    else {
      const craggy = built.slice(0, -1).some((l) => l.wet) && below?.wet === false;
      const held = HELD_IN_FOLDS.skin[grip] * (craggy ? HELD_IN_FOLDS.dredged : 1);
      const wet = wetLayer(spec, below, drainLengthM, held);
      const onSkin = GLUE_GRIP_ON_SKIN[skin];
      if (below && built.length === 1 && seepsInto(wet, below))
        built[0] = { ...below, grip: Math.max(below.grip, onSkin) };
      built.push(below ? wet : { ...wet, grip: wet.grip * onSkin });
    }
  }
  return built;
}
