import { createHash } from 'node:crypto';
import { join } from 'node:path';

export const PHOTO_ENDING = '.jpg';

/** SHA-256 of a file, hexadecimal. */
export const hashOf = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex');

/** Where a photograph lies in a folder of photographs. */
export const photoFile = (folder: string, hash: string): string => join(folder, `${hash}${PHOTO_ENDING}`);
