import { ChevronDown, ChevronUp, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { RANGES } from '@yellowmist/contract';
import {
  consistencyOf,
  flowOf,
  planNotes,
  repairPlan,
  type AirPlan,
  type CoatLayer,
  type GrammarNote,
  type LayerSpec,
  type Limits,
} from '@yellowmist/core';
import { useAppDispatch } from '../../app/store';
import { Swatch } from '../../draw/Swatch';
import { useUnits } from '../../ui/useUnits';
import { layersChanged, picked, type Side } from './benchSlice';
import { LayerEditor } from './LayerEditor';
import { movedLayer, withNewLayer, withoutLayer } from './layerEdits';

interface Props {
  side: Side;
  /** The air plan whose coat it is, and what the cook will not have; null for the pot, which forgives. */
  air: { plan: AirPlan; limits: Limits } | null;
  specs: readonly LayerSpec[];
  layers: readonly CoatLayer[];
}

/** Height of a band: as thick as it is, but never too thin to read. */
const bandHeight = (mm: number): number => Math.round(44 + Math.min(18, mm * 7));

/** The coat as it stands on the food: the air above, the skin at the bottom, each layer a band as thick as it is. */
export function CoatStack({ side, air, specs, layers }: Props) {
  const dispatch = useAppDispatch();
  const { say, tell } = useUnits();
  const [open, setOpen] = useState<number | null>(null);
  const change = (next: LayerSpec[]): void => void dispatch(layersChanged({ side, layers: next }));
  const notes = air ? planNotes(air.plan, layers) : [];
  const repair = (note: GrammarNote): void => {
    if (air) dispatch(picked({ family: 'own', by: 'cook', plan: repairPlan(air.plan, note, air.limits) }));
  };
  const outermostFirst = [...specs.keys()].reverse();
  const full = specs.length >= RANGES.layers.max;
  return (
    <section aria-label={side === 'pot' ? 'Coat in the pot' : 'Coat in the air'}>
      <div className="flex items-center justify-between">
        <span className="text-xs opacity-85">air side, outermost first</span>
        <button
          type="button"
          className="btn btn-ghost btn-sm h-9 gap-1"
          disabled={full}
          onClick={() => {
            change(withNewLayer(specs, 'coarse-crumbs'));
            setOpen(specs.length);
          }}
        >
          <Plus aria-hidden className="size-4" />
          Layer
        </button>
      </div>
      <ol
        className="overflow-clip rounded-t-box border border-base-content/40"
        aria-label="Layers from the air to the skin"
      >
        {outermostFirst.map((at) => {
          const layer = layers[at];
          const ownNotes = notes.filter((n) => n.at === at);
          return (
            <li key={at} className="border-b border-base-content/25 last:border-b-0">
              <div className="flex items-stretch" style={{ minHeight: bandHeight((layer?.thicknessM ?? 0) * 1000) }}>
                <Swatch layer={layer} />
                <button
                  type="button"
                  className="grow px-2 py-1 text-left hover:bg-base-200"
                  aria-expanded={open === at}
                  onClick={() => setOpen(open === at ? null : at)}
                >
                  <span className="block leading-tight font-semibold">{layer?.name ?? 'Empty'}</span>
                  <span className="block text-xs opacity-85">
                    {layer && `${Math.round(layer.pickUpGm2)} g/m², ${say(layer.thicknessM * 1000, 'film')}`}
                    {layer?.batter && `, ${consistencyOf(flowOf(layer.portions, specs[at].standMin)).word}`}
                  </span>
                </button>
                <span className="flex items-center">
                  <IconButton
                    label={`Move ${layer?.name} outward`}
                    disabled={at === specs.length - 1}
                    onClick={() => change(movedLayer(specs, at, 1))}
                  >
                    <ChevronUp aria-hidden className="size-4" />
                  </IconButton>
                  <IconButton
                    label={`Move ${layer?.name} toward the skin`}
                    disabled={at === 0}
                    onClick={() => change(movedLayer(specs, at, -1))}
                  >
                    <ChevronDown aria-hidden className="size-4" />
                  </IconButton>
                  <IconButton
                    label={`Remove ${layer?.name}`}
                    disabled={specs.length === 1}
                    onClick={() => {
                      setOpen(null);
                      change(withoutLayer(specs, at));
                    }}
                  >
                    <Trash2 aria-hidden className="size-4" />
                  </IconButton>
                </span>
              </div>
              {ownNotes.map((note) => (
                <div key={note.rule} className="border-l-4 border-warning bg-warning/15 px-2 py-1 text-xs">
                  <p>
                    {tell(note.text)} {tell(note.repair)}
                  </p>
                  <button type="button" className="btn btn-sm mt-1 h-9" onClick={() => repair(note)}>
                    Repair it
                  </button>
                </div>
              ))}
              {open === at && <LayerEditor layers={specs} at={at} layer={layer} onChange={change} />}
            </li>
          );
        })}
      </ol>
    </section>
  );
}

function IconButton({
  label,
  disabled,
  onClick,
  children,
}: {
  label: string;
  disabled: boolean;
  onClick: () => void;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      className="btn btn-ghost btn-square h-11 w-7 px-0 disabled:opacity-25"
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
