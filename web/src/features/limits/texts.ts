/** What the board of limits says, in the order of the files that say it. */

// LimitsBoard
export const whoEats = 'Who eats';
export const byIngredientsAlonePackets = 'By the ingredients alone. The packets’ labels decide.';
export const allergensToKeepOut = 'Allergens to keep out of the coat';
export const heatAndTime = 'Heat and time';
export const noHotterThan = 'No hotter than';
export const noLongerThan = 'No longer than';
export const iPreheat = 'I preheat';
