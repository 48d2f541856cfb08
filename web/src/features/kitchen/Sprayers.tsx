import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { RANGES, type Sprayer } from '@yellowmist/contract';
import { gramsPerStroke } from '@yellowmist/core';
import { AddNamed } from '../../ui/AddNamed';
import { NumberField } from '../../ui/NumberField';
import { ScalePanel } from './ScalePanel';

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
  return (
    <section aria-label="Sprayers and brushes" className="mt-6 border-t-2 border-base-content/60 pt-2">
      <h2 className="text-xl">Sprayers and brushes</h2>
      <p className="max-w-3xl text-sm">
        Oil goes on outside the hot basket, away from heat: a mist burns. Some propellants spoil a non-stick coat; a
        pump bottle or a brush is the usual advice.
      </p>
      <AddNamed
        title="Another sprayer"
        nameLabel="Name of another one"
        kindLabel="It is a"
        kinds={KINDS}
        taken={sprayers.map((s) => s.name)}
        most={RANGES.fryers.max}
        onAdd={(name, kind) => onChange([...sprayers, { name, kind, gPerStroke: null }])}
      />
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
  const [onScale, setOnScale] = useState(false);
  const unit = UNIT[sprayer.kind];
  const weigh = (afterG = after): void => {
    try {
      const grams = gramsPerStroke(before, afterG, strokes);
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
          <button type="button" className="btn btn-sm h-9" onClick={() => weigh()}>
            Reckon
          </button>
          <button
            type="button"
            className="btn btn-sm btn-outline h-9"
            aria-pressed={onScale}
            onClick={() => setOnScale(!onScale)}
          >
            {onScale ? 'Without the scale' : 'Use the kitchen scale'}
          </button>
        </div>
      )}
      {onScale && (
        <ScalePanel
          strokes={strokes}
          unit={unit}
          onBefore={(grams) => {
            setBefore(grams);
            setError('');
          }}
          onAfter={(grams) => {
            setAfter(grams);
            weigh(grams);
          }}
        />
      )}
      {error && (
        <p role="alert" className="text-sm text-error">
          {error}
        </p>
      )}
    </>
  );
}
