import type { Pixel } from '@yellowmist/core';
import { RANGES } from '@yellowmist/contract';
import { useCallback, useEffect, useRef, useState } from 'react';
import * as texts from './texts';

/** A photograph is shown no wider or higher than this, px: colours need no more. */
const SHOWN_PX = 900;
/** A marked spot is so large, px of the shown picture. */
export const SPOT_PX = 11;

/** The bytes of a picture, from where it is kept or out of the hand. @throws Error in a sentence */
async function blobOf(source: string | File): Promise<Blob> {
  if (typeof source !== 'string') {
    if (source.size > RANGES.photoBytes.max) throw new Error('A picture may have up to 15 MB.');
    return source;
  }
  const response = await fetch(source);
  if (!response.ok) throw new Error('The file of this photograph is gone or damaged.');
  return response.blob();
}

async function pictureOf(source: string | File): Promise<ImageBitmap> {
  const blob = await blobOf(source);
  try {
    return await createImageBitmap(blob, { imageOrientation: 'from-image' });
  } catch {
    const name = typeof source === 'string' ? texts.thePhotograph : `“${source.name}”`;
    throw new Error(`${name} is no picture that can be read here. JPEG, PNG, WebP and AVIF can.`);
  }
}

/** A photograph drawn small and upright, its pixels read where it is marked. Nothing of it leaves this browser. */
export function usePhoto(source: string | File) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [size, setSize] = useState<{ width: number; height: number } | null>(null);
  const [problem, setProblem] = useState('');

  useEffect(() => {
    let left = false;
    const show = (picture: ImageBitmap): void => {
      const scale = Math.min(1, SHOWN_PX / Math.max(picture.width, picture.height));
      const [width, height] = [picture.width, picture.height].map((px) => Math.max(1, Math.round(px * scale)));
      const on = canvas.current;
      if (!left && on) {
        on.width = width;
        on.height = height;
        on.getContext('2d', { willReadFrequently: true })!.drawImage(picture, 0, 0, width, height);
        setSize({ width, height });
      }
      picture.close();
    };
    pictureOf(source).then(show, (error: Error) => !left && setProblem(error.message));
    return () => {
      left = true;
    };
  }, [source]);

  const pixelsAt = useCallback((x: number, y: number): Pixel[] => {
    const context = canvas.current!.getContext('2d', { willReadFrequently: true })!;
    const { data } = context.getImageData(
      Math.round(x) - SPOT_PX,
      Math.round(y) - SPOT_PX,
      2 * SPOT_PX + 1,
      2 * SPOT_PX + 1,
    );
    const pixels: Pixel[] = [];
    for (let k = 0; k < data.length; k += 4) {
      // What lies beyond the edge has no colour.
      if (data[k + 3] === 255) pixels.push([data[k], data[k + 1], data[k + 2]]);
    }
    return pixels;
  }, []);

  return { canvas, size, problem, pixelsAt };
}
