import { basket } from './basket.js';
import { colour } from './colour.js';
import { dust } from './dust.js';
import { goldenTime } from './goldenTime.js';
import { oil } from './oil.js';
import { resting } from './resting.js';
import type { OutcomeKey, Reason } from '../outcome/index.js';
import { wetBatter } from './wetBatter.js';
import { LESSON_IDS, type Lesson, type LessonId, type Values } from './types.js';

const BY_ID: Record<LessonId, Lesson> = {
  'wet-batter': wetBatter,
  dust,
  oil,
  basket,
  resting,
  colour,
  'golden-window': goldenTime,
};

/** All lessons, in the order in which they are read. */
export const LESSONS: readonly Lesson[] = LESSON_IDS.map((id) => BY_ID[id]);

export const lessonOf = (id: LessonId): Lesson => BY_ID[id];

export const isLessonId = (id: string): id is LessonId => (LESSON_IDS as readonly string[]).includes(id);

/** How a lesson's controls stand before anybody has touched them. */
export const firstValues = ({ controls }: Lesson): Values => Object.fromEntries(controls.map((c) => [c.id, c.value]));

/** Which lesson explains a reason; null where none does. */
const EXPLAINS: Partial<Record<OutcomeKey, LessonId>> = {
  runOff: 'wet-batter',
  stick: 'wet-batter',
  setTime: 'wet-batter',
  adhesion: 'dust',
  dryPatches: 'oil',
  bite: 'oil',
  racks: 'basket',
  spots: 'basket',
  crispLife: 'resting',
  crispness: 'resting',
  colourTop: 'colour',
  colourUnder: 'colour',
  burning: 'colour',
  centre: 'golden-window',
  juice: 'golden-window',
  doneness: 'golden-window',
};

/** The lesson behind a reason; null where none explains it. */
export function lessonFor({ about }: Pick<Reason, 'about'>): Lesson | null {
  const id = EXPLAINS[about];
  return id ? lessonOf(id) : null;
}
