/** What the drawings say, in the order of the files that say it. */

// AgeLine
export const anHour = 'an hour';
export const aDay = 'a day';
export const aWeek = 'a week';
export const aMonth = 'a month';
export const aYear = 'a year';
export const backupsByTheirAge = 'Backups by their age';
export const ago = (name: string) => `${name} ago`;

// BasketPicture
export const rackFromAbove = 'The rack from above';
export const ofIt = (food: string, place: number, count: number, trouble: string) =>
  `${food} ${place} of ${count}${trouble}`;
export const liesOverAnother = ', lies over another';
export const overWall = ', over the wall';
export const tooNearToAnother = ', too near to another';

// BreadMap
export const notTested = 'not tested';
export const bread = (howItBrowned: string) => `Bread: ${howItBrowned}`;

// Curves
export const coatFoot = 'coat foot';
export const coatWater = 'coat water';
export const golden = 'golden';
export const top = 'top';

// CutPicture
export const long = (long: string) => `${long} long`;

// EveningLanes
export const lanesOfEveningFrom = (from: string, table: string) =>
  `Lanes of the evening from ${from} to the table at ${table}`;
export const table = 'table';

// FryerDrawing
export const acrossOnDrawing = 'Across, on the drawing';
export const wideOnDrawing = 'Wide, on the drawing';
export const deepOnDrawing = 'Deep, on the drawing';

// Hand
export const leftHand = 'left hand';
export const rightHand = 'right hand';
export const closedBox = 'closed box';
export const wet = ', wet';
export const dry = ', dry';

// HonestyChart
export const asForetold = 'as foretold';

// LifeLines
export const crisp = 'crisp';
export const soft = 'soft';
export const with0Min = '0 min';

// ProbeCurve
export const wanted = (wantedC: string) => `wanted ${wantedC}`;

// RankedWays
export const ofMeanPlace = (way: string, first: number, told: number, rank: string) =>
  `${way} ${first} of ${told}, mean place ${rank}`;
export const place = (rank: string) => `place ${rank}`;
export const ofFirst = (first: number, told: number) => `${first} of ${told}`;

// Scatter
export const againstCooksThatNone = (yLabel: string, xLabel: string, cooks: number, best: number) =>
  `${yLabel} against ${xLabel}: ${cooks} cooks, ${best} that none beats in both`;

// TaughtScale
export const asSet = 'as set';

// TimeAndHeat
export const min = (minutes: number) => `${minutes} min`;

// WindowBars
export const neverGoldenOnBoth = 'never golden on both sides';
export const centreDone = 'centre done';

// lanes
export const onTray = 'On the tray';
export const onRack = 'On the rack';

// moment
export const up = 'Up';
export const down = 'Down';

// Labels
export const setToGlaze = 'set to a glaze';
export const justMoist = 'just moist';
export const inside = (centreC: string) => `${centreC} inside`;
export const ofCoat = (value: string) => `${value} of coat`;
export const ofFood = (value: string) => `${value} of food`;
