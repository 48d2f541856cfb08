import { useState } from 'react';
import { useParams } from 'react-router';
import type { EveningBody } from '@yellowmist/contract';
import { DEFERS, onTheClock, sheetTasks } from '@yellowmist/core';
import { letterOf } from '../../draw/lanes';
import { problemText } from '../../state/api';
import { useEveningEdits } from '../../state/documents';
import { useUnits } from '../../state/useUnits';
import { NotHere } from '../../ui/NotHere';
import type { Paper } from '../../ui/paper';
import { asLargeAsHolds, holdsAll, PaperSheet } from '../../ui/PaperSheet';
import { PrintBar } from '../../ui/PrintBar';
import { isGrave } from './Troubles';
import { usePlan, type Planned } from './usePlan';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

/** Columns of the sheet: an evening that is too long for two has three, or four. */
const COLUMNS = [2, 3, 4] as const;

/** Type of a sheet that takes several pages, pt. */
const LONG_PT = 8;

/** The run sheet on one page: what to do when. */
export function SheetPage() {
  const { id = '' } = useParams();
  const { shown, known, error: missing } = useEveningEdits(id);
  const { planned, error } = usePlan(shown);
  const [paper, setPaper] = useState<Paper>('A4');
  if (!known && missing) {
    return <NotHere what={texts.evening} problem={problemText(missing)} to="/evening" toLabel={texts.toEvenings} />;
  }
  return (
    <div className="mx-auto w-full max-w-7xl px-4 py-4 print:max-w-none print:p-0">
      <PrintBar
        back={{ to: `/evening/${id}`, label: texts.backToEvening }}
        paper={paper}
        onPaper={setPaper}
        print={texts.printSheet}
        ready={planned !== null}
      />
      {error && <p role="alert">{error}</p>}
      {planned ? (
        <Sheet body={shown} planned={planned} paper={paper} />
      ) : (
        <p>{known && shown.dishes.length === 0 ? texts.thereIsNoDish : texts.planningEvening}</p>
      )}
    </div>
  );
}

/** As many columns as it takes to hold all on one page; what is longer goes on over the next ones, and nothing is lost. */
function inColumns(sheet: HTMLElement): void {
  for (const columns of COLUMNS) {
    sheet.style.setProperty('--columns', String(columns));
    asLargeAsHolds(sheet);
    if (holdsAll(sheet)) return;
  }
  sheet.style.height = 'auto';
  sheet.style.overflow = 'visible';
  sheet.style.fontSize = `${LONG_PT}pt`;
  sheet.style.setProperty('--columns', '2');
}

function Sheet({ body, planned, paper }: { body: EveningBody; planned: Planned; paper: Paper }) {
  const { tell } = useUnits();
  const { evening, clock, asked } = planned;
  const ids = body.dishes.map((d) => d.id);
  const tasks = sheetTasks(evening.plan.tasks);
  const days = [...new Set(tasks.map((t) => clock.date(t.fromMin)))];
  return (
    <PaperSheet label={texts.sheetOf(body.name)} paper={paper} fill={inColumns}>
      <header className="flex items-end justify-between gap-[2em] border-b-2 border-black pb-[0.2em]">
        <PageHeading className="min-w-0 text-[1.9em] leading-none break-words">{body.name}</PageHeading>
        <p className="shrink-0">
          {texts.onTableAt(clock.day(0))}
          <b>{clock.time(0)}</b>
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
        aria-label={texts.whatToDoWhen}
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
      <footer className="border-t border-black pt-[0.2em] text-[0.85em]">{texts.timesAreEstimatesAnd(DEFERS)}</footer>
    </PaperSheet>
  );
}
