import type { Control, Values } from '@yellowmist/core';
import { useId } from 'react';
import { Radios } from '../../ui/Radios';
import type { FieldKind } from '../../state/units';
import { useUnits } from '../../state/useUnits';

interface Props {
  controls: readonly Control[];
  values: Values;
  onChange: (values: Values) => void;
}

/** What can be played with. */
export const LessonControls = ({ controls, values, onChange }: Props) =>
  controls.map((control) => {
    const set = (value: number | string): void => onChange({ ...values, [control.id]: value });
    return control.kind === 'slider' ? (
      <Slider key={control.id} control={control} value={Number(values[control.id])} onChange={set} />
    ) : (
      <Radios
        key={control.id}
        label={control.label}
        value={String(values[control.id])}
        options={control.options}
        onChange={(value) => value !== undefined && set(value)}
      />
    );
  });

interface SliderProps {
  control: Extract<Control, { kind: 'slider' }>;
  value: number;
  onChange: (value: number) => void;
}

function Slider({ control, value, onChange }: SliderProps) {
  const { label, min, max, step, quantity, unit } = control;
  const { say } = useUnits();
  const id = useId();
  const said = quantity ? say(value, quantity as FieldKind) : `${value} ${unit ?? ''}`.trim();
  return (
    <div>
      <label htmlFor={id} className="text-sm">
        {label}
      </label>
      <span className="flex items-center gap-3">
        <input
          id={id}
          type="range"
          className="h-11 min-w-0 grow cursor-ew-resize accent-base-content"
          min={min}
          max={max}
          step={step}
          value={value}
          aria-valuetext={said}
          onChange={({ target }) => onChange(Number(target.value))}
        />
        <output htmlFor={id} className="w-20 text-right font-semibold tabular-nums">
          {said}
        </output>
      </span>
    </div>
  );
}
