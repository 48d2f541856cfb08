import { useRef, useState } from 'react';
import { createPortal } from 'react-dom';
import { useHotkeys, type Options } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { RANGES } from '@yellowmist/contract';
import { useAppDispatch } from '../../state/hooks';
import { UndoRedo } from '../../ui/UndoRedo';
import { sideTurned, typed, type SaveState } from '../dish/deskSlice';
import { redo, renamed, selectDesk, selectSave, selectSteps, undo, useDish } from '../dish/dishSlice';
import * as texts from './texts';

const SAVE_WORDS: Record<SaveState, string> = {
  saved: texts.saved,
  waiting: texts.notSavedYet,
  saving: 'Saving…',
  conflict: texts.changedElsewhere,
  gone: texts.putAsideElsewhere,
  failed: texts.notSavedTryingAgain,
};

/** A field undoes its own typing; a slider has nothing of its own to undo. */
const UNDOES: Options = {
  preventDefault: true,
  enableOnFormTags: ['input'],
  ignoreEventWhen: ({ target }) => target instanceof HTMLInputElement && target.type !== 'range',
};

/** The dish's name where it stands, the state of saving, undo and redo; in the bar over the page. */
export function BenchBar({ name }: { name: string }) {
  const dispatch = useAppDispatch();
  const steps = useDish(selectSteps);
  const saveState = useDish(selectSave);
  const { problem, id } = useDish(selectDesk);
  const wrong = ['failed', 'conflict', 'gone'].includes(saveState);
  useHotkeys('mod+z', () => void dispatch(undo()), UNDOES);
  useHotkeys('mod+shift+z, mod+y', () => void dispatch(redo()), UNDOES);
  useHotkeys('p', () => void dispatch(sideTurned('pot')));
  useHotkeys('a', () => void dispatch(sideTurned('air')));
  const bar = document.getElementById('bar');
  if (!bar) return null;
  return createPortal(
    <>
      <NameField name={name} />
      <output className={`text-sm whitespace-nowrap ${wrong ? 'font-semibold text-error' : ''}`} title={problem}>
        {SAVE_WORDS[saveState]}
      </output>
      <span className="ml-auto flex">
        <Link className="btn btn-ghost h-11 px-2 font-normal" to={`/dish/${id}/card`}>
          {texts.card}
        </Link>
        <UndoRedo
          back={steps.back > 0}
          forward={steps.forward > 0}
          onUndo={() => dispatch(undo())}
          onRedo={() => dispatch(redo())}
        />
      </span>
    </>,
    bar,
  );
}

/**
 * The name, edited where it stands: every letter counts at once, and all of them are one step to undo. An empty one is
 * refused and the last good one stays.
 */
function NameField({ name }: { name: string }) {
  const dispatch = useAppDispatch();
  const [draft, setDraft] = useState<string | null>(null);
  const before = useRef(name);
  const empty = draft !== null && draft.trim() === '';
  const rename = (to: string): void => {
    if (to !== '' && to !== name) dispatch(renamed(to));
  };
  return (
    <span className="min-w-0 shrink grow md:max-w-96">
      <input
        aria-label={texts.nameOfDish}
        aria-invalid={empty}
        className="w-full truncate rounded-sm border border-transparent bg-transparent px-2 py-1 font-display text-lg font-semibold hover:border-base-content/40 focus:border-base-content/60"
        maxLength={RANGES.nameLength.max}
        value={draft ?? name}
        onFocus={() => {
          before.current = name;
          dispatch(typed(true));
        }}
        onChange={(e) => {
          setDraft(e.target.value);
          rename(e.target.value.trim());
        }}
        onBlur={() => {
          setDraft(null);
          dispatch(typed(false));
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') e.currentTarget.blur();
          if (e.key !== 'Escape') return;
          setDraft(null);
          rename(before.current);
        }}
      />
      {empty && (
        <span role="alert" className="px-2 text-xs text-error">
          {texts.dishNeedsNameOf(RANGES.nameLength.max)}
        </span>
      )}
    </span>
  );
}
