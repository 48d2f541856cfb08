import { colourWord } from '@yellowmist/core';
import { useId } from 'react';
import { crustCss } from '../../draw/palette';
import { browningOf, STRIP_B } from './words';
import * as texts from './texts';

interface Props {
  label: string;
  value: number | string | undefined;
  onChange: (b: number | undefined) => void;
}

/** A colour, picked on a strip of the model's own, from pale to burnt. */
export function ColourStrip({ label, value, onChange }: Props) {
  const name = useId();
  const b = browningOf(value);
  const picked = b === undefined ? undefined : STRIP_B.reduce((a, c) => (Math.abs(c - b) < Math.abs(a - b) ? c : a));
  return (
    <fieldset
      className="min-w-0"
      onKeyDown={(e) => {
        if (e.key === 'Delete' || e.key === 'Backspace') onChange(undefined);
      }}
    >
      <legend className="text-sm">
        {label} <b>{b === undefined ? '' : colourWord(b)}</b>
      </legend>
      <div className="flex overflow-hidden rounded-field border border-base-content/40">
        {STRIP_B.map((at) => (
          <label
            key={at}
            className="relative h-11 min-w-0 grow cursor-pointer has-checked:outline-4 has-checked:-outline-offset-4 has-checked:outline-base-100 has-focus-visible:z-10 has-focus-visible:outline-4 has-focus-visible:-outline-offset-2 has-focus-visible:outline-base-content"
            style={{ background: crustCss(at) }}
          >
            <input
              type="radio"
              name={name}
              className="absolute inset-0 cursor-pointer opacity-0"
              checked={picked === at}
              onChange={() => onChange(at)}
              onClick={() => picked === at && onChange(undefined)}
            />
            <span className="sr-only">
              {texts.ofIt(label, colourWord(at), STRIP_B.indexOf(at) + 1, STRIP_B.length)}
            </span>
            {picked === at && (
              <span
                aria-hidden
                className="absolute inset-x-0 bottom-0 mx-auto size-3 translate-y-1/2 rotate-45 bg-base-content"
              />
            )}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
