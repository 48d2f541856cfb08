/** What the bench says, in the order of the files that say it. */

// Bench
export const simulating = 'Simulating…';
export const simulationBrokeOffChange = (error: string) =>
  `The simulation broke off: ${error}. Change something, or reload the page; what is saved is safe.`;
export const simulatingFirstCook = 'Simulating the first cook…';
export const why = 'Why';
export const fetchingBoard = 'Fetching the board…';
export const coatAndCut = 'Coat and cut';
export const whichCoat = 'Which coat';
export const inPot = 'In the pot';
export const inAir = 'In the air';

// BenchBar
export const saved = 'Saved';
export const notSavedYet = 'Not saved yet';
export const changedElsewhere = 'Changed elsewhere';
export const putAsideElsewhere = 'Put aside elsewhere';
export const notSavedTryingAgain = 'Not saved, trying again';
export const card = 'Card';
export const nameOfDish = 'Name of the dish';
export const dishNeedsNameOf = (max: number) => `A dish needs a name of 1 to ${max} letters.`;

// BenchPage
export const whatWasChangedHere = 'What was changed here and not saved yet is back.';
export const layingOutDish = 'Laying out the dish…';
export const dish = 'dish';
export const toDishes = 'To the dishes';

// Leaving
export const leaveWithoutSaving = 'Leave without saving';
export const lastChangesOfThis = 'The last changes of this dish are not saved. Leave without them? ';
export const leaveWithoutThem = 'Leave without them';
export const stay = 'Stay';

// SaveTrouble
export const thisDishWasSaved = 'This dish was saved from another window. Nothing is lost yet: which one stays?';
export const keepMine = 'Keep mine';
export const takeOther = 'Take the other';
export const thisDishWasPut = 'This dish was put aside in another window. What you see is still here.';
export const bringItBack = 'Bring it back';
export const yourChangesStayHere = (problem: string) => `${problem} Your changes stay here; it is tried again.`;
export const tryNow = 'Try now';
export const tryOnceMoreIn = (failed: string) => `${failed} Try once more in a moment.`;

// Shelf
export const shelf = 'Shelf';

// boards
export const airVersions = 'Air versions';
export const water = 'Water';
export const bowls = 'Bowls';
export const oil = 'Oil';
export const basket = 'Basket';
export const steps = 'Steps';
export const onPlate = 'On the plate';
export const schools = 'Schools';
export const keptVersions = 'Kept versions';
export const cautions = 'Cautions';
export const whoEatsHowHot = 'Who eats, how hot';
