/** What stands beside what is cut open, in the order of the files that say it. */

// CurvesBoard
export const coatSet = 'coat set';
export const centreSafe = 'centre safe';
export const centreHot = 'centre hot';
export const inPot = 'In the pot';
export const curves = 'Curves';
export const curvesName = (name: string) => `${name}, curves`;
export const coatDoesNotSet = 'The coat does not set.';
export const temperaturesOverTime = (name: string, told: string) => `${name}: temperatures over time. ${told}`;
export const atCentreCoatFoot = (clock: string, centre: string, foot: string, surface: string) =>
  `at ${clock}: centre ${centre}, coat foot ${foot}, surface ${surface}, water left in the coat`;

// Cutaways
export const cutaways = 'Cutaways';
export const inPotFood = (food: string) => `${food} in the pot`;
export const friedAfterCentre = (food: string, clock: string, centreC: string) =>
  `Fried: ${food} after ${clock}, centre ${centreC}`;
export const inIt = (fryer: string) => `In ${fryer}`;
export const inAir = (food: string) => `${food} in the air`;
export const airAfterCentre = (food: string, clock: string, centreC: string) =>
  `Air: ${food} after ${clock}, centre ${centreC}`;
export const firstAirVersionIs = 'The first air version is being searched';
export const potDone = ', pot done';
export const turned = ', turned';
export const secondCook = ', second cook';

// Verdicts
export const under01G = 'under 0.1 g a piece';
export const aboutGPiece = (grams: string | number) => `about ${grams} g a piece`;
export const safeFrom = (tempC: string) => ` (safe from ${tempC})`;
export const coat = 'Coat';
export const ranOff = (runOff: number) => `, ${runOff} % ran off`;
export const colour = 'Colour';
export const centre = 'Centre';
export const crunch = 'Crunch';
export const oilKept = 'Oil kept';
export const below = ', below';
