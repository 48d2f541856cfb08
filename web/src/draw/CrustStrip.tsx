import { useId } from 'react';
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

/** A strip goes through so many of its colours at most, and runs from one to the next: more are no finer to the eye. */
const MOST_STOPS = 17;

/** A crust over a cook, as a strip of its real colours: one shape, as it is drawn anew while a hand drags. */
export function CrustStrip({ timeS, colours, x, y, height }: Props) {
  const id = useId();
  const last = timeS.length - 1;
  const every = Math.max(1, Math.ceil(last / (MOST_STOPS - 1)));
  const samples = [...timeS.keys()].filter((i) => i % every === 0 || i === last);
  const [from, to] = [x(timeS[0] / 60), x(timeS[last] / 60)];
  return (
    <>
      <linearGradient id={id} gradientUnits="userSpaceOnUse" x1={from} x2={to}>
        {samples.map((i, k) => (
          <stop key={k} offset={timeS[i] / (timeS[last] || 1)} stopColor={crustCss(colours[i])} />
        ))}
      </linearGradient>
      <rect x={from} y={y} width={to - from} height={height} fill={`url(#${id})`} />
    </>
  );
}
