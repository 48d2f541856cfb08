import { RANGES } from '@yellowmist/contract';
import sharp from 'sharp';
import { badFields } from '../common/problem.js';

/** A kept photograph is no wider or higher, px: a crust on it can be looked at closely, and its file stays small. */
const MOST_PX = 1280;
const JPEG_QUALITY = 80;
/** A picture of more is refused before it is unpacked, px in all. */
const MOST_PIXELS = 60_000_000;
const MEGAPIXEL = 1_000_000;

const MB = 1024 * 1024;

/** What a picture may be, in words. */
const ALLOWED = `a JPEG, PNG, WebP or AVIF picture of at most ${RANGES.photoBytes.max / MB} MB and ${MOST_PIXELS / MEGAPIXEL} megapixels`;

// Whatever calls itself a picture is opened by these four readers or not at all: no drawing language, no document.
sharp.block({ operation: ['VipsForeignLoad'] });
sharp.unblock({
  operation: ['VipsForeignLoadJpeg', 'VipsForeignLoadPng', 'VipsForeignLoadWebp', 'VipsForeignLoadHeif'],
});
sharp.cache(false);
sharp.concurrency(1);

/** A photograph as it is kept. */
export interface Picture {
  /** A JPEG file in sRGB, without a word of where, when or by what it was taken. */
  bytes: Buffer;
  widthPx: number;
  heightPx: number;
}

const refused = (why: string): Error => badFields([{ field: 'photo', message: `photo ${why}: it must be ${ALLOWED}` }]);

const read = (bytes: Buffer) => sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' });

/** Whether it is what telephones write that no browser but their own shows: an ISO base media file of HEVC pictures. */
const isHeic = (bytes: Buffer): boolean =>
  bytes.toString('latin1', 4, 8) === 'ftyp' && /^(hei[cxms]|hev[cxms])$/.test(bytes.toString('latin1', 8, 12));

/** Why a picture was not opened, as far as the reader tells. */
function whyNot(error: unknown, bytes: Buffer): string {
  if (isHeic(bytes)) return 'is a HEIC picture, which cannot be read here; save it as JPEG';
  const said = (error as Error).message;
  if (/pixel limit/.test(said)) return 'is too large when it is unpacked';
  if (/unsupported image format/.test(said)) return 'is no picture that can be read here';
  return 'is damaged or cut off';
}

/**
 * A picture by its content, whatever its name says: turned upright, made small, written anew with nothing but its colours.
 * @param bytes the file as it was sent
 * @throws ProblemException 400 naming `photo`, where it is none, is broken or too large
 */
export async function smallPicture(bytes: Buffer): Promise<Picture> {
  if (bytes.length > RANGES.photoBytes.max) throw refused('is too large');
  try {
    const { data, info } = await read(bytes)
      .autoOrient()
      .resize({ width: MOST_PX, height: MOST_PX, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: JPEG_QUALITY, mozjpeg: true })
      .toBuffer({ resolveWithObject: true });
    return { bytes: data, widthPx: info.width, heightPx: info.height };
  } catch (error) {
    throw refused(whyNot(error, bytes));
  }
}

/**
 * Whether a file is such a picture as `smallPicture` writes: a whole JPEG of at most that size, with nothing else in it.
 * Kept photographs that come back from an export are taken as they are when they are.
 */
export async function isKeptPicture(bytes: Buffer): Promise<boolean> {
  try {
    const { format, width, height, exif, xmp, iptc } = await read(bytes).metadata();
    if (format !== 'jpeg' || Math.max(width, height) > MOST_PX || exif || xmp || iptc) return false;
    await read(bytes).raw().toBuffer();
    return true;
  } catch {
    return false;
  }
}
