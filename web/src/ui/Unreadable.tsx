import * as texts from './texts';

/** Why a stored document cannot be opened here; it is kept as it is. */
export function Unreadable({ problem }: { problem: string }) {
  return (
    <p role="alert" className="border-l-4 border-error pl-2 text-sm">
      {texts.nothingOfItIs(problem)}
    </p>
  );
}
