import sharp from 'sharp';

/** Photographs that tests make: a golden field with a white plate in a corner, and what a telephone writes beside it. */

const LEFT = { r: 200, g: 140, b: 40 };
const RIGHT = { r: 245, g: 244, b: 240 };

/** EXIF of a telephone: where it stood, what it was, and which way up it was held. */
const BY_TELEPHONE = {
  IFD0: { Make: 'Lanternworks', Model: 'Pocket 3' },
  IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '53/1 33/1 0/1', GPSLongitudeRef: 'E', GPSLongitude: '9/1 59/1 0/1' },
};

/** Half crust, half plate, wider than high. */
const halves = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: LEFT } }).composite([
    {
      input: { create: { width: Math.floor(width / 2), height, channels: 3, background: RIGHT } },
      left: Math.ceil(width / 2),
      top: 0,
    },
  ]);

/** A photograph of a telephone that was held on its side: what is left of it belongs on top. */
export const photograph = (format: 'jpeg' | 'png' | 'webp' | 'avif' | 'gif', width = 2400, height = 1600) =>
  halves(width, height).withExif(BY_TELEPHONE).withMetadata({ orientation: 6 }).toFormat(format).toBuffer();

/** The colour of a picture at a place, shares of its width and height. */
export async function colourAt(bytes: Buffer, x: number, y: number): Promise<number[]> {
  const { data, info } = await sharp(bytes).raw().toBuffer({ resolveWithObject: true });
  const at = (Math.floor(y * info.height) * info.width + Math.floor(x * info.width)) * info.channels;
  return [...data.subarray(at, at + 3)];
}

/** A PNG of a few kilobytes that unpacks to 12,000 × 12,000. */
export const bomb = (): Promise<Buffer> =>
  sharp({ create: { width: 12_000, height: 12_000, channels: 3, background: RIGHT }, limitInputPixels: false })
    .png({ compressionLevel: 9 })
    .toBuffer();
