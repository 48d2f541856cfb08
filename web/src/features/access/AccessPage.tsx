import type { Access, HouseCertificate } from '@yellowmist/contract';
import { counted } from '@yellowmist/core';
import { useState } from 'react';
import { QrCode } from '../../draw/QrCode';
import { orTell } from '../../state/acting';
import { problemText } from '../../state/api';
import { dayOf } from '../../ui/moments';
import { CERTIFICATE, useAccessQuery, useChangeAccessMutation } from './accessApi';
import { LetIn } from './LetIn';
import { Others } from './Others';
import { OwnSession } from './OwnSession';
import { PageHeading } from '../../ui/PageHeading';

/** How a device comes to trust the certificate of this house. */
function Trust({ certificate }: { certificate: HouseCertificate }) {
  if (certificate.kind === 'given')
    return (
      <p className="mt-3 text-sm">
        Served with the certificate that was given, good until {dayOf(certificate.until)}{' '}
        {certificate.until.slice(0, 4)}.
      </p>
    );
  return (
    <details className="mt-3">
      <summary className="min-h-11 cursor-pointer py-2">
        The browser over there warns: have that device trust this house
      </summary>
      <ol className="ml-5 list-decimal text-sm">
        <li>
          On that device open the address all the same, and take{' '}
          <a className="link" href={CERTIFICATE} download>
            the certificate of this house
          </a>{' '}
          from the page that asks for the passphrase.
        </li>
        <li>
          Compare its SHA-256: <code className="break-all">{certificate.fingerprint}</code>
        </li>
        <li>
          Have the device trust it for websites: under certificates in its settings; some want it to be put in first,
          and switched on in a second place. It can vouch for addresses within a house alone.
        </li>
      </ol>
    </details>
  );
}

function Found({ access }: { access: Access }) {
  const { addresses, certificate, problem } = access;
  const [address, ...others] = addresses;
  if (problem)
    return (
      <p role="alert" className="mt-3 border-l-4 border-error bg-base-200 p-3">
        It is on and does not answer: {problem}
      </p>
    );
  if (!address) return <p className="mt-3">This machine is in no network just now: nobody can find it.</p>;
  return (
    <section aria-label="Where it is found" className="mt-4 flex flex-wrap items-start gap-6">
      <QrCode text={address} label={`The address ${address} for a camera`} className="size-52 max-w-full" />
      <div className="min-w-0 grow basis-72">
        <p>Hold a telephone’s camera against this, or type:</p>
        <p className="font-display text-2xl font-bold break-all">{address}</p>
        {others.length > 0 && (
          <p className="mt-1 text-sm break-all">Or, where that does not answer: {others.join(', ')}</p>
        )}
        {certificate && <Trust certificate={certificate} />}
      </div>
    </section>
  );
}

/** Use from other devices of the house: off until somebody wants it, and by a passphrase alone. */
export function AccessPage() {
  const { data: access, error } = useAccessQuery();
  const [change, { isLoading }] = useChangeAccessMutation();
  const [changing, setChanging] = useState(false);
  return (
    <div className="mx-auto w-full max-w-4xl p-4">
      <PageHeading>In the house</PageHeading>
      <p className="max-w-3xl">
        Yellowmist answers to the machine that it runs on. By choice it answers to the other devices in the home network
        as well: whoever knows the passphrase works in the same kitchen, from a tablet at the stove or a telephone in
        the shop. Nobody else gets in, and nothing leaves the house.
      </p>
      {error && (
        <p role="alert" className="mt-3">
          {problemText(error)}
        </p>
      )}
      {access && (
        <>
          <p className="mt-3 font-semibold">
            {access.on ? `On. ${counted(access.signedIn.length, 'browser')} signed in.` : 'Off: this machine alone.'}
          </p>
          {access.on && <Found access={access} />}
          {access.atMachine && !access.on && <LetIn access={access} />}
          {access.on && <Others access={access} />}
          {!access.atMachine && <OwnSession />}
          {access.atMachine && access.on && (
            <>
              <p className="mt-5 flex flex-wrap gap-3">
                <button
                  type="button"
                  className="btn h-11"
                  aria-expanded={changing}
                  onClick={() => setChanging(!changing)}
                >
                  Change how…
                </button>
                <button
                  type="button"
                  className="btn h-11"
                  disabled={isLoading}
                  onClick={() => orTell(change({ on: false }).unwrap())}
                >
                  Turn it off
                </button>
              </p>
              {changing && <LetIn access={access} />}
            </>
          )}
        </>
      )}
    </div>
  );
}
