import { Download, Printer } from 'lucide-react';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useParams } from 'react-router';
import { RANGES, type EveningBody } from '@yellowmist/contract';
import type { Change, Task } from '@yellowmist/core';
import { EveningLanes } from '../../draw/EveningLanes';
import { letterOf } from '../../draw/lanes';
import { problemText } from '../../state/api';
import { useEveningEdits } from '../../state/documents';
import { useUnits } from '../../state/useUnits';
import { Savable } from '../../ui/Savable';
import { SaveNote } from '../../ui/SaveNote';
import { UndoRedo } from '../../ui/UndoRedo';
import { AtTheTable } from './AtTheTable';
import { ByTime } from './ByTime';
import { taken } from './changes';
import { Dishes } from './Dishes';
import { Guests } from './Guests';
import { Hands } from './Hands';
import { Measuring, Shopping } from './Lists';
import { Order } from './Order';
import { TaskDetail } from './TaskDetail';
import { Troubles } from './Troubles';
import { useHistory, type Arranging } from './useHistory';
import { useMoves } from './useMoves';
import { usePlan, type Planned } from './usePlan';
import { When } from './When';
import { dayWords } from './when';
import { labelOf, lasting } from './words';

/** One evening: what is on the table when, and the work that leads there. */
export function EveningPage() {
  const { id = '' } = useParams();
  const { shown, change, note, error, isLoading } = useEveningEdits(id);
  if (isLoading) return <p className="p-8">Fetching the evening…</p>;
  if (error) {
    return (
      <div className="mx-auto max-w-xl p-8">
        <h1 className="text-3xl">This evening is not here</h1>
        <p className="mt-3">{problemText(error)}</p>
        <Link className="btn btn-primary mt-6" to="/evening">
          To the evenings
        </Link>
      </div>
    );
  }
  return <Arrange key={id} id={id} body={shown} change={change} note={note} />;
}

type Props = Pick<ReturnType<typeof useEveningEdits>, 'change' | 'note'> & { id: string; body: EveningBody };

function Arrange({ id, body, change, note }: Props) {
  const arranging = useHistory(body, change);
  const { edit, undo, redo, canUndo, canRedo } = arranging;
  const planning = usePlan(body);
  const { planned, current, progress, error } = planning;
  useHotkeys('mod+z', undo, { preventDefault: true }, [undo]);
  useHotkeys('mod+shift+z', redo, { preventDefault: true }, [redo]);
  const take = (made: Change): void => edit((b) => taken(b, made));
  return (
    <div className="mx-auto grid w-full max-w-[90rem] gap-x-6 gap-y-4 p-4 lg:grid-cols-[18rem_minmax(0,1fr)]">
      <div className="order-2 min-w-0 space-y-4 lg:order-1">
        <div>
          <h1 className="sr-only">{body.name}</h1>
          <Name key={body.name} name={body.name} onChange={(name) => edit((b) => ({ ...b, name }))} />
          <div className="flex flex-wrap items-center">
            <UndoRedo back={canUndo} forward={canRedo} onUndo={undo} onRedo={redo} />
            <SaveNote {...note} />
          </div>
        </div>
        <When body={body} edit={edit} />
        <Dishes dishes={body.dishes} onChange={(dishes) => edit((b) => ({ ...b, dishes }))} />
        <Hands cooks={body.cooks} onChange={(cooks) => edit((b) => ({ ...b, cooks }))} />
        <Guests guests={body.guests} onChange={(guests) => edit((b) => ({ ...b, guests }))} />
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={body.state === 'done'}
            onChange={(e) => edit((b) => ({ ...b, state: e.target.checked ? 'done' : 'planned' }))}
          />
          It has been cooked
        </label>
      </div>
      <div className="order-1 min-w-0 lg:order-2">
        {error && (
          <p role="alert" className="border-l-4 border-error pl-2 font-semibold">
            {error}
          </p>
        )}
        {body.dishes.length === 0 && (
          <p className="text-lg">Choose the dishes of the evening: what is done when follows from them.</p>
        )}
        {progress && !current && (
          <p role="status" className="flex items-center gap-2 text-sm">
            <progress className="progress w-32" value={progress.done} max={progress.of} />
            {progress.what === 'dishes' ? 'Simulating the dishes' : 'Trying schedules'}: {progress.done} of{' '}
            {progress.of}
          </p>
        )}
        {planned && <Plan id={id} body={body} planned={planned} stale={!current} arranging={arranging} take={take} />}
      </div>
    </div>
  );
}

const VIEWS = [
  { id: 'time', label: 'By time' },
  { id: 'table', label: 'At the table' },
  { id: 'order', label: 'Order and bowls' },
  { id: 'buy', label: 'Buy' },
  { id: 'measure', label: 'Measure' },
] as const;
type View = (typeof VIEWS)[number]['id'];

function Plan({
  id,
  body,
  planned,
  stale,
  arranging,
  take,
}: {
  id: string;
  body: EveningBody;
  planned: Planned;
  stale: boolean;
  arranging: Arranging;
  take: (change: Change) => void;
}) {
  const { evening, clock, asked } = planned;
  const { tell } = useUnits();
  const [selected, setSelected] = useState<string | null>(null);
  const [view, setView] = useState<View>('time');
  const { refused, move, pin } = useMoves(planned, arranging);
  const ids = body.dishes.map((d) => d.id);
  const dishes = body.dishes.map((d) => ({ id: d.id, name: evening.dishes.find((e) => e.id === d.id)?.name ?? '' }));
  const nameOf = (dishId: string | null): string => dishes.find((d) => d.id === dishId)?.name ?? 'All';
  const tasks = evening.plan.tasks;
  const task = tasks.find((t) => t.id === selected);
  const select = (next: string): void => setSelected(next);
  const told = (t: Task): string =>
    `${clock.time(t.fromMin)} to ${clock.time(t.toMin)}, ${t.cook === null ? (t.fryer ?? '') : (body.cooks[t.cook]?.name ?? '')}, ${nameOf(t.dishId)}: ${tell(t.text)}`;
  return (
    <div aria-busy={stale}>
      <Headline body={body} planned={planned} id={id} />
      <Troubles evening={evening} asked={asked} onTake={take} />
      <Ahead tasks={tasks} clock={clock} />
      <div className="max-sm:hidden">
        <Savable name={`Lanes of ${body.name}`}>
          <EveningLanes
            plan={evening.plan}
            cooks={body.cooks}
            dishes={dishes}
            time={clock.time}
            told={told}
            label={(t) => labelOf(t, letterOf(ids, t.dishId))}
            selected={selected}
            onSelect={select}
            onMove={move}
          />
        </Savable>
        <TaskDetail
          task={task}
          cooks={body.cooks}
          dishIds={ids}
          nameOf={nameOf}
          time={clock.time}
          refused={refused}
          onPin={pin}
          onMove={move}
        />
      </div>
      <div
        role="tablist"
        aria-label="What is told of the evening"
        className="mt-3 flex flex-wrap border-b border-base-300"
      >
        {VIEWS.map((v) => (
          <button
            key={v.id}
            type="button"
            role="tab"
            id={`tab-${v.id}`}
            aria-selected={view === v.id}
            aria-controls="evening-view"
            className={`min-h-11 px-3 ${view === v.id ? 'border-b-4 border-primary font-bold' : ''}`}
            onClick={() => setView(v.id)}
          >
            {v.label}
          </button>
        ))}
      </div>
      <div id="evening-view" role="tabpanel" aria-labelledby={`tab-${view}`} className="pt-2">
        {view === 'time' && (
          <ByTime
            tasks={tasks}
            cooks={body.cooks}
            dishIds={ids}
            nameOf={nameOf}
            clock={clock}
            selected={selected}
            onSelect={select}
          />
        )}
        {view === 'table' && <AtTheTable table={evening.plan.table} dishIds={ids} nameOf={nameOf} time={clock.time} />}
        {view === 'order' && <Order order={evening.order} bowls={evening.bowls} dishIds={ids} />}
        {view === 'buy' && <Shopping shopping={evening.shopping} />}
        {view === 'measure' && <Measuring measuring={evening.measuring} dishIds={ids} />}
      </div>
    </div>
  );
}

/** When it begins, when it is eaten, how much work it is; and the evening to take away. */
function Headline({ body, planned: { evening, clock }, id }: { body: EveningBody; planned: Planned; id: string }) {
  const { plan } = evening;
  const first = Math.min(0, ...plan.tasks.filter((t) => !t.ahead).map((t) => t.fromMin));
  const work = plan.busy.cooks.map((min, k) => `${lasting(min)} for ${body.cooks[k]?.name ?? ''}`);
  return (
    <div className="mb-2 flex flex-wrap items-end gap-x-4 gap-y-1">
      <p className="min-w-0 grow basis-80 leading-tight">
        <span className="font-display text-2xl font-semibold">
          Begin at {clock.time(first)}, eat at {clock.time(0)}
        </span>
        <span className="block text-sm">
          {body.serveAt === null ? clock.day(0) : dayWords(body.serveAt, body.timeZone).replace(/, [^,]*$/, '')}. Work:{' '}
          {work.join(', ')}.
        </span>
      </p>
      <p className="flex flex-wrap gap-1" role="group" aria-label="The evening to take away">
        <Link className="btn h-11" to={`/evening/${id}/sheet`}>
          <Printer aria-hidden className="size-4" /> Sheet
        </Link>
        {(
          [
            ['ics', 'Calendar'],
            ['markdown', 'Markdown'],
            ['text', 'Text'],
          ] as const
        ).map(([form, label]) => (
          <a key={form} className="btn h-11" href={`/api/evenings/${id}?as=${form}`} download>
            <Download aria-hidden className="size-4" /> {label}
          </a>
        ))}
      </p>
    </div>
  );
}

/** What is done on an earlier day or hours before, in a line each. */
function Ahead({ tasks, clock }: { tasks: readonly Task[]; clock: Planned['clock'] }) {
  const { tell } = useUnits();
  const ahead = tasks.filter((t) => t.ahead && t.cook !== null);
  if (ahead.length === 0) return null;
  return (
    <section aria-label="Ahead of the evening" className="mb-2 rounded-box bg-base-200 px-3 py-2">
      <h2 className="text-base">Ahead</h2>
      <ul className="text-sm">
        {ahead.map((t) => (
          <li key={t.id} className="leading-snug">
            <b className="tabular-nums">
              {clock.day(t.fromMin).split(' ')[0]} {clock.time(t.fromMin)}
            </b>{' '}
            {tell(t.text)}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The evening's name, changed where it stands; an empty one is refused and the last good one stays. */
function Name({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  const [draft, setDraft] = useState(name);
  const empty = draft.trim() === '';
  return (
    <>
      <textarea
        rows={1}
        aria-label="Name of the evening"
        aria-invalid={empty}
        className="-ml-1 field-sizing-content w-full resize-none rounded-sm border border-transparent bg-transparent px-1 font-display text-2xl leading-tight font-semibold hover:border-base-content/40 focus:border-base-content/60"
        maxLength={RANGES.nameLength.max}
        value={draft}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={() => (empty ? setDraft(name) : draft.trim() !== name && onChange(draft.trim()))}
        onKeyDown={(e) => {
          if (e.key !== 'Enter') return;
          e.preventDefault();
          e.currentTarget.blur();
        }}
      />
      {empty && (
        <p role="alert" className="text-xs text-error">
          An evening needs a name of 1 to {RANGES.nameLength.max} letters.
        </p>
      )}
    </>
  );
}
