/** What the search says, in the order of the files that say it. */

// Locks
export const withIt = (ingredient: string) => `with ${ingredient}`;
export const no = (allergens: string) => `no ${allergens}`;
export const atMost = (maxTempC: string) => `at most ${maxTempC}`;
export const nothingIsLockedKeep = 'Nothing is locked: “Keep” at an ingredient, or “Who eats, how hot”.';
export const locked = 'Locked';
export const letGo = (text: string) => `Let go: ${text}`;

// SearchBoard
export const noCoatThatIs = 'No coat that is known here holds all that is locked. Let one lock go.';
export const airVersions = 'Air versions';
export const againstWhatLiesOn = 'Against what lies on the bench:';
export const inUse = 'In use';
export const use = 'Use';
export const turned = ', turned';
export const putInAsIt = 'Put in as it is, it fails';
export const doesNotComeRight = 'Does not come right here';

// SearchLine
export const fails = 'fails';
export const better = 'Better ';
export const betterFound = (version: string) => `A better one is found: ${version}. Key B takes it.`;
export const versionsFound = 'Versions found';

// SearchState
export const search = 'Search';
export const ofAboutCooksSimulated = (done: number, about: number) => `${done} of about ${about} cooks simulated`;
export const stop = 'Stop';
export const searchBrokeOff = (error: string) => `The search broke off: ${error}`;
export const stoppedWhatYouSee = 'Stopped. What you see is from before.';
export const tryAgain = 'Try again';
export const searchAgain = 'Search again';
export const searching = 'Searching…';
export const cooksSimulatedForThis = (simulations: number, compared: number) =>
  `${simulations} cooks simulated for this dish and fryer, ${compared} compared, best first.`;

// TriedCooks
export const oilThatPieceKeeps = 'oil that a piece keeps, g';
export const oil = 'Oil';
export const minutesInFryer = 'minutes in the fryer';
export const minutes = 'Minutes';
export const bowls = 'Bowls';
export const triedCooksDoesNotComeRight = 'does not come right';
export const gOfOilPiece = (name: string, tempC: string, minutes: string, oilPerPieceG: string, likenessWord: string) =>
  `${name}, ${tempC}, ${minutes}, ${oilPerPieceG} g of oil a piece: ${likenessWord}`;
export const against = 'Against';
export const yellowNothingIsMore =
  'Yellow: nothing is more like the pot for less. Hollow: does not come right. The cross lies on the bench; click a dot to lay it there.';
export const cooksTriedAgainst = (label: string) => `cooks tried, against ${label}`;
export const likePot = 'like the pot';
export const nothingLikeIt = 'nothing like it';
export const theSame = 'the same';

// names
export const lessOil = 'less oil';
export const moreOil = 'more oil';
export const notTurned = 'not turned';
