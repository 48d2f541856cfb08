import { useId, type ReactNode } from 'react';

export interface RadioOption<V extends string | number> {
  value: V;
  label: string;
  /** Shown in the place of the label, which a screen reader reads. */
  picture?: ReactNode;
}

interface Props<V extends string | number> {
  label: string;
  value: V | undefined;
  options: readonly RadioOption<V>[];
  onChange: (value: V | undefined) => void;
  hideLabel?: boolean;
}

/** One of a few, or none of them: what is pressed again is taken back, and so it is by the delete key. */
export function Radios<V extends string | number>({ label, value, options, onChange, hideLabel }: Props<V>) {
  const name = useId();
  return (
    <fieldset
      className="min-w-0"
      onKeyDown={(e) => {
        if (e.key === 'Delete' || e.key === 'Backspace') onChange(undefined);
      }}
    >
      <legend className={hideLabel ? 'sr-only' : 'text-sm'}>{label}</legend>
      <div className="flex flex-wrap">
        {options.map((o) => (
          <label
            key={o.value}
            className="relative -ms-px flex min-h-11 cursor-pointer items-center border border-base-content/40 px-2 text-sm first:ms-0 first:rounded-s-field last:rounded-e-field has-checked:z-10 has-checked:border-base-content has-checked:bg-primary has-checked:font-bold has-checked:text-primary-content has-focus-visible:z-20 has-focus-visible:outline-2 has-focus-visible:outline-offset-2"
          >
            <input
              type="radio"
              name={name}
              className="absolute inset-0 cursor-pointer opacity-0"
              checked={value === o.value}
              onChange={() => onChange(o.value)}
              onClick={() => value === o.value && onChange(undefined)}
            />
            {o.picture ?? o.label}
            {o.picture !== undefined && <span className="sr-only">{o.label}</span>}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
