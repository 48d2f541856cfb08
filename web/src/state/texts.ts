/** What is said where documents are fetched and kept, in the order of the files that say it. */

// api
export const nobodyIsSignedIn = 'Nobody is signed in with this browser any more.';
export const serverCannotBeReached = 'The server cannot be reached.';
export const serverGaveNoAnswer = 'The server gave no answer that can be read.';

// beginHere
export const dishIsNotHere =
  'No server answers, and a dish is not in this browser, or has no air version yet: it cannot begin without the server.';
export const notEnoughIsHere =
  'The server is away, and this browser knows too little of the kitchen to begin without it.';
export const tooLargeToBegin =
  'This evening is too large to begin while the server is away: begin its dishes one by one.';
export const noRoomToBegin = 'This browser has no room to keep a cook while the server is away.';

// bodiesApart
export const notThere = 'not there';
export const smallThings = 'small things';
export const round = (diameterMm: string) => `round, ${diameterMm}`;
export const by = (widthMm: string, depthMm: string) => `${widthMm} by ${depthMm}`;
export const to = (minTempC: string, maxTempC: string) => `${minTempC} to ${maxTempC}`;
export const kOff = (offsetC: number) => `${offsetC} K off`;
export const notWeighed = (kind: string) => `${kind}, not weighed`;
export const gEachTime = (kind: string, gPerStroke: string) => `${kind}, ${gPerStroke} g each time`;
export const fryer = 'Fryer';
export const sprayer = 'Sprayer';
export const bowl = 'Bowl';
export const acrossMl = (diameterMm: string, ml: number) => `${diameterMm} across, ${ml} ml`;
export const tray = 'Tray';
export const aThermometer = 'A thermometer';
export const howLongWorkTakes = 'How long work takes';
export const ofItsOwn = ' of its own';
export const inHouse = (name: string) => `${name}, in the house`;
export const neverUsed = (name: string) => `${name}, never used`;
export const ingredientOfYourOwn = 'An ingredient of your own,';
export const notSaid = 'not said';
export const itsName = 'Its name';
export const onTable = 'On the table';
export const begun = 'Begun';
export const whoCooks = 'Who cooks';
export const nobodyNamed = 'nobody named';
export const dishes = 'Dishes';
export const guests = 'Guests';
export const dishesTogetherWithin = 'Dishes together within';
export const tasksThatArePinned = 'Tasks that are pinned';
export const whoTastes = 'Who tastes';
export const answers = 'Answers';
export const itsNote = 'Its note';
export const itsTags = 'Its tags';
export const asTheyWereChanged = 'as they were changed here';

// edits
export const whatWasChangedHere = 'What was changed here and not saved yet is back.';

// handingOver
export const cookCouldNotBe = (name: string, detail: string) =>
  `“${name}” began here and could not be handed over: ${detail}`;
export const tapCouldNotBe = (detail: string) => `A tap could not be handed over: ${detail}`;

// questions
export const computationBrokeOffAnd = 'A computation broke off and was begun again. Nothing is lost.';

// things
export const pinchOf = 'a pinch of';

// units
export const minAfterTable = (value: number) => `${value}\u00a0min after the table`;
