import type { Left, SaveNoteState } from '../state/documents';
import { ApartList } from './ApartList';

const WORDS = {
  saved: 'Saved',
  saving: 'Saving…',
  retrying: 'Not saved yet; it is tried again.',
  refused: 'Not saved:',
  unread: 'It could not be read:',
} as const;

/** How a page that saves itself stands: whether the last change is kept, or what is wrong. */
export function SaveNote({ state, problem, left }: SaveNoteState) {
  if (left) return <LeftBehind {...left} />;
  if (state === 'saved' || state === 'saving') return <p className="text-xs">{WORDS[state]}</p>;
  const reason =
    state === 'retrying' ? `${problem} ${WORDS.retrying} Your changes stay here.` : `${WORDS[state]} ${problem}`;
  return (
    <p role="alert" className="mt-2 border-l-4 border-error pl-2 text-sm">
      {reason}
    </p>
  );
}

/** What was changed here before and not saved, beside what others have saved since: the cook chooses. */
export const LeftBehind = ({ apart, take, drop }: Left) => (
  <div role="alert" className="mt-2 flex max-w-3xl flex-wrap gap-3 border-l-4 border-warning bg-base-200 p-3">
    <p className="basis-full">What was changed here before was not saved, and somebody has saved since.</p>
    <ApartList apart={apart} />
    <button type="button" className="btn btn-primary h-11" onClick={take}>
      Take mine
    </button>
    <button type="button" className="btn h-11" onClick={drop}>
      Leave it as the other has it
    </button>
  </div>
);
