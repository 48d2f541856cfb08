import type { CoatLayer } from '@yellowmist/core';

/** Space for the coat of one face, px of the drawing, and the most that a millimetre may take. */
const COAT_PX = 52;
const MOST_PX_PER_MM = 34;
/** No coat is drawn as if it were thinner, mm. */
const THINNEST_MM = 0.2;

/** Thickness of a coat, mm. */
const coatMm = (layers: readonly CoatLayer[]): number => layers.reduce((sum, l) => sum + l.thicknessM * 1000, 0);

/** Pixels for a millimetre of coat, the same for all coats that stand side by side: the thickest fits. */
export const coatScale = (coats: readonly (readonly CoatLayer[])[]): number =>
  Math.min(MOST_PX_PER_MM, COAT_PX / Math.max(THINNEST_MM, ...coats.map(coatMm)));
