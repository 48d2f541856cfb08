/** What the card and the packet say, in the order of the files that say it. */

// Card
export const cardOf = (card: string) => `Card of ${card}`;
export const forAboutMinBefore = (people: number, pieces: string, prepMin: number, cookMin: number) =>
  `For ${people}, ${pieces} · about ${prepMin} min before the fryer, ${cookMin} in it`;
export const min = (setting: string, minutes: number) => `${setting} · ${minutes} min`;
export const preheatedTo = (preheat: string) => `, preheated to ${preheat}`;
export const notPreheated = ', not preheated';
export const turnedAfterMin = (turnAtMin: number) => `, turned after ${turnAtMin} min`;
export const batchesOfUpTo = (batches: number, piecesPerBatch: number) =>
  `, ${batches} batches of up to ${piecesPerBatch}`;
export const bowlsInOrder = 'Bowls in order';
export const theFood = 'The food';
export const steps = 'Steps';
export const beforeItIsServed = 'Before it is served';
export const cautions = 'Cautions';

// CardPage
export const forOtherProgramsThat = 'for other programs that read recipes';
export const markdown = 'Markdown';
export const forNotes = 'for notes';
export const plainText = 'Plain text';
export const forMessage = 'for a message';
export const yellowmistFile = 'Yellowmist file';
export const forAnotherKitchenCoat = 'for another kitchen, coat and all';
export const fetchingDish = 'Fetching the dish…';
export const dish = 'dish';
export const toDishes = 'To the dishes';
export const backToBench = 'Back to the bench';
export const printCard = 'Print the card';
export const asFile = (name: string) => `${name} as a file`;
export const thereIsNoAir = 'There is no air version yet: open the dish on the bench, and one is found.';
export const writingCard = 'Writing the card…';
export const theCard = 'The card';
export const fullBatchFromAbove = 'A full batch, from above.';

// Notes
export const notePrintedOnCard = 'Note, printed on the card';
export const tagsWithCommasBetween = 'Tags, with commas between';
export const fridayForSix = 'friday, for six';
export const saved = 'Saved';
export const save = 'Save';
export const itIsSavedOnce = (problem: string) =>
  `${problem} What you wrote is kept in this browser, and saved once the server is back.`;
export const whatYouWroteIs = (problem: string) => `${problem} What you wrote is still here.`;
