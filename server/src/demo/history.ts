import type { CookedBy, SeenBody } from '@yellowmist/contract';
import type { Plate } from './plate.js';
import type { CauseKey, Did, SeenField } from '@yellowmist/core';

/** A cook of the net loft's past: what was cooked, what went wrong in it, and what was noted. */
export interface PastOfDemo {
  dish: string;
  weeksAgo: number;
  /** What went otherwise, and how much; nothing where all went well. */
  cause?: [key: CauseKey, size: number];
  by?: CookedBy;
  /** What was looked at: it is written down as it came out. */
  noted: SeenField[];
  did?: Did;
  /** A photograph of it, beside its colour and its bald places. */
  photo?: Omit<Plate, 'b' | 'bald'>;
  more: Pick<SeenBody, 'overall' | 'taste' | 'otherwise' | 'didChange' | 'baldWhere' | 'salt'>;
}

/** Light of the net loft's kitchen: a lamp in the evening, and the window. */
const LAMP = [1, 0.86, 0.66] as const;
const WINDOW = [0.9, 0.97, 1] as const;

const FINGERS = { pieces: 6, long: 2.1 } as const;
const CLUSTERS = { pieces: 7, long: 1.2 } as const;
const SLICES = { pieces: 6, long: 1 } as const;

const LOOKED: SeenField[] = ['colourTop', 'colourUnder', 'crunchNow', 'bald', 'floury'];
const CAREFULLY: SeenField[] = [...LOOKED, 'crunchLater', 'soggyUnder', 'centreC'];

/** Ten Thursdays, with their mistakes and what was learned of them. Made up. */
export const HISTORY: readonly PastOfDemo[] = [
  {
    dish: 'Halloumi fingers',
    weeksAgo: 10,
    by: { what: 'other', name: 'The packet', tempC: 200, minutes: 25, turned: false },
    noted: LOOKED,
    photo: { ...FINGERS, light: LAMP, seed: 11 },
    more: { overall: 'failed', taste: 'Bitter at the corners.' },
  },
  {
    dish: 'Pork schnitzel',
    weeksAgo: 9,
    cause: ['cold-food', 10],
    noted: CAREFULLY,
    did: { turned: true, openings: 0 },
    more: { overall: 'failed', otherwise: 'Straight from the freezer drawer, it was late.' },
  },
  {
    dish: 'Pork schnitzel',
    weeksAgo: 8,
    noted: CAREFULLY,
    did: { turned: true },
    more: { overall: 'good', didChange: true, taste: 'As it should be. Lemon.' },
  },
  {
    dish: 'Oyster mushrooms in beer batter',
    weeksAgo: 7,
    cause: ['too-hot', 30],
    noted: [...LOOKED, 'firmness'],
    did: { turned: true, minutes: 11 },
    photo: { ...CLUSTERS, light: LAMP, seed: 23 },
    more: { overall: 'so-so', taste: 'Good inside, too dark outside.' },
  },
  {
    dish: 'Oyster mushrooms in beer batter',
    weeksAgo: 6,
    noted: [...LOOKED, 'firmness', 'crunchLater'],
    photo: { ...CLUSTERS, light: WINDOW, seed: 24 },
    more: { overall: 'keeper', didChange: true, taste: 'This is how Tobi wants them.' },
  },
  {
    dish: 'Okra in cornmeal',
    weeksAgo: 5,
    cause: ['little-oil', 0],
    noted: [...LOOKED, 'bite', 'firmness'],
    did: { turned: true },
    more: { overall: 'so-so', otherwise: 'The pump bottle was nearly empty.' },
  },
  {
    dish: 'Okra in cornmeal',
    weeksAgo: 4,
    noted: [...LOOKED, 'bite', 'firmness'],
    did: { turned: true },
    more: { overall: 'good', didChange: true, salt: 'too little' },
  },
  {
    dish: 'Aubergine slabs in sesame crumbs',
    weeksAgo: 4,
    cause: ['plate', 1],
    noted: [...CAREFULLY, 'firmness'],
    did: { turned: true },
    more: { overall: 'so-so', taste: 'Crisp at the fryer, limp at the table.' },
  },
  {
    dish: 'Aubergine slabs in sesame crumbs',
    weeksAgo: 3,
    noted: CAREFULLY,
    did: { turned: true },
    more: { overall: 'good', didChange: true },
  },
  {
    dish: 'Green tomato slices',
    weeksAgo: 3,
    cause: ['wet-surface', 1],
    noted: CAREFULLY,
    did: { turned: true, tapped: true },
    photo: { ...SLICES, light: WINDOW, seed: 31 },
    more: { overall: 'failed', baldWhere: ['top', 'edges'], taste: 'The coat slid off as one piece.' },
  },
  {
    dish: 'Leek-and-ham croquettes',
    weeksAgo: 2,
    cause: ['opened-often', 12],
    noted: CAREFULLY,
    did: { turned: true },
    more: { overall: 'so-so', taste: 'Pale. Wen could not leave the drawer alone.' },
  },
  {
    dish: 'Halloumi fingers',
    weeksAgo: 1,
    noted: CAREFULLY,
    did: { turned: true },
    photo: { ...FINGERS, light: WINDOW, seed: 12 },
    more: { overall: 'keeper', taste: 'Squeaks, and nothing is bitter.' },
  },
];
