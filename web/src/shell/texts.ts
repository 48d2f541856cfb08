/** What the frame around all pages says, in the order of the files that say it. */

// FirstSteps
export const sayWhatYouFry = 'Say what you fry';
export const foodAndCoatIn =
  'Food and coat in your own words, or the example as it stands. Then: Show me the air version.';
export const readAnswer = 'Read the answer';
export const markedOnPageWhat =
  'Marked on the page: what to change in your own coat, and what each change buys. It is read from the top.';
export const seeWhy = 'See why';
export const pullSliderUnderTwo =
  'Pull the slider under the two pieces: the pot and the fryer, minute by minute, from the simulation.';
export const setItOutAnd = 'Set it out and cook it';
export const belowBowlsWeighsOut =
  'Below: Bowls weighs out, Basket packs, Steps has the button that cooks. This dish is yours, and is kept on the first page.';
export const firstSteps = 'First steps';
export const ofIt = (at: number, steps: number, title: string) => `${at} of ${steps}: ${title}.`;
export const back = 'Back';
export const goOnAlone = 'Go on alone';
export const next = 'Next';
export const learnWhy = 'Learn why';
export const iKnowMyWay = 'I know my way';

// Keys
export const everywhere = 'Everywhere';
export const thisSheet = 'This sheet';
export const tabShiftTab = 'Tab, Shift+Tab';
export const fromOneThingTo = 'From one thing to the next';
export const esc = 'Esc';
export const closeWhatIsOpen = 'Close what is open';
export const recipeThatIsRead = 'A recipe that is read';
export const with19On = '1 … 9 on a line';
export const putItIntoThat = 'Put it into that bowl or place';
export const onLine = '↑ / ↓ on a line';
export const toLineAboveOr = 'To the line above or below';
export const undoAndRedoWhat = 'Undo and redo what was put elsewhere';
export const theBench = 'The bench';
export const undo = 'Undo';
export const redo = 'Redo';
export const coatInPotIn = 'The coat in the pot / in the air';
export const takeBetterVersionThat = 'Take the better version that was found';
export const pullUpBoardOf = 'Pull up a board of the shelf, and push it down again';
export const openEditorOfLayer = 'Open the editor of a layer';
export const layerOfCoat = 'A layer of the coat';
export const moveItOutwardToward = 'Move it outward / toward the skin';
export const spaceOnItsHandle = 'Space on its handle';
export const pickItUpCarry = 'Pick it up; ↑ ↓ carry it, Space lays it down, Esc puts it back';
export const pieceInBasket = 'A piece in the basket';
export const arrowKeys = 'Arrow keys';
export const moveItWithShift = 'Move it; with Shift farther';
export const turnIt = 'Turn it';
export const takeItOut = 'Take it out';
export const taskOfEvening = 'A task of the evening';
export const toTaskBeforeOr = 'To the task before or after; Home and End to the first and the last';
export const minuteSoonerOrLater = 'A minute sooner or later; with Shift five';
export const undoAndRedo = 'Undo and redo';
export const atCounter = 'At the counter';
export const spacePageDown = 'Space, Page down';
export const doneOnToWhat = 'Done: on to what is next. A foot pedal does the same';
export const pageUp = '← / Page up';
export const backTakeLastStep = 'Back: take the last step back';
export const passOverThisStep = 'Pass over this step';
export const numbersCurvesAndDots = 'Numbers, curves and dots';
export const inNumber = '↑ / ↓ in a number';
export const stepMoreOrLess = 'A step more or less';
export const onScrubberOrCurve = '← / → on the scrubber or a curve';
export const throughCookHomeAnd = 'Through the cook; Home and End to its ends';
export const onYellowDots = '← / → on the yellow dots';
export const alongThoseThatNothing = 'Along those that nothing beats; Enter lays one on the bench';
export const onShelf = '← / → on the shelf';
export const fromBoardToBoard = 'From board to board';
export const keys = 'Keys';
export const keysKeys = 'Keys (?)';
export const everythingByKeyboard = 'Everything by keyboard';
export const close = 'Close';

// Layout
export const evening = 'Evening';
export const cook = 'Cook';
export const log = 'Log';
export const kitchen = 'Kitchen';
export const pantry = 'Pantry';
export const learn = 'Learn';
export const skipToPage = 'Skip to the page';
export const yellowmist = 'Yellowmist';
export const switchToCupsF = 'switch to cups, °F and inches';
export const switchToGramsC = 'switch to grams, °C and millimetres';
export const mm = ' mm';
export const cupsF = 'cups °F';
export const inIt = ' in';
export const lightTheme = 'Light theme';
export const darkTheme = 'Dark theme';

// RouteError
export const somethingUnexpected = 'Something unexpected.';
export const thisPageFellApart = 'This page fell apart';
export const everythingThatWasSaved = (detail: string) => `Everything that was saved is safe. What broke: ${detail}`;
export const backToDishes = 'Back to the dishes';
export const thereIsNothingAt = 'There is nothing at this address';

// Standing
export const nobodyAnswers =
  'No server answers. You see what was last here; what you change waits in this browser, and is handed over by itself.';
export const whatWasKeptHere = 'What was kept here was damaged or is gone. ';
export const seeWhatWasFound = 'See what was found, and bring a backup back';
