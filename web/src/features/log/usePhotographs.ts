import { RANGES, type PhotoRecord } from '@yellowmist/contract';
import { useSyncExternalStore } from 'react';
import { v4 as newId } from 'uuid';
import { orTell, tellUndoable } from '../../state/acting';
import { usePhotosQuery, useRemovePhotoMutation, useRestorePhotoMutation } from '../../state/api';
import type { KeptPhoto } from '../../state/unsentHere';
import { photographs } from './outgoing';
import * as texts from './texts';

const MB = 1024 * 1024;
export const MOST_PHOTO_MB = RANGES.photoBytes.max / MB;

/** Why a picture is not even sent. */
function refusal({ file }: KeptPhoto): string | null {
  if (file.size <= RANGES.photoBytes.max) return null;
  return texts.itHasMbPhotograph(Math.ceil(file.size / MB), MOST_PHOTO_MB);
}

/** Photographs of a dish of a cook, with those that are on their way. */
export function usePhotographs(id: string, dish: string) {
  const { data: all = [] } = usePhotosQuery(id);
  const [remove] = useRemovePhotoMutation();
  const [restore] = useRestorePhotoMutation();
  const waiting = useSyncExternalStore(photographs.subscribe, photographs.now);

  return {
    photos: all.filter((p) => p.dish === null || p.dish === dish),
    /** Of all dishes of the cook. */
    count: all.length,
    waiting: waiting.filter((w) => w.cook === id && w.dish === dish),
    add: (files: Iterable<File>): void =>
      photographs.add(
        [...files].map((file) => ({ key: newId(), cook: id, dish, file, at: Date.now() })),
        refusal,
      ),
    again: (key: string): void => photographs.again(key),
    drop: (key: string): void => photographs.drop(key),
    takeAway({ id: photo }: PhotoRecord): void {
      const back = (): Promise<unknown> => restore({ id, photo }).unwrap();
      const taken = remove({ id, photo }).unwrap();
      orTell(taken.then(() => tellUndoable(texts.photographIsTakenAway, texts.bringItBack, back)));
    },
  };
}
