import { RANGES, type PhotoRecord } from '@yellowmist/contract';
import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { v4 as newId } from 'uuid';
import { orTell, tellUndoable } from '../../state/acting';
import { useAddPhotoMutation, usePhotosQuery, useRemovePhotoMutation, useRestorePhotoMutation } from '../../state/api';
import { PhotoQueue } from '../../state/photoQueue';
import { photosLeft } from '../../state/photosHere';
import * as texts from './texts';

const MB = 1024 * 1024;
export const MOST_PHOTO_MB = RANGES.photoBytes.max / MB;

/** Why a picture is not even sent. */
function refusal(file: File): string | null {
  if (file.size <= RANGES.photoBytes.max) return null;
  return texts.itHasMbPhotograph(Math.ceil(file.size / MB), MOST_PHOTO_MB);
}

/** Photographs of a dish of a cook, with those that are on their way: this page's, and what pages that are gone have left. */
export function usePhotographs(id: string, dish: string) {
  const { data: all = [] } = usePhotosQuery(id);
  const [send] = useAddPhotoMutation();
  const [remove] = useRemovePhotoMutation();
  const [restore] = useRestorePhotoMutation();
  const queue = useMemo(() => new PhotoQueue((photo) => send({ ...photo, id: photo.cook }).unwrap(), refusal), [send]);
  useEffect(() => {
    queue.start();
    void photosLeft(id, dish).then((left) => queue.add(left));
    return () => queue.stop();
  }, [queue, id, dish]);
  const waiting = useSyncExternalStore(queue.subscribe, queue.now);

  return {
    photos: all.filter((p) => p.dish === null || p.dish === dish),
    /** Of all dishes of the cook. */
    count: all.length,
    waiting: waiting.filter((w) => w.cook === id && w.dish === dish),
    add: (files: Iterable<File>): void =>
      queue.add([...files].map((file) => ({ key: newId(), cook: id, dish, file, at: Date.now() }))),
    again: (key: string): void => queue.again(key),
    drop: (key: string): void => queue.drop(key),
    takeAway({ id: photo }: PhotoRecord): void {
      const back = (): Promise<unknown> => restore({ id, photo }).unwrap();
      const taken = remove({ id, photo }).unwrap();
      orTell(taken.then(() => tellUndoable(texts.photographIsTakenAway, texts.bringItBack, back)));
    },
  };
}
