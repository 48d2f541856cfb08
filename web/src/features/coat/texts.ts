/** What the coat and its layers say, in the order of the files that say it. */

// CoatSays
export const gIn = (grams: string, layers: string) => `${grams} g in ${layers}`;
export const salt = 'Salt';
export const ofFoodsWeight = (percent: string, word: string) => ` ${percent} of the food’s weight: ${word}`;
export const seasonIt = 'Season it';
export const atThisHeatIt = 'at this heat it burns before the coat is done.';
export const itIsSharperThere = 'it is sharper there than inside.';
export const liesOutside = (burns: string) => ` lies outside: ${burns}`;
export const putItInside = 'Put it inside';
export const inIt = 'In it';
export const noneOfListedAllergens = 'none of the listed allergens';
export const byTheseIngredientsCheck = ' By these ingredients; check the labels.';
export const notWhatIsEaten = (unfit: string) => `Not what is eaten here: ${unfit}.`;
export const makeItFit = 'Make it fit';

// CoatStack
export const coatInPot = 'Coat in the pot';
export const coatInAir = 'Coat in the air';
export const airSideOutermostFirst = 'air side, outermost first';
export const layer = 'Layer';
export const layersFromAirTo = 'Layers from the air to the skin';
export const spacePicksLayerUp =
  'Space picks the layer up, the arrow keys move it outward or toward the skin, Space lays it down, Escape puts it back.';
export const theLayer = 'The layer';
export const placeOfFromSkin = (id: number, count: number) => `place ${id} of ${count} from the skin`;
export const pickedUpAt = (id: string, place: string) => `${id} picked up at ${place}.`;
export const over = (id: string, place: string) => `${id} over ${place}.`;
export const laidDownAt = (id: string, place: string) => `${id} laid down at ${place}.`;
export const putBackTo = (id: string, place: string) => `${id} put back to ${place}.`;

// Divided
export const aQuarter = 'A quarter';
export const half = 'Half';
export const threeQuarters = 'Three quarters';
export const soMuchOfIt = 'So much of it';
export const withIt = (names: string) => `with ${names}`;
export const allAlike = 'All alike';
export const halfOfItOtherwise = 'Half of it otherwise';
export const whatIsStirredInto = 'What is stirred into one half';
export const divide = 'Divide';
export const with1TspCayenne = '1 tsp cayenne, ½ tsp cumin';

// LayerBand
export const emptyLayer = 'Empty layer';
export const layerOfFromSkin = (at: number, count: number, name: string) =>
  `Layer ${at} of ${count} from the skin: ${name}`;
export const gOnMWeight = (thickness: string, pickUpGm2: number) =>
  `${thickness}, ${pickUpGm2} g on a m²; the weight is that on all pieces`;
export const carry = (name: string) => `Carry ${name}`;
export const dragOrSpaceAnd = 'Drag, or Space and the arrow keys';
export const remove = (name: string) => `Remove ${name}`;
export const repairIt = 'Repair it';

// LayerEditor
export const ingredient = (at: number) => `Ingredient ${at}`;
export const inRecipe = (name: string) => `${name} in the recipe`;
export const whatCouldStandIn = (name: string) => `What could stand in for ${name}`;
export const swap = 'Swap';
export const mayGoAgain = (name: string) => `${name} may go again`;
export const keepInEveryAir = (name: string) => `Keep ${name} in every air version`;
export const kept = 'Kept';
export const keep = 'Keep';
export const takeOut = (name: string) => `Take out ${name}`;
export const togetherAsYourRecipe = (totalGrams: string) =>
  `${totalGrams} together, as your recipe has it. The bowls say how much of it the pieces take.`;
export const addIngredient = 'Add an ingredient';
export const moveOutward = 'Move outward';
export const moveTowardSkin = 'Move toward the skin';
export const splitLighterIngredientInto = 'Split: the lighter ingredient into a layer of its own';
export const doubleDredgeThisAnd = 'Double dredge: this and its partner once more';
export const twice = 'Twice';
export const surplusTappedOff = 'Surplus tapped off';
export const leftToClumpIn = 'Left to clump in its bowl';
export const pressedOnWithPalm = 'Pressed on with the palm';
export const onThe = 'On the ';
export const fork = 'fork';
export const it = (does: string) => ` it ${does}.`;
export const beatenSmoothNotFolded = 'Beaten smooth, not folded';
export const dripsFor = 'Drips for';
export const hasStoodFor = 'Has stood for';

// Substitutes
export const asWeEat = 'as we eat';
export const substitutesWhatCouldStandIn = 'What could stand in';
export const itShouldBe = 'It should be';
export const whateverDoesSame = 'whatever does the same';
export const simulatingEach = 'Simulating each…';
export const nothingInPantryDoes =
  'Nothing in the pantry does the same and fits. Leave it out, or build another layer.';
export const specialShop = ' (special shop)';
export const muchSame = 'Much the same.';
export const use = (substitute: string) => `Use ${substitute}`;
export const substitutesUse = 'Use';
export const byIngredientsAloneCheck = 'By the ingredients alone: check the labels.';
