/** What the controls say, in the order of the files that say it. */

// AddByName
export const add = 'Add';

// AddNamed
export const addIt = 'Add it';

// ApartList
export const whatDiffers = 'What differs';
export const mine = 'Mine:';
export const theOther = 'The other:';

// FindChoice
export const nothingIsCalledSo = 'Nothing is called so.';

// More
export const showMoreToCome = (rest: number) => `Show more, ${rest} to come`;

// NewName
export const nameEnter1To = (max: number) => `Name: enter 1 to ${max} letters.`;
export const nameThereIsAlready = (wanted: string) => `Name: there is a "${wanted}" already.`;
export const ofThemAreAll = (most: number) => `${most} of them are all that is kept here.`;

// NotHere
export const thisIsNotHere = (what: string) => `This ${what} is not here`;
export const tryAgain = 'Try again';

// NumberField
export const wholeNumber = 'a whole number';
export const aNumber = 'a number';
export const enterFromTo = (kind: string, min: string, max: string, unit: string) =>
  `Enter ${kind} from ${min} to ${max} ${unit}`;
export const byDragging = (label: string) => `${label}, by dragging`;
export const staysInForce = (error: string, settled: string, unit: string) =>
  `${error}. ${settled} ${unit} stays in force.`;

// PageHeading
export const yellowmist = (heading: string) => `${heading} · Yellowmist`;

// PrintBar
export const paper = 'Paper';

// RackFigure
export const upperRack = 'Upper rack';
export const lowerRack = 'Lower rack';
export const rack = (rack: number) => `rack ${rack}`;
export const basket = 'basket';
export const fromAbove = (name: string, rack: string) => `${name}, ${rack} from above`;

// Savable
export const saveDrawing = (name: string) => `Save the drawing: ${name}`;
export const savableSaveDrawing = 'Save the drawing';
export const svg = 'SVG';
export const png = 'PNG';

// SaveNote
export const saved = 'Saved';
export const notSavedYetIt = 'Not saved yet; it is tried again.';
export const notSaved = 'Not saved:';
export const itCouldNotBe = 'It could not be read:';
export const yourChangesStayHere = (problem: string, retrying: string) =>
  `${problem} ${retrying} Your changes stay here.`;
export const triedAgain = (unread: string, problem: string) => `${unread} ${problem} It is tried again.`;
export const whatWasChangedHere = 'What was changed here before was not saved, and somebody has saved since.';
export const takeMine = 'Take mine';
export const leaveItAsOther = 'Leave it as the other has it';

// UndoRedo
export const undo = 'Undo';
export const redo = 'Redo';

// Unreadable
export const nothingOfItIs = (problem: string) => `Nothing of it is lost, but it cannot be opened here: ${problem}`;

// Word
export const whatItMeans = '(what it means)';
export const whatMeans = (word: string) => `(what “${word}” means)`;
export const playWithIt = 'Play with it';
