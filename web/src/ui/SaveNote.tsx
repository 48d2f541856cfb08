import type { Left, SaveNoteState } from '../state/documents';
import { ApartList } from './ApartList';
import * as texts from './texts';

const WORDS = {
  reading: 'Reading…',
  saved: texts.saved,
  saving: 'Saving…',
  retrying: texts.notSavedYetIt,
  refused: texts.notSaved,
  unread: texts.itCouldNotBe,
} as const;

/** How a page that saves itself stands: whether the last change is kept, or what is wrong. */
export function SaveNote({ state, problem, left }: SaveNoteState) {
  if (left) return <LeftBehind {...left} />;
  if (state === 'reading' || state === 'saved' || state === 'saving') return <p className="text-xs">{WORDS[state]}</p>;
  const reason = {
    retrying: texts.yourChangesStayHere(problem, WORDS.retrying),
    refused: `${WORDS.refused} ${problem}`,
    unread: texts.triedAgain(WORDS.unread, problem),
  }[state];
  return (
    <p role="alert" className="mt-2 border-l-4 border-error pl-2 text-sm">
      {reason}
    </p>
  );
}

/** What was changed here before and not saved, beside what others have saved since: the cook chooses. */
export const LeftBehind = ({ apart, take, drop }: Left) => (
  <div role="alert" className="mt-2 flex max-w-3xl flex-wrap gap-3 border-l-4 border-warning bg-base-200 p-3">
    <p className="basis-full">{texts.whatWasChangedHere}</p>
    <ApartList apart={apart} />
    <button type="button" className="btn btn-primary h-11" onClick={take}>
      {texts.takeMine}
    </button>
    <button type="button" className="btn h-11" onClick={drop}>
      {texts.leaveItAsOther}
    </button>
  </div>
);
