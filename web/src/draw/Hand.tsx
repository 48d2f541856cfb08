import type { Grip } from '@yellowmist/core';

/** A hand from above, fingers down into the bowl; the left one is the right one mirrored. */
const PALM =
  'M9 2 h14 v13 q4 -1 6 2 l3 5 q1 3 -2 3 q-3 0 -5 -3 l-2 -2 v14 q0 2 -2 2 q-2 0 -2 -2 v-9 h-1 v11 q0 2 -2 2 q-2 0 -2 -2 v-11 h-1 v9 q0 2 -2 2 q-2 0 -2 -2 v-8 h-1 v6 q0 2 -2 2 q-2 0 -2 -2 V6 q0 -4 5 -4 z';
const FORK = 'M16 0 v18 M10 18 h12 M10 18 v14 M14 18 v14 M18 18 v14 M22 18 v14';
const BOX = 'M4 8 h24 v22 h-24 z M4 14 h24 M2 8 h28';

const WORDS: Record<Grip, string> = {
  left: 'left hand',
  right: 'right hand',
  fork: 'fork',
  shaker: 'closed box',
};

/** Who or what goes into a bowl: a left or right hand, a fork, or a shaker box; wet ones are filled. */
export function Hand({ grip, wet }: { grip: Grip; wet: boolean }) {
  const filled = wet ? 'fill-info/60' : 'fill-base-100';
  return (
    <span className="inline-flex items-center gap-1 text-sm font-semibold">
      <svg viewBox="0 0 34 38" className="h-9 w-8" aria-hidden>
        <path
          d={grip === 'fork' ? FORK : grip === 'shaker' ? BOX : PALM}
          transform={grip === 'left' ? 'translate(34 0) scale(-1 1)' : undefined}
          className={`${grip === 'fork' ? 'fill-none' : filled} stroke-base-content`}
          strokeWidth={1.6}
          strokeLinejoin="round"
        />
      </svg>
      {WORDS[grip]}
    </span>
  );
}
