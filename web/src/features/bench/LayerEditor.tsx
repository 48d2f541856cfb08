import { Trash2 } from 'lucide-react';
import { RANGES } from '@yellowmist/contract';
import { consistencyOf, flowOf, ingredient, type CoatLayer, type LayerSpec } from '@yellowmist/core';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { withLayer, withNewPortion, withoutPortion, withPortion } from './layerEdits';
import { INGREDIENTS } from './options';

interface Props {
  layers: readonly LayerSpec[];
  at: number;
  layer: CoatLayer | undefined;
  onChange: (layers: LayerSpec[]) => void;
}

/** What is in one layer and how it is put on. Weights count in proportion; the bowls below say how much to weigh out. */
export function LayerEditor({ layers, at, layer, onChange }: Props) {
  const spec = layers[at];
  const wet = layer?.wet ?? false;
  const powdery = layer?.grain === 'powder' || layer?.grain === 'starch';
  return (
    <div className="space-y-1 bg-base-200 p-2">
      {spec.portions.map((portion, k) => (
        <div key={k} className="flex items-start gap-1">
          <Choice
            className="grow"
            label={`Ingredient ${k + 1}`}
            hideLabel
            value={portion.ingredientId}
            options={INGREDIENTS}
            onChange={(ingredientId) => onChange(withPortion(layers, at, k, { ingredientId }))}
          />
          <NumberField
            className="w-24 shrink-0"
            label={`Parts by weight of ${ingredient(portion.ingredientId).name}`}
            hideLabel
            value={portion.grams}
            quantity="mass"
            range={RANGES.grams}
            onChange={(grams) => onChange(withPortion(layers, at, k, { grams }))}
          />
          <button
            type="button"
            className="btn btn-ghost btn-square size-9"
            aria-label={`Take out ${ingredient(portion.ingredientId).name}`}
            disabled={spec.portions.length === 1}
            onClick={() => onChange(withoutPortion(layers, at, k))}
          >
            <Trash2 aria-hidden className="size-4" />
          </button>
        </div>
      ))}
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        disabled={spec.portions.length >= RANGES.portions.max}
        onClick={() => onChange(withNewPortion(layers, at, wet ? 'corn-starch' : 'paprika'))}
      >
        Add an ingredient
      </button>
      {layer?.batter && (
        <>
          <p className="text-xs">{consistencyOf(flowOf(layer.portions, spec.standMin)).forkTest}</p>
          <Check
            label="Beaten smooth, not folded"
            checked={spec.beaten ?? false}
            onChange={(beaten) => onChange(withLayer(layers, at, { beaten }))}
          />
        </>
      )}
      {wet ? (
        <div className="flex items-end gap-2">
          <NumberField
            className="w-28"
            label="Drips for"
            value={spec.drainS ?? 8}
            quantity="seconds"
            range={RANGES.drainS}
            onChange={(drainS) => onChange(withLayer(layers, at, { drainS }))}
          />
          {layer?.batter && (
            <NumberField
              className="w-28"
              label="Has stood for"
              value={spec.standMin ?? 0}
              quantity="minutes"
              range={RANGES.standMin}
              onChange={(standMin) => onChange(withLayer(layers, at, { standMin }))}
            />
          )}
        </div>
      ) : (
        <Check
          label={powdery ? 'Left to clump in its bowl' : 'Pressed on with the palm'}
          checked={Boolean(powdery ? spec.clumped : spec.pressed)}
          onChange={(on) => onChange(withLayer(layers, at, powdery ? { clumped: on } : { pressed: on }))}
        />
      )}
    </div>
  );
}
