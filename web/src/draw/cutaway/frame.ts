import type { FaceMoment } from '../moment';
import type { Curve } from '../outline';

/** Where the wedge stands in its drawing, px. */
export const LEFT = 8;
export const RIGHT = 196;
export const MIDDLE = 128;

/** One layer of one face between two curves. */
export interface Band {
  name: string;
  inner: Curve;
  outer: Curve;
  face: FaceMoment;
  index: number;
}

/** The bands of one face from the skin outward; `outward` is −1 for the upper face (y grows downward). */
export function bandsOf(face: FaceMoment, skin: Curve, outward: 1 | -1, scale: number): Band[] {
  let inner = skin;
  return face.layers.map(({ layer, mm }, index) => {
    const from = inner;
    const px = Math.max(1.2, mm * scale);
    const outer: Curve = (x) => from(x) + outward * px;
    inner = outer;
    return { name: layer.name, inner: from, outer, face, index };
  });
}
