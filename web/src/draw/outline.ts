import { area, curveBasis, line } from 'd3';

export type Curve = (x: number) => number;

const STEPS = 36;

const along = (from: number, to: number): number[] =>
  Array.from({ length: STEPS + 1 }, (_, i) => from + ((to - from) * i) / STEPS);

/** Path of the band between two curves. */
export const bandPath = (from: number, to: number, lower: Curve, upper: Curve): string =>
  area<number>()
    .x((x) => x)
    .y0(lower)
    .y1(upper)
    .curve(curveBasis)(along(from, to)) ?? '';

export const curvePath = (from: number, to: number, curve: Curve): string =>
  line<number>()
    .x((x) => x)
    .y(curve)
    .curve(curveBasis)(along(from, to)) ?? '';

/** A smooth bump of `height` that falls to 0 at both ends of `from` … `to`. */
export const dome =
  (from: number, to: number, height: number): Curve =>
  (x) => {
    const u = (2 * (x - from)) / (to - from) - 1;
    return height * (1 - u * u);
  };
