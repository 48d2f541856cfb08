import { useId, useState, type FormEvent } from 'react';
import { useAppDispatch } from '../../state/hooks';
import { askAgain } from '../../state/askAgain';
import { setSignedOut } from '../../state/asking';
import { CERTIFICATE, signIn } from './accessApi';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

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
      <PageHeading>{texts.thisKitchenAsksFor}</PageHeading>
      <p className="mt-1">{texts.whoeverSetYellowmistUp}</p>
      <label htmlFor={phraseId} className="mt-4 block">
        {texts.passphrase}
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
        {texts.whatToCallThis}
      </label>
      <input
        id={nameId}
        className="input h-12 w-full"
        autoComplete="off"
        placeholder={texts.tabletAtStove}
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
        {busy ? texts.looking : texts.comeIn}
      </button>
      {window.location.protocol === 'https:' && (
        <p className="mt-4 text-sm">
          {texts.doesBrowserWarnOf}
          <a className="link" href={CERTIFICATE} download>
            {texts.takeIt}
          </a>
          {texts.haveThisDeviceTrust}
        </p>
      )}
    </form>
  );
}
