/** What the board of the basket says, in the order of the files that say it. */

// BasketBoard
export const compareTwoToFour = 'Compare two to four ways in one batch';
export const packingBasket = 'Packing the basket…';
export const oneBatch = 'One batch';
export const batches = (count: number) => `${count} batches`;
export const piece = 'piece';
export const pieces = 'pieces';
export const asYouHaveLaid = ', as you have laid them';
export const apartOrMore = (gapMm: string) => `, ${gapMm} apart or more`;
export const inIt = (count: string, fryer: string, gapMm: string) => ` ${count} in ${fryer}${gapMm}.`;
export const layThemAnew = 'Lay them anew';
export const smallOnesInHoles = 'Small ones in the holes of large ones';
export const airBetween = 'Air between';
export const oneCoatedPieceIs =
  'One coated piece is larger than this basket. Cut it smaller, or move it to a larger fryer.';
export const byItsBreadTest = 'By its bread test:';
export const dragPieceOrFocus =
  'Drag a piece, or focus it: arrows move it (with Shift farther), R turns it, Delete takes it out. To scale; the colour is that of the tops at the end.';
export const times = (times: number, pieces: number) => `${times} times ${pieces}`;
export const lieOverEachOther = 'lie over each other';
export const overWall = 'over the wall';
export const nearerThanAirThat = 'nearer than the air that you asked for';

// Crowding
export const crowding = 'Crowding';
export const whatIfIGive = 'What if I give it air?';
export const whatIfICrowd = 'What if I crowd it?';
export const nowOf100Parts = (coverage: number) => `Now ${coverage} of 100 parts of the ground are covered.`;
export const simulating = 'Simulating…';
export const apart = 'Apart';
export const touching = 'Touching';
export const atTimeCovered = (crowded: string, piecesPerBatch: number, batches: string, coverage: number) =>
  `${crowded}: ${piecesPerBatch} at a time, ${batches}, ${coverage} covered.`;
export const cookItselfHardlyChanges = 'The cook itself hardly changes.';
export const piecesThatTouchStay =
  'Pieces that touch stay wet and pale where they do, and wet coats glue together: common practice keeps them apart.';
export const giveItAir = 'Give it air';
export const crowdIt = 'Crowd it';

// OtherFryers
export const inAnotherFryer = 'In another fryer';
export const ofUpTo = (batches: string, piecesPerBatch: number) => `${batches} of up to ${piecesPerBatch}`;
export const pieceIsLargerThan = 'a piece is larger than its basket';
export const moveItTo = (fryer: string) => `Move it to ${fryer}`;
export const moveIt = 'Move it';
export const muchSameThere = 'Much the same there.';

// PacketWord
export const packetsWord = 'A packet’s word';
export const packetOrAnotherRecipe = (fryer: string) =>
  `A packet or another recipe is written for a usual fryer, or for the oven. What it comes to in ${fryer}, with this coat, and what gives the same here:`;
export const itsWords = 'Its words';
export const itSays = 'It says';
export const forIt = 'for';
export const writtenFor = 'written for';
export const usualFryerOfThis = 'a usual fryer of this kind';
export const turned = 'turned';
export const whatIsThatHere = 'What is that here?';
export const usualOne = 'a usual one';
export const setJustSoIn = (fryer: string, writtenFor: string) => `Set just so in ${fryer}, against ${writtenFor}:`;
export const usualFryer = 'a usual fryer';
export const muchSameAsIn = (writtenFor: string) => `Much the same as in ${writtenFor}.`;
export const asItWasMeant = 'As it was meant.';
