import { useId, useState } from 'react';
import { numberOf, turnOf, type FieldKind } from '../../state/units';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

interface Props {
  label: string;
  value: number | undefined;
  quantity: FieldKind;
  range: { min: number; max: number };
  onChange: (value: number | undefined) => void;
  className?: string;
}

/** A number that may be left out. What is outside its range is refused here, with the range, and the last good one stays. */
export function OptionalNumber({ label, value, quantity, range, onChange, className = 'w-32' }: Props) {
  const { system } = useUnits();
  const id = useId();
  const turn = turnOf(quantity, system);
  const settled = value === undefined ? '' : numberOf(value, turn);
  const [draft, setDraft] = useState<{ text: string; error: string; of: string } | null>(null);
  const current = draft?.of === settled ? draft : null;
  const take = (text: string): void => {
    if (text.trim() === '') {
      setDraft(null);
      return onChange(undefined);
    }
    const stored = turn.stored(Number(text.replace(',', '.')));
    if (Number.isFinite(stored) && stored >= range.min && stored <= range.max) {
      setDraft({ text, error: '', of: numberOf(stored, turn) });
      return onChange(stored);
    }
    const error = texts.enterNumberFromTo(numberOf(range.min, turn), numberOf(range.max, turn), turn.unit).trim();
    setDraft({ text, error, of: settled });
  };
  return (
    <div className={`min-w-0 ${className}`}>
      <label htmlFor={id} className="block text-sm">
        {label}
        {turn.unit && `, ${turn.unit}`}
      </label>
      <input
        id={id}
        inputMode="decimal"
        autoComplete="off"
        className={`input h-11 w-full ${current?.error ? 'input-error' : ''}`}
        aria-invalid={Boolean(current?.error)}
        aria-describedby={`${id}error`}
        value={current?.text ?? settled}
        onChange={(e) => take(e.target.value)}
      />
      <p id={`${id}error`} role="alert" className="text-xs text-error empty:hidden">
        {current?.error}
      </p>
    </div>
  );
}
