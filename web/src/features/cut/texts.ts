/** What the board of cuts says, in the order of the files that say it. */

// Also
export const withIt = 'With it: ';
export const piecesOf = (spoken: string) => ` pieces of ${spoken}`;
export const takeItOut = 'Take it out';
export const anotherFoodInSame = 'Another food in the same coat and basket';
export const addIt = 'Add it';

// Bought
export const piecesOfCount = (count: number, name: string) => `${count} pieces of ${name}`;
export const foodHowMuchAnd = 'Food, how much and how cut';
export const take = 'Take';

// PieceForm
export const dry = 'Dry';
export const patted = 'Patted';
export const wet = 'Wet';
export const foodAndCut = 'Food and cut';
export const thickness = 'Thickness';
export const pieces = 'Pieces';
export const surface = 'Surface';
export const madeReady = 'Made ready';
export const pieceInAll = (each: string, all: string) => `${each} a piece, ${all} in all`;

// Rare
export const length = 'Length';
export const width = 'Width';
export const diameter = 'Diameter';
export const outerDiameter = 'Outer diameter';
export const innerDiameter = 'Inner diameter';
export const longestWay = 'Longest way';
export const exactSizesAndWhat = 'Exact sizes, and what is rare';
export const shape = 'Shape';
export const weightOfOne = 'Weight of one';
export const startsAt = 'Starts at';
export const leftBare = 'Left bare, %';
export const comesFrozenWithIts = 'Comes frozen, with its coat on';
export const someSmaller = 'Some smaller';
export const soManyOfThem = 'So many of them';
export const theirSize = 'Their size, %';

// sentence
export const frozen = 'frozen';
export const fromCold = 'from the cold';
export const notCold = 'not cold';
export const piece = 'piece';
export const sentencePieces = 'pieces';
export const ofIt = (count: number, pieces: string, food: string, cut: string) => `${count} ${pieces} of ${food}${cut}`;
export const thick = (throughMm: string) => `${throughMm} thick`;
export const boughtWithItsCoat = 'bought with its coat on';
export const withPiecesOf = (count: number, second: string) => `; with ${count} pieces of ${second}`;
