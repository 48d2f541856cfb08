import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';

export interface Board {
  id: string;
  label: string;
  content: ReactNode;
}

/** The shelf along the bottom: boards that are pulled forward one at a time, by hand or with the arrow keys. */
export function Shelf({ boards }: { boards: readonly Board[] }) {
  const [open, setOpen] = useState(boards[0].id);
  const tabs = useRef(new Map<string, HTMLButtonElement>());
  const step = (event: KeyboardEvent): void => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (by === 0) return;
    const at = boards.findIndex((b) => b.id === open);
    const next = boards[(at + by + boards.length) % boards.length];
    setOpen(next.id);
    tabs.current.get(next.id)?.focus();
  };
  return (
    <section aria-label="Shelf" className="border-t-2 border-base-content/70 bg-base-200">
      <div role="tablist" aria-label="Shelf" className="flex overflow-x-auto px-2" onKeyDown={step}>
        {boards.map((board) => (
          <button
            key={board.id}
            ref={(el) => {
              if (el) tabs.current.set(board.id, el);
            }}
            type="button"
            role="tab"
            id={`tab-${board.id}`}
            aria-selected={open === board.id}
            aria-controls={`board-${board.id}`}
            tabIndex={open === board.id ? 0 : -1}
            className={`min-h-11 px-3 font-display whitespace-nowrap ${open === board.id ? 'border-b-4 border-primary font-bold' : 'border-b-4 border-transparent'}`}
            onClick={() => setOpen(board.id)}
          >
            {board.label}
          </button>
        ))}
      </div>
      {boards.map((board) => (
        <div
          key={board.id}
          role="tabpanel"
          tabIndex={0}
          id={`board-${board.id}`}
          aria-labelledby={`tab-${board.id}`}
          hidden={open !== board.id}
          className="px-3 pt-1 pb-3 lg:h-64 lg:overflow-y-auto"
        >
          {board.content}
        </div>
      ))}
    </section>
  );
}
