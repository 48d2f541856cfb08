import { Trash2 } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import { RANGES, type Sprayer } from '@yellowmist/contract';
import { gramsPerStroke } from '@yellowmist/core';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';

const KINDS = [
  { value: 'pump', label: 'Pump bottle' },
  { value: 'can', label: 'Propellant can' },
  { value: 'brush', label: 'Brush' },
] as const;

const UNIT: Record<Sprayer['kind'], string> = { pump: 'stroke', can: 'second', brush: 'stroke' };

/** What oil is put on with; a sprayer is weighed before and after ten strokes, so that oil can be counted in strokes. */
export function Sprayers({
  sprayers,
  onChange,
}: {
  sprayers: readonly Sprayer[];
  onChange: (sprayers: Sprayer[]) => void;
}) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Sprayer['kind']>('pump');
  const [error, setError] = useState('');
  const add = (event: FormEvent): void => {
    event.preventDefault();
    const wanted = name.trim();
    if (!wanted) return setError(`Name: enter 1 to ${RANGES.nameLength.max} letters.`);
    if (sprayers.some((s) => s.name === wanted)) return setError(`Name: there is a "${wanted}" already.`);
    onChange([...sprayers, { name: wanted, kind, gPerStroke: null }]);
    setName('');
    setError('');
  };
  return (
    <section aria-label="Sprayers and brushes" className="mt-6 border-t-2 border-base-content/60 pt-2">
      <h2 className="text-xl">Sprayers and brushes</h2>
      <p className="max-w-3xl text-sm">
        Oil goes on outside the hot basket, away from heat: a mist burns. Some propellants spoil a non-stick coat; a
        pump bottle or a brush is the usual advice.
      </p>
      <form noValidate aria-label="Another sprayer" onSubmit={add} className="mt-2 flex flex-wrap items-end gap-2">
        <label className="text-xs">
          Name of another one
          <input
            className={`input block h-9 w-56 ${error ? 'input-error' : ''}`}
            maxLength={RANGES.nameLength.max}
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <Choice className="w-44" label="It is a" value={kind} options={KINDS} onChange={setKind} />
        <button type="submit" className="btn btn-primary h-9">
          Add it
        </button>
        {error && (
          <p role="alert" className="text-sm text-error">
            {error}
          </p>
        )}
      </form>
      <ul className="mt-2 grid gap-x-8 gap-y-3 lg:grid-cols-2">
        {sprayers.map((sprayer) => (
          <li key={sprayer.name} className="border-t border-base-300 pt-1">
            <Calibration
              sprayer={sprayer}
              onChange={(next) => onChange(sprayers.map((s) => (s.name === sprayer.name ? next : s)))}
              onRemove={() => onChange(sprayers.filter((s) => s.name !== sprayer.name))}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

function Calibration({
  sprayer,
  onChange,
  onRemove,
}: {
  sprayer: Sprayer;
  onChange: (sprayer: Sprayer) => void;
  onRemove: () => void;
}) {
  const [before, setBefore] = useState(250);
  const [after, setAfter] = useState(248);
  const [strokes, setStrokes] = useState(10);
  const [error, setError] = useState('');
  const unit = UNIT[sprayer.kind];
  const weigh = (): void => {
    try {
      const grams = gramsPerStroke(before, after, strokes);
      const { min, max } = RANGES.gPerStroke;
      if (grams < min || grams > max)
        return setError(`${grams.toFixed(2)} g a ${unit} is no sprayer's: ${min} to ${max} g. Weigh again.`);
      setError('');
      onChange({ ...sprayer, gPerStroke: grams });
    } catch (wrong) {
      setError((wrong as Error).message);
    }
  };
  return (
    <>
      <div className="flex items-center gap-2">
        <p className="grow">
          <b>{sprayer.name}</b>
          {sprayer.gPerStroke === null
            ? sprayer.kind === 'brush'
              ? ': oil is counted in spoons'
              : ': not weighed yet'
            : `: ${sprayer.gPerStroke.toFixed(2)} g a ${unit}`}
        </p>
        <button
          type="button"
          className="btn btn-ghost btn-square size-9"
          aria-label={`Remove ${sprayer.name}`}
          onClick={onRemove}
        >
          <Trash2 aria-hidden className="size-4" />
        </button>
      </div>
      {sprayer.kind !== 'brush' && (
        <div className="flex flex-wrap items-end gap-2">
          <NumberField
            className="w-24"
            label="Weighs before"
            value={before}
            quantity="grams"
            range={RANGES.scaleG}
            onChange={setBefore}
          />
          <NumberField
            className="w-24"
            label="and after"
            value={after}
            quantity="grams"
            range={RANGES.scaleG}
            onChange={setAfter}
          />
          <NumberField
            className="w-24"
            label={`${unit}s`}
            value={strokes}
            quantity="plain"
            range={RANGES.strokes}
            whole
            onChange={setStrokes}
          />
          <button type="button" className="btn btn-sm h-9" onClick={weigh}>
            Reckon
          </button>
        </div>
      )}
      {error && (
        <p role="alert" className="text-sm text-error">
          {error}
        </p>
      )}
    </>
  );
}
