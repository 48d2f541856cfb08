import { craftWord, type WordId } from '@yellowmist/core';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import * as texts from './texts';

/** A word of the craft where it stands: pressed, it says what it means. */
export function Word({ id, children }: { id: WordId; children?: string }) {
  const { word, means, lesson } = craftWord(id);
  const seen = children ?? word;
  const panel = useId();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        popoverTarget={panel}
        className="relative min-h-6 cursor-help underline decoration-dotted decoration-2 underline-offset-3"
      >
        {seen}
        <span className="sr-only">{seen.toLowerCase() === word ? texts.whatItMeans : texts.whatMeans(word)}</span>
      </button>
      <span
        id={panel}
        popover="auto"
        onToggle={(event) => setOpen(event.newState === 'open')}
        role="note"
        className="m-auto max-w-sm rounded-box border-2 border-base-content bg-base-100 p-4 text-left text-base font-normal text-base-content normal-case"
      >
        {open && (
          <>
            <b className="block font-display text-lg first-letter:uppercase">{word}</b>
            {means}
            {lesson && (
              <Link className="link mt-2 block" to={`/learn/${lesson}`}>
                {texts.playWithIt}
              </Link>
            )}
          </>
        )}
      </span>
    </>
  );
}
