/** What the reasons say, in the order of the files that say it. */

// Changes
export const no = 'No';
export const one = 'One';
export const two = 'Two';
export const three = 'Three';
export const four = 'Four';
export const five = 'Five';
export const oneChangeToYour = 'One change to your coat, and what it buys';
export const changesToYourCoat = (numbers: string) => `${numbers} changes to your coat, and what each buys`;
export const changesChangesToYourCoat = 'Changes to your coat';
export const lookingWhatEachChange = 'Looking what each change buys…';
export const nothingThatDiffersFrom = 'Nothing that differs from your own coat buys anything in this cook.';
export const buys = 'Buys: ';
export const itBelongsToThis = 'It belongs to this coat.';
export const withoutItThisDoes = 'Without it this does not come right.';

// KeepPot
export const keepPot = 'Keep the pot';
export const keepPotForThis = 'Keep the pot for this one';

// Reasons
export const spoilsIt = 'Spoils it';
export const mendIt = 'Mend it';
export const goodToKnow = 'Good to know';
export const learn = (short: string) => `Learn ${short}`;
export const reasons = 'Reasons';
export const nothingStandsAgainstIt =
  'Nothing stands against it: the coat sets, stays on, browns and crisps in this fryer.';
export const oneCoatedPieceIs = 'One coated piece is larger than this basket. Cut it smaller, or choose another fryer.';
export const onRack = 'on a rack';
export const onPlate = 'on a plate';
export const inSwitchedOffFryer = 'in the switched-off fryer';
export const afterHeat = 'After the heat';
export const staysCrisp = 'Stays crisp';
export const withSauceAtTable = 'with sauce at the table';
export const overMin = (minutes: number) => `over ${minutes} min`;
export const min = (crispMin: string | number) => `${crispMin} min`;
export const againstPot = 'Against the pot';
export const thePiece = 'the piece';
export const all = (count: number) => `all ${count}`;
export const againstPotFor = (count: string) => `Against the pot, for ${count}`;
export const aboutKwhInsteadOf = (airKwh: string, potKwh: string, airOilKcal: number, potOilKcal: number) =>
  `About ${airKwh} kWh instead of ${potKwh}, and ${airOilKcal} kcal of cooking oil instead of ${potOilKcal}. Estimates, within a factor of one and a half; no dietary advice.`;
export const yourCoatAsIt = 'Your coat as it is would do, too';
export const whyYourCoatFails = 'Why your coat fails as it is';
export const thisWorksAndIs = 'This works, and is much like the pot';
export const thisWorksInIts = 'This works, in its own way';
export const whyThisFails = 'Why this fails';
export const notThereYet = 'Not there yet';
