/** What the logbook says, in the order of the files that say it. */

// BaldPiece
export const onTop = 'on top';
export const atEdges = 'at the edges';
export const whereCoatIsGone = 'Where the coat is gone';

// Chosen
export const cookIs = 'cook is';
export const cooksAre = 'cooks are';
export const putAsideWithRecords = (count: string) => `${count} put aside, with records and photographs.`;
export const bringBack = 'Bring back';
export const whatIsChosen = 'What is chosen';
export const chooseAnotherToPut = 'Choose another to put them side by side.';
export const upToStandSide = (count: number) => `Up to ${count} stand side by side.`;
export const sideBySide = (count: number) => ` ${count} side by side`;
export const putAside = ' Put aside';
export const chooseNone = 'Choose none';

// ColourStrip
export const ofIt = (label: string, colour: string, place: number, count: number) =>
  `${label}: ${colour}, ${place} of ${count}`;

// ComparePage
export const logbook = 'Logbook';
export const comparePageSideBySide = 'Side by side';
export const chooseTwoToFour = 'Choose two to four cooks in the logbook, and they stand here.';
export const oneOfThemCannot = (problem: string) => `One of them cannot be shown. ${problem}`;
export const openingRecords = 'Opening the records…';
export const whatIsCompared = 'What is compared';
export const notNoted = 'not noted';
export const cutThrough = 'Cut through';
export const photographs = 'Photographs';
export const photographOf = (at: number, letter: string) => `Photograph ${at} of ${letter}`;
export const howItCameOut = 'How it came out';
export const likeliestCause = 'Likeliest cause';
export const howItWasMade = 'How it was made';
export const whatIsAlikeAs = 'What is alike as well';
export const centresOfTriesOver = 'Centres of the tries over their minutes, and the colour of each crust below';
export const centreOfEachSimulated =
  'The centre of each, simulated as it went by all that is known of it; dots were read. Below: the crust that lies up, as it colours.';
export const whatWasChanged = 'What was changed';
export const fromTo = (from: string, to: string) => `From ${from} to ${to}`;
export const nothingWasChangedThat = 'Nothing was changed that is known of.';
export const insteadOf = (label: string, now: string, before: string) => `${label}: ${now} instead of ${before}.`;

// CompareRows
export const salt = 'Salt';
export const taste = 'Taste';
export const doneOtherwise = 'Done otherwise';
export const allOfIt = 'All of it';
export const nothingAmiss = 'nothing amiss';
export const noneThatIsKnown = 'none that is known here';
export const allAlike = 'all alike';
export const none = 'none';
export const planned = (planned: string) => `, planned: ${planned}`;

// Diagnosis
export const noteHowItCame = 'Note how it came out, and what went wrong is found here.';
export const puttingEveryCauseInto = 'Putting every cause into the simulation…';
export const nothingThatWasNoted = 'Nothing that was noted is amiss: it came out as it was meant.';
export const notAsItShould = (complaints: string) => `Not as it should be: ${complaints}.`;
export const noCauseThatIs =
  'No cause that is known here makes all of this. Something else was at work, or one of the answers is another piece’s.';
export const youSaidSoAnd = 'You said so, and ';
export const itIsThis = (known: string, likelyWord: string) => `${known}${likelyWord} it is this.`;
export const whatElseItMay = 'What else it may have been';
export const speaksForIt = 'Speaks for it';
export const speaksAgainstIt = 'Speaks against it';
export const whatTellsThemApart = 'What tells them apart';
export const oneQuestionFirst = 'One question first';
export const whatWouldTell = 'What would tell';
export const answer = 'Answer';
export const soItWas = 'So it was';

// DidForm
export const inFryer = 'In the fryer';
export const openedBesideTurningTimes = 'Opened, beside turning, times';
export const piecesAtOnce = 'Pieces at once';
export const coatRested = 'Coat rested';
export const oilOfBatchWeighed = 'Oil of a batch, weighed';
export const thicknessMeasured = 'Thickness, measured';
export const airBeyondItsSetting = 'Air beyond its setting, kelvins';
export const upperRack = 'the upper rack';
export const theMiddle = 'the middle';
export const lowerOne = 'the lower one';
export const pieceThatIsTold = 'The piece that is told of lay on';
export const whatWasDoneOtherwise = 'What was done otherwise, in your words';
export const allPiecesBeforeCoating = 'All pieces before coating';
export const andCoated = 'and coated';
export const leftInLastBowl = 'Left in the last bowl';
export const weighedWhileCoatingTeaches = 'Weighed while coating: teaches how much of each bowl sticks here';
export const coatedTheyWeighMore = 'Coated they weigh more than bare: what stands here is not saved yet.';

// Experiments
export const comparisons = 'Comparisons';
export const comparisonsInOneBatch = 'Comparisons in one batch';
export const cannotBeOpenedHere = (problem: string) => ` cannot be opened here: ${problem}`;

// FollowUp
export const itHasHelped = 'It has helped.';
export const itHasNotHelped = 'It has not helped.';
export const itIsWorseThan = 'It is worse than before.';
export const whetherItHasHelped = 'Whether it has helped shows when it is noted how this came out.';
export const afterLastTime = 'After the last time';
export const lastTime = 'Last time';
export const oneChangeWasProposed = ' one change was proposed: ';
export const wasItDone = 'Was it done?';
export const beforeNow = (cause: string, before: string, now: string) => `${cause}: ${before} before, ${now} now.`;

// Happened
export const whatHappened = 'What happened';
export const openedAtMin = (openedMin: string) => ` Opened at ${openedMin} min.`;
export const atMin = (seen: string, minutes: string) => `${seen} at ${minutes} min`;
export const seen = (sights: string) => ` Seen: ${sights}.`;
export const atMinCentreC = (centreC: string, minutes: string) => `${centreC} at ${minutes} min`;
export const centre = (centres: string) => ` Centre: ${centres}.`;
export const passedOver = 'Passed over:';
export const at = (ended: string) => `at ${ended}`;
export const atNoTimeThat = 'at no time that was told';
export const onTablePlannedFor = (ended: string, plannedTable: string) =>
  `On the table ${ended}, planned for ${plannedTable}.`;
export const everythingInItsOrder = (count: number) => `Everything in its order (${count})`;
export const nothingWasTappedOf = (minutes: string) => `nothing was tapped of it; planned ${minutes} min.`;
export const minAsPlanned = (minutes: string) => `${minutes} min, as planned.`;
export const minPlanned = (minutes: string, planned: string) => `${minutes} min, planned ${planned}.`;
export const plannedMinutes = (minutes: string) => `, planned ${minutes}`;
export const turnedAtMin = (minutes: string, planned: string) => ` Turned at ${minutes} min${planned}.`;
export const notTurned = ' Not turned.';
export const centreAndAirOf = (batch: string) =>
  `Centre and air of ${batch}: dots are read, the broken line is the plan`;
export const dotsRead = (batch: string) => `${batch}. Dots: read`;
export const bySimulatedProbe = ' by a simulated probe';
export const brokenLinePlan = '. Broken line: the plan.';

// KeepVersion
export const keptOn = 'Kept on the ';
export const bench = 'bench';
export const asIt = (kept: string) => ` as “${kept}”.`;
export const dishHasVersionsLet = (max: number) =>
  `The dish has ${max} versions: let one go on the bench to keep this.`;
export const keeperOf = (day: string) => `Keeper of ${day}`;
export const keepThisVersionOf = 'Keep this version of the dish';

// LogBin
export const putAsideCount = (count: number) => `Put aside (${count})`;
export const withIt = (photos: string) => `, with ${photos}`;
export const goneForGoodOn = (day: string) => `; gone for good on ${day}`;
export const bringItBack = 'Bring it back';
export const theirRecordsAndPhotographs = 'Their records and photographs cannot be brought back then.';
export const deleteAllOfThem = 'Delete all of them now';
export const leaveThem = 'Leave them';
export const deleteForGood = 'Delete for good…';

// LogPage
export const when = 'When';
export const dish = 'Dish';
export const fryer = 'Fryer';
export const setting = 'Setting';
export const allInAll = 'All in all';
export const inAll = (all: number) => `${all} in all`;
export const ofShown = (shown: number, all: number) => `${shown} of ${all}`;
export const whatWasCookedAnd =
  'What was cooked and how it came out. From what you noted, the likeliest cause is found by simulating all of them, and one thing to change.';
export const nothingIsOverYet = 'Nothing is over yet. What is cooked at the counter stands here by itself.';
export const findInLog = 'Find in the log';
export const notNotedYet = 'not noted yet';
export const allAsCsv = ' All as CSV';
export const fetchingRest = 'Fetching the rest…';
export const chosen = 'Chosen';
export const choose = (dish: string, day: string) => `Choose ${dish}, ${day}`;
export const rehearsal = 'rehearsal';
export const min = (value: string, minutes: number) => `${value}, ${minutes} min`;
export const anotherRecipe = 'another recipe';

// NoteCook
export const noteCook = 'Note a cook';
export const lookingForDishes = 'Looking for the dishes…';
export const noDishHasAn = 'No dish has an air version that could have been cooked. ';
export const beginWithOne = 'Begin with one';
export const onTableAt = 'On the table at';
export const cookedBy = 'Cooked by';
export const itsPlan = 'its plan';
export const packetOrAnotherRecipe = 'a packet or another recipe';
export const setTo = 'Set to';
export const forIt = 'for';
export const turned = 'Turned';
export const noteHowItCameOut = 'Note how it came out';

// outgoing, NotesWaiting
export const isNotedNow = (name: string) => `${name} is noted now. The log has it.`;
export const cooksNotNotedYet = 'Cooks that are not noted yet';
export const isBeingNoted = (name: string, at: string) => `Noting ${name}, ${at}…`;
export const isNotNotedYet = (at: string, problem: string, here: boolean) =>
  `, on the table ${at}, is not noted yet. ${problem} ${here ? 'It stays in this browser' : 'It stays as long as this page does'}, and is noted by itself.`;
export const cannotBeNoted = (at: string, problem: string) => `, on the table ${at}, cannot be noted. ${problem}`;

// OptionalNumber
export const enterNumberFromTo = (min: string, max: string, unit: string) =>
  `Enter a number from ${min} to ${max} ${unit}`;

// PhotoColour
export const pressOnPictureMarks = 'A press on the picture marks';
export const somethingWhite = 'something white';
export const greyCard = 'a grey card';
export const theCrust = 'the crust';
export const photographArrowsMoveCross = 'The photograph: arrows move the cross, enter marks';
export const spotIsTooBright = 'A spot is too bright, too dark or too small to be told: mark another.';
export const betweenAnd = (from: string, to: string) => `, between ${from} and ${to}`;
export const uneven = '; uneven';
export const thatIsTop = 'That is the top';
export const thatIsUnderside = 'That is the underside';

// Photographs
export const photograph = (at: number) => `Photograph ${at}`;
export const addPhotographs = ' Add photographs';
export const orDropThemHere = (max: number, mostMB: number) =>
  `Or drop them here: up to ${max}, ${mostMB} MB each. Place and device are taken out of them.`;
export const ofPressOneTo = (count: number, max: number) =>
  `${count} of ${max}. Press one to see it large and to read its colours.`;
export const keeping = (file: string) => `Keeping ${file}…`;
export const isNotKept = (problem: string) => ` is not kept. ${problem}`;
export const isNotKeptYet = (problem: string, here: boolean) =>
  ` is not kept yet. ${problem} ${here ? 'It stays in this browser' : 'It stays as long as this page does'}, and is sent again by itself.`;
export const tryAgain = 'Try again';
export const leaveIt = 'Leave it';
export const takeThisPhotographAway = ' Take this photograph away';
export const onlyReadColourOff = 'Only read a colour off a picture, and keep nothing';

// RecordPage
export const cook = 'cook';
export const toLogbook = 'To the logbook';
export const openingRecord = 'Opening the record…';
export const aRehearsal = ', a rehearsal';
export const by = (cookedBy: string) => `, by ${cookedBy}`;
export const dishesOfThisCook = 'Dishes of this cook';
export const toWhatWentWrong = 'To what went wrong';
export const whatWasDone = 'What was done';
export const whatWentWrong = 'What went wrong';

// SeenForm
export const howWasIt = 'How was it?';
export const seenFormOnTop = 'On top';
export const underneath = 'Underneath';
export const crustAtOnce = 'The crust, at once';
export const tenMinutesLater = 'Ten minutes later';
export const seenFormCentre = 'Centre';
export const readAfter = 'read after';
export const inside = 'Inside';
export const crustEats = 'The crust eats';
export const coatHas = 'The coat has';
export const tasteInLine = 'Taste, in a line';

// TakeChange
export const oneChange = 'One change';
export const orWhateverItWas = 'Or, whatever it was';
export const nextTimeOneThing = 'Next time, one thing';
export const allElseAsIt = 'All else as it is. When this dish is noted again, you are asked whether it was done.';
export const putItIntoPlan = 'Put it into the plan';
export const itIsInPlan = 'It is in the plan now.';
export const toBench = 'To the bench';
export const dishIsNotIn = 'The dish is not in this kitchen any more.';

// Tries
export const allTriesOfThis = 'All tries of this dish';
export const firstTry = 'First try';
export const allSideBySide = 'All side by side';
export const lastSideBySide = (count: number) => `The last ${count} side by side`;

// usePhoto
export const thePhotograph = 'The photograph';

// usePhotographs
export const itHasMbPhotograph = (sizeMB: number, mostMB: number) =>
  `It has ${sizeMB} MB; a photograph may have up to ${mostMB} MB.`;
export const photographIsTakenAway = 'The photograph is taken away.';

// useRecord
export const whatWasNotedHere = 'What was noted here and not saved yet is back.';
