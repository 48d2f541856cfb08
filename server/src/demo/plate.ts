import { crustColour, seeded } from '@yellowmist/core';
import { converter } from 'culori';
import sharp from 'sharp';

/** What lies on a plate of the demo's photographs. */
export interface Plate {
  /** Browning of the crust, B. */
  b: number;
  /** Pieces: how many, and how long against their width. */
  pieces: number;
  long: number;
  /** Share of each piece whose coat is gone, 0–1. */
  bald: number;
  /** Light of the kitchen: what it lets through of red, green and blue, 0–1 each. */
  light: readonly [number, number, number];
  seed: number;
}

const WIDTH = 1200;
const HEIGHT = 900;

const TABLE: Rgb = [0.16, 0.11, 0.08];
const WHITE: Rgb = [0.8, 0.8, 0.79];
const BALD: Rgb = [0.72, 0.68, 0.55];

/** Linear light. */
type Rgb = readonly [number, number, number];

const toLinear = converter('lrgb');
const toScreen = converter('rgb');

/** Linear light of a crust, by its browning in steps of a twentieth. */
const crustLight = new Map<number, Rgb>();
function crustAt(b: number): Rgb {
  const step = Math.round(b * 20) / 20;
  const known = crustLight.get(step);
  if (known) return known;
  const [l, a, bb] = crustColour(step);
  const { r, g, b: blue } = toLinear({ mode: 'lab65', l, a, b: bb });
  const made: Rgb = [r, g, blue];
  crustLight.set(step, made);
  return made;
}

const LEVELS = 4095;
/** Values of a file for linear light from 0 to 1. */
const ENCODED = Uint8Array.from({ length: LEVELS + 1 }, (_, k) =>
  Math.round(255 * toScreen({ mode: 'lrgb', r: k / LEVELS, g: 0, b: 0 }).r),
);
const encoded = (linear: number): number => ENCODED[Math.round(LEVELS * Math.min(1, Math.max(0, linear)))];

interface Lying {
  x: number;
  y: number;
  turn: number;
}

/** Where the pieces lie: round the middle of the plate, each turned its own way. */
function laid({ pieces }: Plate, random: () => number): Lying[] {
  return Array.from({ length: pieces }, (_, k) => {
    const round = (k / pieces) * 2 * Math.PI + random() * 0.3;
    const out = k === 0 ? 0 : 0.2 + 0.06 * random();
    return {
      x: WIDTH / 2 + out * HEIGHT * Math.cos(round),
      y: HEIGHT / 2 + out * HEIGHT * Math.sin(round),
      turn: random() * 3,
    };
  });
}

const HALF_WIDTH = 62;

/** How deep a point lies in a piece, 0 at its edge to 1; below 0 outside. */
function depthIn({ x, y, turn }: Lying, long: number, px: number, py: number): number {
  const [dx, dy] = [px - x, py - y];
  const along = Math.abs(dx * Math.cos(turn) + dy * Math.sin(turn)) - HALF_WIDTH * (long - 1);
  const across = Math.abs(-dx * Math.sin(turn) + dy * Math.cos(turn));
  return 1 - Math.hypot(Math.max(0, along), across) / HALF_WIDTH;
}

/** A smooth mottle, −1 to 1: crumbs brown unevenly. */
const mottle = (px: number, py: number, seed: number): number =>
  (Math.sin(px * 0.11 + seed) * Math.cos(py * 0.13 - seed) + Math.sin((px + py) * 0.31 + 2 * seed)) / 2;

/**
 * A photograph that nobody took: a white plate on a dark table, with pieces whose crust has the model's own colour, in some
 * kitchen's light. @returns a PNG file
 */
export function platePicture(plate: Plate): Promise<Buffer> {
  const random = seeded(plate.seed);
  const lying = laid(plate, random);
  const pixels = Buffer.alloc(WIDTH * HEIGHT * 3);
  for (let py = 0; py < HEIGHT; py++) {
    for (let px = 0; px < WIDTH; px++) {
      const seenAs = colourAt(plate, lying, px, py);
      // Light falls from the upper left.
      const fall = 1.08 - 0.22 * ((px / WIDTH + py / HEIGHT) / 2);
      const grain = 1 + (random() - 0.5) * 0.06;
      seenAs.forEach((v, k) => {
        pixels[(py * WIDTH + px) * 3 + k] = encoded(v * plate.light[k] * fall * grain);
      });
    }
  }
  return sharp(pixels, { raw: { width: WIDTH, height: HEIGHT, channels: 3 } })
    .png()
    .toBuffer();
}

function colourAt({ b, long, bald, seed }: Plate, lying: readonly Lying[], px: number, py: number): Rgb {
  const depth = Math.max(...lying.map((piece) => depthIn(piece, long, px, py)));
  if (depth > 0) {
    const spot = mottle(px, py, seed);
    if (spot > 1 - 1.6 * bald) return BALD;
    const crust = crustAt(b * (1 + 0.12 * spot));
    const edge = 0.75 + 0.25 * Math.min(1, depth * 3);
    return [crust[0] * edge, crust[1] * edge, crust[2] * edge];
  }
  const out = Math.hypot(px - WIDTH / 2, (py - HEIGHT / 2) * 1.05) / (HEIGHT / 2);
  if (out > 0.97) return TABLE;
  // The rim, and the shadow beside a piece.
  const shade = (Math.abs(out - 0.72) < 0.012 ? 0.86 : 1) * (depth > -0.25 ? 0.72 : 1);
  return [WHITE[0] * shade, WHITE[1] * shade, WHITE[2] * shade];
}
