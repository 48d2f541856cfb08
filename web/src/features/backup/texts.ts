/** What the page of backups says, in the order of the files that say it. */

// BackupPage
export const broughtBack = (content: string) => `Brought back: ${content}.`;
export const couldNotBeFound = (photographsGone: string) => ` ${photographsGone} could not be found anywhere any more.`;
export const whatWasHereBefore = (moment: string) => ` What was here before is the backup of ${moment}.`;
export const itWasFoundAt = (moment: string) => ` It was found at the start on ${moment}, and is left as it is in `;
export const yellowmistBeganWithEmpty = '. Yellowmist began with an empty kitchen.';
export const bringNewestBackupBack =
  'Bring the newest backup back: the first of this list. What you saved after it is only in the damaged file.';
export const thereIsNoBackup = 'There is no backup beside it. If you have one elsewhere, bring its file.';
export const goOnWithWhat = 'Go on with what is here';
export const keptSafe = 'Kept safe';
export const onceDayAndBefore =
  'Once a day, and before a new version changes how things are stored, all of this kitchen is copied: dishes, cooks, evenings, photographs. Seven days, four weeks and twelve months stay; what you make or bring yourself stays until you take it away. Copies lie beside the data: against a broken disk, download one now and then.';
export const tryAgain = 'Try again';
export const makeBackupNow = 'Make a backup now';
export const bringOneFromFile = 'Bring one from a file…';
export const backupsFile = 'A backup’s file';
export const bringingEverythingBack = 'Bringing everything back…';
export const soMuchHasCome = (gone: string, all: string) => `${gone} of ${all} have come`;
export const lookingWhetherItIs = 'Looking whether it is whole…';
export const copying = 'Copying…';
export const noneYetFirstIs = 'None yet: the first is made within a day of the first dish.';
export const filledJarsStayUntil = 'Filled jars stay until you take them away or newer ones of their kind come.';
export const dataOfThisKitchen = 'The data of this kitchen lies in ';
export const itsBackupsIn = ', its backups in ';
export const backups = 'backups';
export const belowItSingleDish =
  ' below it. A single dish goes elsewhere by its card, and a kitchen into another one by ';
export const wholeKitchenAsFile = 'the whole kitchen as a file';

// BackupRow
export const bringItBack = 'Bring it back…';
export const download = 'Download';
export const takeAway = 'Take away…';
export const sure = (when: string) => `Sure? ${when}`;
export const everythingWillBeAs = (when: string, content: string) =>
  `Everything will be as it was on ${when}: ${content}. What is here now is kept first, as a backup of its own at the top of this list.`;
export const thisBackupCannotBe = 'This backup cannot be had again then. Nothing that is in use is touched.';
export const bringEverythingBack = 'Bring everything back';
export const takeItAwayFor = 'Take it away for good';
export const leaveIt = 'Leave it';
