import { useDraggable } from '@dnd-kit/core';
import type { Moved, ReadLine } from '@yellowmist/core';
import { placeOf, SURE_WORDS, TAKEN_WORDS, type Place } from './places';
import * as texts from './texts';

interface Props {
  line: ReadLine;
  at: number;
  places: readonly Place[];
  open: boolean;
  onOpen: () => void;
  onMove: (to: Moved) => void;
  /** Goes to the line above or below. */
  onStep: (by: 1 | -1) => void;
}

/** A line of the recipe as it is written, where it goes and how sure that is; opened, every place it can be put into. */
export function LineRow({ line, at, places, open, onOpen, onMove, onStep }: Props) {
  const { setNodeRef, listeners, isDragging, transform } = useDraggable({ id: `line-${at}`, data: { at } });
  const here = placeOf(places, line);
  const keyed = (event: React.KeyboardEvent): void => {
    const place = /^[1-9]$/.test(event.key) ? places[Number(event.key) - 1] : undefined;
    if (place) onMove(place.to);
    else if (event.key === 'ArrowDown') onStep(1);
    else if (event.key === 'ArrowUp') onStep(-1);
    else return;
    event.preventDefault();
  };
  return (
    <li
      ref={setNodeRef}
      className={`border-b border-base-300 ${isDragging ? 'relative z-20 bg-base-200 shadow-lg' : ''}`}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
    >
      <button
        type="button"
        data-line={at}
        className="grid min-h-11 w-full touch-pan-y grid-cols-[1fr_auto] items-baseline gap-x-3 py-1 text-left hover:bg-base-200"
        aria-expanded={open}
        aria-label={`${line.text}: ${labelOf(line, here)}, ${SURE_WORDS[line.sure]}`}
        onClick={onOpen}
        onKeyDown={keyed}
        {...listeners}
      >
        <span className="min-w-0 break-words">{line.text}</span>
        <span className="text-right text-sm">
          <b>{labelOf(line, here)}</b>
          {line.sure !== 'sure' && <span className="block text-xs italic">{SURE_WORDS[line.sure]}</span>}
        </span>
      </button>
      {open && (
        <div className="pb-2">
          <p className="text-sm">{line.why}</p>
          <div className="mt-1 flex flex-wrap gap-1" role="group" aria-label={texts.whereGoes(line.text)}>
            {places.map((place, k) => (
              <button
                key={place.key}
                type="button"
                aria-pressed={place === here}
                className={`btn btn-sm h-11 px-2 font-normal ${place === here ? 'btn-secondary' : 'btn-outline'}`}
                onClick={() => onMove(place.to)}
              >
                {k < 9 && <kbd className="kbd kbd-xs max-sm:hidden">{k + 1}</kbd>}
                {place.label}
              </button>
            ))}
          </div>
        </div>
      )}
    </li>
  );
}

/** "Dust: plain flour", "seasoning, into the dust". */
function labelOf({ takenFor, bowl }: ReadLine, here: Place | undefined): string {
  if (takenFor === 'seasoning' && bowl === 'food') return texts.lineRowOntoFood;
  if ((takenFor === 'seasoning' || takenFor === 'oil') && here)
    return `${TAKEN_WORDS[takenFor]} · ${here.label.toLowerCase()}`;
  return here && bowl !== null ? here.label : TAKEN_WORDS[takenFor];
}
