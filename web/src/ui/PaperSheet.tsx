import { useLayoutEffect, useRef, type ReactNode } from 'react';
import { EDGE_MM, fittingPt, PAPERS, PX_PER_MM, type Paper } from './paper';

interface Props {
  label: string;
  paper: Paper;
  /** Gives the sheet its type: as large as one page holds by default. */
  fill?: (sheet: HTMLElement) => void;
  children: ReactNode;
}

/** Whether all that is on a sheet is within its page. */
export const holdsAll = (sheet: HTMLElement): boolean =>
  sheet.scrollHeight <= sheet.clientHeight + 1 && sheet.scrollWidth <= sheet.clientWidth + 1;

/** Type as large as one page holds. */
export function asLargeAsHolds(sheet: HTMLElement): void {
  fittingPt((pt) => {
    sheet.style.fontSize = `${pt}pt`;
    return holdsAll(sheet);
  });
}

/** A page of paper, as it is printed; on a narrow screen the whole of it is seen, smaller. */
export function PaperSheet({ label, paper, fill = asLargeAsHolds, children }: Props) {
  const sheet = useRef<HTMLElement>(null);
  const { widthMm, heightMm } = PAPERS[paper];
  useLayoutEffect(() => {
    const { current } = sheet;
    if (!current) return;
    const room = current.parentElement?.clientWidth ?? 0;
    current.style.setProperty('--fit', String(Math.min(1, room / (widthMm * PX_PER_MM))));
    current.style.height = `${heightMm}mm`;
    current.style.overflow = 'hidden';
    fill(current);
  });
  return (
    <article
      ref={sheet}
      aria-label={label}
      className="sheet mx-auto flex flex-col bg-white leading-snug text-black shadow-lg print:shadow-none"
      style={{ width: `${widthMm}mm`, padding: `${EDGE_MM}mm` }}
    >
      {children}
    </article>
  );
}
