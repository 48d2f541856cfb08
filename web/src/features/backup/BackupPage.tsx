import type { Restored, SetAside } from '@yellowmist/contract';
import { counted } from '@yellowmist/core';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { AgeLine } from '../../draw/AgeLine';
import { orTell } from '../../state/acting';
import { problemText } from '../../state/api';
import {
  useBackupsQuery,
  useBringBackupMutation,
  useForgetAsideMutation,
  useMakeBackupMutation,
  useRestoreBackupMutation,
} from './backupApi';
import { BackupRow } from './BackupRow';
import { momentOf } from '../../ui/moments';
import { contentOf, WHY, sizeOf } from './words';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

const RESTORED = 'yellowmist.restored';

/** What the last restore came to: told after the page was fetched anew, for all of it may be other than before. */
function lastRestored(): Restored | null {
  const told = sessionStorage.getItem(RESTORED);
  sessionStorage.removeItem(RESTORED);
  return told ? (JSON.parse(told) as Restored) : null;
}

function ToldRestored({ restored }: { restored: Restored }) {
  const { photographsGone } = restored;
  return (
    <div role="status" className="mt-3 border-l-4 border-success bg-base-200 p-3">
      {texts.broughtBack(contentOf(restored))}
      {photographsGone > 0 && texts.couldNotBeFound(counted(photographsGone, 'photograph'))}
      {texts.whatWasHereBefore(momentOf(restored.before.at))}
    </div>
  );
}

function ToldAside({ aside, hasBackups }: { aside: SetAside; hasBackups: boolean }) {
  const [forget] = useForgetAsideMutation();
  return (
    <div role="alert" className="mt-3 border-l-4 border-error bg-base-200 p-3">
      <p>
        <b>{aside.problem}</b>
        {texts.itWasFoundAt(momentOf(aside.at))}
        <code className="break-all">{aside.folder}</code>
        {texts.yellowmistBeganWithEmpty}
      </p>
      <p className="mt-1">{hasBackups ? texts.bringNewestBackupBack : texts.thereIsNoBackup}</p>
      <button type="button" className="btn mt-2 h-11" onClick={() => orTell(forget().unwrap())}>
        {texts.goOnWithWhat}
      </button>
    </div>
  );
}

/** Backups beside the data: how old they are, what is in each, and everything back by two presses. */
export function BackupPage() {
  const { data, error, refetch } = useBackupsQuery();
  const [make, making] = useMakeBackupMutation();
  const [bring, bringing] = useBringBackupMutation();
  const [coming, setComing] = useState({ bytes: 0, gone: 0 });
  const [restore, restoring] = useRestoreBackupMutation();
  const [restored] = useState(lastRestored);
  const [now] = useState(() => Date.now());
  const file = useRef<HTMLInputElement>(null);
  const busy = making.isLoading || bringing.isLoading || restoring.isLoading;
  const { backups = [], setAside = null, folder = '' } = data ?? {};

  const bringFrom = (chosen: File): Promise<unknown> => {
    const bytes = chosen.size;
    setComing({ bytes, gone: 0 });
    return bring({ file: chosen, onGone: (gone) => setComing({ bytes, gone }) }).unwrap();
  };

  const bringBack = async (id: string): Promise<void> => {
    const done = await restore(id).unwrap();
    sessionStorage.setItem(RESTORED, JSON.stringify(done));
    // Every page that was shown may be of something that is not there any more.
    window.location.reload();
  };

  return (
    <div className="mx-auto w-full max-w-4xl p-4">
      <PageHeading>{texts.keptSafe}</PageHeading>
      <p className="max-w-3xl">{texts.onceDayAndBefore}</p>
      {restored && <ToldRestored restored={restored} />}
      {setAside && <ToldAside aside={setAside} hasBackups={backups.some((b) => !b.problem)} />}
      {error && (
        <p role="alert" className="mt-3">
          {problemText(error)}{' '}
          <button type="button" className="btn h-11" onClick={() => void refetch()}>
            {texts.tryAgain}
          </button>
        </p>
      )}
      <p className="mt-3 flex flex-wrap items-center gap-3">
        <button type="button" className="btn btn-primary h-11" disabled={busy} onClick={() => orTell(make().unwrap())}>
          {texts.makeBackupNow}
        </button>
        <button type="button" className="btn h-11" disabled={busy} onClick={() => file.current?.click()}>
          {texts.bringOneFromFile}
        </button>
        <input
          ref={file}
          type="file"
          className="sr-only"
          aria-label={texts.backupsFile}
          tabIndex={-1}
          onChange={({ target }) => {
            const [chosen] = target.files ?? [];
            target.value = '';
            if (chosen) orTell(bringFrom(chosen));
          }}
        />
        <span role="status">
          {restoring.isLoading && texts.bringingEverythingBack}
          {bringing.isLoading && coming.gone >= coming.bytes && texts.lookingWhetherItIs}
          {making.isLoading && texts.copying}
        </span>
        {bringing.isLoading && coming.gone < coming.bytes && (
          <label className="flex items-center gap-2 tabular-nums">
            {texts.soMuchHasCome(sizeOf(coming.gone), sizeOf(coming.bytes))}
            <progress className="progress w-40" value={coming.gone} max={coming.bytes} />
          </label>
        )}
      </p>
      {data && backups.length === 0 && <p className="mt-4">{texts.noneYetFirstIs}</p>}
      {backups.length > 0 && (
        <div className="mt-4">
          <AgeLine
            now={now}
            items={backups.map(({ id, at, why }) => ({
              id,
              at,
              label: `${momentOf(at)}: ${WHY[why]}`,
              byItself: why === 'daily',
            }))}
          />
          <p className="text-sm">{texts.filledJarsStayUntil}</p>
        </div>
      )}
      <ol className="mt-3">
        {backups.map((backup) => (
          <BackupRow key={backup.id} backup={backup} busy={busy} onRestore={() => orTell(bringBack(backup.id))} />
        ))}
      </ol>
      {folder && (
        <p className="mt-6 text-sm">
          {texts.dataOfThisKitchen}
          <code className="break-all">{folder}</code>
          {texts.itsBackupsIn}
          <code>{texts.backups}</code>
          {texts.belowItSingleDish}
          <Link to="/" className="link">
            {texts.wholeKitchenAsFile}
          </Link>
          .
        </p>
      )}
    </div>
  );
}
