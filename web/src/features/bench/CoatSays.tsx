import { ALLERGENS, salted, type AirResult, type Dish, type LayerSpec } from '@yellowmist/core';
import { readyPiece } from '@yellowmist/core';
import { useAppDispatch } from '../../app/store';
import { layersChanged } from './benchSlice';

const percent = (share: number): string => `${(share * 100).toFixed(share < 0.01 ? 2 : 1)} %`;

/** What is true of the whole coat: salt against the food's weight, and what is in it that somebody may not eat. */
export function CoatSays({ air, dish }: { air: AirResult; dish: Dish }) {
  const dispatch = useAppDispatch();
  const { seasoning, allergens } = air;
  const season = (): void => {
    const { layers, piece } = readyPiece(dish, air.plan.layers);
    const next: LayerSpec[] = salted(
      air.plan.layers,
      layers,
      piece.areaM2 * dish.count,
      dish.foodId,
      piece.massG * dish.count,
    );
    dispatch(layersChanged({ side: 'air', layers: next }));
  };
  return (
    <div className="border-x border-base-content/40 bg-base-100 px-2 py-1 text-xs leading-snug">
      <p>
        <b>Salt</b> {percent(seasoning.share)} of the food’s weight: {seasoning.word}. {seasoning.move}
        {(seasoning.word === 'bland' || seasoning.word === 'lightly seasoned') && (
          <button type="button" className="btn btn-sm ml-1 h-9" onClick={season}>
            Season it
          </button>
        )}
      </p>
      <p>
        <b>In it</b>{' '}
        {allergens.length ? allergens.map((a) => ALLERGENS[a].name).join(', ') : 'none of the listed allergens'}, by
        these ingredients; check the labels.
      </p>
    </div>
  );
}
