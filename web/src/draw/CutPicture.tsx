import type { CutId, PieceShape } from '@yellowmist/core';
import * as texts from './texts';

interface Props {
  cut: CutId;
  shape: PieceShape;
  /** Reads a length in the cook's units. */
  say: (mm: number) => string;
  title: string;
}

const WHOLE = { x: 58, y: 52, rx: 46, ry: 30 };
const PIECE = { x: 200, y: 52, most: 74 };
const KNIFE = 'stroke-secondary';

/** Where the knife goes across the whole, each as a path. */
function knifeLines(cut: CutId): string[] {
  const { x, y, rx, ry } = WHOLE;
  const across = (k: number): string => {
    const dx = rx * k;
    const h = ry * Math.sqrt(1 - k * k) + 6;
    return `M${x + dx} ${y - h}V${y + h}`;
  };
  const along = (k: number): string => {
    const w = rx * Math.sqrt(1 - k * k) + 6;
    return `M${x - w} ${y + ry * k}H${x + w}`;
  };
  const spoke = (a: number): string => `M${x} ${y}L${x + (rx + 6) * Math.cos(a)} ${y + (ry + 6) * Math.sin(a)}`;
  const slices = [-0.75, -0.45, -0.15, 0.15, 0.45, 0.75];
  switch (cut) {
    case 'rings':
    case 'rounds':
    case 'portions':
      return slices.map(across);
    case 'slabs':
      return [-0.6, -0.2, 0.2, 0.6].map(along);
    case 'strips':
      return [-0.5, 0, 0.5].map(along);
    case 'cubes':
    case 'bite-size':
      return [...[-0.5, 0, 0.5].map(across), ...[-0.4, 0.4].map(along)];
    case 'halves':
    case 'halved-flat':
    case 'butterflied':
      return [along(0)];
    case 'wedges':
      return Array.from({ length: 8 }, (_, k) => spoke((k * Math.PI) / 4));
    case 'florets':
      return [-2.6, -2.0, -1.2, -0.5].map((a) => spoke(a));
    default:
      return [];
  }
}

/** Length, height and what else a piece shows of itself, mm. */
function sides(shape: PieceShape): { long: number; high: number; round: boolean; hole: number } {
  switch (shape.kind) {
    case 'slab':
      return { long: shape.lengthMm, high: shape.thicknessMm, round: false, hole: 0 };
    case 'disc':
      return { long: shape.diameterMm, high: shape.thicknessMm, round: true, hole: 0 };
    case 'ring':
      return { long: shape.outerMm, high: shape.thicknessMm, round: true, hole: shape.innerMm };
    case 'rod':
      return { long: shape.lengthMm, high: shape.diameterMm, round: false, hole: 0 };
    case 'ball':
      return { long: shape.diameterMm, high: shape.diameterMm, round: false, hole: 0 };
    case 'irregular':
      return { long: shape.longestMm, high: shape.thicknessMm, round: false, hole: 0 };
  }
}

/** A piece seen from the side and a little from above: a disc and a ring show their face. */
function Piece({ shape }: { shape: PieceShape }) {
  const { long, high, round, hole } = sides(shape);
  const scale = PIECE.most / Math.max(long, high);
  const [w, h] = [long * scale, Math.max(4, high * scale)];
  const { x, y } = PIECE;
  const tilt = round ? w * 0.16 : 0;
  if (shape.kind === 'ball' || shape.kind === 'irregular') {
    return <ellipse cx={x} cy={y} rx={w / 2} ry={h / 2} className="fill-accent/40 stroke-base-content" />;
  }
  if (!round) {
    return (
      <rect
        x={x - w / 2}
        y={y - h / 2}
        width={w}
        height={h}
        rx={shape.kind === 'rod' ? h / 2 : 3}
        className="fill-accent/40 stroke-base-content"
      />
    );
  }
  const top = y - h / 2;
  return (
    <g className="fill-accent/40 stroke-base-content">
      <path d={`M${x - w / 2} ${top}V${top + h}A${w / 2} ${tilt} 0 0 0 ${x + w / 2} ${top + h}V${top}`} />
      <ellipse cx={x} cy={top} rx={w / 2} ry={tilt} />
      {hole > 0 && (
        <ellipse cx={x} cy={top} rx={(hole * scale) / 2} ry={(tilt * hole) / long} className="fill-base-100" />
      )}
    </g>
  );
}

/** A whole one with the ways of the knife, and the piece that comes of it with its length and thickness. */
export function CutPicture({ cut, shape, say, title }: Props) {
  const { long, high } = sides(shape);
  const scale = PIECE.most / Math.max(long, high);
  const half = Math.max(4, high * scale) / 2;
  return (
    <svg viewBox="0 0 300 112" className="w-full" role="img" aria-label={title}>
      <ellipse cx={WHOLE.x} cy={WHOLE.y} rx={WHOLE.rx} ry={WHOLE.ry} className="fill-accent/25 stroke-base-content" />
      {knifeLines(cut).map((d) => (
        <path key={d} d={d} className={KNIFE} strokeWidth={1.6} strokeDasharray="4 3" fill="none" />
      ))}
      <path d="M116 52h26m-7 -6l7 6l-7 6" className="stroke-base-content" fill="none" strokeWidth={1.5} />
      <Piece shape={shape} />
      <text x={PIECE.x} y={108} textAnchor="middle" fontSize={13} className="fill-base-content">
        {texts.long(say(long))}
      </text>
      <text x={PIECE.x + PIECE.most / 2 + 4} y={PIECE.y - half + half + 4} fontSize={13} className="fill-base-content">
        {say(high)}
      </text>
    </svg>
  );
}
