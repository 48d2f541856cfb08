import { useState } from 'react';
import { RANGES } from '@yellowmist/contract';
import * as texts from './texts';

/** The evening's name, changed where it stands; an empty one is refused and the last good one stays. */
export function EveningName({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  const [draft, setDraft] = useState(name);
  const empty = draft.trim() === '';
  return (
    <>
      <textarea
        rows={1}
        aria-label={texts.nameOfEvening}
        aria-invalid={empty}
        className="-ml-1 field-sizing-content w-full resize-none rounded-sm border border-transparent bg-transparent px-1 font-display text-2xl leading-tight font-semibold hover:border-base-content/40 focus:border-base-content/60"
        maxLength={RANGES.nameLength.max}
        value={draft}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={() => (empty ? setDraft(name) : draft.trim() !== name && onChange(draft.trim()))}
        onKeyDown={(e) => {
          if (e.key !== 'Enter') return;
          e.preventDefault();
          e.currentTarget.blur();
        }}
      />
      {empty && (
        <p role="alert" className="text-xs text-error">
          {texts.eveningNeedsNameOf(RANGES.nameLength.max)}
        </p>
      )}
    </>
  );
}
