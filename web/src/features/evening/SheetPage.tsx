import { Printer } from 'lucide-react';
import { useLayoutEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { EveningBody } from '@yellowmist/contract';
import { onTheClock, sheetTasks } from '@yellowmist/core';
import { letterOf } from '../../draw/lanes';
import { useEveningEdits } from '../../state/documents';
import { useUnits } from '../../state/useUnits';
import { Choice } from '../../ui/Choice';
import { EDGE_MM, fittingPt, PAPER_NAMES, PAPERS, type Paper } from '../../ui/paper';
import { isGrave } from './Troubles';
import { usePlan, type Planned } from './usePlan';

/** Columns of the sheet: an evening that is too long for two has three, or four. */
const COLUMNS = [2, 3, 4] as const;

/** Type of a sheet that takes several pages, pt. */
const LONG_PT = 8;

/** CSS: an inch is 96 px of it. */
const PX_PER_MM = 96 / 25.4;

/** The run sheet on one page: what to do when, and what to measure out. */
export function SheetPage() {
  const { id = '' } = useParams();
  const { shown, isLoading } = useEveningEdits(id);
  const { planned, error } = usePlan(shown);
  const [paper, setPaper] = useState<Paper>('A4');
  return (
    <div className="mx-auto w-full max-w-7xl px-4 py-4 print:max-w-none print:p-0">
      <style>{`@page { size: ${paper}; margin: 0 }`}</style>
      <div className="mb-3 flex flex-wrap items-end gap-3 print:hidden">
        <Link className="btn btn-ghost h-11" to={`/evening/${id}`}>
          Back to the evening
        </Link>
        <Choice
          className="w-32"
          label="Paper"
          value={paper}
          options={PAPER_NAMES.map((p) => ({ value: p, label: p }))}
          onChange={setPaper}
        />
        <button type="button" className="btn btn-primary h-11" disabled={!planned} onClick={() => window.print()}>
          <Printer aria-hidden className="size-5" /> Print the sheet
        </button>
      </div>
      {error && <p role="alert">{error}</p>}
      {planned ? (
        <Sheet body={shown} planned={planned} paper={paper} />
      ) : (
        <p>{isLoading ? 'Fetching the evening…' : 'Planning the evening…'}</p>
      )}
    </div>
  );
}

function Sheet({ body, planned, paper }: { body: EveningBody; planned: Planned; paper: Paper }) {
  const { tell } = useUnits();
  const sheet = useRef<HTMLElement>(null);
  const { widthMm, heightMm } = PAPERS[paper];
  // Type as large as the page holds.
  useLayoutEffect(() => {
    const { current } = sheet;
    if (!current) return;
    const room = current.parentElement?.clientWidth ?? 0;
    current.style.setProperty('--fit', String(Math.min(1, room / (widthMm * PX_PER_MM))));
    current.style.height = `${heightMm}mm`;
    current.style.overflow = 'hidden';
    const fits = (): boolean =>
      current.scrollHeight <= current.clientHeight + 1 && current.scrollWidth <= current.clientWidth + 1;
    for (const columns of COLUMNS) {
      current.style.setProperty('--columns', String(columns));
      fittingPt((pt) => {
        current.style.fontSize = `${pt}pt`;
        return fits();
      });
      if (fits()) return;
    }
    // More than one page holds: it goes on over the next ones, and nothing is lost.
    current.style.height = 'auto';
    current.style.overflow = 'visible';
    current.style.fontSize = `${LONG_PT}pt`;
    current.style.setProperty('--columns', '2');
  });
  const { evening, clock, asked } = planned;
  const ids = body.dishes.map((d) => d.id);
  const tasks = sheetTasks(evening.plan.tasks);
  const days = [...new Set(tasks.map((t) => clock.date(t.fromMin)))];
  return (
    <article
      ref={sheet}
      aria-label={`Sheet of ${body.name}`}
      className="sheet mx-auto flex flex-col overflow-hidden bg-white leading-snug text-black shadow-lg print:shadow-none"
      style={{ width: `${widthMm}mm`, padding: `${EDGE_MM}mm` }}
    >
      <header className="flex items-end justify-between gap-[2em] border-b-2 border-black pb-[0.2em]">
        <h1 className="min-w-0 text-[1.9em] leading-none break-words">{body.name}</h1>
        <p className="shrink-0">
          {clock.day(0)}, on the table at <b>{clock.time(0)}</b>
        </p>
      </header>
      <p className="mt-[0.2em]">
        {evening.dishes.length > 0 &&
          body.dishes.map((d) => (
            <span key={d.id} className="mr-[1.2em]">
              <b>{letterOf(ids, d.id)}</b> {evening.dishes.find((e) => e.id === d.id)?.name}
            </span>
          ))}
      </p>
      {[...evening.plan.warnings.filter(isGrave).map((w) => w.text), ...evening.plan.cannot.map((c) => c.why)].map(
        (said, k) => (
          <p key={k} className="border-l-4 border-black pl-[0.5em] font-semibold">
            {tell(onTheClock(said, asked.time))}
          </p>
        ),
      )}
      <ol
        className="mt-[0.3em] min-h-0 grow gap-[1.6em]"
        aria-label="What to do when"
        style={{ columnFill: 'auto', columnCount: 'var(--columns)' }}
      >
        {days.map((day) => (
          <li key={day} className="contents">
            {days.length > 1 && (
              <h2 className="text-[1.05em] [column-span:none]">
                {clock.day(tasks.find((t) => clock.date(t.fromMin) === day)!.fromMin)}
              </h2>
            )}
            <ol>
              {tasks
                .filter((t) => clock.date(t.fromMin) === day)
                .map((t) => (
                  <li key={t.id} className="flex gap-[0.5em] break-inside-avoid border-b border-black/20">
                    <span className="w-[2.9em] shrink-0 font-semibold tabular-nums">{clock.time(t.fromMin)}</span>
                    <b className="w-[1em] shrink-0">{letterOf(ids, t.dishId)}</b>
                    <span className="min-w-0">
                      {body.cooks.length > 1 && t.cook !== null && <i>{body.cooks[t.cook]?.name}: </i>}
                      {tell(t.text)}
                    </span>
                  </li>
                ))}
            </ol>
          </li>
        ))}
      </ol>
      <footer className="border-t border-black pt-[0.2em] text-[0.85em]">
        These are estimates. The manual of your fryer and local food rules come first; the thermometer decides.
      </footer>
    </article>
  );
}
