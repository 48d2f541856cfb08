import { RANGES, type PhotoRecord } from '@yellowmist/contract';
import { useRef, useState } from 'react';
import { orTell, tellUndoable } from '../../state/acting';
import {
  problemText,
  statusOf,
  useAddPhotoMutation,
  usePhotosQuery,
  useRemovePhotoMutation,
  useRestorePhotoMutation,
} from '../../state/api';
import * as texts from './texts';

/** A picture that was chosen and is not kept yet. */
export interface WaitingPhoto {
  key: number;
  file: File;
  /** Why it was not kept; null while it is on its way. */
  problem: string | null;
  /** The server was away, or too busy: it may take it yet. */
  mayYet: boolean;
}

const MB = 1024 * 1024;
export const MOST_PHOTO_MB = RANGES.photoBytes.max / MB;

/** No picture, of a cook that is gone, or too large: it is not taken however often it is sent. */
const NEVER = [400, 404, 413];

/** Why a picture is not even sent. */
function refusal(file: File): string | null {
  if (file.size <= RANGES.photoBytes.max) return null;
  return texts.itHasMbPhotograph(Math.ceil(file.size / MB), MOST_PHOTO_MB);
}

/** Photographs of a cook: they are sent one after the other, and one that fails stays in the hand. */
export function usePhotographs(id: string, dish: string) {
  const { data: all = [] } = usePhotosQuery(id);
  const [send] = useAddPhotoMutation();
  const [remove] = useRemovePhotoMutation();
  const [restore] = useRestorePhotoMutation();
  const [waiting, setWaiting] = useState<WaitingPhoto[]>([]);
  const newest = useRef(0);
  const chain = useRef<Promise<unknown>>(Promise.resolve());

  const said = (key: number, problem: string, mayYet: boolean): void =>
    setWaiting((now) => now.map((w) => (w.key === key ? { ...w, problem, mayYet } : w)));
  const drop = (key: number): void => setWaiting((now) => now.filter((w) => w.key !== key));
  const keep = async (key: number, file: File): Promise<void> => {
    const wrong = refusal(file);
    if (wrong) return said(key, wrong, false);
    try {
      await send({ id, dish, file }).unwrap();
      drop(key);
    } catch (error) {
      const status = statusOf(error);
      // The field's own name says nothing on a page that has no other.
      said(key, problemText(error).replace(/^photo /, 'It '), status === undefined || !NEVER.includes(status));
    }
  };
  const queue = (key: number, file: File): void => {
    chain.current = chain.current.then(() => keep(key, file));
  };

  return {
    photos: all.filter((p) => p.dish === null || p.dish === dish),
    /** Of all dishes of the cook. */
    count: all.length,
    waiting,
    add(files: Iterable<File>): void {
      for (const file of files) {
        newest.current += 1;
        const key = newest.current;
        setWaiting((now) => [...now, { key, file, problem: null, mayYet: true }]);
        queue(key, file);
      }
    },
    again({ key, file }: WaitingPhoto): void {
      setWaiting((now) => now.map((w) => (w.key === key ? { ...w, problem: null } : w)));
      queue(key, file);
    },
    drop,
    takeAway({ id: photo }: PhotoRecord): void {
      const back = (): Promise<unknown> => restore({ id, photo }).unwrap();
      const taken = remove({ id, photo }).unwrap();
      orTell(taken.then(() => tellUndoable(texts.photographIsTakenAway, texts.bringItBack, back)));
    },
  };
}
