import { RANGES } from '@yellowmist/contract';
import { flowOf, mixDensity, partsOf, spreadMm, type LayerSpec } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { NumberField } from '../../ui/NumberField';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import { layersChanged } from '../dish/dishSlice';
import { withLayer } from '../dish/layerEdits';
import { Word } from '../../ui/Word';
import * as texts from './texts';

/**
 * The line-spread test: a tablespoon of batter on a flat plate, measured after a minute. What is measured is what the
 * simulation goes on with.
 */
export function DropTest({ layers, at }: { layers: readonly LayerSpec[]; at: number }) {
  const dispatch = useAppDispatch();
  const { say } = useUnits();
  const { portions, standMin, spreadMm: measured } = layers[at];
  const parts = partsOf(usePantry(), portions);
  const expected = spreadMm(flowOf(parts, standMin), mixDensity(parts));
  const set = (mm: number | undefined): void =>
    void dispatch(layersChanged({ side: 'air', layers: withLayer(layers, at, { spreadMm: mm }) }));
  return (
    <div className="mt-1 text-xs leading-snug">
      <p>
        <Word id="spread">{texts.dropTest}</Word>
        {texts.tablespoonOnFlatPlate}
        <b>{say(expected, 'length')}</b>
        {texts.acrossAfterMinute}
      </p>
      <div className="flex items-end gap-2">
        <NumberField
          className="w-28"
          label={texts.yoursMeasures}
          value={measured ?? Math.round(expected)}
          quantity="length"
          range={RANGES.spreadMm}
          onChange={set}
        />
        {measured !== undefined && (
          <button type="button" className="btn btn-ghost btn-sm h-9" onClick={() => set(undefined)}>
            {texts.asRecipe}
          </button>
        )}
      </div>
      {measured !== undefined && <p>{texts.thanItsRecipeFilm(measured < expected ? texts.thicker : texts.thinner)}</p>}
    </div>
  );
}
