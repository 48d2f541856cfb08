export * from './types.js';
export { PACES, paceOf, type Pace, type PaceId } from './pace.js';
export { TOGETHER_MIN } from './constants/index.js';
export { cookedOtherwise, eveningDish, type ToCook } from './dish.js';
export { planEvening } from './plan.js';
export { coatShare } from './tasks/coating.js';
export { eveningOf } from './evening.js';
export type * from './request.js';
export * from './lists/index.js';
