import { useId, useRef, useState } from 'react';
import { fieldTurn, numberOf, settingStep, settingTurn, type FieldKind, type Turn } from '../state/units';
import { useUnits } from '../state/useUnits';
import * as texts from './texts';

interface Props {
  label: string;
  value: number;
  quantity: FieldKind;
  range: { min: number; max: number };
  onChange: (value: number) => void;
  /** Step of the arrows, in the stored unit. */
  step?: number;
  /** It is set on a fryer that goes in steps of so many °C: the arrows go by these, in °F by the fryer's own. */
  stepC?: number;
  whole?: boolean;
  hideLabel?: boolean;
  className?: string;
  /** A slider under the field, over this part of the range: for what is tried out by dragging. */
  drag?: { min: number; max: number; step: number; onDrag: (dragging: boolean) => void };
}

/** "from 3 to 300 mm", in the cook's unit, rounded inward. */
function allowedText(range: Props['range'], turn: Turn, whole: boolean): string {
  const kind = whole ? texts.wholeNumber : texts.aNumber;
  return texts.enterFromTo(kind, numberOf(range.min, turn), numberOf(range.max, turn), turn.unit).trim();
}

/** A number with its unit. What is outside the range is refused here, with the range; the last good value stays in force. */
export function NumberField({
  label,
  value,
  quantity,
  range,
  onChange,
  step = 1,
  stepC,
  whole = false,
  hideLabel,
  className,
  drag,
}: Props) {
  const { system } = useUnits();
  const id = useId();
  const turn = stepC === undefined ? fieldTurn(quantity, system) : settingTurn(stepC, system);
  const { unit, stored, shown } = turn;
  // What a hand has dragged it to: the page may follow a moment later.
  const [held, setHeld] = useState<number | null>(null);
  const inForce = held ?? value;
  const settled = numberOf(inForce, turn);
  // What is being typed, as long as the value that it stands for is the one in force.
  const [draft, setDraft] = useState<{ text: string; error: string; of: string } | null>(null);
  const current = draft?.of === settled ? draft : null;
  const error = current?.error ?? '';

  const take = (text: string): void => {
    const number = stored(Number(text.replace(',', '.')));
    // A bound shown in inches is rounded: what is typed as that bound is meant as it.
    const slack = system === 'us' ? Math.abs(stored(shown(range.max) + 0.005) - range.max) : 0;
    const inside = number >= range.min - slack && number <= range.max + slack;
    const fits = text.trim() !== '' && Number.isFinite(number) && inside && (!whole || Number.isInteger(number));
    if (!fits) return setDraft({ text, error: allowedText(range, turn, whole), of: settled });
    const next = Math.min(range.max, Math.max(range.min, number));
    const nextSettled = numberOf(next, turn);
    setDraft({ text, error: '', of: nextSettled });
    if (nextSettled !== settled) onChange(next);
  };

  const nudge = (by: number): void => {
    const wanted = stepC === undefined ? value + by * step : stored(Number(settled) + by * settingStep(stepC, system));
    const next = Math.min(range.max, Math.max(range.min, wanted));
    if (next !== value) onChange(Number(next.toFixed(3)));
  };

  const holds = useRef(false);
  const hold = (holding: boolean): void => {
    holds.current = holding;
    if (!holding) setHeld(null);
    drag?.onDrag(holding);
  };

  return (
    <div className={`min-w-0 ${className ?? ''}`}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'block text-xs'}>
        {label}
      </label>
      <span className="relative block">
        <input
          id={id}
          className={`input h-9 w-full pr-8 pl-2 ${error ? 'input-error' : ''}`}
          inputMode="decimal"
          value={current?.text ?? settled}
          onChange={(e) => take(e.target.value)}
          onBlur={() => {
            if (!error) setDraft(null);
          }}
          onKeyDown={(e) => {
            if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
              e.preventDefault();
              nudge(e.key === 'ArrowUp' ? 1 : -1);
            }
          }}
          aria-invalid={error !== ''}
          aria-describedby={`${id}-unit${error ? ` ${id}-error` : ''}`}
        />
        <span
          id={`${id}-unit`}
          aria-hidden
          className="pointer-events-none absolute top-1/2 right-2 -translate-y-1/2 text-xs text-base-content"
        >
          {unit}
        </span>
      </span>
      {drag && (
        <input
          type="range"
          aria-label={texts.byDragging(label)}
          aria-valuetext={`${settled} ${unit}`}
          className="block h-6 w-full cursor-ew-resize accent-base-content"
          min={Math.max(range.min, drag.min)}
          max={Math.min(range.max, drag.max)}
          step={drag.step}
          value={inForce}
          onPointerDown={() => hold(true)}
          onPointerUp={() => hold(false)}
          onPointerCancel={() => hold(false)}
          onChange={(e) => {
            const next = Number(e.target.value);
            setDraft(null);
            if (holds.current) setHeld(next);
            onChange(next);
          }}
        />
      )}
      {error && (
        <span id={`${id}-error`} role="alert" className="mt-0.5 block rounded-xs bg-base-100 px-1 text-xs text-error">
          {texts.staysInForce(error, settled, unit)}
        </span>
      )}
    </div>
  );
}
