/** What the pantry says, in the order of the files that say it. */

// LabelForm
export const plantsFungiOrMinerals = 'plants, fungi or minerals alone';
export const fishOrSeafood = 'fish or seafood';
export const fat = 'Fat';
export const carbohydrate = 'Carbohydrate';
export const ofItSugar = 'of it sugar';
export const fibre = 'Fibre';
export const protein = 'Protein';
export const salt = 'Salt';
export const nameEnterToLetters = (min: number, max: number) => `Name: enter ${min} to ${max} letters.`;
export const ofItSugarG = (sugarG: number, carbohydrateG: number) =>
  `Of it sugar: ${sugarG} g is more than the ${carbohydrateG} g of carbohydrate that it is part of.`;
export const fatCarbohydrateFibreProtein = (namedG: number) =>
  `Fat, carbohydrate, fibre, protein and salt come to ${namedG} g: a label of 100 g names 100 g or less.`;
export const isOnShelf = (next: string) => `${next} is on the shelf.`;
export const ingredientOfYourOwn = 'An ingredient of your own';
export const change = (name: string) => `Change ${name}`;
export const name = 'Name';
export const inCoatItBehaves = 'In a coat it behaves like';
export const in100GFrom = 'In 100 g, from the label';
export const levelCupOfIt = 'A level cup of it (not weighed: as what it behaves like)';
export const labelFormLevelCupOfIt = 'A level cup of it';
export const itIsMadeOf = 'It is made of';
export const labelSaysThatIt = 'The label says that it contains';
export const saveIt = 'Save it';
export const putItOnShelf = 'Put it on the shelf';
export const leaveIt = 'Leave it';

// PantryPage
export const pantry = 'Pantry';
export const find = 'Find';
export const inHouseIsNo =
  '“In the house” is no special shopping; “never” is offered nowhere. What it carries goes by the ingredient alone: check the label of what you use.';
export const nothingHereIsCalled = (wanted: string) =>
  `Nothing here is called “${wanted}”. Put it in from its label, beside.`;
export const ingredient = 'Ingredient';
export const inHouse = 'In the house';
export const never = 'Never';
export const euOf14 = 'EU, of the 14';
export const usOf9 = 'US, of the 9';
export const notFor = 'Not for';
export const euRegulationEuNo =
  'EU: Regulation (EU) No 1169/2011, Annex II. US: FALCPA 2004 and the FASTER Act 2021. Diets are never a promise about a packet: traces and recipes differ.';
export const specialShop = ' special shop';
export const changeItem = (item: string) => `Change ${item}`;
export const pantryPageChange = 'Change';
export const takeAway = (item: string) => `Take ${item} away`;
export const pantryPageTakeAway = 'Take away';
export const pantryPageInHouse = 'in the house';
export const neverUsed = 'never used';

// Weights
export const foodsAndTheirUsual = 'Foods and their usual weights';
export const foodsAndWhatOne = 'Foods, and what one weighs here';
export const food = 'Food';
export const oneOfThemAs = 'One of them, as bought';
export const usualWeightsFrom = 'Usual weights from';
export const showAllFoods = (count: number) => `Show all ${count} foods`;
export const backTo = (grams: string) => `Back to ${grams}`;
