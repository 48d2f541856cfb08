import { useSyncExternalStore } from 'react';
import { momentOf } from '../../ui/moments';
import { notes } from './outgoing';
import * as texts from './texts';

/** Cooks that were noted while the server was away, until it has them. */
export function NotesWaiting() {
  const waiting = useSyncExternalStore(notes.subscribe, notes.now);
  if (waiting.length === 0) return null;
  return (
    <ul aria-label={texts.cooksNotNotedYet} className="mt-3 border-l-4 border-warning bg-base-200 p-3 text-sm">
      {waiting.map(({ key, name, request, problem, then, here }) => {
        const at = momentOf(request.afterwards!.at!);
        return (
          <li key={key} className="flex flex-wrap items-center gap-x-3">
            {problem === null ? (
              <span role="status" className="grow">
                {texts.isBeingNoted(name, at)}
              </span>
            ) : (
              <span role="alert" className="min-w-0 grow basis-72 break-words">
                <b>{name}</b>
                {then === 'by itself' ? texts.isNotNotedYet(at, problem, here) : texts.cannotBeNoted(at, problem)}
              </span>
            )}
            <button type="button" className="btn btn-ghost btn-sm h-11" onClick={() => notes.drop(key)}>
              {texts.leaveIt}
            </button>
          </li>
        );
      })}
    </ul>
  );
}
