import { skipToken } from '@reduxjs/toolkit/query';
import type { CookDocument, PhotoRecord, SeenBody } from '@yellowmist/contract';
import type { LoggedCook, Tried } from '@yellowmist/core';
import { useMemo } from 'react';
import { problemText, useCookQuery, usePhotosQuery, useSeenQuery } from '../../state/api';
import { usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { LETTERS, type TryId } from './rows';

/** One try beside others. */
export interface TryNow {
  letter: string;
  id: TryId;
  cook: CookDocument;
  /** Name of the dish as it was then. */
  name: string;
  seen: SeenBody;
  /** Version of what was noted; 0 where nothing was. */
  version: number;
  photos: PhotoRecord[];
  /** null until it is simulated. */
  tried: Tried | null;
}

function useTry(id: TryId | undefined) {
  const of = id?.cook ?? skipToken;
  const { data: cook, error } = useCookQuery(of);
  const { data: records } = useSeenQuery(of);
  const { data: photos } = usePhotosQuery(of);
  return useMemo(() => ({ id, cook, records, photos, error }), [id, cook, records, photos, error]);
}

type Fetched = ReturnType<typeof useTry>;

const recordOf = ({ id, records }: Fetched) => records?.find((r) => r.dish === id?.dish);
const seenOf = (fetched: Fetched): SeenBody => recordOf(fetched)?.seen ?? {};

/** The same as the core takes it; null until it is fetched. */
function loggedOf(fetched: Fetched): LoggedCook | null {
  const { id, cook, records } = fetched;
  if (!id || !cook || !records) return null;
  const { programme, startedMs, rehearsal, cookedBy, events } = cook;
  return {
    programme,
    dish: id.dish,
    pace: { startedMs, rate: rehearsal?.rate ?? 1 },
    events,
    recipe: cookedBy?.what === 'other' ? cookedBy : null,
    seen: seenOf(fetched),
  };
}

/** Up to four tries, fetched and simulated as they went. */
export function useTries(ids: readonly TryId[]) {
  const [a, b, c, d] = [useTry(ids[0]), useTry(ids[1]), useTry(ids[2]), useTry(ids[3])];
  const fetched = useMemo(() => [a, b, c, d].filter((f) => f.id), [a, b, c, d]);
  const { own } = usePantryDocument();
  const question = useMemo(() => {
    const cooks = fetched.map(loggedOf);
    return cooks.some((cook) => cook === null) ? null : { cooks: cooks as LoggedCook[], own };
  }, [fetched, own]);
  const { answer, error } = useAnswer('tried', question);
  const failed = fetched.find((f) => f.error)?.error;
  const tries = fetched.map((f, k): TryNow | null =>
    f.cook && f.id
      ? {
          letter: LETTERS[k],
          id: f.id,
          cook: f.cook,
          name: f.cook.programme.dishes.find((one) => one.id === f.id!.dish)?.name ?? f.cook.name,
          seen: seenOf(f),
          version: recordOf(f)?.version ?? 0,
          photos: (f.photos ?? []).filter((p) => p.dish === null || p.dish === f.id!.dish),
          tried: answer?.[k] ?? null,
        }
      : null,
  );
  const ready = tries.every((t) => t !== null);
  return { tries: ready ? (tries as TryNow[]) : null, problem: failed ? problemText(failed) : error };
}
