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

/** A crust over a cook, as a strip of its real colours. */
export const CrustStrip = ({ timeS, colours, x, y, height }: Props) =>
  [...timeS.keys()]
    .slice(0, -1)
    .map((i) => (
      <rect
        key={i}
        x={x(timeS[i] / 60)}
        y={y}
        width={x(timeS[i + 1] / 60) - x(timeS[i] / 60) + 0.6}
        height={height}
        fill={crustCss(colours[i])}
      />
    ));
