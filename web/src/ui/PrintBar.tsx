import { Printer } from 'lucide-react';
import { useEffect, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Choice } from './Choice';
import { PAPER_NAMES, type Paper } from './paper';
import * as texts from './texts';

interface Props {
  /** Where it was opened from, and what that is called. */
  back: { to: string; label: string };
  paper: Paper;
  onPaper: (paper: Paper) => void;
  /** What the button says, "Print the card". */
  print: string;
  ready: boolean;
  children?: ReactNode;
}

/** Makes the page of the printer the sheet's, as long as that is shown. */
function usePaper(paper: Paper): void {
  useEffect(() => {
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(`@page { size: ${paper}; margin: 0 }`);
    document.adoptedStyleSheets.push(sheet);
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((other) => other !== sheet);
    };
  }, [paper]);
}

/** What stands over a sheet of paper and is not printed: the way back, the paper, the printer. */
export function PrintBar({ back, paper, onPaper, print, ready, children }: Props) {
  usePaper(paper);
  return (
    <div className="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2 print:hidden">
      <Link className="btn btn-ghost h-11" to={back.to}>
        {back.label}
      </Link>
      <Choice
        className="w-32"
        label={texts.paper}
        value={paper}
        options={PAPER_NAMES.map((p) => ({ value: p, label: p }))}
        onChange={onPaper}
      />
      <button type="button" className="btn btn-primary h-11" disabled={!ready} onClick={() => window.print()}>
        <Printer aria-hidden className="size-5" /> {print}
      </button>
      {children}
    </div>
  );
}
