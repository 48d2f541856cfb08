/** How a page that saves itself stands: what went wrong, or whether the last change is kept. */
export function SaveNote({ saving, problem }: { saving: boolean; problem: string }) {
  return problem ? (
    <p role="alert" className="mt-2 border-l-4 border-error pl-2 text-sm">
      {problem}
    </p>
  ) : (
    <p className="text-xs">{saving ? 'Saving…' : 'Saved'}</p>
  );
}
