import { LEFT, MIDDLE, RIGHT } from './cutaway/frame';

/** Where the probe goes, over a cutaway of 204 × 262: from the side into the middle of the piece. */
export function ProbeNeedle({ label }: { label: string }) {
  const tip = (LEFT + RIGHT) / 2;
  return (
    <svg viewBox="0 0 204 262" className="absolute inset-0 h-full w-full" role="img" aria-label={label}>
      <path
        d={`M204 ${MIDDLE - 4} H${tip + 12} L${tip} ${MIDDLE} L${tip + 12} ${MIDDLE + 4} H204 Z`}
        className="fill-base-300 stroke-base-content"
        strokeWidth={1.4}
      />
      <circle cx={tip} cy={MIDDLE} r={9} fill="none" className="stroke-error" strokeWidth={3} />
    </svg>
  );
}
