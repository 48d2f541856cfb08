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
import * as texts from './texts';

/** How a device comes to trust the certificate of this house. */
function Trust({ certificate }: { certificate: HouseCertificate }) {
  if (certificate.kind === 'given')
    return (
      <p className="mt-3 text-sm">
        {texts.servedWithCertificateThat(dayOf(certificate.until), certificate.until.slice(0, 4))}
      </p>
    );
  return (
    <details className="mt-3">
      <summary className="min-h-11 cursor-pointer py-2">{texts.browserOverThereWarns}</summary>
      <ol className="ml-5 list-decimal text-sm">
        <li>
          {texts.onThatDeviceOpen}
          <a className="link" href={CERTIFICATE} download>
            {texts.certificateOfThisHouse}
          </a>
          {texts.fromPageThatAsks}
        </li>
        <li>
          {texts.compareItsSha256}
          <code className="break-all">{certificate.fingerprint}</code>
        </li>
        <li>{texts.haveDeviceTrustIt}</li>
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
        {texts.itIsOnAnd(problem)}
      </p>
    );
  if (!address) return <p className="mt-3">{texts.thisMachineIsIn}</p>;
  return (
    <section aria-label={texts.whereItIsFound} className="mt-4 flex flex-wrap items-start gap-6">
      <QrCode text={address} label={texts.addressForCamera(address)} className="size-52 max-w-full" />
      <div className="min-w-0 grow basis-72">
        <p>{texts.holdTelephonesCameraAgainst}</p>
        <p className="font-display text-2xl font-bold break-all">{address}</p>
        {others.length > 0 && <p className="mt-1 text-sm break-all">{texts.orWhereThatDoes(others.join(', '))}</p>}
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
      <PageHeading>{texts.inHouse}</PageHeading>
      <p className="max-w-3xl">{texts.yellowmistAnswersToMachine}</p>
      {error && (
        <p role="alert" className="mt-3">
          {problemText(error)}
        </p>
      )}
      {access && (
        <>
          <p className="mt-3 font-semibold">
            {access.on ? texts.onSignedIn(counted(access.signedIn.length, 'browser')) : texts.offThisMachineAlone}
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
                  {texts.changeHow}
                </button>
                <button
                  type="button"
                  className="btn h-11"
                  disabled={isLoading}
                  onClick={() => orTell(change({ on: false }).unwrap())}
                >
                  {texts.turnItOff}
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
