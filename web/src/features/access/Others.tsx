import type { Access } from '@yellowmist/contract';
import { orTell } from '../../state/acting';
import { dayOf, momentOf } from '../../ui/moments';
import { useEndOthersMutation, useEndSessionMutation } from './accessApi';
import * as texts from './texts';

/** Who is signed in, and an end to it. */
export function Others({ access: { signedIn } }: { access: Access }) {
  const [end] = useEndSessionMutation();
  const [endOthers] = useEndOthersMutation();
  const others = signedIn.filter((s) => !s.current);
  return (
    <section aria-labelledby="signed-in" className="mt-6">
      <h2 id="signed-in" className="text-lg">
        {texts.whoIsSignedIn}
      </h2>
      {signedIn.length === 0 && <p>{texts.nobodyYet}</p>}
      <ul>
        {signedIn.map(({ id, name, from, since, lastSeen, until, current }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-base-300 py-2">
            <div className="min-w-0 grow basis-72">
              <b className="break-words">{name}</b>
              {current && texts.thisOne}
              <p className="text-sm">{texts.fromSinceLastSeen(from, dayOf(since), momentOf(lastSeen), dayOf(until))}</p>
            </div>
            {!current && (
              <button type="button" className="btn h-11" onClick={() => orTell(end(id).unwrap())}>
                {texts.signOut}
                <span className="sr-only"> {name}</span>
              </button>
            )}
          </li>
        ))}
      </ul>
      {others.length > 1 && (
        <button type="button" className="btn mt-2 h-11" onClick={() => orTell(endOthers().unwrap())}>
          {texts.signAllOthersOut}
        </button>
      )}
    </section>
  );
}
