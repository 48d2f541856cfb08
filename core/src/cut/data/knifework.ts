import { cut, threeSizes, MOST_OF_IT, WITHOUT_ENDS } from '../build.js';

export const BALL = { kind: 'ball' } as const;
export const rod = (slender: number) => ({ kind: 'rod', slender }) as const;

export const FLORETS = cut(
  'florets',
  30,
  'Cut where each branch leaves the stem, then split large ones through their own stalk.',
  {
    share: 0.75,
    keep: 'The stem and leaves are for soup; crumbs of floret fall through a basket.',
  },
);
export const HEAD_SLABS = cut('slabs', 19, 'Straight down through the stem, which holds the slab together.', {
  perWhole: 2,
  keep: 'Only the two from the middle hold: the outer thirds are florets.',
});
export const CHIPS = cut('strips', 12, 'Flatten one side so that it lies still, slice, then slice the stack across.', {
  share: 0.9,
  longestMm: 100,
  keep: 'Rounded ends brown first: keep them for mash.',
});
export const CUBES = cut('cubes', 20, 'Slices first, then strips, then across.', { share: 0.9 });
export const WEDGES = cut('wedges', null, 'Halve lengthwise, and each half into fans of even width.', {
  perWhole: 8,
  share: 1,
});
export const rounds = (size: number, share = MOST_OF_IT) =>
  cut('rounds', size, 'Ends off, then even slices straight across: thick and thin ones are not done together.', {
    share,
  });
export const slabsLong = (size: number) =>
  cut('slabs', size, 'Stalk off, a thin slice off one side, then even slices lengthwise.', {
    share: WITHOUT_ENDS,
    keep: 'The two skin slices take no coat: they are for something else.',
  });

export const HEAD = threeSizes('head', [400, 600, 850]);
