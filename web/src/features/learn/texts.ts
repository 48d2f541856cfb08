/** What the pages to learn from say, in the order of the files that say it. */

// GeneralCautionsPage
export const learn = 'Learn';
export const whatCanHurtSomebody = 'What can hurt somebody';
export const manualOfYourAppliance =
  'The manual of your appliance and the rules of the place where you live come first, and a professional’s advice where somebody is ill, very young, old or expecting. Each dish says beside it which of these concern it.';

// LearnPage
export const sevenShortPagesEach =
  'Seven short pages, each with a small cook to play with: the same simulation that plans your dishes. And ';
export const wordsOfCraft = 'the words of the craft';
export const and = ', and ';
export const learnPageWhatCanHurtSomebody = 'what can hurt somebody';
export const takeFirstStepsAgain = 'Take the first steps again';

// LessonPage
export const lesson = 'lesson';
export const thereIsNoneOf = 'There is none of that name.';
export const allLessons = 'All lessons';
export const thePicture = 'The picture';
export const cookingIt = 'Cooking it…';
export const playWithIt = 'Play with it';
export const whatComesOfIt = 'What comes of it';
export const why = 'Why';
export const whyItIsSo = 'Why it is so';
export const figures = 'Figures';
export const figuresAndWhereThey = 'Figures, and where they come from';
export const picturesAndSentencesAbove =
  'The pictures and sentences above are the simulation’s own, estimates like all of it.';
export const next = (title: string) => `Next: ${title}`;
export const tryItOnDish = 'Try it on a dish of your own';

// LessonPicture
export const onRack = 'on a rack';
export const onPlate = 'on a plate';
export const inFryerOff = 'in the fryer, off';
export const upperRack = 'Upper rack: ';
export const lowerRack = 'Lower rack: ';
export const piecesFromAbove = (rack: string, count: number) => `${rack}${count} pieces from above`;

// PlayedCutaways
export const afterCentre = (name: string, food: string, clock: string, centreC: string) =>
  `${name}: ${food} after ${clock}, centre ${centreC}`;

// WordsPage
export const wordsPageWordsOfCraft = 'The words of the craft';
