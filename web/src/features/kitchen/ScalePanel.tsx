import type { ScaleHand } from '@yellowmist/contract';
import { problemText, useScaleHandMutation } from '../../state/api';
import { useScale, type ScaleState } from './useScale';

const SAID: Record<ScaleState['state'], string> = {
  away: 'The scale is gone: is it switched on and near? What was taken is kept; type the weight if it stays away.',
  empty: 'Nothing on it.',
  moving: 'Coming to rest…',
  jumping: 'The reading jumps. Put the scale on a firm table, out of the draught, and wait.',
  steady: 'At rest.',
};

/** The kitchen scale beside a calibration: its reading, and taking it as a weight once it is at rest. */
export function ScalePanel({
  strokes,
  unit,
  onBefore,
  onAfter,
}: {
  strokes: number;
  unit: string;
  onBefore: (grams: number) => void;
  onAfter: (grams: number) => void;
}) {
  const { now, grams } = useScale(true);
  const [moveHand, { error }] = useScaleHandMutation();
  const hand = (deed: ScaleHand) => (): void => void moveHand(deed);
  const rest = now.state === 'steady' ? now.grams : null;
  const take = (as: (grams: number) => void): void => {
    if (rest !== null) as(rest);
  };
  return (
    <section aria-label="Kitchen scale" className="mt-2 border-2 border-base-content/60 bg-base-100 p-2">
      <div className="flex flex-wrap items-center gap-3">
        <output aria-label="The scale shows" className="w-32 text-right font-display text-3xl tabular-nums">
          {grams === null ? '– – –' : grams.toFixed(1)} <span className="text-base">g</span>
        </output>
        <button
          type="button"
          className="btn btn-sm btn-outline h-9"
          disabled={rest === null}
          onClick={() => take(onBefore)}
        >
          Take as before
        </button>
        <button
          type="button"
          className="btn btn-sm btn-outline h-9"
          disabled={rest === null}
          onClick={() => take(onAfter)}
        >
          Take as after
        </button>
      </div>
      <p
        role="status"
        className={`min-h-5 text-sm ${now.state === 'away' || now.state === 'jumping' ? 'font-semibold text-error' : ''}`}
      >
        {SAID[now.state]}
      </p>
      <fieldset className="mt-1 border-t border-base-300 pt-1">
        <legend className="text-xs">A simulated scale, to try it with: your hand on it</legend>
        <div className="flex flex-wrap gap-1">
          <Deed label="Put the bottle on" onDo={hand({ deed: 'put' })} />
          <Deed
            label={`Press ${strokes} ${unit}s off`}
            disabled={strokes < 1}
            onDo={hand({ deed: 'press', strokes })}
          />
          <Deed label="Take it off" onDo={hand({ deed: 'take' })} />
          <Deed label="Knock the table" onDo={hand({ deed: 'knock' })} />
          {now.state === 'away' ? (
            <Deed label="Switch it on" onDo={hand({ deed: 'plug' })} />
          ) : (
            <Deed label="Switch it off" onDo={hand({ deed: 'unplug' })} />
          )}
        </div>
        {error && (
          <p role="alert" className="text-sm text-error">
            The hand did nothing: {problemText(error)}
          </p>
        )}
      </fieldset>
    </section>
  );
}

function Deed({ label, disabled, onDo }: { label: string; disabled?: boolean; onDo: () => void }) {
  return (
    <button
      type="button"
      className="btn btn-ghost btn-sm h-9 border border-base-300"
      disabled={disabled}
      onClick={onDo}
    >
      {label}
    </button>
  );
}
