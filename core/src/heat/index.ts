export { airMedium, type AirCook } from './air.js';
export {
  CROWDED_FROM,
  FRYERS,
  OIL_HEAT,
  ROOM_C,
  UNDER,
  type FryerKind,
  type Level,
  type UnderFood,
} from './appliances.js';
export { type Body } from './body.js';
export { STANDING_MIN } from './constants.js';
export * from './input.js';
export { browningRate, settingRate, softeningRate } from './kinetics.js';
export { type Medium } from './media.js';
export { deepOil, panOil, type OilCook, type PanCook } from './oil.js';
export * from './properties.js';
export { PLACES, type Place } from './room.js';
export * from './series.js';
export * from './simulate.js';
export { boilingPointC, foodBoilingC, latentHeat, saturationPa, waterActivity } from './water.js';
