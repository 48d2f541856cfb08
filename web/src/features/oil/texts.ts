/** What the board of oil says, in the order of the files that say it. */

// OilBoard
export const pumpBottle = 'Pump bottle';
export const propellantCan = 'Propellant can';
export const brush = 'Brush';
export const oil = 'Oil';
export const putOnWith = 'Put on with';
export const tastes = (flavour: string) => `Tastes ${flavour}. `;
export const howFarItCovers = 'How far it covers';
export const dropsFallWhereThey = (lands: number) =>
  `Drops fall where they fall: twice the oil is far from twice the cover. About ${lands} of 100 parts land on the food.`;
export const leaveOilOutOf = 'Leave the oil out of the crumbs';
export const mix1TbspOf = 'Mix 1 tbsp of oil to a cup into the crumbs';
export const to = (low: string, high: string) => `${low} to ${high}`;
export const oilBoardTo = ' to ';
export const oilOfPortion = 'Oil of a portion';
export const piece = 'piece';
export const pieces = 'pieces';
export const portionOf = (pieces: number, food: string) => `A portion of ${pieces} ${food}`;
export const inAir = 'in the air';
export const gOfOilKcal = (span: string, kcal: string) => `${span} g of oil, ${kcal} kcal`;
export const fromPot = 'from the pot';
export const estimatesOfCookingOil = (food: string) =>
  `Estimates of cooking oil alone for 150 g of ${food}: a mist lands as it will, and a fried coat drinks between a tenth and a fifth of its weight. Never dietary or medical advice.`;
export const oilOnTrayAway =
  'Oil on the tray, away from heat and never over or into the hot basket: a mist burns. Some propellants spoil a non-stick coat; the fryer’s manual decides.';

// OilCover
export const sideThatStartsUp = 'Side that starts up';
export const sideThatStartsDown = 'Side that starts down';
export const allOfIt = 'all of it';
export const nearlyAll = 'nearly all';
export const inSpots = 'in spots';
export const of100Parts = (before: number) => `${before} of 100 parts`;
export const afterTouchUp = (after: number) => `, ${after} after the touch-up`;

// OilPlaces
export const rubbedOnFood = 'Rubbed on the food';
export const beforeCoat = 'before the coat';
export const inCoatsBowls = 'In the coat’s bowls';
export const whenTheyAreMixed = 'when they are mixed';
export const onBothSidesAnd = 'On both sides and the edges';
export const onTrayAfterRest = 'on the tray, after the rest';
export const onBasketOrRack = 'On basket or rack';
export const whileItIsCold = 'while it is cold';
export const onPaleSpots = 'On pale spots';
export const atHalfTime = 'at half time';
export const whereAndWhen = 'Where and when';
export const usedForAll = (count: number) => `Used, for all ${count}`;
export const inSpoons = 'In spoons';
export const landsOnFood = 'Lands on the food';
export const after = (atMin: string) => `after ${atMin}`;
export const inAll = 'In all';
export const none = 'none';
