/** What the kitchen says, in the order of the files that say it. */

// FryerCard
export const drawerFryer = 'drawer fryer';
export const ovenTypeFryer = 'oven-type fryer';
export const crispingLidOnPot = 'crisping lid on a pot';
export const ovenWithFan = 'oven with a fan';
export const ovenWithoutFan = 'oven without a fan';
export const remove = (fryer: string) => `Remove ${fryer}`;
export const practiceFryerItIs =
  'A practice fryer: it is simulated, and really runs hot or cool, fast or slow, in a way that only its probe and what you see tell. Cook in it like in any other.';
export const inNumbers = 'In numbers';
export const breadTest = 'Bread test';
export const brownsEvenly = 'browns evenly';
export const notMadeYet = 'not made yet';
export const temperatureTest = 'Temperature test';
export const programmesAndHabits = 'Programmes and habits';
export const roundBasketOf = (diameterMm: string) => `A round basket of ${diameterMm}`;
export const racks = (racks: number) => `${racks} racks`;
export const aBasket = 'A basket';
export const ofBy = (racks: string, widthMm: string, depthMm: string) => `${racks} of ${widthMm} by ${depthMm}`;
export const setFromToIn = (minTempC: string, maxTempC: string, value: string) =>
  `set from ${minTempC} to ${maxTempC} in steps of ${value}`;
export const preheatedByHabit = ', preheated by habit';
export const fromAbove = (fryer: string) => `${fryer} from above`;
export const dragGripsOrMove = 'Drag the grips, or move them with the arrow keys.';
export const round = 'Round';
export const rectangular = 'Rectangular';
export const basketAndSettings = 'Basket and settings';
export const basket = 'Basket';
export const across = 'Across';
export const wide = 'Wide';
export const deep = 'Deep';
export const fryerCardRacks = 'Racks';
export const powerW = 'Power, W';
export const lowest = 'Lowest';
export const highest = 'Highest';
export const stepsOfC = 'Steps of, °C';

// FryerHabits
export const habitsAndProgrammes = 'Habits and programmes';
export const fryerHabitsPreheatedByHabit = 'Preheated by habit';
export const itsTimerEndsBy = 'Its timer ends by itself';
export const after = 'after';
export const programmes = 'Programmes';
export const forgetProgramme = (programme: string) => `Forget the programme ${programme}`;
export const anotherProgramme = 'Another programme';
export const programmeAsItsButton = 'Programme, as its button says';
export const at = 'at';
export const forIt = 'for';
export const noteIt = 'Note it';

// FryerTests
export const laySlicesOfWhite = (setting: string) =>
  `Lay slices of white bread side by side, ${setting} for about 5 minutes, do not turn. Say how each came out, seen from the front: it shows every `;
export const hotSpot = 'hot spot';
export const itBrownsEvenlyNo = 'It browns evenly: no need to turn the basket for that.';
export const notTestedTakenTo = 'Not tested: taken to brown evenly.';
export const forgetTest = 'Forget the test';
export const putOvenThermometerIn =
  'Put an oven thermometer in the empty, hot fryer for ten minutes, and say what it reads. Mitts on.';
export const setTo = 'Set to';
export const itReads = 'It reads';
export const readings = 'Readings';
export const setRead = (setC: string, readC: string) => `set ${setC}, read ${readC}`;
export const forgetReadingAt = (setC: number) => `Forget the reading at ${setC}`;
export const takenAsIt = 'Taken as it ';
export const it = 'It ';
export const everyPlanReckonsWith = (readings: string, off: string) => `${readings}${off}; every plan reckons with it.`;

// Honest
export const lookingBackOverAll = 'Looking back over all cooks…';
export const noColourNoCentre = 'No colour, no centre and no bald place was noted of it yet.';
export const timeUntilItWas = 'The time until it was so brown';
export const tookLongerThanForetold = 'took longer than foretold';
export const wasQuicker = 'was quicker';
export const theColour = 'The colour';
export const darkerThanForetold = 'darker than foretold';
export const theCentre = 'The centre';
export const hotterThanForetold = 'hotter than foretold';
export const baldShare = 'The bald share';
export const moreCameOffThan = 'more came off than foretold';
export const ofLayWithinRange = (held: number, count: number) =>
  `${held} of ${count} lay within the range that was given for them; of such ranges four in five should.`;
export const cookByCookAgainst = (name: string) =>
  `${name}, cook by cook, against what was foretold: rings by the page, dots by the cooks before, bars the range that was given`;
export const barsRangeThatWas =
  'Bars: the range that was given. Dots: what came, foretold by the cooks before it alone; red ones lay outside. Rings: foretold by the fryer’s page.';
export const wasOffByBy = (name: string, byPage: string, byCooks: string, noted: number) =>
  `${name} was off by ${byPage} by the page, and by ${byCooks} by what the cooks before had taught, on average of ${noted}.`;

// KitchenPage
export const practice = 'practice:';
export const practiceFryerSimulated = (fryer: string) => `Practice fryer, simulated: ${fryer}`;
export const kitchen = 'Kitchen';
export const everyPlanIsFor =
  'Every plan is for one fryer of this kitchen. Two tests with things at hand tell how it differs from others of its kind; its own manual comes first in everything.';
export const keptSafeBackupsOf = 'Kept safe: backups of everything, and how to bring one back';
export const inHouseUseIt = 'In the house: use it from a tablet or telephone';
export const anotherFryer = 'Another fryer';
export const nameOfAnotherFryer = 'Name of another fryer';
export const itsKind = 'Its kind';
export const noFryerYetUntil = 'No fryer yet: until there is one, plans are for a common one of its kind.';

// Paces
export const howLongWorkTakes = 'How long work takes here';
export const changed = (changed: number) => `: ${changed} changed`;
export const eveningsArePlannedWith =
  'Evenings are planned with these. They are what is usual in kitchens; time yourself once, and put it right.';
export const byTapsOfCounter = (seconds: number) =>
  `By the taps of the counter one piece through three bowls takes ${seconds} s here: evenings go by that until you put in your own.`;
export const usually = (first: string, rest: string, usual: number) => `${first}${rest} (usually ${usual})`;
export const allAsUsualAgain = 'All as usual again';

// ScalePanel
export const scaleIsGoneIs =
  'The scale is gone: is it switched on and near? What was taken is kept; type the weight if it stays away.';
export const nothingOnIt = 'Nothing on it.';
export const comingToRest = 'Coming to rest…';
export const readingJumpsPutScale = 'The reading jumps. Put the scale on a firm table, out of the draught, and wait.';
export const atRest = 'At rest.';
export const kitchenScale = 'Kitchen scale';
export const scaleShows = 'The scale shows';
export const takeAsBefore = 'Take as before';
export const takeAsAfter = 'Take as after';
export const simulatedScaleToTry = 'A simulated scale, to try it with: your hand on it';
export const putBottleOn = 'Put the bottle on';
export const pressSOff = (strokes: number, unit: string) => `Press ${strokes} ${unit}s off`;
export const takeItOff = 'Take it off';
export const knockTable = 'Knock the table';
export const switchItOn = 'Switch it on';
export const switchItOff = 'Switch it off';
export const handDidNothing = (problem: string) => `The hand did nothing: ${problem}`;

// Sprayers
export const pumpBottle = 'Pump bottle';
export const propellantCan = 'Propellant can';
export const brush = 'Brush';
export const sprayersAndBrushes = 'Sprayers and brushes';
export const oilGoesOnOutside =
  'Oil goes on outside the hot basket, away from heat: a mist burns. Some propellants spoil a non-stick coat; a pump bottle or a brush is the usual advice. What a ';
export const stroke = 'stroke';
export const givesIsWeighedHere = ' gives is weighed here.';
export const anotherSprayer = 'Another sprayer';
export const nameOfAnotherOne = 'Name of another one';
export const itIs = 'It is a';
export const oilIsCountedIn = ': oil is counted in spoons';
export const notWeighedYet = ': not weighed yet';
export const by = (off: string, count: string) => ` (± ${off}, by ${count})`;
export const removeSprayer = (sprayer: string) => `Remove ${sprayer}`;
export const weighsBefore = 'Weighs before';
export const andAfter = 'and after';
export const reckon = 'Reckon';
export const withoutScale = 'Without the scale';
export const useKitchenScale = 'Use the kitchen scale';
export const takeBackLastWeighing = 'Take back the last weighing';

// Taught
export const whatWasLearnedOf = (what: string) => `What was learned of ${what} is forgotten.`;
export const bringItBack = 'Bring it back';
export const theseHands = 'these hands';
export const whatCooksTaught = 'What the cooks taught';
export const useItInEvery = 'Use it in every plan, in the place of what the fryers’ own pages say';
export const forgetWhatWasWeighed = 'Forget what was weighed and timed';
export const itIsNotAmong = 'It is not among the fryers of this kitchen any more; its cooks stay in the log.';
export const hot = 'hot';
export const cool = 'cool';
export const sinceItIsAnother = (day: string, before: string, beforeC: string, now: string, sinceC: string) =>
  `Since ${day} it is another fryer, or was repaired: ${before} ${beforeC} before, ${now} ${sinceC} since. Only what came after counts.`;
export const howFarIsOff = (fryer: string) =>
  `How far ${fryer} is off its setting: each cook alone as a ring, the range that all of them leave in yellow`;
export const ringsWhatEachCook = 'Rings: what each cook alone says. Yellow: in four of five cases it lies in here.';
export const whichCookSaidWhat = (count: number) => `Which cook said what (${count})`;
export const whatIsTickedCounts = 'What is ticked counts. Older cooks count less, by half each year.';
export const itsRecord = 'its record';
export const forgetAllOfUp = (fryer: string) => `Forget all of ${fryer} up to now`;
export const howRightPlansHave = 'How right plans have been';
export const leftOut = 'left out';
export const nothingWasNotedOf = 'nothing was noted of it';
export const asSet = 'as set';
export const faster = 'faster';
export const slower = 'slower';
export const browns = (browns: number, browning: string) => `browns ${browns} % ${browning}`;
export const soFarFromOthers = '; so far from the others that it hardly counts';

// Vessels
export const bowlsTraysAndHands = 'Bowls, trays and hands';
export const bowlsAndDeepPlates = 'Bowls and deep plates';
export const noneYetBowlsAre = 'None yet: bowls are told by what they must hold.';
export const acrossMl = (diameterMm: string, ml: number) => `${diameterMm} across, ${ml} ml`;
export const holdsMl = 'Holds, ml';
export const traysAndRacksTo = 'Trays and racks to rest on';
export const noneYet = 'None yet.';
export const byWidthMm = (widthMm: string, depthMm: string) => `${widthMm} by ${depthMm}`;
export const thermometerForCentre = 'A thermometer for the centre';
export const poultryMincedMeatAnd =
  'Poultry, minced meat and thick pieces cannot be judged by eye. A probe thermometer is the one tool to buy.';
export const iWriteWith = 'I write with';
export const removeItem = (item: string) => `Remove ${item}`;
export const addTo = (title: string) => `Add to ${title}`;
export const name = 'Name';
export const addIt = 'Add it';
