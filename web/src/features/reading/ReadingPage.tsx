import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useLocation, useNavigate } from 'react-router';
import { ActionCreators } from 'redux-undo';
import { useAppDispatch } from '../../state/hooks';
import { usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import type { RecipeAnswer } from '../../worker/questions';
import { UndoRedo } from '../../ui/UndoRedo';
import { BowlsRead } from './BowlsRead';
import { Bringing } from './Bringing';
import { LineRow } from './LineRow';
import { placesFor } from './places';
import { brought, lineMoved, useReading } from './readingSlice';
import { ToBench } from './ToBench';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

/** A pointer that moved less has clicked, px. */
const DRAG_FROM = 8;

/** A recipe is brought in, shown as it is understood, put right, and laid on the bench. */
export function ReadingPage() {
  const dispatch = useAppDispatch();
  const { text, moved } = useReading();
  // What was pasted on the first page is read at once.
  const pasted = (useLocation().state as { text?: string } | null)?.text;
  const navigate = useNavigate();
  useEffect(() => {
    if (pasted === undefined) return;
    dispatch(brought(pasted));
    void navigate('.', { replace: true, state: null });
  }, [pasted, dispatch, navigate]);
  const { own } = usePantryDocument();
  const [editing, setEditing] = useState(false);
  const entries = Object.entries(moved).map(([at, to]): [number, typeof to] => [Number(at), to]);
  const { answer, error } = useAnswer('recipe', text === '' ? null : { source: { text }, moved: entries, own });
  // What was understood stays in sight until what is put right is.
  const [last, setLast] = useState<RecipeAnswer | null>(null);
  if (answer && answer !== last) setLast(answer);
  const shown = answer ?? last;
  if (editing || text === '' || error) {
    return (
      <Bringing
        key={text}
        text={text}
        wrong={editing ? '' : error}
        onRead={(next) => {
          setEditing(false);
          setLast(null);
          dispatch(brought(next === '' ? ' ' : next));
        }}
      />
    );
  }
  if (!shown) return <p className="p-8">{texts.reading}</p>;
  return <Reading answer={shown} onEdit={() => setEditing(true)} />;
}

function Reading({ answer, onEdit }: { answer: RecipeAnswer; onEdit: () => void }) {
  const dispatch = useAppDispatch();
  const { back, forward } = useReading();
  const [open, setOpen] = useState<number | null>(null);
  const list = useRef<HTMLOListElement>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM } }));
  const undo = (): void => void dispatch(ActionCreators.undo());
  const redo = (): void => void dispatch(ActionCreators.redo());
  useHotkeys('mod+z', undo, { preventDefault: true });
  useHotkeys('mod+shift+z', redo, { preventDefault: true });
  const { reading } = answer;
  const places = placesFor(reading.bowls);
  const step = (at: number, by: 1 | -1): void =>
    list.current?.querySelector<HTMLElement>(`[data-line="${at + by}"]`)?.focus();
  const dropped = ({ active, over }: DragEndEvent): void => {
    const place = places.find((p) => p.key === over?.id);
    const { at } = (active.data.current ?? {}) as { at?: number };
    if (place && at !== undefined) dispatch(lineMoved({ at, to: place.to }));
  };
  return (
    <DndContext sensors={sensors} onDragEnd={dropped}>
      <div className="mx-auto grid w-full max-w-7xl gap-x-8 gap-y-4 px-4 py-4 lg:grid-cols-[minmax(0,6fr)_minmax(0,7fr)]">
        <section aria-label={texts.recipeAsItIs}>
          <div className="flex flex-wrap items-start gap-x-2">
            <PageHeading className="min-w-0 grow basis-60 text-2xl leading-tight break-words">
              {reading.title || texts.recipeWithoutTitle}
            </PageHeading>
            <UndoRedo back={back > 0} forward={forward > 0} onUndo={undo} onRedo={redo} />
            <button type="button" className="btn btn-ghost" onClick={onEdit}>
              {texts.changeWords}
            </button>
          </div>
          <p className="text-sm">{texts.whereLineGoesWrong}</p>
          <ol ref={list} className="mt-2" aria-label={texts.lines}>
            {reading.lines.map((line, at) => (
              <LineRow
                key={`${at} ${line.text}`}
                line={line}
                at={at}
                places={places}
                open={open === at}
                onOpen={() => setOpen(open === at ? null : at)}
                onMove={(to) => dispatch(lineMoved({ at, to }))}
                onStep={(by) => step(at, by)}
              />
            ))}
          </ol>
          <Steps answer={answer} />
          <NotUsed answer={answer} />
        </section>
        <section aria-label={texts.recipeAsItIsUnderstood} className="lg:sticky lg:top-2 lg:self-start">
          <ToBench answer={answer} />
          <BowlsRead answer={answer} />
        </section>
      </div>
    </DndContext>
  );
}

function Steps({ answer: { reading } }: { answer: RecipeAnswer }) {
  if (reading.steps.length === 0) return null;
  return (
    <>
      <h2 className="mt-4 text-xl">{texts.whatStepsSay}</h2>
      <ol className="list-decimal pl-6">
        {reading.steps.map(({ text, found }, at) => (
          <li key={at} className="mt-1 text-sm leading-snug">
            {text}
            {found.length > 0 && (
              <span className="block font-semibold">
                {found.map((f) => `${FOUND_WORDS[f.what]} ${f.text}`.trim()).join(' · ')}
              </span>
            )}
          </li>
        ))}
      </ol>
    </>
  );
}

const FOUND_WORDS = {
  method: '',
  dipping: texts.dippedIn,
  'oil-temperature': texts.oilAt,
  minutes: 'fried',
  cut: 'cut',
  drying: '',
  soaking: '',
  marinating: '',
  resting: 'rests',
  frozen: 'from',
  'cooked-before': '',
  mixing: 'mixes',
  sauce: 'sauce',
} as const;

/** Headings, yields and times, which say where lines belong; and what is none of all this. */
function NotUsed({ answer: { reading } }: { answer: RecipeAnswer }) {
  const { headings, notUsed } = reading;
  return (
    <>
      {headings.length > 0 && <p className="mt-3 text-sm">{texts.readAsHeadings(headings.join(' · '))}</p>}
      {notUsed.length > 0 && <NotUsedLines lines={notUsed} />}
    </>
  );
}

function NotUsedLines({ lines }: { lines: readonly string[] }) {
  return (
    <>
      <h2 className="mt-4 text-xl">{texts.notUsed}</h2>
      <ul className="list-disc pl-6 text-sm">
        {lines.map((text, at) => (
          <li key={at} className="break-words">
            {text}
          </li>
        ))}
      </ul>
    </>
  );
}
