/**
 * Physical and tuned constants of the cook's heat and water. Each: what it is, @unit, @range in which it may be meant
 * to lie, @source (a publication, common practice, or tuned, and on what). Those of the appliances: appliances.ts.
 */
export * from './crust.js';
export * from './grid.js';
export * from './kinetics.js';
export * from './matter.js';
