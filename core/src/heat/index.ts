export { type Body } from './body.js';
export { COLOUR_TIME_S, SAMPLE_S } from './constants.js';
export { browningRate, settingRate, softeningRate } from './kinetics.js';
export {
  airMedium,
  deepOil,
  FRYERS,
  panOil,
  UNDER,
  type AirCook,
  type FryerKind,
  type Medium,
  type OilCook,
  type PanCook,
  type UnderFood,
} from './media.js';
export * from './properties.js';
export * from './series.js';
export * from './simulate.js';
export { boilingPointC, foodBoilingC, latentHeat, saturationPa, waterActivity } from './water.js';
