import { WAY_LOOKS } from '../../draw/wayMarks';

/** The letter of a way, as on the basket's picture. @param at its place among the ways */
export function WayMark({ mark, at }: { mark: string; at: number }) {
  const { ground, letter, dashed } = WAY_LOOKS[at];
  return (
    <span
      className={`inline-flex size-7 shrink-0 items-center justify-center rounded-full border text-sm font-bold ${dashed ? 'border-dashed' : ''}`}
      style={{ background: ground, color: letter, borderColor: letter }}
    >
      {mark}
    </span>
  );
}
