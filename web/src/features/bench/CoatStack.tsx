import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { RANGES } from '@yellowmist/contract';
import {
  planNotes,
  repairPlan,
  type AirPlan,
  type CoatLayer,
  type GrammarNote,
  type LayerSpec,
  type Limits,
} from '@yellowmist/core';
import { useAppDispatch } from '../../app/store';
import { usePantry, withPantry } from '../pantry/usePantry';
import { layersChanged, limitsChanged, picked, type Side } from './benchSlice';
import { LayerBand } from './LayerBand';
import { LayerEditor } from './LayerEditor';
import { movedLayer, withNewLayer, withoutLayer } from './layerEdits';

interface Props {
  side: Side;
  /** The air plan whose coat it is; null for the pot, which forgives. */
  plan: AirPlan | null;
  limits: Limits;
  specs: readonly LayerSpec[];
  layers: readonly CoatLayer[];
}

/** A pointer that moved less has clicked, px. */
const DRAG_FROM = 6;

/** The coat as it stands on the food: the air above, the skin at the bottom, each layer a band as thick as it is. */
export function CoatStack({ side, plan, limits, specs, layers }: Props) {
  const dispatch = useAppDispatch();
  const pantry = usePantry();
  const [open, setOpen] = useState<number | null>(null);
  const change = (next: LayerSpec[]): void => void dispatch(layersChanged({ side, layers: next }));
  const move = (at: number, to: number): void => {
    change(movedLayer(specs, at, to));
    if (open === at) setOpen(to);
  };
  const notes = plan ? planNotes(plan, layers) : [];
  const repair = (note: GrammarNote): void => {
    if (plan) {
      dispatch(picked({ family: 'own', by: 'cook', plan: repairPlan(plan, note, withPantry(limits, pantry)) }));
    }
  };
  const keep = limits.keep ?? [];
  const outermostFirst = [...specs.keys()].reverse();
  const ids = outermostFirst.map(idOf);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent): void => {
    if (over && over.id !== active.id) move(atOf(active.id), atOf(over.id));
  };
  return (
    <section aria-label={side === 'pot' ? 'Coat in the pot' : 'Coat in the air'}>
      <div className="flex items-center justify-between">
        <span className="text-xs opacity-85">air side, outermost first</span>
        <button
          type="button"
          className="btn btn-ghost btn-sm h-9 gap-1"
          disabled={specs.length >= RANGES.layers.max}
          onClick={() => {
            change(withNewLayer(specs, 'coarse-crumbs'));
            setOpen(specs.length);
          }}
        >
          <Plus aria-hidden className="size-4" />
          Layer
        </button>
      </div>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={drop}
        accessibility={{
          announcements: announcementsFor(specs.length, layers),
          screenReaderInstructions: INSTRUCTIONS,
        }}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ol
            className="overflow-clip rounded-t-box border border-base-content/40"
            aria-label="Layers from the air to the skin"
          >
            {outermostFirst.map((at) => (
              <LayerBand
                key={at}
                id={idOf(at)}
                place={{ at, of: specs.length }}
                spec={specs[at]}
                layer={layers[at]}
                open={open === at}
                notes={notes.filter((n) => n.at === at)}
                onOpen={() => setOpen(open === at ? null : at)}
                onMove={(by) => move(at, at + by)}
                onRemove={() => {
                  setOpen(null);
                  change(withoutLayer(specs, at));
                }}
                onRepair={repair}
              >
                <LayerEditor
                  layers={specs}
                  at={at}
                  layer={layers[at]}
                  keep={keep}
                  inAir={plan !== null}
                  onChange={change}
                  onMove={(to) => move(at, to)}
                  onKeep={(id) =>
                    dispatch(limitsChanged({ keep: keep.includes(id) ? keep.filter((k) => k !== id) : [...keep, id] }))
                  }
                />
              </LayerBand>
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </section>
  );
}

const idOf = (at: number): string => `layer-${at}`;
const atOf = (id: string | number): number => Number(String(id).slice('layer-'.length));

const INSTRUCTIONS = {
  draggable:
    'Space picks the layer up, the arrow keys move it outward or toward the skin, Space lays it down, Escape puts it back.',
};

/** What a screen reader says while a layer is carried. */
function announcementsFor(count: number, layers: readonly CoatLayer[]): Announcements {
  const name = (id: string | number): string => layers[atOf(id)]?.name ?? 'The layer';
  const place = (id: string | number): string => `place ${atOf(id) + 1} of ${count} from the skin`;
  return {
    onDragStart: ({ active }) => `${name(active.id)} picked up at ${place(active.id)}.`,
    onDragOver: ({ active, over }) => (over ? `${name(active.id)} over ${place(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) => `${name(active.id)} laid down at ${place(over?.id ?? active.id)}.`,
    onDragCancel: ({ active }) => `${name(active.id)} put back to ${place(active.id)}.`,
  };
}
