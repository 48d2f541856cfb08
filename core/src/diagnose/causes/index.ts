import { AFTER_CAUSES } from './after.js';
import { BASKET_CAUSES } from './basket.js';
import { COAT_CAUSES } from './coat.js';
import { FOOD_CAUSES } from './food.js';
import { ASIS, HEAT_CAUSES } from './heat.js';
import type { Cause, CauseKey } from './types.js';

export { retempered, retimedBy } from './heat.js';
export * from './types.js';

/** Every cause that is known, in the order of the work; first that nothing went otherwise. */
export const CAUSES: readonly Cause[] = [
  ASIS,
  ...FOOD_CAUSES,
  ...COAT_CAUSES,
  ...HEAT_CAUSES,
  ...BASKET_CAUSES,
  ...AFTER_CAUSES,
];

export const causeOf = (key: CauseKey): Cause => CAUSES.find((c) => c.key === key)!;
