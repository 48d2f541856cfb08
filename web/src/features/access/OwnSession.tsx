import { RANGES } from '@yellowmist/contract';
import { counted } from '@yellowmist/core';
import { useId, useState, type FormEvent } from 'react';
import { orTell } from '../../state/acting';
import { problemText } from '../../state/api';
import { tell } from '../../state/toast';
import { notSavedYet } from '../../state/kitchenHere';
import { signOut, useChangePassphraseMutation } from './accessApi';
import * as texts from './texts';

function NewPassphrase({ onDone }: { onDone: () => void }) {
  const [change, { isLoading, error }] = useChangePassphraseMutation();
  const [current, setCurrent] = useState('');
  const [next, setNext] = useState('');
  const [currentId, nextId] = [useId(), useId()];
  const { min, max } = RANGES.passphraseLength;
  const send = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const done = await change({ current, next });
    if ('error' in done) return;
    onDone();
    await tell(texts.passphraseIsAnotherOne);
  };
  return (
    <form noValidate className="mt-3 max-w-md" onSubmit={(event) => void send(event)}>
      <label htmlFor={currentId} className="block">
        {texts.passphraseOfNow}
      </label>
      <input
        id={currentId}
        type="password"
        className="input h-11 w-full"
        autoComplete="current-password"
        maxLength={max}
        value={current}
        onChange={({ target }) => setCurrent(target.value)}
      />
      <label htmlFor={nextId} className="mt-2 block">
        {texts.newOneAtLeast(min)}
      </label>
      <input
        id={nextId}
        className="input h-11 w-full"
        autoComplete="new-password"
        spellCheck={false}
        maxLength={max}
        value={next}
        onChange={({ target }) => setNext(target.value)}
      />
      {error && (
        <p role="alert" className="mt-2 border-l-4 border-error bg-base-200 p-3">
          {problemText(error)}
        </p>
      )}
      <button type="submit" className="btn btn-primary mt-3 h-11" disabled={isLoading}>
        {texts.setIt}
      </button>
    </form>
  );
}

/** What a browser that is signed in can do of itself. What it could not save yet goes only when that is said twice. */
export function OwnSession() {
  const [unsaved, setUnsaved] = useState(0);
  const [changing, setChanging] = useState(false);
  const leave = async (): Promise<void> => {
    const waiting = unsaved > 0 ? 0 : await notSavedYet();
    setUnsaved(waiting);
    if (waiting === 0) await signOut();
  };
  return (
    <section aria-label={texts.thisBrowser} className="mt-6">
      {unsaved > 0 && (
        <p role="alert" className="mb-2 border-l-4 border-warning bg-base-200 p-3">
          {texts.ofThisBrowserCould(counted(unsaved, 'change'))}
        </p>
      )}
      <p className="flex flex-wrap gap-3">
        <button type="button" className="btn h-11" onClick={() => orTell(leave())}>
          {unsaved > 0 ? texts.signOutAllSame : texts.signThisBrowserOut}
        </button>
        {unsaved > 0 && (
          <button type="button" className="btn h-11" onClick={() => setUnsaved(0)}>
            {texts.stay}
          </button>
        )}
        <button type="button" className="btn h-11" aria-expanded={changing} onClick={() => setChanging(!changing)}>
          {texts.anotherPassphrase}
        </button>
      </p>
      {changing && <NewPassphrase onDone={() => setChanging(false)} />}
      <p className="mt-3 text-sm">{texts.homeNetworkIsTurned}</p>
    </section>
  );
}
