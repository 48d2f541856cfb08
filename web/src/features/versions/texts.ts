/** What the board of versions says, in the order of the files that say it. */

// VersionsBoard
export const onBenchNow = 'On the bench now';
export const compareTwoVersions = 'Compare two versions';
export const keepThisVersionUnder = 'Keep this version under a name, change something, and both can be compared here.';
export const compare = 'Compare';
export const withIt = 'with';
export const versionNeedsNameOf = (max: number) => `A version needs a name of 1 to ${max} letters.`;
export const thereIsVersionAlready = (wanted: string) => `There is a version "${wanted}" already.`;
export const keepWhatLiesOn = 'Keep what lies on the bench as';
export const keep = 'Keep';
export const versionsAreAllThat = (max: number) => `${max} versions are all that a dish holds. Forget one first.`;
export const namedVersions = 'Named versions';
export const layOnBench = (version: string) => `Lay ${version} on the bench`;
export const onBench = 'On the bench';
export const take = 'Take';
export const forget = (version: string) => `Forget ${version}`;
export const simulatingBoth = 'Simulating both…';
export const whatChanges = 'What changes';
export const whatChangesFromLeft = 'What changes from left to right';
export const nothingThatAnybodyWould = 'Nothing that anybody would notice.';
export const restsOfOil = (tempC: string, minutes: string, restMin: string, sprayOilG: string) =>
  `${tempC}, ${minutes}, rests ${restMin}, ${sprayOilG} of oil`;
export const layersFromSkinOutward = 'Layers from the skin outward';
export const inBowl = (parts: string) => `${parts} in the bowl`;
