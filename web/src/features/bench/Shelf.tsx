import { ChevronDown, ChevronUp } from 'lucide-react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import * as texts from './texts';

/** A board as the shelf shows it. */
export interface Shelved {
  id: string;
  label: string;
  content: () => ReactNode;
  /** What stands over the tabs while this board is not pulled up. */
  peek?: ReactNode;
}

/** Keys of the boards by their place, from 1: the tenth is reached by 0, the eleventh by the minus beside it. */
const KEYS = [...'1234567890', 'minus'];
const keyOf = (place: number): string => KEYS[place - 1];

/**
 * The shelf along the bottom, on a phone as well: boards that are pulled up over the bench one at a time, by hand or with
 * the keyboard.
 */
export function Shelf({ boards }: { boards: readonly Shelved[] }) {
  const [open, setOpen] = useState<string | null>(null);
  const [near, setNear] = useState(boards[0].id);
  const tabs = useRef(new Map<string, HTMLButtonElement>());
  const panels = useRef(new Map<string, HTMLDivElement>());
  /** Puts the board back; a hand that was in it is left at its tab. */
  const close = (): void => {
    if (open !== null && panels.current.get(open)?.contains(document.activeElement)) tabs.current.get(open)?.focus();
    setOpen(null);
  };
  useHotkeys(
    boards.map((_, k) => `alt+${keyOf(k + 1)}`),
    (event) => {
      const pressed = event.code.replace('Digit', '').toLowerCase();
      const board = boards.find((_, k) => keyOf(k + 1) === pressed);
      if (!board) return;
      event.preventDefault();
      setNear(board.id);
      if (open === board.id) return close();
      setOpen(board.id);
      // Whoever opens a board by its key goes on in it by keys.
      setTimeout(() => panels.current.get(board.id)?.focus());
    },
  );
  // In a field of a board, too: a tick or a choice there is no reason to stay.
  useHotkeys('escape', () => close(), { enableOnFormTags: true });
  const turn = (event: KeyboardEvent): void => {
    if (event.key === 'Escape') return close();
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (by === 0) return;
    const at = boards.findIndex((b) => b.id === near);
    const next = boards[(at + by + boards.length) % boards.length];
    setNear(next.id);
    if (open !== null) setOpen(next.id);
    tabs.current.get(next.id)?.focus();
  };
  return (
    <section aria-label={texts.shelf} className="sticky bottom-0 z-20 border-t-2 border-base-content/70 bg-base-200">
      {boards.map((board) => (
        <div
          key={board.id}
          ref={(el) => {
            if (el) panels.current.set(board.id, el);
          }}
          role="tabpanel"
          tabIndex={0}
          id={`board-${board.id}`}
          aria-labelledby={`tab-${board.id}`}
          hidden={open !== board.id}
          className="absolute right-0 bottom-full left-0 max-h-[68dvh] overflow-y-auto border-t-2 border-b border-t-base-content/70 border-b-base-content/30 bg-base-200 px-3 pt-1 pb-3 lg:max-h-[48dvh]"
        >
          {open === board.id && board.content()}
        </div>
      ))}
      {boards.map((board) => board.peek && open !== board.id && <div key={board.id}>{board.peek}</div>)}
      <div role="tablist" aria-label={texts.shelf} className="flex overflow-x-auto px-2" onKeyDown={turn}>
        {boards.map((board) => {
          const shown = open === board.id;
          return (
            <button
              key={board.id}
              ref={(el) => {
                if (el) tabs.current.set(board.id, el);
              }}
              type="button"
              role="tab"
              id={`tab-${board.id}`}
              aria-selected={shown}
              aria-controls={`board-${board.id}`}
              tabIndex={near === board.id ? 0 : -1}
              className={`flex min-h-11 items-center gap-1 px-3 font-display whitespace-nowrap ${shown ? 'border-b-4 border-primary font-bold' : 'border-b-4 border-transparent'}`}
              onClick={() => {
                setNear(board.id);
                setOpen(shown ? null : board.id);
              }}
            >
              {board.label}
              {shown ? <ChevronDown aria-hidden className="size-4" /> : <ChevronUp aria-hidden className="size-4" />}
            </button>
          );
        })}
      </div>
    </section>
  );
}
