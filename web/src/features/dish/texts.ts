/** What several boards say, in the order of the files that say it. */

// Differences
export const gains = 'gains: ';
export const givesUp = 'gives up: ';
export const noDifferenceWorthTelling = 'No difference worth telling.';

// DishPicture
export const outOfAirFryer = 'out of the air fryer';
export const outOfPot = 'out of the pot';
export const centre = (food: string, side: string, centreC: string) => `${food}, ${side}: centre ${centreC}`;

// GivesMeant
export const givesWhatWasMeant = ' gives what was meant.';
export const takeIt = 'Take it';

// LearnedSaid
export const by = (value: string, cooks: string) => `${value}, by ${cooks}`;
export const whatCooksTaught = 'what the cooks taught';

// Scrubber
export const throughCook = 'Through the cook';
export const ofIt = (at: string, clock: string) => `${at} of ${clock}`;
export const ofClock = (clock: string) => ` of ${clock}`;

// StartCook
export const watchItsOwnHands = 'Watch: its own hands do everything';
export const itsHandsWorkYou = 'Its hands work; you look, check and take out';
export const youDoEverything = 'You do everything';
export const asFastAsIt = 'as fast as it is';
export const with60EveningIn = '×60: an evening in two minutes';
export const cook = 'Cook';
export const rehearse = 'Rehearse';
export const howFast = 'How fast';
export const whoWorks = 'Who works';
export const surprises = 'Surprises';
export const simulatedFryersNothingGets = 'Simulated fryers: nothing gets hot, and no fryer of yours learns from it.';
export const beginRehearsal = 'Begin the rehearsal';

// Unsafe
export const notSafeInside = (centre: string) => `not safe: ${centre} inside`;
export const notSafeInThese = 'Not safe in these minutes:';
export const centreComesToAbout = (centre: string, minimum: string) =>
  ` the centre comes to about ${centre}, and ${minimum} is the safe minimum. Cook longer or cut it thinner, and check it with a thermometer.`;

// apart
export const then = '; then ';
export const at = (minutes: string, tempC: string) => `${minutes} at ${tempC}`;
export const itsName = 'its name';
export const theFood = 'the food';
export const piecesOf = (count: number, name: string) => `${count} pieces of ${name}`;
export const itsCoatInPot = 'its coat in the pot';
export const thePot = 'the pot';
export const theFryer = 'the fryer';
export const itsCoatInAir = 'its coat in the air';
export const noneYet = 'none yet';
export const theAir = 'the air';
export const notYet = 'not yet';
export const versionsThatWereKept = 'versions that were kept';
export const itsNote = 'its note';
export const itsTags = 'its tags';
export const smallThingsOfPlan = 'small things of the plan';
export const asItLiesHere = 'as it lies here';

// options
export const slab = 'Slab';
export const roundSlice = 'Round slice';
export const rod = 'Rod';
export const ring = 'Ring';
export const ball = 'Ball';
export const irregular = 'Irregular';
export const rightHand = 'the right hand';
export const leftHand = 'the left hand';

// Asking
export const nothingNearItIs = 'Nothing near it is known: say it in another word.';

// BowlTyped
export const understood = (portions: string) => `Understood: ${portions}.`;

// FoodRead
export const isNoFoodThat = (typed: string, near: boolean) =>
  `“${typed}” is no food that is known here.${near ? ' Do you mean one of these?' : ''}`;
export const sayWhatYouFry = 'Say what you fry, and how much of it.';
export const asOneSaysIt = 'As at the market or in a recipe: “24 oyster mushrooms”, “500 g of okra”.';
export const isDough = (typed: string) => `“${typed}” is dough that is fried by itself: it has no coat to convert.`;
export const whatCanBeConverted = 'What is battered, breaded, dusted or rolled in a thin sheet is converted here.';
export const isInPastry = (typed: string) =>
  `“${typed}” is wrapped in pastry or dough, which is not computed here. In a thin sheet there is:`;
export const friedInPieces = 'Chicken is fried in pieces, each kind in its own time. Which of them?';
export const isKindThatIs = (typed: string) => `“${typed}” is a kind that is not known here. The nearest:`;
export const howMuchOfIt = (typed: string) => `How much of it? “${typed}” does not say. The likeliest:`;
export const thereMustBeMore = 'There must be more than nothing of it. The likeliest:';
export const isMoreThanHousehold = (typed: string) => `“${typed}” is more than a household cooks at once. Do you mean:`;
export const cupSaysLittleOf = 'A cup or a bag says little of pieces: say how many, or a weight. The likeliest:';
export const noKnifeCutsThat = (min: number, max: number) =>
  `No knife cuts that: a cut must be ${min} to ${max} mm. Take:`;
export const pieces = 'Pieces';
export const piece = 'piece';
export const foodReadPieces = 'pieces';
export const ofAbout = (count: string) => `${count} of about `;
export const fromAsBought = (boughtG: string) => `, from ${boughtG} as bought`;
export const cut = 'Cut';
export const foodReadOf = 'of';
export const sizeOf = (cut: string) => `Size of the ${cut}`;
export const howToCutIt = 'How to cut it';
export const cutFood = (food: string, cut: string) => `${food} cut: ${cut}`;
export const atMinutes = (minutes: string, mm: string) => `${minutes} at ${mm}`;
export const centreIsDoneIn = (thickness: string) => `The centre is done in the pot after ${thickness}.`;
export const usualWeightsYoursAre = (source: string) => `Usual weights: ${source}. Yours are set on the pantry page.`;

// lineQuestions
export const isNothingThatIs = (typed: string) => `“${typed}” is nothing that is known here. Do you mean:`;
export const isKindThatIsNot = (typed: string) => `“${typed}” is a kind that is not known here. Take it as:`;
export const namesTwoThingsWrite = (typed: string) =>
  `“${typed}” names two things. Write them with a comma between, or take one:`;
export const howMuchDoesNot = (typed: string) => `How much? “${typed}” does not say. Take:`;
export const isNothingTake = (typed: string) => `“${typed}” is nothing. Take:`;
export const isMoreThanBowl = (typed: string) => `“${typed}” is more than a bowl holds. Do you mean:`;
export const isFoodAndNothing = (typed: string) =>
  `“${typed}” is a food, and nothing of a bowl. Say what the bowl is made of.`;
