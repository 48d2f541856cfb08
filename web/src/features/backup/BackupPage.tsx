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
import { contentOf, WHY } from './words';
import { PageHeading } from '../../ui/PageHeading';

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
      Brought back: {contentOf(restored)}.
      {photographsGone > 0 && ` ${counted(photographsGone, 'photograph')} could not be found anywhere any more.`} What
      was here before is the backup of {momentOf(restored.before.at)}.
    </div>
  );
}

function ToldAside({ aside, hasBackups }: { aside: SetAside; hasBackups: boolean }) {
  const [forget] = useForgetAsideMutation();
  return (
    <div role="alert" className="mt-3 border-l-4 border-error bg-base-200 p-3">
      <p>
        <b>{aside.problem}</b> It was found at the start on {momentOf(aside.at)}, and is left as it is in{' '}
        <code className="break-all">{aside.folder}</code>. Yellowmist began with an empty kitchen.
      </p>
      <p className="mt-1">
        {hasBackups
          ? 'Bring the newest backup back: the first of this list. What you saved after it is only in the damaged file.'
          : 'There is no backup beside it. If you have one elsewhere, bring its file.'}
      </p>
      <button type="button" className="btn mt-2 h-11" onClick={() => orTell(forget().unwrap())}>
        Go on with what is here
      </button>
    </div>
  );
}

/** Backups beside the data: how old they are, what is in each, and everything back by two presses. */
export function BackupPage() {
  const { data, error, refetch } = useBackupsQuery();
  const [make, making] = useMakeBackupMutation();
  const [bring, bringing] = useBringBackupMutation();
  const [restore, restoring] = useRestoreBackupMutation();
  const [restored] = useState(lastRestored);
  const [now] = useState(() => Date.now());
  const file = useRef<HTMLInputElement>(null);
  const busy = making.isLoading || bringing.isLoading || restoring.isLoading;
  const { backups = [], setAside = null, folder = '' } = data ?? {};

  const bringBack = async (id: string): Promise<void> => {
    const done = await restore(id).unwrap();
    sessionStorage.setItem(RESTORED, JSON.stringify(done));
    // Every page that was shown may be of something that is not there any more.
    window.location.reload();
  };

  return (
    <div className="mx-auto w-full max-w-4xl p-4">
      <PageHeading>Kept safe</PageHeading>
      <p className="max-w-3xl">
        Once a day, and before a new version changes how things are stored, all of this kitchen is copied: dishes,
        cooks, evenings, photographs. Seven days, four weeks and twelve months stay; what you make or bring yourself
        stays until you take it away. Copies lie beside the data: against a broken disk, download one now and then.
      </p>
      {restored && <ToldRestored restored={restored} />}
      {setAside && <ToldAside aside={setAside} hasBackups={backups.some((b) => !b.problem)} />}
      {error && (
        <p role="alert" className="mt-3">
          {problemText(error)}{' '}
          <button type="button" className="btn h-11" onClick={() => void refetch()}>
            Try again
          </button>
        </p>
      )}
      <p className="mt-3 flex flex-wrap items-center gap-3">
        <button type="button" className="btn btn-primary h-11" disabled={busy} onClick={() => orTell(make().unwrap())}>
          Make a backup now
        </button>
        <button type="button" className="btn h-11" disabled={busy} onClick={() => file.current?.click()}>
          Bring one from a file…
        </button>
        <input
          ref={file}
          type="file"
          className="sr-only"
          aria-label="A backup’s file"
          tabIndex={-1}
          onChange={({ target }) => {
            const [chosen] = target.files ?? [];
            target.value = '';
            if (chosen) orTell(bring(chosen).unwrap());
          }}
        />
        <span role="status">
          {restoring.isLoading && 'Bringing everything back…'}
          {bringing.isLoading && 'Looking whether it is whole…'}
          {making.isLoading && 'Copying…'}
        </span>
      </p>
      {data && backups.length === 0 && (
        <p className="mt-4">None yet: the first is made within a day of the first dish.</p>
      )}
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
          <p className="text-sm">Filled jars stay until you take them away or newer ones of their kind come.</p>
        </div>
      )}
      <ol className="mt-3">
        {backups.map((backup) => (
          <BackupRow key={backup.id} backup={backup} busy={busy} onRestore={() => orTell(bringBack(backup.id))} />
        ))}
      </ol>
      {folder && (
        <p className="mt-6 text-sm">
          The data of this kitchen lies in <code className="break-all">{folder}</code>, its backups in{' '}
          <code>backups</code> below it. A single dish goes elsewhere by its card, and a kitchen into another one by{' '}
          <Link to="/" className="link">
            the whole kitchen as a file
          </Link>
          .
        </p>
      )}
    </div>
  );
}
