/** What the counter says, in the order of the files that say it. */

// Adjust
export const iAmLateMore = 'I am late, more hands, the end';
export const iAmLateBy = 'I am late by';
export const min = (min: number) => `${min} min`;
export const notLateAfterAll = (halfMinutes: string) => `Not late after all (${halfMinutes})`;
export const onePairOfHands = 'One pair of hands more';
export const everythingIsServed = 'Everything is served';
export const theRehearsal = 'the rehearsal';
export const thisCook = 'this cook';
export const end = (rehearsal: string) => `End ${rehearsal}`;

// Centre
export const enterWhatItReads = (min: string, max: string, unit: string) =>
  `Enter what it reads, from ${min} to ${max} ${unit}.`;
export const centreReads = (unit: string) => `The centre reads, ${unit}`;
export const thatIsWhatIt = 'That is what it reads';

// CookPage
export const fetchingCook = 'Fetching the cook…';
export const cook = 'cook';
export const toAllCooks = 'To all cooks';

// CooksPage
export const atCounter = 'At the counter';
export const oneInstructionAtTime =
  'One instruction at a time, timers that go on whatever happens, and a rehearsal with simulated fryers to try it first.';
export const goingOn = 'Going on';
export const begin = 'Begin';
export const nothingCanBeCooked = 'Nothing can be cooked yet. ';
export const convertDish = 'Convert a dish';
export const first = ' first.';
export const oneDish = 'one dish';
export const dishes = (count: number) => `${count} dishes`;
export const eveningOf = (count: string) => `an evening of ${count}`;
export const inIt = (fryer: string) => `in ${fryer}`;
export const over = 'Over';
export const rehearsal = 'Rehearsal';
export const and = ' and ';
export const inDay = (day: string, fryers: string) => `${day}, in ${fryers}`;

export const begunWithoutServer = 'Begun without the server';
export const since = (day: string, over: boolean) => (over ? `${day}, over` : `since ${day}`);
export const couldNotBeHandedOver = (problem: string) =>
  `The server does not take it (${problem}). It stays in this browser.`;
export const leaveIt = 'Leave it';
export const isHandedOverByItself = 'Kept in this browser, and handed over by itself when the server is back.';

// Counter
export const changedByWhatWas = 'Changed by what was seen';
export const doneAhead = 'Done ahead';
export const doneAheadOfThis = 'Done ahead of this';
export const theEnd = 'The end';
export const supperIsReady = 'Supper is ready';
export const ended = 'Ended';
export const at = (time: string) => `At ${time}.`;
export const noteHowItCame = 'Note how it came out';

// NowPanel
export const now = 'Now';
export const cannotWait = 'Cannot wait';
export const minMinutes = (minutes: number) => `, ${minutes} min`;
export const byWhatWasRead = (tempC: string) => `by what was read, and not ${tempC}`;
export const howMuch = 'How much';
export const whatToLookAt = 'What to look at';
export const nothingToDo = 'Nothing to do';
export const untilForThen = (time: string, lasting: string, next: string) =>
  `until ${time}, for ${lasting}. Then: ${next}.`;
export const whatYouCouldDo = (step: string) => `What you could do already: ${step}.`;
export const next = 'Next';

// Press
export const backTakeLastStep = 'Back: take the last step back';
export const alreadyDone = 'Already done';
export const doneWithoutWaiting = 'Done without waiting';
export const wait = 'Wait';
export const passOverThisStep = 'Pass over this step';

// Probes
export const probes = 'Probes';
export const centreAir = (centreC: string, airC: string) => ` · centre ${centreC}, air ${airC}`;
export const reading = 'Reading…';
export const centreDoesNotCome = (wantedC: string) => `The centre does not come to ${wantedC} in this setting.`;
export const centreHasComeTo = (wantedC: string) => `The centre has come to ${wantedC}.`;
export const centreAtAt = (wantedC: string, time: string, left: string) => `Centre at ${wantedC} at ${time} ± ${left}`;
export const simulatedProbe = ' (a simulated probe)';
export const centreAndAirOf = (batchName: string) =>
  `Centre and air of ${batchName}: dots are read, the broken line is the plan, the yellow band is when the centre is done`;
export const dotsReadBrokenLine =
  'Dots: read. Broken line: the plan. Line: as it goes by now. Yellow: when the centre is done.';

// Record
export const whatHasHappened = (count: number) => `What has happened (${count})`;

// Review
export const lookingBack = 'Looking back…';
export const rehearsalLookedBackUpon = 'The rehearsal, looked back upon';
export const noSurpriseWasChosen = 'No surprise was chosen: food and fryers were much as said.';
export const whatItLooksLike = 'What it looks like: ';
export const whatToDo = 'What to do: ';
export const keptItsSetting = 'kept its setting';
export const hotter = 'hotter';
export const cooler = 'cooler';
export const ranThanItsSetting = (value: string, offsetC: string) => `ran ${value} ${offsetC} than its setting`;
export const asItWasTaken = ', as it was taken to.';
export const keepIt = 'keep it';
export const run = (kelvins: string, way: string) => `run ${kelvins} ${way}`;
export const itWasTakenTo = (value: string) => `; it was taken to ${value}.`;
export const meant = 'meant';
export const cameOut = 'came out';
export const byPlan = 'by the plan';
export const batch = (batch: number) => `, batch ${batch}`;
export const minPlanned = (fryer: string, minutes: string, planned: string) =>
  `${fryer}, ${minutes} min; planned ${planned}.`;
export const seen = (seen: string) => `Seen: ${seen}.`;
export const missed = 'Missed: ';
export const atHalfTime = (missed: string) => `${missed} at half time.`;

// Seen
export const whatDoYouSee = 'What do you see?';
export const ofWhichBatch = 'Of which batch';
export const itShouldLook = 'It should look';
export const likeThisNow = ' like this now';
export const youSee = (topWord: string) => `You see: ${topWord}`;
export const whiteSpots = ', white spots';
export const someBatterRan = ', some batter ran';
export const simulatedFryer = 'a simulated fryer';
export const seenSeen = 'Seen';
export const minutesOf = (batchName: string) => `Minutes of ${batchName}`;
export const with1Min = '−1 min';
export const seenWith1Min = '+1 min';
export const itsCentreMustReach = (safeC: string) => `Its centre must reach ${safeC} before it is served.`;

// StepPicture
export const bowlsInTheirOrder = 'The bowls in their order';
export const asItLies = 'as it lies';
export const asItShouldBe = (food: string, up: string, centreC: string) =>
  `${food} as it should be now, ${up}: centre ${centreC}`;
export const tipOfProbeIn = 'The tip of the probe in the middle of the piece, from the side';

// Timers
export const itsCoatRests = 'its coat rests';
export const whatGoesOnBy = 'What goes on by itself';
export const timeIsUp = 'Time is up';
export const timersByWhatWasRead = ', by what was read';
export const left = (time: string) => `${time} left`;

// TopStrip
export const atRate = (rate: number) => ` at ×${rate}`;
export const nothingIsReal = ': nothing is real';
export const practiceFryer = (simulated: string) => `${simulated}: a practice fryer`;
export const theTime = 'The time';
export const table = (time: string) => `table ${time}`;
export const late = 'late';
export const early = 'early';
export const oneTapWaits = 'one tap waits';
export const tapsWait = (waiting: number) => `${waiting} taps wait`;
export const andToBeHanded = (waiting: string) => `, and ${waiting} to be handed over.`;
export const serverIsAwayTimers = (waiting: string) => `The server is away. Timers go on here${waiting}`;
export const rehearsalStandsStill = 'The rehearsal stands still.';
export const takeBasketOutOf = 'Take the basket out of the heat: what lies in a hot fryer goes on cooking.';
export const paused = (rehearsal: string) => `Paused. ${rehearsal}`;
export const goOn = 'Go on';
export const pause = 'Pause';
export const timersRing = 'Timers ring';
export const timersAreSpoken = 'Timers are spoken';
export const whoseWork = 'Whose work';
export const everybody = 'Everybody';

// useAlarms
export const isReady = ' is ready';
export const ready = (cook: string) => `Ready: ${cook}`;
