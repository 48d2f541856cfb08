/** Grounds of four ways' letters: as on the basket's picture, told apart by letter and edge as well as by colour. */
const GROUNDS = [
  'bg-[#fffdf6] text-[#1c140a] border-[#1c140a]',
  'bg-[#2a1d0d] text-[#fffdf6] border-[#fffdf6]',
  'bg-[#ffd84d] text-[#1c140a] border-[#1c140a] border-dashed',
  'bg-[#6b4a1f] text-[#ffe9a8] border-[#ffe9a8] border-dashed',
];

/** The letter of a way. @param at its place among the ways */
export function WayMark({ mark, at }: { mark: string; at: number }) {
  return (
    <span
      className={`inline-flex size-7 shrink-0 items-center justify-center rounded-full border text-sm font-bold ${GROUNDS[at]}`}
    >
      {mark}
    </span>
  );
}
