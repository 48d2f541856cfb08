export { airMedium, type AirCook, type AirMedium } from './air.js';
export {
  CROWDED_FROM,
  FRYER_KINDS,
  FRYERS,
  OIL_HEAT,
  OWN_HEAT,
  ROOM_C,
  UNDER,
  USUAL_POWER_W,
  type FryerKind,
  type Level,
  type UnderFood,
} from './appliances.js';
export { type Body } from './body.js';
export { BURNS_AT, COLOUR_WORDS, GOLDEN, STANDING_MIN, STRUCTURE_OF_BARE_FOOD, THAW_C } from './constants/index.js';
export * from './input.js';
export { type Inside } from './inside.js';
export { browningRate, charringRate, colourAtSpeed, settingRate, softeningRate } from './kinetics.js';
export { type Medium } from './media.js';
export { deepOil, panOil, type OilCook, type PanCook } from './oil.js';
export { boilingPot, type BoilingPot, type WaterCook } from './pot.js';
export * from './properties.js';
export { PLACES, standingPlace, type Place } from './room.js';
export * from './series.js';
export * from './simulate.js';
export * from './turning.js';
export { boilingPointC, foodBoilingC, latentHeat, saturationPa, waterActivity } from './water.js';
