import type { FilesPhotos, KeptCook } from '@yellowmist/contract';
import { badFields } from '../common/problem.js';
import { hashOf } from '../photos/files.js';
import type { PhotoFolder } from '../photos/folder.js';
import { isKeptPicture } from '../photos/picture.js';

/** Photographs of a file are no more than this, bytes; the latest cooks' come first. */
const MOST_PHOTO_BYTES = 128 * 1024 * 1024;

/**
 * The photographs that go out with cooks.
 * @param cooks the latest first
 * @param wanted false leaves all of them out, and counts them
 */
export async function photographsOf(
  folder: PhotoFolder,
  cooks: readonly KeptCook[],
  wanted: boolean,
): Promise<FilesPhotos> {
  const found: FilesPhotos = { photographs: [], photographsLeftOut: 0 };
  const done = new Set<string>();
  let bytes = 0;
  for (const { hash, bytes: size } of cooks.flatMap((cook) => cook.body.photos)) {
    if (done.has(hash)) continue;
    done.add(hash);
    const file = wanted && bytes + size <= MOST_PHOTO_BYTES ? await folder.found(hash) : null;
    if (!file) {
      found.photographsLeftOut += 1;
      continue;
    }
    bytes += file.length;
    found.photographs.push({ hash, data: file.toString('base64') });
  }
  return found;
}

/**
 * Photographs that come with a file, by their hashes: each is looked at before it is taken.
 * @throws ProblemException 400 naming the photograph that is not what it says
 */
export async function photographsIn({ photographs }: FilesPhotos): Promise<Map<string, Buffer>> {
  const found = new Map<string, Buffer>();
  for (const [at, { hash, data }] of photographs.entries()) {
    const bytes = Buffer.from(data, 'base64');
    if (hashOf(bytes) !== hash || !(await isKeptPicture(bytes)))
      throw badFields([
        {
          field: `photographs.${at}`,
          message: `photographs.${at} is damaged, or no picture that Yellowmist keeps. Nothing was changed.`,
        },
      ]);
    found.set(hash, bytes);
  }
  return found;
}
