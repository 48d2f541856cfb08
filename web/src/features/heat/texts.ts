/** What the board of heat says, in the order of the files that say it. */

// AirForm
export const basket = 'Basket';
export const raisedRack = 'Raised rack';
export const parchment = 'Parchment';
export const it = (said: string) => `It ${said}: `;
export const whatTheyTaught = 'what they taught';
export const inAirFryer = 'In the air fryer';
export const fryer = 'Fryer';
export const basketAcross = 'Basket across';
export const by = 'by';
export const oilOnAllPieces = 'Oil on all pieces';
export const coatRests = 'Coat rests';
export const underFood = 'Under the food';
export const turnedAfter = 'Turned after';
export const turnedOnce = 'Turned once';
export const preheated = 'Preheated';
export const trayOfBoilingWater = 'Tray of boiling water';
export const openedToLookTimes = 'Opened to look, times';
export const basketTurnedRound = 'Basket turned round';
export const racksSwapped = 'Racks swapped';
export const every = 'Every';
export const heatOfAirFryer = 'Heat of the air fryer';
export const setTo = 'Set to';
export const forIt = 'For';

// PotForm
export const deepOil = 'Deep oil';
export const panTurnedOnce = 'Pan, turned once';
export const inPotToday = 'In the pot today';
export const friedIn = 'Fried in';
export const oil = 'Oil';
export const heatOfPot = 'Heat of the pot';
export const oilAt = 'Oil at';

// SecondForm
export const bowl = 'bowl:';
export const noSauceOnlySecond = 'No sauce, only a second cook';
export const ofThisDish = (name: string) => `${name}, of this dish`;
export const saucedOrCookedSecond = 'Sauced, or cooked a second time';
export const sauce = 'Sauce';
export const coolsFirst = 'Cools first';
export const sauceForAllPieces = 'Sauce for all pieces';
export const thenAt = 'Then at';
export const moreMinutes = 'More minutes';

// SinceLearned
export const leaveItAsIt = 'Leave it as it is';
export const sinceItsFryerWas = 'Since its fryer was learned';
export const isKnownBetterSince = (fryer: string) => `${fryer} is known better since this was chosen.`;
export const setAsItIs = (setting: string) => ` Set as it is, ${setting}, against what you meant:`;
export const muchSame = 'Much the same.';
export const noOtherSettingComes = 'No other setting comes nearer. ';
