import type { Moment } from '../moment';
import { scatter } from '../random';

/** Oil with its bubbles, or air with its steam over a grid or parchment. */
export function Surroundings({
  medium,
  onParchment,
  bottom,
  moment,
}: {
  medium: 'oil' | 'air';
  onParchment: boolean;
  bottom: number;
  moment: Moment;
}) {
  const random = scatter(medium);
  const bubbles = Math.min(46, Math.round(moment.steamGm2S * 9));
  if (medium === 'oil') {
    return (
      <g>
        <rect x={0} y={14} width={204} height={236} rx={8} fill="#eab93f" fillOpacity={0.34} />
        <path
          d="M0 22 q 17 -6 34 0 t 34 0 t 34 0 t 34 0 t 34 0 t 34 0"
          fill="none"
          stroke="#c9962a"
          strokeWidth={1.4}
        />
        {Array.from({ length: bubbles }, (_, i) => (
          <circle
            key={i}
            cx={6 + random() * 192}
            cy={26 + random() * 216}
            r={1 + random() * 3}
            fill="none"
            stroke="#a9791b"
            strokeOpacity={0.75}
            strokeWidth={0.9}
          />
        ))}
      </g>
    );
  }
  const wisps = Math.min(7, Math.ceil(moment.steamGm2S * 1.6));
  return (
    <g fill="none">
      {Array.from({ length: wisps }, (_, i) => {
        const x = 22 + i * 27 + random() * 6;
        return (
          <path
            key={i}
            d={`M${x} 40 c 7 -8 -7 -13 0 -21 s 4 -8 1 -12`}
            stroke="currentColor"
            strokeOpacity={0.35}
            strokeWidth={1.6}
            strokeLinecap="round"
          />
        );
      })}
      {onParchment ? (
        <path d={`M2 ${bottom + 4} q 100 6 200 0`} stroke="#c3b58d" strokeWidth={2.4} />
      ) : (
        <path
          d={`M0 ${bottom + 5} H204`}
          stroke="currentColor"
          strokeOpacity={0.75}
          strokeWidth={3.2}
          strokeDasharray="11 7"
        />
      )}
    </g>
  );
}

/** What has run off: drops through the grid, or a pool on the parchment. */
export function Drips({ bottom, lost, onParchment }: { bottom: number; lost: number; onParchment: boolean }) {
  if (lost < 0.04) return null;
  if (onParchment) {
    return (
      <ellipse
        cx={102}
        cy={bottom + 4}
        rx={60 + 44 * lost}
        ry={2 + 5 * lost}
        fill="#f0dfae"
        stroke="#b99b56"
        strokeWidth={0.6}
      />
    );
  }
  const drops = Math.ceil(lost * 9);
  return (
    <g fill="#f0dfae" stroke="#b99b56" strokeWidth={0.6}>
      {Array.from({ length: drops }, (_, i) => {
        const x = 20 + (i * 168) / drops + ((i * 37) % 11);
        const long = 8 + ((i * 53) % 17) * (0.5 + lost);
        return (
          <path
            key={i}
            d={`M${x - 3} ${bottom} q 1 ${long * 0.6} 0 ${long} a 3.4 3.4 0 1 0 6 0 q -1 ${-long * 0.4} 0 ${-long} z`}
          />
        );
      })}
    </g>
  );
}
