import { crustCss } from './palette';

interface Props {
  timeS: Float64Array;
  /** Browning B at each time. */
  colours: Float32Array;
  /** Minutes to px. */
  x: (minutes: number) => number;
  y: number;
  height: number;
}

/** A strip is drawn in so many fields at most: more are no finer to the eye, and each is drawn anew while a hand drags. */
const FIELDS = 48;
/** Fields overlap by so much, px, that no light comes through between them. */
const OVERLAP = 0.6;

/** A crust over a cook, as a strip of its real colours; each field has the colour of its beginning. */
export function CrustStrip({ timeS, colours, x, y, height }: Props) {
  const last = timeS.length - 1;
  const every = Math.ceil(last / FIELDS);
  return Array.from({ length: Math.ceil(last / every) }, (_, k) => {
    const [from, to] = [k * every, Math.min(last, (k + 1) * every)];
    return (
      <rect
        key={k}
        x={x(timeS[from] / 60)}
        y={y}
        width={x(timeS[to] / 60) - x(timeS[from] / 60) + OVERLAP}
        height={height}
        fill={crustCss(colours[from])}
      />
    );
  });
}
