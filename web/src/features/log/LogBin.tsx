import { counted } from '@yellowmist/core';
import { useState } from 'react';
import { orTell } from '../../state/acting';
import { useCookBinQuery, useEmptyCookBinMutation, useRestoreCookMutation } from '../../state/api';
import { dayOf } from './rows';
import * as texts from './texts';

/** Cooks that were put aside: each comes back by a press, until it is gone for good. */
export function LogBin() {
  const { data: bin = [] } = useCookBinQuery();
  const [restore] = useRestoreCookMutation();
  const [empty] = useEmptyCookBinMutation();
  const [sure, setSure] = useState(false);
  if (bin.length === 0) return null;
  return (
    <details className="mt-6">
      <summary className="min-h-11 cursor-pointer py-2">{texts.putAsideCount(bin.length)}</summary>
      <ul>
        {bin.map((cook) => (
          <li key={cook.id} className="flex flex-wrap items-center gap-3 border-t border-base-300 text-sm">
            <span className="min-w-0 grow break-words">
              <b>{cook.name}</b>, {dayOf(cook)}
              {cook.photos > 0 && texts.withIt(counted(cook.photos, 'photograph'))}
              {texts.goneForGoodOn(dayOf({ startedAt: cook.goneAt }))}
            </span>
            <button type="button" className="btn h-11" onClick={() => orTell(restore(cook.id).unwrap())}>
              {texts.bringItBack}
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-2 flex flex-wrap items-center gap-3">
        {sure ? (
          <>
            <span>{texts.theirRecordsAndPhotographs}</span>
            <button type="button" className="btn h-11 btn-error" onClick={() => orTell(empty().unwrap())}>
              {texts.deleteAllOfThem}
            </button>
            <button type="button" className="btn h-11" onClick={() => setSure(false)}>
              {texts.leaveThem}
            </button>
          </>
        ) : (
          <button type="button" className="btn h-11" onClick={() => setSure(true)}>
            {texts.deleteForGood}
          </button>
        )}
      </p>
    </details>
  );
}
