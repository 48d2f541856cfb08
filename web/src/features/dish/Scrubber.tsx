import { useId, type ReactNode } from 'react';
import { clock } from './clock';
import * as texts from './texts';

interface Props {
  /** Where it stands, as a share of the longest cook. */
  share: number;
  /** End of the longest cook, min. */
  longestMin: number;
  onScrub: (share: number) => void;
  /** What has happened by then. */
  children?: ReactNode;
}

/** No cook is shorter, for the step of the slider, min. */
const SHORTEST_MIN = 0.1;
/** One press of an arrow key, min. */
const STEP_MIN = 5 / 60;

/** One slider through the minutes of all cooks that stand side by side. */
export function Scrubber({ share, longestMin, onScrub, children }: Props) {
  const id = useId();
  const at = clock(share * longestMin);
  return (
    <div className="mt-1 flex items-center gap-3">
      <label htmlFor={id} className="text-sm whitespace-nowrap">
        {texts.throughCook}
      </label>
      <input
        id={id}
        type="range"
        className="h-11 min-w-0 grow cursor-ew-resize accent-base-content"
        min={0}
        max={1}
        step={STEP_MIN / Math.max(longestMin, SHORTEST_MIN)}
        value={share}
        onChange={({ target }) => onScrub(Number(target.value))}
        aria-valuetext={texts.ofIt(at, clock(longestMin))}
      />
      <output htmlFor={id} className={`min-h-10 text-sm leading-5 ${children ? 'w-48' : 'w-24 text-right'}`}>
        <b>{at}</b>
        {texts.ofClock(clock(longestMin))}
        {children}
      </output>
    </div>
  );
}
