const WORDS = {
  saved: 'Saved',
  saving: 'Saving…',
  retrying: 'Not saved yet; it is tried again.',
  refused: 'Not saved:',
  unread: 'It could not be read:',
} as const;

/** How a page that saves itself stands: whether the last change is kept, or what is wrong. */
export function SaveNote({ state, problem }: { state: keyof typeof WORDS; problem: string }) {
  if (state === 'saved' || state === 'saving') return <p className="text-xs">{WORDS[state]}</p>;
  const reason =
    state === 'retrying' ? `${problem} ${WORDS.retrying} Your changes stay here.` : `${WORDS[state]} ${problem}`;
  return (
    <p role="alert" className="mt-2 border-l-4 border-error pl-2 text-sm">
      {reason}
    </p>
  );
}
