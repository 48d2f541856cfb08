import { useId } from 'react';

export interface Option<T extends string> {
  value: T;
  label: string;
  /** Heading under which it stands. */
  group?: string;
}

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly Option<T>[];
  onChange: (value: T) => void;
  hideLabel?: boolean;
  className?: string;
}

/** One of several, under headings where they have any. */
export function Choice<T extends string>({ label, value, options, onChange, hideLabel, className }: Props<T>) {
  const id = useId();
  const groups = [...new Set(options.map((o) => o.group))];
  const items = (group: string | undefined) =>
    options
      .filter((o) => o.group === group)
      .map((o) => (
        <option key={o.value} value={o.value}>
          {o.label}
        </option>
      ));
  return (
    <div className={`min-w-0 ${className ?? ''}`}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'block text-xs'}>
        {label}
      </label>
      <select
        id={id}
        className="select h-9 w-full ps-2! pe-7!"
        value={value}
        onChange={(e) => onChange(e.target.value as T)}
      >
        {groups.map((group) =>
          group === undefined ? (
            items(group)
          ) : (
            <optgroup key={group} label={group}>
              {items(group)}
            </optgroup>
          ),
        )}
      </select>
    </div>
  );
}
