/** What the evening says, in the order of the files that say it. */

// Ahead
export const aheadOfEvening = 'Ahead of the evening';
export const ahead = 'Ahead';

// AtTheTable
export const asCrispAsFresh = 'as crisp as fresh';
export const nearlyAsCrispAs = 'nearly as crisp as fresh';
export const stillCrisp = 'still crisp';
export const howEveryBatchStands = 'How every batch stands when it is eaten';
export const batch = 'Batch';
export const cooked = 'Cooked';
export const waits = 'Waits';
export const whenItIsEaten = 'When it is eaten';
export const batchBatch = (batch: number) => `, batch ${batch}`;
export const pieces = (pieces: number) => `: ${pieces} pieces`;
export const thenTwoMinutesTogether = ', then two minutes together in the hot fryer';
export const inSwitchedOffFryer = ' in the switched-off fryer';
export const onRack = ' on the rack';
export const inside = (warmth: string, centreC: string) => `, ${warmth} inside (${centreC})`;

// ByTime
export const why = 'Why:';

// Dishes
export const dishesToChooseFrom = 'Dishes to choose from';
export const dishes = 'Dishes';
export const lookingForDishes = 'Looking for the dishes…';
export const noDishYet = 'No dish yet. ';
export const beginWithOne = 'Begin with one';
export const notConvertedYetOpen = 'Not converted yet: open it once.';
export const saucesMadeHoursAhead = 'sauces made hours ahead';
export const bowlsThatKeepMixed = 'bowls that keep mixed that morning';
export const cutAndMadeReady = 'cut and made ready that morning';
export const coatedAndFrozenDay = 'coated and frozen the day before';
export const inBothFryers = 'in both fryers';
export const inIt = (fryer: string) => `in ${fryer}`;
export const bunsWarmed = 'buns warmed';
export const neverCrispedAgain = 'never crisped again';
export const another = 'another';
export const withIt = (dish: string) => `with ${dish}`;
export const howIsCookedThis = (dish: string, how: string) => `${how}: how ${dish} is cooked this evening`;
export const asOnItsBench = 'As on its bench';
export const fryerThisEvening = 'Fryer this evening';
export const itsOwn = (fryer: string) => `${fryer}, its own`;
export const andAtOnce = (fryer: string, others: string) => `${fryer} and ${others} at once`;
export const inOneBasketOr = 'In one basket or on racks with';
export const nothingElse = 'nothing else';
export const bunsWarmedInIts = 'buns warmed in its fryer';
export const crispedAgainTogetherWhere = 'crisped again together where it helps';

// EveningName
export const nameOfEvening = 'Name of the evening';
export const eveningNeedsNameOf = (max: number) => `An evening needs a name of 1 to ${max} letters.`;

// EveningPage
export const fetchingEvening = 'Fetching the evening…';
export const evening = 'evening';
export const toEvenings = 'To the evenings';
export const chooseDishesOfEvening = 'Choose the dishes of the evening: what is done when follows from them.';
export const simulatingDishes = 'Simulating the dishes';
export const tryingSchedules = 'Trying schedules';
export const ofIt = (what: string, done: number, count: number) => `${what}: ${done} of ${count}`;
export const itHasBeenCooked = 'It has been cooked';

// EveningsPage
export const evenings = 'Evenings';
export const planEvening = 'Plan an evening';
export const severalDishesOnOne =
  'Several dishes on one table: what is done when, by whose hands, in which fryer, worked back from the moment you eat.';
export const cannotBeOpenedHere = 'Cannot be opened here';
export const noEveningYetPlan = 'No evening yet. Plan one, and choose its dishes.';
export const planned = 'Planned';
export const isPutAside = (name: string) => `“${name}” is put aside.`;
export const bringBack = 'Bring back';
export const putAside = (name: string) => `Put aside: ${name}`;
export const eveningsPagePutAside = 'Put aside';
export const oneDish = 'one dish';
export const dishesCount = (count: number) => `${count} dishes`;
export const withGuests = (guests: string) => `, with ${guests}`;
export const onAnotherDay = 'On another day';

// Guests
export const no = (allergens: string) => `no ${allergens}`;
export const nothingSaidYet = 'nothing said yet';
export const whoDoesNotEat = 'Who does not eat everything';
export const remove = (guest: string) => `Remove ${guest}`;
export const eatsAndAvoids = (guest: string) => `${guest} eats, and avoids`;
export const noAllergens = (allergens: string) => `No ${allergens}`;
export const nameOfGuest = 'Name of a guest';

// Hands
export const theKnife = 'the knife';
export const bowlsAndCoating = 'bowls and coating';
export const hotFryer = 'the hot fryer';
export const washingUp = 'washing up';
export const pairsOfHands = 'Pairs of hands';
export const hands = 'Hands';
export const leaves = (kinds: string) => `leaves ${kinds}`;
export const doesAll = 'does all';
export const leavesToOthers = (cook: string) => `${cook} leaves to others`;
export const without = (cook: string) => `Without ${cook}`;
export const onePairOfHands = 'One pair of hands more';

// Headline
export const forIt = (lasting: string, cooks: string) => `${lasting} for ${cooks}`;
export const beginAtEatAt = (begin: string, table: string) => `Begin at ${begin}, eat at ${table}`;
export const work = (day: string, work: string) => `${day}. Work: ${work}.`;
export const eveningToTakeAway = 'The evening to take away';
export const sheet = ' Sheet';
export const calendar = 'Calendar';
export const markdown = 'Markdown';
export const text = 'Text';

// LeftOut
export const isNotInPlan = (dish: string) => `“${dish}” is not in the plan:`;
export const itCannotBeOpened = (problem: string) => `it cannot be opened here: ${problem}`;
export const itHasNoAir = 'it has no air version yet. ';
export const openItOnce = 'Open it once';
export const andOneIsFound = ', and one is found.';
export const leaveItOut = 'Leave it out';

// Lists
export const everythingIsInHouse = 'Everything is in the house.';
export const forDishes = (dishes: string) => `for ${dishes}`;

// MoveTask
export const with5MinSooner = '5 min sooner';
export const with5MinLater = '5 min later';
export const moveTask = 'Move the task';
export const letItGo = 'Let it go';
export const pinItHere = 'Pin it here';

// Order
export const inThisOrder = 'In this order';
export const contains = (allergens: string) => `Contains ${allergens}.`;
export const noneOfListedAllergens = 'None of the listed allergens.';
export const byIngredientsAlonePackets =
  'By the ingredients alone: the packets’ labels decide, and for a severe allergy what a professional or the guest says. Heat takes no allergen away. Hands are washed after raw meat and fish, every time.';
export const bowlsThatTwoDishes = 'Bowls that two dishes have in common';
export const bowlsInCommon = 'Bowls in common';
export const noTwoDishesHave = 'No two dishes have a bowl in common: each has its own row.';
export const shared = 'shared';
export const apart = 'apart';
export const savesAboutThatWould = (savesG: string) => ` Saves about ${savesG} that would be left over.`;

// Plan
export const all = 'All';
export const to = (from: string, to: string, where: string, dish: string, text: string) =>
  `${from} to ${to}, ${where}, ${dish}: ${text}`;
export const lanesOf = (evening: string) => `Lanes of ${evening}`;
export const whatIsToldOf = 'What is told of the evening';
export const byTime = 'By time';
export const atTable = 'At the table';
export const orderAndBowls = 'Order and bowls';
export const buy = 'Buy';
export const measure = 'Measure';

// SheetPage
export const backToEvening = 'Back to the evening';
export const printSheet = 'Print the sheet';
export const thereIsNoDish = 'There is no dish on this evening yet.';
export const planningEvening = 'Planning the evening…';
export const sheetOf = (evening: string) => `Sheet of ${evening}`;
export const onTableAt = (day: string) => `${day}, on the table at `;
export const whatToDoWhen = 'What to do when';
export const timesAreEstimatesAnd = (defers: string) => `Times are estimates, and the thermometer decides. ${defers}`;

// TaskDetail
export const theTask = 'The task';
export const touchTaskForIts =
  'Touch a task for its reason; carry it sideways, or move it with ← and →, and the rest gives way; ↑ and ↓ go from task to task. Letters are the dishes; a black mark on a fryer is a look that needs a hand; bars on the rack fade as the crust softens.';

// Troubles
export const eatThen = 'Eat then';
export const doThat = 'Do that';
export const oneMoreJoins = 'One more joins';
export const whatToKnowOf = 'What to know of this plan';
export const eatAt = (time: string) => `Eat at ${time}`;
export const moreToKnow = (count: number) => `${count} more to know`;

// When
export const whenOnTableAt = 'On the table at';
export const beginAt = 'Begin at';
export const beginNow = 'Begin now';
export const when = 'When';
export const workedOutFrom = 'Worked out from';
export const eaten = 'Eaten';
export const begun = 'Begun';
export const dishesTogetherWithin = 'Dishes together within';
export const kitchenIsAt = 'The kitchen is at';

// changes
export const handsAt = (at: number) => `Hands ${at}`;

// useMoves
export const itCannotStandThere = (reason: string) => `It cannot stand there: ${reason} It is back where it was.`;
export const itCannotStandThereTable = (time: string) =>
  `It cannot stand there: the table is at ${time}. It is back where it was.`;

// usePlan
export const itCouldNotBe = 'It could not be planned.';

// when
export const asSoonAsIt = 'As soon as it can be';
