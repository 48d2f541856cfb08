/** What the reading of recipes says, in the order of the files that say it. */

// BowlsRead
export const dippedInThisOrder = 'Dipped in this order';
export const nothingIsDippedInto = 'Nothing is dipped into yet.';
export const besideCoat = 'Beside the coat';
export const inNoBowl = 'In no bowl';
export const theFood = 'The food';
export const ontoFood = 'Onto the food';
export const toFryIn = 'To fry in';
export const onPlate = 'On the plate';
export const notForCoat = 'Not for the coat';
export const bowlThatIsMissing = 'A bowl that is missing';
export const newIt = 'New: ';
export const and = ' and ';
export const nothing = 'nothing';

// Bringing
export const txtMdMarkdownHtml =
  '.txt,.md,.markdown,.html,.htm,.json,text/plain,text/markdown,text/html,application/json';
export const isLargerThan5 = (dropped: string) =>
  `“${dropped}” is larger than 5 MB: save the page without its pictures, or paste the recipe’s words.`;
export const bringRecipe = 'Bring a recipe';
export const pasteRecipeYouFry = 'Paste the recipe you fry by';
export const wordsMarkdownSavedPage =
  'Words, Markdown, a saved page or its JSON. Nothing is fetched and nothing leaves this kitchen. Each line is put into its bowl, and you put right what is wrong.';
export const with500GCod =
  '500 g cod in strips\n60 g flour, 1 tsp salt\n2 eggs\n…\nDip in flour, egg, then crumbs. Fry at 180 °C for 4 minutes.';
export const readIt = 'Read it';
export const openFile = 'Open a file';
export const putInExample = 'Put in an example';
export const recipeAsFile = 'A recipe as a file';
export const orDropOneAnywhere = 'or drop one anywhere here · Ctrl+Enter reads';

// LineRow
export const whereGoes = (text: string) => `Where ${text} goes`;
export const lineRowOntoFood = 'onto the food';

// ReadingPage
export const reading = 'Reading…';
export const recipeAsItIs = 'The recipe as it is written';
export const recipeWithoutTitle = 'A recipe without a title';
export const changeWords = 'Change the words';
export const whereLineGoesWrong =
  'Where a line goes wrong, open it and choose its bowl, press the bowl’s number, or drag it there.';
export const lines = 'Lines';
export const recipeAsItIsUnderstood = 'The recipe as it is understood';
export const whatStepsSay = 'What the steps say';
export const dippedIn = 'dipped in';
export const oilAt = 'oil at';
export const readAsHeadings = (lines: string) => `Read as headings: ${lines}.`;
export const notUsed = 'Not used';

// ToBench
export const piece = 'piece';
export const pieces = 'pieces';
export const ofIt = (count: number, pieces: string, food: string) => `${count} ${pieces} of ${food}`;
export const inDeepOil = 'in deep oil';
export const inPan = 'in a pan';
export const friedAtFor = (medium: string, tempC: string, minutes: string) =>
  `, fried ${medium} at ${tempC} for ${minutes}`;
export const forIt = (servings: number) => `, for ${servings}`;
export const guessed = 'Guessed';
export const aGuess = 'A guess:';
export const toBenchOilAt = 'Oil at';
export const toBenchFor = 'For';
export const intoThisFryer = 'Into this fryer';
export const layItOnBench = 'Lay it on the bench';
export const nothingOfRecipeIs = (problem: string) => `${problem} Nothing of the recipe is lost.`;

// example
export const halloumiFingersWithLemon =
  'Halloumi fingers with lemon yoghurt\n\nServes 4\n\n450 g halloumi, cut into fingers\n60 g plain flour\n1 tsp sweet paprika\n2 eggs, beaten with a splash of milk\n90 g panko\n1 tbsp sesame seeds\nSunflower oil, for deep-frying\n\nFor the dip\n150 g Greek yoghurt\n1 tbsp lemon juice\nA pinch of salt\n\n1. Pat the halloumi dry.\n2. Mix the flour with the paprika in a shallow bowl. Put the eggs in a second bowl, the panko and sesame in a third.\n3. Roll the fingers in the flour, dip in the egg, then press into the crumbs. Leave to rest for 10 minutes.\n4. Heat the oil to 180 °C and fry for 2 minutes until golden. Stir the dip together and serve beside.';

// places
export const dust = 'Dust';
export const binder = 'Binder';
export const batter = 'Batter';
export const finish = 'Finish';
export const marinade = 'Marinade';
export const sauce = 'Sauce';
export const dip = 'Dip';
export const placesTheFood = 'the food';
export const placesToFryIn = 'to fry in';
export const oilMixedIn = 'oil, mixed in';
export const placesOnPlate = 'on the plate';
export const placesNotForCoat = 'not for the coat';
export const placesAGuess = 'a guess';
export const newKindWord = (kindWord: string) => `New: ${kindWord}`;
