import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical, Trash2 } from 'lucide-react';
import type { KeyboardEvent, ReactNode } from 'react';
import {
  ALLERGENS,
  allergensOf,
  consistencyOf,
  flowOfLayer,
  thickAs,
  ingredient,
  type CoatLayer,
  type GrammarNote,
  type LayerSpec,
  type Pantry,
} from '@yellowmist/core';
import { Swatch } from '../../draw/Swatch';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

interface Props {
  id: string;
  /** Its place from the skin, 0 the innermost. */
  place: { at: number; of: number };
  spec: LayerSpec;
  layer: CoatLayer | undefined;
  /** Skin of all pieces, m². */
  areaM2: number;
  open: boolean;
  notes: readonly GrammarNote[];
  onOpen: () => void;
  onMove: (by: 1 | -1) => void;
  onRemove: () => void;
  onRepair: (note: GrammarNote) => void;
  /** Its editor. */
  children: ReactNode;
}

/** Height of a band: as thick as it is, but never too thin to read. */
const bandHeight = (mm: number): number => Math.round(44 + Math.min(18, mm * 7));

const allergensIn = (pantry: Pantry, spec: LayerSpec): string =>
  allergensOf(spec.portions.map((p) => ingredient(pantry, p.ingredientId)))
    .map((a) => ALLERGENS[a].name)
    .join(', ');

/** One layer of the stack: a band as thick as it is, a handle to carry it by, its complaints, and its editor when open. */
export function LayerBand({
  id,
  place,
  spec,
  layer,
  areaM2,
  open,
  notes,
  onOpen,
  onMove,
  onRemove,
  onRepair,
  children,
}: Props) {
  const { say, tell } = useUnits();
  const pantry = usePantry();
  const { active, attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } =
    useSortable({
      id,
    });
  // While a layer is carried, all are bare bands of like height: the arrow keys go from one to the next.
  const shown = active ? [] : notes;
  const name = layer?.name ?? texts.emptyLayer;
  const allergens = allergensIn(pantry, spec);
  const carry = (event: KeyboardEvent): void => {
    if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
    event.preventDefault();
    onMove(event.key === 'ArrowUp' ? 1 : -1);
  };
  return (
    <li
      ref={setNodeRef}
      aria-label={texts.layerOfFromSkin(place.at + 1, place.of, name)}
      className={`border-b border-base-content/25 bg-base-100 last:border-b-0 ${isDragging ? 'relative z-10 ring-2 ring-base-content' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <div className="flex items-stretch" style={{ minHeight: bandHeight((layer?.thicknessM ?? 0) * 1000) }}>
        <Swatch layer={layer} />
        <button
          type="button"
          className="min-w-0 grow px-2 py-1 text-left hover:bg-base-200"
          aria-expanded={open}
          aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
          onClick={onOpen}
          onKeyDown={carry}
        >
          <span className="block leading-tight font-semibold">{name}</span>
          <span className="block text-xs opacity-85">
            {layer && (
              <span title={texts.gOnMWeight(say(layer.thicknessM * 1000, 'film'), Math.round(layer.pickUpGm2))}>
                {say(layer.pickUpGm2 * areaM2, 'mass')}, {thickAs(layer.thicknessM * 1000)}
              </span>
            )}
            {layer?.batter && `, ${consistencyOf(flowOfLayer(pantry, spec)).word}`}
            {allergens && ` · ${allergens}`}
          </span>
        </button>
        <span className="flex items-center">
          <button
            type="button"
            ref={setActivatorNodeRef}
            {...attributes}
            {...listeners}
            className="btn btn-ghost btn-square h-11 w-8 cursor-grab touch-none px-0"
            aria-label={texts.carry(name)}
            title={texts.dragOrSpaceAnd}
          >
            <GripVertical aria-hidden className="size-5" />
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-square h-11 w-8 px-0 disabled:opacity-25"
            aria-label={texts.remove(name)}
            title={texts.remove(name)}
            disabled={place.of === 1}
            onClick={onRemove}
          >
            <Trash2 aria-hidden className="size-4" />
          </button>
        </span>
      </div>
      {shown.map((note) => (
        <div key={note.rule} className="border-l-4 border-warning bg-warning/15 px-2 py-1 text-xs">
          <p>
            {tell(note.text)} {tell(note.repair)}
          </p>
          <button type="button" className="btn btn-sm mt-1 h-9" onClick={() => onRepair(note)}>
            {texts.repairIt}
          </button>
        </div>
      ))}
      {open && !active && children}
    </li>
  );
}
