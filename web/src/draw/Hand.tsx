import type { Grip } from '@yellowmist/core';
import * as texts from './texts';

/** Parts of a right hand seen from above, fingers down into the bowl: x, y, width, height, turn in degrees. */
const PARTS: readonly [number, number, number, number, number][] = [
  [11, 0, 16, 10, 0],
  [9, 5, 20, 17, 0],
  [9.2, 17, 4.4, 13, 3],
  [14.2, 18, 4.5, 16, 1],
  [19.3, 18, 4.5, 15.5, -1],
  [24.4, 17, 4.2, 12, -4],
  [3.4, 8, 4.8, 14, 22],
];
const FORK = 'M19 0 v17 M13 17 h12 v3 M13 17 v15 M17 20 v12 M21 20 v12 M25 20 v12 M13 20 h12';
const BOX = 'M5 9 h28 v23 h-28 z M5 16 h28 M3 9 h32';

const WORDS: Record<Grip, string> = {
  left: texts.leftHand,
  right: texts.rightHand,
  fork: 'fork',
  shaker: texts.closedBox,
};

/** The hand's outline is drawn around all of its parts, and then filled over, so that no seam shows. */
function Palm({ wet }: { wet: boolean }) {
  const parts = (className: string, strokeWidth: number) =>
    PARTS.map(([x, y, width, height, turn]) => (
      <rect
        key={`${x}${y}`}
        x={x}
        y={y}
        width={width}
        height={height}
        rx={Math.min(width, height) / 2.1}
        transform={`rotate(${turn} ${x + width / 2} ${y})`}
        className={className}
        strokeWidth={strokeWidth}
      />
    ));
  return (
    <>
      {parts('fill-base-content stroke-base-content', 2.6)}
      {parts(wet ? 'fill-info' : 'fill-base-100', 0)}
    </>
  );
}

/** Who or what goes into a bowl: a left or right hand, a fork, or a shaker box; a wet hand is filled. */
export function Hand({ grip, wet }: { grip: Grip; wet: boolean }) {
  const hand = grip === 'left' || grip === 'right';
  return (
    <span className="inline-flex items-center gap-1 text-sm font-semibold">
      <svg viewBox="-1 -1 40 38" className="h-10 w-10" aria-hidden>
        {hand ? (
          // The right hand's thumb lies to the left of its fingers when these point down into the bowl.
          <g transform={grip === 'left' ? 'translate(38 0) scale(-1 1)' : undefined}>
            <Palm wet={wet} />
          </g>
        ) : (
          <path
            d={grip === 'fork' ? FORK : BOX}
            className={`stroke-base-content ${grip === 'fork' ? 'fill-none' : 'fill-base-100'}`}
            strokeWidth={2}
            strokeLinejoin="round"
          />
        )}
      </svg>
      {WORDS[grip]}
      {hand && (wet ? texts.wet : texts.dry)}
    </span>
  );
}
