export { cameTo, particularsOf, type Particular } from './particulars.js';
export { changedBetween, happenedIn, triedOf, type Changed, type Tried } from './tried.js';
export { batchesThatWent, passedOver, type BatchWent, type Reading } from './went.js';
