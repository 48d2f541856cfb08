export { friedSchema, layersSchema } from './coat.js';
export * from './conversion.js';
export { convertRequestSchema, limitsSchema, simulateRequestSchema } from './convert.js';
export { dishSchema } from './dish.js';
export { fryerSchema } from './fryer.js';
export * from './kitchen.js';
export { savePantrySchema } from './pantry.js';
export { airPlanSchema } from './plan.js';
export { saveSupperSchema } from './supper.js';
