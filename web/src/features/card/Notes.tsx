import { useId, useState } from 'react';
import { bodyOfDocument, RANGES, type ConversionDocument } from '@yellowmist/contract';
import { problemText, useSaveMutation } from '../../state/api';
import * as texts from './texts';

/** Tags as they are typed: "friday, for six". */
const tagsIn = (typed: string): string[] =>
  [...new Set(typed.split(',').map((tag) => tag.trim().replace(/^#/, '').slice(0, RANGES.tagLength.max)))]
    .filter((tag) => tag !== '')
    .slice(0, RANGES.tags.max);

/** What the cook writes beside a dish: a note, and words to find it by. */
export function Notes({ document }: { document: ConversionDocument }) {
  const id = useId();
  const [note, setNote] = useState(document.note);
  const [typed, setTyped] = useState((document.tags ?? []).join(', '));
  const [save, { isLoading, error, isSuccess }] = useSaveMutation();
  const tags = tagsIn(typed);
  const changed = note !== document.note || JSON.stringify(tags) !== JSON.stringify(document.tags ?? []);
  return (
    <form
      className="mt-3 grid max-w-3xl items-end gap-x-4 gap-y-2 sm:grid-cols-[2fr_1fr_auto] print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        void save({ id: document.id, version: document.version, body: { ...bodyOfDocument(document), note, tags } })
          .unwrap()
          .catch(() => undefined);
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
          onChange={(event) => setNote(event.target.value)}
        />
      </label>
      <label htmlFor={`${id}tags`} className="text-xs">
        {texts.tagsWithCommasBetween}
        <input
          id={`${id}tags`}
          className="input h-11 w-full text-sm"
          value={typed}
          placeholder={texts.fridayForSix}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <button type="submit" className="btn h-11" disabled={!changed || isLoading}>
        {isSuccess && !changed ? texts.saved : texts.save}
      </button>
      {error && (
        <p role="alert" className="text-sm text-error sm:col-span-3">
          {texts.whatYouWroteIs(problemText(error))}
        </p>
      )}
    </form>
  );
}
