import { crustCss } from './palette';

interface Props {
  /** Browning B of top and underside; undefined where nobody noted it. */
  top: number | undefined;
  under: number | undefined;
  /** Share of the coat that is gone, 0–1. */
  bald: number;
  /** Soft below: the underside is drawn slack. */
  soggy: boolean;
  className?: string;
}

const NOT_NOTED = 'var(--color-base-300)';

/** A piece cut through as it came out: its crust above and below in their colours, with gaps where the coat is gone. */
export function TriedPiece({ top, under, bald, soggy, className = 'h-10 w-16' }: Props) {
  const crust = (b: number | undefined): string => (b === undefined ? NOT_NOTED : crustCss(b));
  const gap = bald * 44;
  return (
    <svg viewBox="0 0 64 40" className={className} aria-hidden>
      <rect x="6" y="9" width="52" height="22" rx="9" fill="#f3ead2" stroke="#b9a77e" strokeWidth="0.6" />
      <path
        d="M8 15 q 0 -9 10 -9 h 28 q 10 0 10 9"
        fill="none"
        stroke={crust(top)}
        strokeWidth="6"
        strokeLinecap="round"
      />
      <path
        d={soggy ? 'M8 26 q 2 10 12 9 q 12 3 24 0 q 11 0 12 -9' : 'M8 25 q 0 9 10 9 h 28 q 10 0 10 -9'}
        fill="none"
        stroke={crust(under)}
        strokeWidth="6"
        strokeLinecap="round"
      />
      {bald > 0 && <rect x={32 - gap / 2} y="1" width={gap} height="9" fill="var(--color-base-100)" />}
    </svg>
  );
}
