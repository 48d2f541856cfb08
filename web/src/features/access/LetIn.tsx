import { RANGES, type Access, type Transport } from '@yellowmist/contract';
import { useId, useState, type FormEvent } from 'react';
import { problemText } from '../../state/api';
import { useChangeAccessMutation } from './accessApi';
import { throwWords } from './passphrases';
import * as texts from './texts';

const WAYS: Record<Transport, { label: string; what: string }> = {
  https: {
    label: texts.privateHttps,
    what: texts.nobodyOnNetworkCan,
  },
  http: {
    label: texts.plainHttp,
    what: texts.noWarningAndNothing,
  },
};

/** How the house is let in: by which passphrase, and in private or in plain. */
export function LetIn({ access }: { access: Access }) {
  const [change, { isLoading, error }] = useChangeAccessMutation();
  const [passphrase, setPassphrase] = useState('');
  const [transport, setTransport] = useState<Transport>(access.transport);
  const [phraseId, hintId, wayName] = [useId(), useId(), useId()];
  const { min, max } = RANGES.passphraseLength;
  const { hasPassphrase, on } = access;
  const needsOne = !hasPassphrase;

  const send = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const done = await change({ on: true, transport, ...(passphrase ? { passphrase } : {}) });
    if ('data' in done) setPassphrase('');
  };

  return (
    <form noValidate className="mt-4 max-w-2xl" onSubmit={(event) => void send(event)}>
      <label htmlFor={phraseId} className="block font-semibold">
        {needsOne ? texts.aPassphrase : texts.anotherPassphraseIfYou}
      </label>
      <p id={hintId} className="text-sm">
        {texts.atLeastLettersFew(min)}
        {!needsOne && texts.withAnotherOneEverybody}
      </p>
      <span className="mt-1 flex flex-wrap gap-2">
        <input
          id={phraseId}
          className="input h-11 min-w-0 grow basis-64"
          autoComplete="off"
          spellCheck={false}
          maxLength={max}
          aria-describedby={hintId}
          value={passphrase}
          onChange={({ target }) => setPassphrase(target.value)}
        />
        <button
          type="button"
          className="btn h-11"
          onClick={() => setPassphrase(throwWords((count) => crypto.getRandomValues(new Uint32Array(count))))}
        >
          {texts.throwFiveWords}
        </button>
      </span>
      <fieldset className="mt-4">
        <legend className="font-semibold">{texts.howItIsServed}</legend>
        {(Object.keys(WAYS) as Transport[]).map((way) => (
          <label key={way} className="mt-1 flex min-h-11 cursor-pointer gap-3">
            <input
              type="radio"
              className="radio mt-1"
              name={wayName}
              checked={transport === way}
              onChange={() => setTransport(way)}
            />
            <span>
              {WAYS[way].label}
              <span className="block text-sm">{WAYS[way].what}</span>
            </span>
          </label>
        ))}
      </fieldset>
      {error && (
        <p role="alert" className="mt-3 border-l-4 border-error bg-base-200 p-3">
          {problemText(error)}
        </p>
      )}
      <button type="submit" className="btn btn-primary mt-4 h-11" disabled={isLoading}>
        {isLoading ? texts.oneMoment : on ? texts.changeIt : texts.letHouseIn}
      </button>
    </form>
  );
}
