import type { ScaleHand } from '@yellowmist/contract';
import { problemText, useScaleHandMutation } from '../../state/api';
import { useScale, type ScaleState } from './useScale';
import * as texts from './texts';

const SAID: Record<ScaleState['state'], string> = {
  away: texts.scaleIsGoneIs,
  empty: texts.nothingOnIt,
  moving: texts.comingToRest,
  jumping: texts.readingJumpsPutScale,
  steady: texts.atRest,
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
    <section aria-label={texts.kitchenScale} className="mt-2 border-2 border-base-content/60 bg-base-100 p-2">
      <div className="flex flex-wrap items-center gap-3">
        <output aria-label={texts.scaleShows} className="w-32 text-right font-display text-3xl tabular-nums">
          {grams === null ? '– – –' : grams.toFixed(1)} <span className="text-base">g</span>
        </output>
        <button
          type="button"
          className="btn btn-sm btn-outline h-9"
          disabled={rest === null}
          onClick={() => take(onBefore)}
        >
          {texts.takeAsBefore}
        </button>
        <button
          type="button"
          className="btn btn-sm btn-outline h-9"
          disabled={rest === null}
          onClick={() => take(onAfter)}
        >
          {texts.takeAsAfter}
        </button>
      </div>
      <p
        role="status"
        className={`min-h-5 text-sm ${now.state === 'away' || now.state === 'jumping' ? 'font-semibold text-error' : ''}`}
      >
        {SAID[now.state]}
      </p>
      <fieldset className="mt-1 border-t border-base-300 pt-1">
        <legend className="text-xs">{texts.simulatedScaleToTry}</legend>
        <div className="flex flex-wrap gap-1">
          <Deed label={texts.putBottleOn} onDo={hand({ deed: 'put' })} />
          <Deed label={texts.pressSOff(strokes, unit)} disabled={strokes < 1} onDo={hand({ deed: 'press', strokes })} />
          <Deed label={texts.takeItOff} onDo={hand({ deed: 'take' })} />
          <Deed label={texts.knockTable} onDo={hand({ deed: 'knock' })} />
          {now.state === 'away' ? (
            <Deed label={texts.switchItOn} onDo={hand({ deed: 'plug' })} />
          ) : (
            <Deed label={texts.switchItOff} onDo={hand({ deed: 'unplug' })} />
          )}
        </div>
        {error && (
          <p role="alert" className="text-sm text-error">
            {texts.handDidNothing(problemText(error))}
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
