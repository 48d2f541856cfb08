import { BREAD_B, BREAD_WORDS, HOT_SPOTS, spotName, type BasketShape } from '@yellowmist/core';
import { crustCss } from './palette';
import * as texts from './texts';

const SLICE = 28;

/** Slices of bread as they came out, three by three, on a round or rectangular ground. */
export function BreadMap({ basket, hotSpots }: { basket: BasketShape; hotSpots: readonly number[] | undefined }) {
  const words = hotSpots?.map((r, at) => `${spotName(at)} ${BREAD_WORDS[r]}`).join(', ') ?? texts.notTested;
  return (
    <svg viewBox="0 0 110 110" className="size-28 shrink-0" role="img" aria-label={texts.bread(words)}>
      {basket.kind === 'round' ? (
        <circle cx="55" cy="55" r="53" className="fill-base-300 stroke-base-content" strokeWidth="2" />
      ) : (
        <rect
          x="2"
          y="2"
          width="106"
          height="106"
          rx="6"
          className="fill-base-300 stroke-base-content"
          strokeWidth="2"
        />
      )}
      {Array.from({ length: HOT_SPOTS }, (_, at) => {
        const [x, y] = [13 + (at % 3) * SLICE, 13 + Math.floor(at / 3) * SLICE];
        return (
          <path
            key={at}
            d={`M${x + 2} ${y + 9} q-3 -8 6 -8 h12 q9 0 6 8 v15 q0 2 -2 2 h-20 q-2 0 -2 -2 z`}
            fill={hotSpots ? crustCss(BREAD_B[hotSpots[at]]) : 'none'}
            className="stroke-[#5b3a12]"
            strokeWidth="1.2"
            strokeDasharray={hotSpots ? undefined : '3 2'}
          />
        );
      })}
    </svg>
  );
}
