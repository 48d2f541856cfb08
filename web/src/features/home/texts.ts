/** What the first page says, in the order of the files that say it. */

// Beginning
export const with24OysterMushrooms = '24 oyster mushrooms, torn';
export const inMyOwnWords = 'in my own words, above';
export const beginWithDish = 'Begin with a dish';
export const whatDoYouFry = 'What do you fry in a pot of oil?';
export const sayItAsYou =
  'Say it as you would at the market and from your recipe. The bench shows why that coat works in oil and may fail in moving air, and builds one that sets, sticks and crisps.';
export const iFry = 'I fry';
export const with1LbThighs = '1½ lb thighs, bite-size · 1 large onion in 13 mm rings';
export const inIt = 'in';
export const cupFlour1Tsp = '½ cup flour, 1 tsp salt, 2 eggs, 1½ cups crumbs, in one line or several';
export const coatByItsName = 'A coat by its name';
export const forIt = 'for';
export const minutesInOil = 'Minutes in the oil';
export const andIHave = 'and I have';
export const fryer = 'Fryer';
export const showMeAirVersion = 'Show me the air version';
export const iHaveRecipeTo = 'I have a recipe to paste';
export const cutPotAndEvery = 'Cut, pot and every layer can be changed on the bench.';
export const oneThingIsNot =
  'One thing is not clear yet: answer the question above. Nothing of what you typed is lost.';
export const nothingOfSentenceIs = (problem: string) => `${problem} Nothing of the sentence is lost.`;
export const forExample = (example: string) => `For example: ${example}`;

// CoatInWords
export const inPan = 'in a pan';
export const atHeat = (tempC: string) => `at ${tempC}`;
export const forMinutes = (minutes: string) => `for ${minutes}`;
export const takenFromWords = (taken: string) => `Taken from what you fry: ${taken}.`;
export const yourWordsNameCoat = (coat: string) => `What you fry names another coat: “${coat}”.`;
export const asUsuallyFried = 'As it is often fried: write over it what you do.';
export const takeThatCoat = 'Take that one';

// CoatRead
export const dust = 'Dust';
export const binder = 'Binder';
export const batter = 'Batter';
export const dredge = 'Dredge';
export const finish = 'Finish';
export const bowlsAsTheyAre = 'Bowls as they are understood';
export const nothingWasSaidOf = (guessed: string) => `Nothing was said of how much: ${guessed} taken as usual.`;
export const oilIsForPot = 'The oil is for the pot and the spray: it is no part of the coat.';
export const doYouMeanOne = (typed: string) => `“${typed}”: do you mean one of these coats?`;
export const sayWhatCoatIs = 'Say what the coat is made of, or a coat’s name.';

// DishRow
export const piecesOfFriedAt = (count: number, name: string, minutes: string, tempC: string) =>
  `${count} pieces of ${name}, fried ${minutes} at ${tempC}`;
export const forIn = (tempC: string, minutes: string, fryer: string) => `, ${tempC} for ${minutes} in ${fryer}`;
export const notConvertedYet = 'Not converted yet';
export const isPutAside = (name: string) => `“${name}” is put aside.`;
export const bringItBack = 'Bring it back';
export const takeOutAgain = (name: string) => `Take ${name} out again`;
export const putAway = (name: string) => `Put ${name} away`;
export const takeItOutAgain = 'Take it out again';
export const dishRowPutAway = 'Put away';
export const copy = (name: string) => `Copy ${name}`;
export const dishRowCopy = 'Copy';
export const deleteIt = (name: string) => `Delete ${name}`;
export const dishRowDelete = 'Delete';

// Dishes
export const dishesOfThisKitchen = 'Dishes of this kitchen';
export const findDish = 'Find a dish';
export const food = 'Food';
export const inFryer = 'In fryer';
export const fits = 'Fits';
export const anyDiet = 'any diet';
export const tag = 'Tag';
export const backToDishes = 'Back to the dishes';
export const putAwayArchived = (archived: number) => `Put away (${archived})`;
export const bin = 'Bin';
export const noDishHereIs = (words: string) => `No dish here is called “${words}”, nor made of it.`;
export const noDishHereIsLike = 'No dish here is like that.';
export const nothingIsHere = 'Nothing is here.';
export const showAll = 'Show all';
export const showAllDishes = (count: number) => `Show all ${count} dishes`;
export const looking = 'Looking…';
export const nothingWasPutAside = 'Nothing was put aside.';
export const putAside = (deletedAt: string) => `put aside ${deletedAt}`;
export const bringBack = (name: string) => `Bring ${name} back`;

// HomePage
export const lookingForDishes = 'Looking for the dishes…';
export const dishes = 'Dishes';
export const tryAgain = 'Try again';
export const noDishYet = 'No dish yet';
export const sentenceAboveIsReal =
  'The sentence above is a real example: send it as it is, or put in what you fry. It is kept here from then on.';
export const learnWhyCoatWorks = 'Learn why a coat works in oil and fails in air: seven short pages to play with';

// WholeKitchen
export const dish = 'Dish';
export const sprayer = 'Sprayer';
export const bowl = 'Bowl';
export const tray = 'Tray';
export const ingredient = 'Ingredient';
export const usualWeight = 'Usual weight';
export const evening = 'Evening';
export const comparison = 'Comparison';
export const cook = 'Cook';
export const keepWhatIsHere = 'keep what is here';
export const takeFiles = 'take the file’s';
export const keepBoth = 'keep both';
export const wholeKitchenAsFile = 'The whole kitchen as a file';
export const wholeKitchen = 'The whole kitchen';
export const saveItAsFile = 'Save it as a file';
export const withIt = (photos: string) => `with ${photos}`;
export const bringInSuchFile = 'Bring in such a file';
export const kitchenAsFile = 'A kitchen as a file';
export const dishesFryersPantryEvenings =
  'Dishes, fryers, pantry, evenings and the logbook. Nothing here is overwritten unasked.';
export const whatFileBrings = 'What the file brings';
export const nothingNew = 'nothing new';
export const newIt = (count: number) => `${count} new`;
export const brings = (count: string) => ` brings ${count}`;
export const areHereJustSo = (same: number) => `; ${same} are here just so`;
export const photographComes = 'photograph comes';
export const photographsCome = 'photographs come';
export const withItBrought = (brought: string) => ` ${brought} with it.`;
export const photographIs = 'photograph is';
export const photographsAre = 'photographs are';
export const notInFileAnd = (missing: string) => ` ${missing} not in the file, and left out.`;
export const hereAndInFile = 'Here and in the file, and not alike:';
export const here = (here: string) => `, here: ${here}`;
export const inFile = (there: string) => `in the file: ${there}`;
export const bringItIn = 'Bring it in';
export const leaveIt = 'Leave it';
