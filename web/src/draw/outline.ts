import { area, curveBasis, curveCatmullRomClosed, line } from 'd3';

export type Curve = (x: number) => number;

/** A dome is drawn smoothly through so many points, in tenths of a pixel. */
const STEPS = 20;
const DIGITS = 1;

const along = (from: number, to: number): number[] =>
  Array.from({ length: STEPS + 1 }, (_, i) => from + ((to - from) * i) / STEPS);

const tenths = (px: number): number => Math.round(px * 10);

/** Where curves begin, what they come to in the middle, and where they end: those of a drawing that agree in it are the same. */
export const through = (from: number, to: number, ...curves: Curve[]): string =>
  curves.flatMap((curve) => [from, (from + to) / 2, to].map((x) => tenths(curve(x)))).join();

/** Paths that were drawn lately: of a picture that follows a hand most curves stay as they are. */
const drawn = new Map<string, string>();
const MOST_DRAWN = 300;

function drawnOnce(key: string, draw: () => string | null): string {
  const known = drawn.get(key);
  if (known !== undefined) return known;
  const path = draw() ?? '';
  if (drawn.size >= MOST_DRAWN) drawn.clear();
  drawn.set(key, path);
  return path;
}

/** Path of the band between two curves. */
export const bandPath = (from: number, to: number, lower: Curve, upper: Curve): string =>
  drawnOnce(`band ${from} ${to} ${through(from, to, lower, upper)}`, () =>
    area<number>()
      .digits(DIGITS)
      .x((x) => x)
      .y0(lower)
      .y1(upper)
      .curve(curveBasis)(along(from, to)),
  );

export const curvePath = (from: number, to: number, curve: Curve): string =>
  drawnOnce(`curve ${from} ${to} ${through(from, to, curve)}`, () =>
    line<number>()
      .digits(DIGITS)
      .x((x) => x)
      .y(curve)
      .curve(curveBasis)(along(from, to)),
  );

/** A smooth bump of `height` that falls to 0 at both ends of `from` … `to`. */
export const dome =
  (from: number, to: number, height: number): Curve =>
  (x) => {
    const u = (2 * (x - from)) / (to - from) - 1;
    return height * (1 - u * u);
  };

const CORNERS = 14;
/** A torn piece fills its ground to between these shares of the way to its edge. */
const TORN = { least: 0.84, most: 1 } as const;

/**
 * Closed outline of a torn piece around the origin, within an ellipse of these half-axes.
 * @param next numbers from 0 to 1, which make it another one each time
 */
export function tornPath(halfLength: number, halfWidth: number, next: () => number): string {
  const corners = Array.from({ length: CORNERS }, (_, k): [number, number] => {
    const angle = (2 * Math.PI * k) / CORNERS;
    const share = TORN.least + (TORN.most - TORN.least) * next();
    return [halfLength * share * Math.cos(angle), halfWidth * share * Math.sin(angle)];
  });
  return line().curve(curveCatmullRomClosed.alpha(0.5))(corners) ?? '';
}
