/** What the board of bowls says, in the order of the files that say it. */

// Beside
export const sauceTossedWithPieces = 'Sauce, tossed with the pieces';
export const sauce = 'Sauce';
export const tossedOffHeatBatch = 'tossed off the heat, a batch at a time';
export const sauceBrushedOn = 'Sauce, brushed on';
export const glaze = 'Glaze';
export const brushedOnThinlyThen = 'brushed on thinly, then some minutes more';
export const dipBeside = 'Dip, beside';
export const dip = 'Dip';
export const servedBeside = 'served beside';
export const marinadeBeforeCoat = 'Marinade, before the coat';
export const marinade = 'Marinade';
export const onFoodBeforeCoat = 'on the food before the coat';
export const spiceSaltAtEnd = 'Spice salt, at the end';
export const spiceSalt = 'Spice salt';
export const scatteredWhilePiecesAre = 'scattered while the pieces are hot';
export const toppingAtEnd = 'Topping, at the end';
export const topping = 'Topping';
export const scatteredOverAtEnd = 'scattered over at the end';
export const besideCoat = 'Beside the coat';
export const peopleWhoEat = 'People who eat';
export const stirredFirstOfAll = 'Stirred first of all.';
export const madeAheadUpTo = 'Made ahead, up to some hours, and chilled.';
export const madeWhileFryerRuns = 'Made while the fryer runs.';
export const whatIsLeftIs = 'What is left is thrown away.';
export const keepsForWeeks = 'Keeps for weeks.';
export const keepsDaysCoveredAnd = (days: number) => `Keeps ${days} days, covered and cold.`;
export const remove = (amounts: string) => `Remove ${amounts}`;
export const forWholeDish = 'For the whole dish';
export const forEachOfBatches = (perBatchG: string, batches: number) => `${perBatchG} for each of ${batches} batches. `;
export const moreAreNeeded = (takesG: string) => `: ${takesG} more are needed.`;
export const wouldBeLeftOver = (saysG: string) => `: ${saysG} would be left over.`;
export const aboutRight = ': about right.';
export const yourRecipeGives = (saysG: string, takesG: string) => `Your recipe gives ${saysG}${takesG} `;
export const bubblingMinutesIt = (minutes: number, thickens: string) => `Bubbling ${minutes} minutes it ${thickens}. `;
export const asUsualForIt = 'As usual for it';
export const asMyRecipeHas = 'As my recipe has it';
export const staysThin = 'stays thin';
export const coatsSpoon = 'coats a spoon';
export const becomesThickAndGlossy = 'becomes thick and glossy';
export const setsLikeJellyTake = 'sets like jelly: take less starch';
export const anotherBowl = 'Another bowl';
export const whatGoesIntoIt = 'What goes into it, as your recipe writes it';
export const add = 'Add';
export const cupSoySauce3 = '⅓ cup soy sauce, 3 tbsp honey, 1 tbsp cornflour, 2 cloves garlic, ¼ cup water';

// BowlsBoard
export const noBowlsPiecesCome = 'No bowls: the pieces come with their coat on. Put them into the fryer frozen.';
export const bowlsInOrderOf = 'Bowls in the order of dipping';
export const threeTimes = 'three times';
export const fourTimes = 'four times';
export const layer = (times: string, visits: string) => `${times}: ${visits} layer`;
export const inMl = (vessel: string, needsMl: number) => `In the ${vessel}: ${needsMl} ml.`;
export const inGoes = (portions: number) => `In ${portions} goes`;
export const ofAboutWhatWet = (totalG: string) => ` of about ${totalG}: what wet pieces have touched is thrown away.`;
export const andThrownAway = ' and thrown away';
export const stayOnFoodOn = (onFoodG: string, lostG: string, loses: string, leftG: string, soils: string) =>
  `${onFoodG} stay on the food, ${lostG} on ${loses}; ${leftG} are left over${soils}.`;
export const weighedOfBeatenEgg = (weighedEggG: string) => ` Weighed, ${weighedEggG} of beaten egg would do.`;
export const sameBowlReachesPieces = (reachesPieces: number) => ` The same bowl reaches ${reachesPieces} pieces.`;
export const asMuchAsI = (reachesPieces: number) => `As much as I have: ${reachesPieces}`;
export const theHand = 'the hand';
export const theFork = 'the fork';
export const theBox = 'the box';

// DropTest
export const dropTest = 'Drop test';
export const tablespoonOnFlatPlate = ': a tablespoon on a flat plate should be ';
export const acrossAfterMinute = ' across after a minute.';
export const yoursMeasures = 'Yours measures';
export const asRecipe = 'As the recipe';
export const thicker = 'Thicker';
export const thinner = 'Thinner';
export const thanItsRecipeFilm = (measured: string) =>
  `${measured} than its recipe: film, run-off and minutes are now for the bowl that you have.`;

// ForkTest
export const asWanted = 'as wanted';
export const fallsInClumps = 'falls in clumps';
export const coversItTinesShow = 'covers it, tines show slowly';
export const runsOffInRibbon = 'runs off in a ribbon';
export const coatsItLightly = 'coats it lightly';
export const forkShouldSayIt = (wanted: string) => `The fork should say: ${wanted}. It says:`;
export const justThat = 'just that';
export const stirIn = 'Stir in ';
export const ofIt = (add: string) => ` of ${add}`;
export const ml = (ml: number) => ` (${ml} ml)`;
export const littleAtTime = ', a little at a time.';
export const mixItAnewThis = 'Mix it anew: this bowl cannot be brought there.';

// Setting
export const dryHandAndWet = 'a dry hand and a wet hand';
export const forkOrTongs = 'fork or tongs';
export const closedBoxForFlours = 'a closed box for the flours';
export const allTossedTogetherIn = 'all tossed together in each bowl';
export const iWriteWith = 'I write with';
export const throughBowlsWith = 'Through the bowls with';
export const workingSurplusTimes = 'Working surplus, times';
export const piecesToCoat = 'Pieces to coat';
export const half = 'Half';
export const double = 'Double';
export const leftToRight = 'left to right';
export const rightToLeft = 'right to left';
export const writingHandDoesDry = (writes: string) =>
  `The writing hand does the dry bowls, where it presses; the other one gets wet. Bowls run ${writes} to the tray. What `;
export const workingSurplus = 'working surplus';
export const isForLastPiece = ' is for: the last piece.';

// Tray
export const seconds = 'seconds';
export const strokes = 'strokes';
export const ofThe = (count: number, kind: string, name: string) => `${count} ${kind} of the ${name}`;
export const theTray = 'The tray';
export const rests = 'Rests';
export const minOneLayer = (restMin: number) => ` ${restMin} min, one layer. `;
export const then = 'Then ';
export const ofOil = (oilAmount: string) => `${oilAmount} of oil`;
export const onBothSidesOf = (count: number) => ` on both sides of all ${count} pieces, away from the hot basket`;
export const or = ', or ';
export const noOil = 'No oil.';
export const ofUpToPieces = (piecesPerBatch: number) => ` of up to ${piecesPerBatch} pieces, by area.`;
