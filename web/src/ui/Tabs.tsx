import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';

interface Tab {
  id: string;
  label: string;
  content: () => ReactNode;
}

/** Views of one thing, one shown at a time; ← and → go from one to the next. */
export function Tabs({ label, tabs }: { label: string; tabs: readonly Tab[] }) {
  const [shown, setShown] = useState(tabs[0].id);
  const list = useRef<HTMLDivElement>(null);
  const at = tabs.findIndex((t) => t.id === shown);
  const keyed = (event: KeyboardEvent): void => {
    const by = { ArrowRight: 1, ArrowLeft: tabs.length - 1 }[event.key];
    if (by === undefined) return;
    const next = (at + by) % tabs.length;
    setShown(tabs[next].id);
    list.current?.querySelectorAll<HTMLElement>('[role=tab]')[next].focus();
  };
  return (
    <>
      <div
        ref={list}
        role="tablist"
        aria-label={label}
        className="mt-3 flex flex-wrap border-b border-base-300"
        onKeyDown={keyed}
      >
        {tabs.map((tab) => (
          <button
            key={tab.id}
            type="button"
            role="tab"
            id={`tab-${tab.id}`}
            aria-selected={tab.id === shown}
            aria-controls="tab-shown"
            tabIndex={tab.id === shown ? 0 : -1}
            className={`min-h-11 border-b-4 px-3 ${tab.id === shown ? 'border-primary font-bold' : 'border-transparent'}`}
            onClick={() => setShown(tab.id)}
          >
            {tab.label}
          </button>
        ))}
      </div>
      <div id="tab-shown" role="tabpanel" aria-labelledby={`tab-${shown}`} className="pt-2">
        {tabs[at].content()}
      </div>
    </>
  );
}
