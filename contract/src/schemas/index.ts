export * from './access.js';
export * from './answers.js';
export * from './backup.js';
export * from './cook.js';
export * from './devices.js';
export { friedSchema, layersSchema } from './coat.js';
export * from './conversion.js';
export { convertRequestSchema, limitsSchema, simulateRequestSchema } from './convert.js';
export { dishSchema } from './dish.js';
export { dishFileSchema, importReportSchema, kitchenFileSchema } from './files.js';
export {
  copyEveningSchema,
  eveningBodySchema,
  eveningDocumentSchema,
  eveningListSchema,
  momentSchema,
  saveEveningSchema,
} from './evening.js';
export * from './experiment.js';
export { fryerSchema } from './fryer.js';
export * from './kitchen.js';
export * from './learning.js';
export {
  cookBinSchema,
  cookDiagnosisSchema,
  diagnoseAnswerSchema,
  diagnoseRequestSchema,
  photoRecordSchema,
  photoRecordsSchema,
  saveSeenSchema,
  seenRecordSchema,
  seenRecordsSchema,
  seenSchema,
} from './log.js';
export { labelSchema, savePantrySchema } from './pantry.js';
export { airPlanSchema } from './plan.js';
export { eveningAnswerSchema, planEveningSchema, plannedEveningSchema } from './planEvening.js';
export { readRecipeSchema, recipeReadingSchema } from './recipe.js';
