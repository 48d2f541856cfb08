import type { Pixel } from '@yellowmist/core';
import { useCallback, useRef, useState } from 'react';

/** A photograph is shown no wider or higher than this, px: colours need no more. */
const SHOWN_PX = 900;
const MOST_BYTES = 15_000_000;
/** A marked spot is so large, px of the shown picture. */
export const SPOT_PX = 11;

/** A photograph that stays in this browser: drawn small and upright, its pixels read where it is marked. */
export function usePhoto() {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [size, setSize] = useState<{ width: number; height: number } | null>(null);
  const [problem, setProblem] = useState('');

  const open = async (file: File): Promise<void> => {
    setSize(null);
    if (file.size > MOST_BYTES) return setProblem('A picture may have up to 15 MB.');
    try {
      const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
      const scale = Math.min(1, SHOWN_PX / Math.max(picture.width, picture.height));
      const [width, height] = [picture.width, picture.height].map((px) => Math.max(1, Math.round(px * scale)));
      const on = canvas.current!;
      on.width = width;
      on.height = height;
      on.getContext('2d', { willReadFrequently: true })!.drawImage(picture, 0, 0, width, height);
      picture.close();
      setProblem('');
      setSize({ width, height });
    } catch {
      setProblem(`“${file.name}” is no picture that can be read here. JPEG, PNG and WebP can.`);
    }
  };

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

  return { canvas, size, problem, open, pixelsAt };
}
