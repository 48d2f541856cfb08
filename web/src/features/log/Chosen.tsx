import { counted } from '@yellowmist/core';
import { Columns3, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { orTell, tellUndoable } from '../../state/acting';
import { useRemoveCookMutation, useRestoreCookMutation } from '../../state/api';
import { compareAddress, LETTERS, type LogRow } from './rows';
import * as texts from './texts';

interface Props {
  rows: readonly LogRow[];
  onClear: () => void;
}

/** What can be done with the lines that are chosen: put beside each other, or put aside. */
export function Chosen({ rows, onClear }: Props) {
  const [remove] = useRemoveCookMutation();
  const [restore] = useRestoreCookMutation();
  const ids = [...new Set(rows.map(({ cook }) => cook.id))];
  const putAside = async (): Promise<void> => {
    for (const id of ids) await remove(id).unwrap();
    onClear();
    const done = texts.putAsideWithRecords(counted(ids.length, texts.cookIs, texts.cooksAre));
    await tellUndoable(done, texts.bringBack, () => Promise.all(ids.map((id) => restore(id).unwrap())));
  };
  if (rows.length === 0) return null;
  return (
    <div
      role="region"
      aria-label={texts.whatIsChosen}
      className="sticky top-0 z-10 flex flex-wrap items-center gap-3 border-b border-base-300 bg-base-100 py-2"
    >
      {rows.length < 2 ? (
        <span className="text-sm">{texts.chooseAnotherToPut}</span>
      ) : rows.length > LETTERS.length ? (
        <span className="text-sm">{texts.upToStandSide(LETTERS.length)}</span>
      ) : (
        <Link
          className="btn h-11 btn-primary"
          // The earlier one stands on the left.
          to={compareAddress(
            [...rows]
              .sort((a, b) => a.cook.startedAt.localeCompare(b.cook.startedAt))
              .map(({ cook, logged }) => ({ cook: cook.id, dish: logged.dish })),
          )}
        >
          <Columns3 aria-hidden className="size-4" />
          {texts.sideBySide(rows.length)}
        </Link>
      )}
      <button type="button" className="btn h-11" onClick={() => orTell(putAside())}>
        <Trash2 aria-hidden className="size-4" />
        {texts.putAside}
      </button>
      <button type="button" className="btn btn-ghost h-11" onClick={onClear}>
        {texts.chooseNone}
      </button>
    </div>
  );
}
