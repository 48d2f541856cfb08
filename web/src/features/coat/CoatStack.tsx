import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  MeasuringStrategy,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Plus } from 'lucide-react';
import { memo, useState } from 'react';
import { RANGES } from '@yellowmist/contract';
import {
  choiceOf,
  planNotes,
  repairPlan,
  type AirPlan,
  type CoatLayer,
  type GrammarNote,
  type LayerSpec,
  type Limits,
} from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { usePantryDocument, withPantry } from '../../state/pantryDocument';
import { usePantry } from '../../state/usePantry';
import { type Side } from '../dish/deskSlice';
import { layersChanged, limitsChanged, picked } from '../dish/dishSlice';
import { LayerBand } from './LayerBand';
import { LayerEditor } from './LayerEditor';
import { moved, withNewLayer, withoutLayer } from '../dish/layerEdits';
import * as texts from './texts';

interface Props {
  side: Side;
  /** The air plan whose coat it is; null for the pot, which forgives. */
  plan: AirPlan | null;
  /** Steps in which the fryer is set, °C. */
  stepC: number;
  limits: Limits;
  specs: readonly LayerSpec[];
  layers: readonly CoatLayer[];
  /** Skin of all pieces, m². */
  areaM2: number;
}

const ALWAYS_MEASURED = { droppable: { strategy: MeasuringStrategy.Always } };

/** A pointer that moved less has clicked, px. */
const DRAG_FROM = 6;

/** The coat as it stands on the food: the air above, the skin at the bottom, each layer a band as thick as it is. */
export const CoatStack = memo(function CoatStack({ side, plan, stepC, limits, specs, layers, areaM2 }: Props) {
  const dispatch = useAppDispatch();
  const pantry = usePantry();
  const kitchen = usePantryDocument();
  const [open, setOpen] = useState<number | null>(null);
  const change = (next: LayerSpec[]): void => void dispatch(layersChanged({ side, layers: next }));
  const [ids, setIds] = useState(() => idsFor(specs.length));
  if (ids.length !== specs.length) setIds(idsFor(specs.length));
  const move = (at: number, to: number): void => {
    if (to < 0 || to >= specs.length) return;
    change(moved(specs, at, to));
    setIds(moved(ids, at, to));
    if (open === at) setOpen(to);
  };
  const notes = plan ? planNotes(plan, layers, stepC) : [];
  const repair = (note: GrammarNote): void => {
    if (plan) {
      dispatch(
        picked({
          family: 'own',
          by: 'cook',
          plan: repairPlan(plan, note, choiceOf({ pantry, limits: withPantry(limits, kitchen) })),
        }),
      );
    }
  };
  const keep = limits.keep ?? [];
  const outermostFirst = [...specs.keys()].reverse();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent): void => {
    if (over && over.id !== active.id) move(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };
  return (
    <section aria-label={side === 'pot' ? texts.coatInPot : texts.coatInAir}>
      <div className="flex items-center justify-between">
        <span className="text-xs opacity-85">{texts.airSideOutermostFirst}</span>
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
          {texts.layer}
        </button>
      </div>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        measuring={ALWAYS_MEASURED}
        onDragEnd={drop}
        accessibility={{
          announcements: announcementsFor(ids, layers),
          screenReaderInstructions: INSTRUCTIONS,
        }}
      >
        <SortableContext items={outermostFirst.map((at) => ids[at])} strategy={verticalListSortingStrategy}>
          <ol className="overflow-clip rounded-t-box border border-base-content/40" aria-label={texts.layersFromAirTo}>
            {outermostFirst.map((at) => (
              <LayerBand
                key={ids[at]}
                id={ids[at]}
                place={{ at, of: specs.length }}
                spec={specs[at]}
                layer={layers[at]}
                areaM2={areaM2}
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
});

/** Names of the layers by which they are carried; they move with them, so that the hand stays on what it carried. */
const idsFor = (count: number): string[] => Array.from({ length: count }, (_, k) => `layer-${k}`);

const INSTRUCTIONS = {
  draggable: texts.spacePicksLayerUp,
};

/** What a screen reader says while a layer is carried. */
function announcementsFor(ids: readonly string[], layers: readonly CoatLayer[]): Announcements {
  const at = (id: string | number): number => ids.indexOf(String(id));
  const name = (id: string | number): string => layers[at(id)]?.name ?? texts.theLayer;
  const place = (id: string | number): string => texts.placeOfFromSkin(at(id) + 1, ids.length);
  return {
    onDragStart: ({ active }) => texts.pickedUpAt(name(active.id), place(active.id)),
    onDragOver: ({ active, over }) =>
      over && over.id !== active.id ? texts.over(name(active.id), place(over.id)) : undefined,
    onDragEnd: ({ active, over }) => texts.laidDownAt(name(active.id), place(over?.id ?? active.id)),
    onDragCancel: ({ active }) => texts.putBackTo(name(active.id), place(active.id)),
  };
}
