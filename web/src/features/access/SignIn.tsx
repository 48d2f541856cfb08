import { useId, useState, type FormEvent } from 'react';
import { useAppDispatch } from '../../state/hooks';
import { askAgain } from '../../state/askAgain';
import { setSignedOut } from '../../state/asking';
import { CERTIFICATE, signIn } from './accessApi';
import { PageHeading } from '../../ui/PageHeading';

/** What stands in the place of every page where this browser is not let in. */
export function SignIn() {
  const [passphrase, setPassphrase] = useState('');
  const [name, setName] = useState('');
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const dispatch = useAppDispatch();
  const [phraseId, nameId, problemId] = [useId(), useId(), useId()];

  const enter = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    setBusy(true);
    const wrong = await signIn(passphrase, name.trim());
    setBusy(false);
    setProblem(wrong ?? '');
    if (wrong) return;
    setSignedOut(false);
    dispatch(askAgain());
  };

  return (
    <form className="mx-auto mt-8 w-full max-w-md p-4" onSubmit={(event) => void enter(event)}>
      <PageHeading>This kitchen asks for its passphrase</PageHeading>
      <p className="mt-1">
        Whoever set Yellowmist up in this house knows it. You stay signed in with this browser for 30 days. What you
        changed here and could not save is still here, and goes on then.
      </p>
      <label htmlFor={phraseId} className="mt-4 block">
        Passphrase
      </label>
      {/* What keeps passphrases for the cook wants to know whose it is. */}
      <input type="text" autoComplete="username" value="kitchen" readOnly hidden />
      <input
        id={phraseId}
        type="password"
        className="input h-12 w-full"
        autoComplete="current-password"
        required
        maxLength={128}
        value={passphrase}
        aria-invalid={problem !== ''}
        aria-describedby={problem ? problemId : undefined}
        onChange={({ target }) => setPassphrase(target.value)}
      />
      <label htmlFor={nameId} className="mt-3 block">
        What to call this browser in the list, if you like
      </label>
      <input
        id={nameId}
        className="input h-12 w-full"
        autoComplete="off"
        placeholder="Tablet at the stove"
        maxLength={80}
        value={name}
        onChange={({ target }) => setName(target.value)}
      />
      {problem && (
        <p id={problemId} role="alert" className="mt-3 border-l-4 border-error bg-base-200 p-3">
          {problem}
        </p>
      )}
      <button type="submit" className="btn btn-primary mt-4 h-12 w-full" disabled={busy}>
        {busy ? 'Looking…' : 'Come in'}
      </button>
      {window.location.protocol === 'https:' && (
        <p className="mt-4 text-sm">
          Does the browser warn of this address? Yellowmist made its own certificate for this house.{' '}
          <a className="link" href={CERTIFICATE} download>
            Take it
          </a>
          , have this device trust it once, and the warning goes.
        </p>
      )}
    </form>
  );
}
