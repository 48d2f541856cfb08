import { ImageDown } from 'lucide-react';
import { useRef, type ReactNode } from 'react';
import { tellWrong } from '../state/toast';
import { pngOf, saveAs, svgText } from './drawing';
import * as texts from './texts';

interface SavableProps {
  name: string;
  children: ReactNode;
  className?: string;
  /** Where the drawing has nothing written. Default top. */
  corner?: keyof typeof CORNERS;
}

const CORNERS = { top: 'top-0', bottom: 'bottom-0' } as const;

/** A drawing with a small menu at its right corner: saved as SVG or as PNG. */
export function Savable({ name, children, className = '', corner = 'top' }: SavableProps) {
  const frame = useRef<HTMLDivElement>(null);
  const menu = useRef<HTMLDetailsElement>(null);
  const file = name.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  const save = async (as: 'svg' | 'png'): Promise<void> => {
    if (menu.current) menu.current.open = false;
    const drawing = frame.current?.querySelector('svg[role="img"], svg[viewBox]:not(.lucide)');
    if (!(drawing instanceof SVGSVGElement)) return;
    const svg = await svgText(drawing);
    saveAs(as === 'svg' ? new Blob([svg], { type: 'image/svg+xml' }) : await pngOf(svg), `${file}.${as}`);
  };
  const told = (as: 'svg' | 'png'): void =>
    void save(as).catch((error: unknown) => tellWrong(error instanceof Error ? error.message : String(error)));
  return (
    <div ref={frame} className={`group/drawing relative ${className}`}>
      {children}
      <details
        ref={menu}
        className={`absolute ${CORNERS[corner]} right-0 z-10 opacity-0 group-hover/drawing:opacity-100 focus-within:opacity-100 open:opacity-100 print:hidden pointer-coarse:opacity-70`}
        onKeyDown={(event) => {
          if (event.key === 'Escape' && menu.current) menu.current.open = false;
        }}
      >
        <summary
          className="btn btn-ghost btn-square size-11 list-none"
          aria-label={texts.saveDrawing(name)}
          title={texts.savableSaveDrawing}
        >
          <ImageDown aria-hidden className="size-4" />
        </summary>
        <div className="absolute right-0 flex gap-1 rounded-box bg-base-100 p-1 shadow-lg">
          <button type="button" className="btn btn-sm h-11" onClick={() => told('svg')}>
            {texts.svg}
          </button>
          <button type="button" className="btn btn-sm h-11" onClick={() => told('png')}>
            {texts.png}
          </button>
        </div>
      </details>
    </div>
  );
}
