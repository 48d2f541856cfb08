/** What the comparison in one batch says, in the order of the files that say it. */

// ComparedBowls
export const theBowls = 'The bowls';
export const coat = (listed: string) => `, coat ${listed}`;
export const oilOnPieces = 'Oil on the pieces';
export const inAllOnBoth = (pieces: string) =>
  `${pieces} in all, on both sides, on the tray and not over the hot basket`;
export const forAll = 'for all';

// ExperimentPage
export const comparison = 'comparison';
export const toLogbook = 'To the logbook';
export const openingComparison = 'Opening the comparison…';
export const logbook = 'Logbook';
export const print = 'Print';
export const inIt = (fryer: string, question: string) => `In ${fryer}. ${question}`;
export const centreOfComesTo = (mark: string, centreC: string, minimumC: string) =>
  `The centre of ${mark} comes to ${centreC} by the simulation; ${minimumC} is safe. Give it more minutes on the bench before you compare, and check with a thermometer.`;
export const isPutAside = (name: string) => `“${name}” is put aside.`;
export const bringItBack = 'Bring it back';
export const putAside = 'Put aside';

// Found
export const whatCameOfIt = 'What came of it';
export const howOftenEachWay = 'How often each way came first, and its mean place';
export const simulationHoldsNoneOf = 'The simulation holds none of them for better.';
export const simulationHadHeldFor = (ways: string) => `The simulation had held “${ways}” for better.`;
export const yourTableFoundOtherwise = ' Your table found otherwise, and it is your table that counts.';
export const yourTableFoundSame = ' Your table found the same.';
export const whatYouMakeOf = 'What you make of it';
export const isHowDishIs = (way: string) => `“${way}” is how the dish is made now.`;
export const isMadeWithFrom = (dish: string, way: string) =>
  `${dish} is made with “${way}” from now on; how it was stays among its versions.`;
export const fromNowOn = (way: string) => `From now on: ${way}`;
export const before = (name: string) => `Before “${name}”`;

// Holds
export const blindDoesNotMean = 'Blind does not mean unasked:';
export const byTheirIngredientsNone =
  'by their ingredients none of these holds one of the listed allergens; packets decide.';
export const oneOrMoreOf = (listed: string) =>
  `one or more of these hold ${listed}. Whoever avoids any of it does not taste; packets decide, and one basket is shared.`;

// Laid
export const howTheyLie = 'How they lie';
export const inBasket = 'In the basket';
export const fromAboveRowBy = (fryer: string, rows: string) =>
  `${fryer} from above, row by row from the back left: ${rows}`;
export const onePieceIs = 'One piece is';
export const piecesAre = (over: number) => `${over} pieces are`;
export const overMarkedMadeAs = (over: string) => `${over} over, marked –: made as you like, and tasted by nobody.`;
export const oneAfterOther = 'One after the other';
export const theTray = 'The tray';
export const pieces = (pieces: number) => `${pieces} pieces`;
export const eachHalfLiesIn =
  'Each half lies in the place of the other for half the time, once the basket is turned round.';
export const eachWayLiesAs =
  'Each way lies as far out, and as much to each side, as the others: a hot side or a hot middle meets all alike.';
export const noBreadTestSays = (fryer: string, laying: string) => `No bread test says where ${fryer} is hot. ${laying}`;
export const byBreadTestOf = (fryer: string, percent: string, apart: string) =>
  `By the bread test of ${fryer} one way browns ${percent} faster than another by its places alone; each in a part of its own it would be ${apart}.`;
export const soFewPiecesCannot =
  ' So few pieces cannot be laid more evenly: so much of a difference in colour is the place’s doing.';

// PlanPage
export const dish = 'dish';
export const comparisonBeginsWithDish = 'A comparison begins with a dish: open one, and go to its basket.';
export const toDishes = 'To the dishes';
export const openingDish = 'Opening the dish…';
export const airVersion = 'air version';
export const hasNoneYetOpen = (dish: string) => `“${dish}” has none yet: open it on the bench once.`;
export const toBench = 'To the bench';
export const whichIsBetter = 'Which is better?';
export const twoToFourWays = (fryer: string) =>
  `Two to four ways of making it, in one batch and one heat. The pieces lie so that hot places of ${fryer} do not decide, and are tasted without knowing which is which.`;
export const whatDoYouWant = 'What do you want to know?';
export const lookingAtCoat = 'Looking at the coat…';
export const somethingOfMyOwn = 'Something of my own';
export const whatTastersAreAsked = 'What the tasters are asked';
export const amongEachOtherFairest = 'among each other: the fairest';
export const inTwoHalvesBasket = 'in two halves, the basket turned round half-way: the easiest';
export const whoTastesWithCommas = 'Who tastes, with commas between; more can come later';
export const layingItOut = 'Laying it out…';
export const layItOut = 'Lay it out';
export const twoToFourWaysBy = (count: number) => `Two to four ways: ${count} by now.`;
export const waysWithCommasBetween = 'The ways, with commas between';
export const crumbsOfOldLoaf = 'crumbs of the old loaf, crumbs from the shop';
export const yellowmistCannotSimulateThese =
  'Yellowmist cannot simulate these; it lays them out and judges the tasting.';
export const whichTakePart = 'Which take part';

// TastePage
export const openingTasting = 'Opening the tasting…';
export const taster = 'taster';
export const isNotAmongThose = (who: string) => `${who} is not among those who taste.`;
export const nobodyIsNamed = 'Nobody is named.';
export const toComparison = 'To the comparison';
export const tasteInThisOrder = (who: string) => `${who}, taste in this order`;
export const then = 'then';
export const sipOfWaterBefore = (first: string) => `A sip of water before each. Then tap ${first}`;
export const andOthersAsThey = ', and the others as they follow';
export const thatIsMyAnswer = 'That is my answer';
export const onceMore = 'Once more';
export const iCannotTellThem = 'I cannot tell them apart';
export const thankYou = (who: string) => `Thank you, ${who}.`;
export const handItOnTo = 'Hand it on to:';
export const everybodyHasTasted = 'Everybody has tasted.';
export const tastesAgain = (who: string) => `${who} tastes again`;

// Tasters
export const tastesNoMore = (taster: string) => `${taster} tastes no more.`;
export const bringBack = 'Bring back';
export const whoTastes = 'Who tastes';
export const theTasting = 'The tasting';
export const nobodyIsNamedYet = 'Nobody is named yet. Five or six make it worth while.';
export const tastersThen = ', then ';
export const isServed = (order: string) => `is served ${order}`;
export const hasAnswered = 'has answered';
export const answeredTimes = (answers: number) => `answered ${answers} times`;
export const taste = 'Taste';
export const again = 'Again';
export const doesNotTaste = (taster: string) => `${taster} does not taste`;
export const somebodyElseWhoTastes = 'Somebody else who tastes';
export const onlyForWhoeverServes = 'Only for whoever serves: which code is which';
export const isIt = ' is ';
export const whatWasAnswered = (count: number) => `What was answered (${count})`;
export const couldNotTellThem = 'could not tell them apart';
export const takeBack = 'Take back';

// Waiting
export const whatWasNotedIs = (why: string) => `${why} What was noted is kept here, and tried again.`;
