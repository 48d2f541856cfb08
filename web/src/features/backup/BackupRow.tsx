import type { BackupRecord } from '@yellowmist/contract';
import { useState } from 'react';
import { orTell } from '../../state/acting';
import { backupUrl, useRemoveBackupMutation } from './backupApi';
import { momentOf } from '../../ui/moments';
import { contentOf, sizeOf, WHY } from './words';
import * as texts from './texts';

type Sure = 'restore' | 'remove' | null;

interface BackupRowProps {
  backup: BackupRecord;
  onRestore: () => void;
  busy: boolean;
}

/** One backup: what is in it, and what can be done with it. What cannot be undone is asked for twice. */
export function BackupRow({ backup, onRestore, busy }: BackupRowProps) {
  const { id, at, why, problem } = backup;
  const [remove] = useRemoveBackupMutation();
  const [sure, setSure] = useState<Sure>(null);
  const when = momentOf(at);
  return (
    <li id={id} className="scroll-mt-4 border-t border-base-300 py-3 target:bg-base-200">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <div className="min-w-0 grow basis-72">
          <h2 className="text-base font-semibold">{when}</h2>
          <p className="text-sm">
            {problem ?? `${contentOf(backup)}; ${sizeOf(backup.bytes + backup.photoBytes)}; ${WHY[why]}.`}
          </p>
        </div>
        {!problem && (
          <>
            <button type="button" className="btn h-11" disabled={busy} onClick={() => setSure('restore')}>
              {texts.bringItBack}
              <span className="sr-only"> {when}</span>
            </button>
            <a className="btn h-11" href={backupUrl(id)} download>
              {texts.download}
              <span className="sr-only"> {when}</span>
            </a>
          </>
        )}
        <button type="button" className="btn btn-ghost h-11" disabled={busy} onClick={() => setSure('remove')}>
          {texts.takeAway}
          <span className="sr-only"> {when}</span>
        </button>
      </div>
      {sure && (
        <div role="group" aria-label={texts.sure(when)} className="mt-2 border-l-4 border-warning bg-base-200 p-3">
          <p>{sure === 'restore' ? texts.everythingWillBeAs(when, contentOf(backup)) : texts.thisBackupCannotBe}</p>
          <p className="mt-2 flex flex-wrap gap-3">
            <button
              type="button"
              className={`btn h-11 ${sure === 'restore' ? 'btn-primary' : 'btn-error'}`}
              disabled={busy}
              onClick={() => {
                setSure(null);
                if (sure === 'restore') onRestore();
                else orTell(remove(id).unwrap());
              }}
            >
              {sure === 'restore' ? texts.bringEverythingBack : texts.takeItAwayFor}
            </button>
            <button type="button" className="btn h-11" onClick={() => setSure(null)}>
              {texts.leaveIt}
            </button>
          </p>
        </div>
      )}
    </li>
  );
}
