import type { BasketShape, Fryer } from '../dish/index.js';
import type { PieceGeometry } from '../piece/index.js';

/** Air all round a piece: half of the gap belongs to each, m. Common practice, no source. */
const GAP_M = 0.006;
/** Of a basket's ground, what loosely laid pieces with their gaps can take. Common practice, no source. */
const USABLE_SHARE = 0.8;

export interface Load {
  /** Pieces that lie in one layer without touching; at least 1. */
  piecesPerBatch: number;
  batches: number;
  /** Share of the ground that the food of a full batch covers, 0–1, on the racks that it lies on. */
  coverage: number;
  /** Racks one above the other that a full batch takes. */
  racksUsed: number;
  /** False when not even one piece fits. */
  fits: boolean;
}

/** Ground of one basket or rack, m². */
export const basketAreaM2 = (basket: BasketShape): number =>
  basket.kind === 'round'
    ? (Math.PI / 4) * (basket.diameterMm / 1000) ** 2
    : (basket.widthMm / 1000) * (basket.depthMm / 1000);

const longestWay = (basket: BasketShape): number =>
  (basket.kind === 'round' ? basket.diameterMm : Math.hypot(basket.widthMm, basket.depthMm)) / 1000;

/**
 * How many coated pieces make a batch, by the area they cover with a gap around them, and how many batches `count`
 * pieces are, evened out so that the last is not a lonely one.
 * @param coatM thickness of the coat, m
 */
export function loadOf(piece: PieceGeometry, coatM: number, count: number, fryer: Fryer): Load {
  const side = Math.sqrt(piece.footprintM2) + 2 * coatM;
  const withGap = (side + GAP_M) ** 2;
  const groundM2 = basketAreaM2(fryer.basket);
  const perRack = Math.floor((groundM2 * USABLE_SHARE) / withGap);
  const most = Math.max(1, perRack * fryer.racks);
  const batches = Math.ceil(count / most);
  const piecesPerBatch = Math.ceil(count / batches);
  const racksUsed = Math.min(fryer.racks, Math.ceil(piecesPerBatch / Math.max(1, perRack)));
  return {
    piecesPerBatch,
    batches,
    coverage: Math.min(1, (piecesPerBatch * side * side) / (groundM2 * racksUsed)),
    racksUsed,
    fits: perRack >= 1 && side <= longestWay(fryer.basket),
  };
}
