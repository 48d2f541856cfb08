import { buildCoat, buildSauce, isWetLayer, type CoatLayer, type LayerSpec, type SkinWater } from '../coat/index.js';
import { foodOf, isFlesh, type Food, type Pantry } from '../foods/index.js';
import type { Inside } from '../heat/index.js';
import { crossedTo, geometryOf, type PieceGeometry, type PieceShape } from '../piece/index.js';
import { prepare } from '../prep/index.js';
import type { Dish, Hands, SecondPlan } from './types.js';

/** One coated piece, ready for the pot or the basket. */
export interface ReadyPiece {
  /** The food as it was made ready: pressed, salted, blanched. */
  food: Food;
  /** Its shape by then. */
  shape: PieceShape;
  piece: PieceGeometry;
  /** Its skin when the first layer meets it. */
  skin: SkinWater;
  layers: CoatLayer[];
  /** What is brushed on part-way; null without. */
  sauce: CoatLayer | null;
  startFirmness: number;
  /** Its coat has set where it was bought. */
  coatSet?: boolean;
  /** Where an earlier cook left it soft and dry; missing where it is even. */
  inside?: Inside;
}

/**
 * The skin as the first layer meets it. What was marinated in egg is not wet with water: the egg that the first bowl
 * would bring is on it already, once.
 */
function skinUnder(pantry: Pantry, dish: Dish, food: Food, layers: readonly LayerSpec[]): SkinWater {
  const [first] = layers;
  const inMarinade = dish.preparation === 'marinated' && isFlesh(food);
  return inMarinade && first && isWetLayer(pantry, first) && dish.skin === 'wet' ? 'damp' : dish.skin;
}

/** Layers as thick as this kitchen's hands make them; a sheet is as thick as it was bought. */
const byHand = (layers: CoatLayer[], hand: Hands | undefined): CoatLayer[] =>
  hand
    ? layers.map((layer) => {
        const times = layer.sheet ? 1 : layer.wet ? hand.dips : hand.crumbs;
        return { ...layer, pickUpGm2: layer.pickUpGm2 * times, thicknessM: layer.thicknessM * times };
      })
    : layers;

/** Works out the piece's geometry and its coat. @throws Refusal for an unknown food or ingredient */
export function readyPiece(
  pantry: Pantry,
  dish: Dish,
  layers: readonly LayerSpec[],
  second: SecondPlan | null = null,
): ReadyPiece {
  const raw = foodOf(pantry, dish.foodId);
  const { food, shape, firmness, inside } = prepare(raw, dish.shape, dish.preparation, dish.prepMin ?? null);
  const solid = geometryOf(shape, food.densityKgM3 * (1 - food.food.porosity));
  const piece = crossedTo(solid, food.food.throughShare);
  const skin = skinUnder(pantry, dish, food, layers);
  return {
    food,
    shape,
    piece,
    skin,
    layers: byHand(buildCoat(pantry, layers, skin, piece.drainLengthM, food.food.skin), dish.hand),
    sauce: second?.sauce && second.sauceGm2 > 0 ? buildSauce(pantry, second.sauce, second.sauceGm2) : null,
    startFirmness: food.food.firmness * firmness,
    ...(dish.readyCoated ? { coatSet: true } : {}),
    ...(inside ? { inside } : {}),
  };
}
