import { useEffect, useId } from 'react';
import { RANGES, type ConversionDocument } from '@yellowmist/contract';
import { useTyped } from '../../state/typed';
import { LeftBehind } from '../../ui/SaveNote';
import { useNotes } from './useNotes';
import * as texts from './texts';

/** Tags as they are typed: "friday, for six". */
const tagsIn = (typed: string): string[] =>
  [...new Set(typed.split(',').map((tag) => tag.trim().replace(/^#/, '').slice(0, RANGES.tagLength.max)))]
    .filter((tag) => tag !== '')
    .slice(0, RANGES.tags.max);

/** What the cook writes beside a dish: a note, and words to find it by. */
export function Notes({ document }: { document: ConversionDocument }) {
  const id = useId();
  const { tags: known = [] } = document;
  const asStored = { note: document.note, typed: known.join(', ') };
  const [written, write, handedOver] = useTyped(`notes.${document.id}`, asStored);
  const { save, saving, problem, retrying, left } = useNotes(document);
  const { note } = written;
  const tags = tagsIn(written.typed);
  const changed = note !== document.note || JSON.stringify(tags) !== JSON.stringify(known);
  useEffect(() => {
    if (!changed) handedOver();
  }, [changed, handedOver]);
  return (
    <form
      className="mt-3 grid max-w-3xl items-end gap-x-4 gap-y-2 sm:grid-cols-[2fr_1fr_auto] print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        void save({ note, tags });
      }}
    >
      <label htmlFor={`${id}note`} className="text-xs">
        {texts.notePrintedOnCard}
        <textarea
          id={`${id}note`}
          className="textarea min-h-11 w-full text-sm"
          rows={2}
          maxLength={RANGES.noteLength.max}
          value={note}
          onChange={(event) => write({ ...written, note: event.target.value })}
        />
      </label>
      <label htmlFor={`${id}tags`} className="text-xs">
        {texts.tagsWithCommasBetween}
        <input
          id={`${id}tags`}
          className="input h-11 w-full text-sm"
          value={written.typed}
          placeholder={texts.fridayForSix}
          onChange={(event) => write({ ...written, typed: event.target.value })}
        />
      </label>
      <button type="submit" className="btn h-11" disabled={!changed || saving}>
        {changed ? texts.save : texts.saved}
      </button>
      {problem && (
        <p
          role="alert"
          className={`border-l-4 pl-2 text-sm sm:col-span-3 ${retrying ? 'border-warning' : 'border-error'}`}
        >
          {(retrying ? texts.itIsSavedOnce : texts.whatYouWroteIs)(problem)}
        </p>
      )}
      {left && (
        <div className="sm:col-span-3">
          <LeftBehind
            {...left}
            drop={() => {
              left.drop();
              write(asStored);
            }}
          />
        </div>
      )}
    </form>
  );
}
