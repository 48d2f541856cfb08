import { NEXT_TO_NOTHING } from '../units/index.js';
import type { CoatLayer } from '../coat/index.js';
import { mixDensity, type Composition, type Food } from '../foods/index.js';
import type { PieceGeometry } from '../piece/index.js';
import {
  BONE,
  COAT_CELL_M,
  COAT_CELLS_LEAST,
  COAT_CELLS_MOST,
  FOOD_CELL_RATIO,
  FOOD_CELLS,
  FREEZABLE_SHARE,
  OPENNESS,
  PROPERTY_C,
  SAUCE_SOAK_S,
  SORPTION_S,
  THAW_C,
  THINNEST_LAYER_M,
  WETTEST_X,
} from './constants/index.js';
import { solidsOf, type Properties } from './properties.js';

export const FAT_HEAT = 2060;
/** Clear water leaves this much of itself behind: a cell without any solids would have no heat to hold. */
const LEAST_SOLIDS = 0.002;
const NOTHING = -2;
export const FAT_DENSITY = 905;

/**
 * The coated piece as one chain of cells per m² of its skin, from the face that starts down (cell 0), through the
 * centre, to the face that starts up (cell n−1). Both half-bodies carry half of the piece. All arrays are in SI per
 * piece; index i is a cell, face i lies between cells i and i+1.
 */
export interface Body {
  n: number;
  /** First and one past the last cell that is there; cells outside wait for a sauce. */
  from: number;
  to: number;
  /** Layer of each cell: −1 food, 0… coat from the skin outward, then a sauce; −2 a cell that is not there. */
  layer: Int8Array;
  /** First and one past the last food cell. */
  foodFrom: number;
  foodTo: number;
  /** Distance of the cell's middle from the centre, m. */
  radius: Float64Array;
  dx: Float64Array;
  volume: Float64Array;
  faceArea: Float64Array;
  /** What a contact adds to the resistance of a face for liquid, s/kg: a sauce soaks into dry grains slowly. */
  contact: Float64Array;
  tempC: Float64Array;
  water: Float64Array;
  ice: Float64Array;
  solids: Float64Array;
  fat: Float64Array;
  /** Water that a cell can hold, kg. */
  capacity: Float64Array;
  dryHeat: Float64Array;
  solidsVolume: Float64Array;
  solidsK: Float64Array;
  /** How freely vapour passes a dried cell, 0–1 of an open crumb. */
  openness: Float64Array;
  /** How freely liquid moves between a cell's grains, 1 where nothing but air and water is there. */
  wicking: Float64Array;
  /** Time in which a cell's solids take up or give off vapour, s. */
  sorptionS: Float64Array;
  /** Most water seen, kg per kg solids: tells wetted powder from floury. */
  wettest: Float64Array;
  /** Softening that a cell has seen, ∫rate dt: firmness left is exp(−softened). */
  softened: Float64Array;
  /** Half of the piece's skin area, m²: what one face stands for. */
  faceM2: number;
  /** Half-thickness of the food, m. */
  halfThicknessM: number;
  dimension: number;
}

interface Matter {
  thicknessM: number;
  cells: number;
  ratio: number;
  densityKgM3: number;
  composition: Composition;
  /** kg water per kg solids when full. */
  fullX: number;
  openness: number;
  sorptionS: number;
  layer: number;
  /** What it is without its water and fat. */
  solid: Properties;
}

/** kg water per kg solids of something that is full as it is; clear water has the solids that its cell is given. */
const fullAsItIs = ({ waterG, fatG }: Composition): number =>
  waterG / Math.max(100 * LEAST_SOLIDS, 100 - waterG - fatG);

/** A dry layer fills to what its grains swell to, or its pores hold, whichever is less; a wet one is full as it is. */
function fullXOf(layer: CoatLayer): number {
  const now = fullAsItIs(layer.composition);
  if (layer.wet) return now;
  const poreX = (layer.poreShare * 1000) / layer.bulkKgM3;
  return Math.max(now, Math.min(poreX, WETTEST_X));
}

function matterOf(food: Food, piece: PieceGeometry, layers: readonly CoatLayer[]): Matter[] {
  const inside: Matter = {
    thicknessM: piece.halfThicknessM,
    cells: FOOD_CELLS,
    ratio: FOOD_CELL_RATIO,
    densityKgM3: food.densityKgM3 * (1 - food.food.porosity),
    composition: food.per100g,
    fullX: fullAsItIs(food.per100g),
    openness: OPENNESS.food,
    sorptionS: SORPTION_S.smooth,
    layer: -1,
    solid: solidsOf(food.per100g, PROPERTY_C),
  };
  return [inside, ...layers.map(matterOfLayer)];
}

/** The matter of a cell whose middle lies `radiusM` from the centre: bone up to a share of the half-thickness. */
function boned(matter: Matter, radiusM: number, boneM: number): Matter {
  if (matter.layer >= 0 || radiusM > boneM) return matter;
  const { composition, densityKgM3 } = BONE;
  return {
    ...matter,
    composition,
    densityKgM3,
    fullX: fullAsItIs(composition),
    solid: solidsOf(composition, PROPERTY_C),
  };
}

function matterOfLayer(layer: CoatLayer, index: number): Matter {
  const thicknessM = Math.max(THINNEST_LAYER_M, layer.thicknessM);
  const wanted = Math.round(thicknessM / COAT_CELL_M[layer.wet ? 'wet' : 'dry']);
  return {
    thicknessM,
    cells: Math.min(COAT_CELLS_MOST, Math.max(COAT_CELLS_LEAST, wanted)),
    ratio: 1,
    densityKgM3: layer.wet ? mixDensity(layer.portions) : layer.pickUpGm2 / 1000 / thicknessM,
    composition: layer.composition,
    fullX: fullXOf(layer),
    openness: layer.wet ? OPENNESS.wet : OPENNESS.dry,
    sorptionS: SORPTION_S[layer.grain ?? 'smooth'],
    layer: index,
    solid: solidsOf(layer.composition, PROPERTY_C),
  };
}

/** Widths of `cells` cells that fill `length`, each `ratio` times its inner neighbour. */
function widths(length: number, cells: number, ratio: number): number[] {
  const raw = Array.from({ length: cells }, (_, i) => ratio ** i);
  const sum = raw.reduce((a, b) => a + b, 0);
  return raw.map((w) => (w / sum) * length);
}

/** Outside area grows with the distance x from the centre as x^(E−1), so that the whole volume is A·R/E = V. */
const areaAt = (body: Body, x: number): number => body.faceM2 * (x / body.halfThicknessM) ** (body.dimension - 1);
const volumeTo = (body: Body, x: number): number => (areaAt(body, x) * x) / body.dimension;

/**
 * Lays the piece and its coat out in cells at `startC`, °C.
 * @param fine multiplies the number of cells
 * @param reserve cells a side that are kept for a sauce that comes later
 */
export function buildBody(
  food: Food,
  piece: PieceGeometry,
  layers: readonly CoatLayer[],
  startC: number,
  fine = 1,
  reserve = 0,
): Body {
  const cells = matterOf(food, piece, layers).flatMap((matter) =>
    widths(matter.thicknessM, Math.round(matter.cells * fine), matter.ratio ** (1 / fine)).map((width) => ({
      matter,
      width,
    })),
  );
  const half = cells.length + reserve;
  const n = 2 * half;
  const array = (): Float64Array => new Float64Array(n);
  const body: Body = {
    n,
    from: reserve,
    to: n - reserve,
    layer: new Int8Array(n).fill(NOTHING),
    foodFrom: half - Math.round(FOOD_CELLS * fine),
    foodTo: half + Math.round(FOOD_CELLS * fine),
    radius: array(),
    dx: array(),
    volume: array(),
    faceArea: array(),
    contact: array(),
    tempC: array().fill(startC),
    water: array(),
    ice: array(),
    solids: array(),
    fat: array(),
    capacity: array(),
    dryHeat: array(),
    solidsVolume: array(),
    solidsK: array(),
    openness: array(),
    wicking: array().fill(1),
    sorptionS: array(),
    wettest: array(),
    softened: array(),
    faceM2: piece.areaM2 / 2,
    halfThicknessM: piece.halfThicknessM,
    dimension: piece.dimension,
  };
  const boneM = piece.halfThicknessM * (food.food.boneShare ?? 0);
  let inner = 0;
  cells.forEach(({ matter, width }, k) => {
    layCell(body, boned(matter, inner + width / 2, boneM), k, inner, width, startC);
    if (matter.layer < 0 && inner + width / 2 <= boneM) body.wicking[half + k] = body.wicking[half - 1 - k] = 0;
    inner += width;
  });
  body.faceArea[half - 1] = piece.dimension > 1 ? 0 : body.faceM2;
  return body;
}

/** Lays cell `k` (counted from the centre) of both half-bodies, from `inner` m on. */
function layCell(body: Body, matter: Matter, k: number, inner: number, width: number, tempC: number): void {
  const half = body.n / 2;
  const outer = inner + width;
  const volume = volumeTo(body, outer) - volumeTo(body, inner);
  const [up, down] = [half + k, half - 1 - k];
  body.faceArea[up] = areaAt(body, outer);
  if (down > 0) body.faceArea[down - 1] = areaAt(body, outer);
  for (const i of [up, down]) fillCell(body, i, matter, volume, width, inner + width / 2, tempC);
}

function fillCell(
  body: Body,
  i: number,
  matter: Matter,
  volume: number,
  width: number,
  radius: number,
  startC: number,
): void {
  const { composition, solid } = matter;
  const mass = volume * matter.densityKgM3;
  const solidShare = (100 - composition.waterG - composition.fatG) / 100;
  body.layer[i] = matter.layer;
  body.openness[i] = matter.openness;
  body.sorptionS[i] = matter.sorptionS;
  body.dx[i] = width;
  body.radius[i] = radius;
  body.volume[i] = volume;
  body.solids[i] = mass * Math.max(LEAST_SOLIDS, solidShare);
  body.fat[i] = (mass * composition.fatG) / 100;
  body.water[i] = (mass * composition.waterG) / 100;
  body.ice[i] = startC < THAW_C ? body.water[i] * FREEZABLE_SHARE : 0;
  body.capacity[i] = Math.max(NEXT_TO_NOTHING, body.solids[i] * matter.fullX);
  body.solidsVolume[i] = body.solids[i] / solid.densityKgM3;
  body.solidsK[i] = solid.conductivity;
  body.dryHeat[i] = body.solids[i] * solid.heatCapacity + body.fat[i] * FAT_HEAT;
  body.wettest[i] = body.water[i] / body.solids[i];
}

/** Cells a side of a sauce. */
export const SAUCE_CELLS = 2;

/**
 * Brings the sauce on, as the outermost layer `index` of both faces, at `tempC`. The body must have kept cells for it.
 * @throws RangeError when there is one already
 */
export function addSauce(body: Body, sauce: CoatLayer, index: number, tempC: number): void {
  if (body.from < SAUCE_CELLS) throw new RangeError('There is a sauce on it already.');
  const half = body.n / 2;
  const first = body.to - half;
  const width = Math.max(THINNEST_LAYER_M, sauce.thicknessM) / SAUCE_CELLS;
  const outermost = body.to - 1;
  let inner = body.radius[outermost] + body.dx[outermost] / 2;
  const matter = matterOfLayer(sauce, index);
  for (let k = 0; k < SAUCE_CELLS; k++) {
    body.tempC[half + first + k] = body.tempC[half - 1 - first - k] = tempC;
    layCell(body, matter, first + k, inner, width, tempC);
    inner += width;
  }
  body.contact[outermost] = SAUCE_SOAK_S / body.capacity[outermost];
  body.contact[body.from - 1] = SAUCE_SOAK_S / body.capacity[body.from];
  body.from -= SAUCE_CELLS;
  body.to += SAUCE_CELLS;
}

/** A copy that can go on by itself. */
export function copyBody(body: Body): Body {
  const copies = Object.entries(body).map(([key, value]) => [
    key,
    value instanceof Float64Array || value instanceof Int8Array ? value.slice() : value,
  ]);
  return Object.fromEntries(copies) as Body;
}
