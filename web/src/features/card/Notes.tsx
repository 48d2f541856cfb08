import { useId, useState } from 'react';
import { bodyOfDocument, RANGES, type ConversionDocument } from '@yellowmist/contract';
import { problemText, useSaveMutation } from '../../state/api';

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
        Note, printed on the card
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
        Tags, with commas between
        <input
          id={`${id}tags`}
          className="input h-11 w-full text-sm"
          value={typed}
          placeholder="friday, for six"
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <button type="submit" className="btn h-11" disabled={!changed || isLoading}>
        {isSuccess && !changed ? 'Saved' : 'Save'}
      </button>
      {error && (
        <p role="alert" className="text-sm text-error sm:col-span-3">
          {problemText(error)} What you wrote is still here.
        </p>
      )}
    </form>
  );
}
