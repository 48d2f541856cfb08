import { memo } from 'react';
import {
  adaptCoat,
  eatenIn,
  ALLERGENS,
  allowed,
  capitalised,
  choiceOf,
  DIETS,
  fitsDiets,
  ingredient,
  looseSpice,
  readyPiece,
  wholeOf,
  salted,
  spiceInside,
  type AirResult,
  type Dish,
  type LayerSpec,
  type Limits,
} from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { usePantryDocument, withPantry } from '../../state/pantryDocument';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import { layersChanged } from '../dish/dishSlice';
import { DIET_WORDS } from '../dish/words';
import * as texts from './texts';

const percent = (share: number): string => `${(share * 100).toFixed(share < 0.01 ? 2 : 1)} %`;

/** What is true of the whole coat: salt against the food's weight, what is in it, and whether that is what is eaten here. */
export const CoatSays = memo(function CoatSays({ air, dish, limits }: { air: AirResult; dish: Dish; limits: Limits }) {
  const dispatch = useAppDispatch();
  const pantry = usePantry();
  const { tell } = useUnits();
  const { seasoning, allergens, plan } = air;
  const lay = (layers: LayerSpec[]): void => void dispatch(layersChanged({ side: 'air', layers }));
  const season = (): void => {
    const { food, layers } = readyPiece(pantry, dish, plan.layers);
    const { areaM2, massG } = wholeOf(pantry, dish);
    lay(salted(pantry, plan.layers, layers, areaM2, food, massG));
  };
  const saltedLayers = seasoning.perLayerG.flatMap((g, at) =>
    g < 0.05 ? [] : [texts.gIn(g.toFixed(1), air.layers[at].name.toLowerCase())],
  );
  const spices = looseSpice(pantry, plan.layers, plan.settings.tempC);
  const eaten = eatenIn(pantry, dish, plan);
  const fits = DIETS.filter((d) => eaten.every((i) => fitsDiets(i, [d]))).map((d) => DIET_WORDS[d].toLowerCase());
  return (
    <div className="space-y-1 border-x border-base-content/40 bg-base-100 px-2 py-1 text-xs leading-snug">
      <Unfit layers={plan.layers} limits={limits} onFit={lay} />
      <p>
        <b>{texts.salt}</b>
        {texts.ofFoodsWeight(percent(seasoning.share), seasoning.word)}
        {saltedLayers.length > 0 && ` (${saltedLayers.join(', ')})`}. {tell(seasoning.move)}
        {(seasoning.word === 'bland' || seasoning.word === 'lightly seasoned') && (
          <button type="button" className="btn btn-sm ml-1 h-9" onClick={season}>
            {texts.seasonIt}
          </button>
        )}
      </p>
      {spices.length > 0 && (
        <p>
          <b>{spices.map((s) => s.name).join(', ')}</b>
          {texts.liesOutside(spices[0].burns ? texts.atThisHeatIt : texts.itIsSharperThere)}
          <button type="button" className="btn btn-sm ml-1 h-9" onClick={() => lay(spiceInside(pantry, plan.layers))}>
            {texts.putItInside}
          </button>
        </p>
      )}
      <p>
        <b>{texts.inIt}</b>{' '}
        {allergens.length ? allergens.map((a) => ALLERGENS[a].name).join(', ') : texts.noneOfListedAllergens}.
        {fits.length > 0 && ` ${capitalised(fits.join(', '))}.`}
        {texts.byTheseIngredientsCheck}
      </p>
    </div>
  );
});

/** What in the coat is not eaten here or never used, with the one touch that makes it fit. */
function Unfit({
  layers,
  limits,
  onFit,
}: {
  layers: readonly LayerSpec[];
  limits: Limits;
  onFit: (layers: LayerSpec[]) => void;
}) {
  const pantry = usePantry();
  const asks = choiceOf({ pantry, limits: withPantry(limits, usePantryDocument()) });
  const ids = new Set(layers.flatMap((l) => l.portions.map((p) => p.ingredientId)));
  const unfit = [...ids].filter((id) => !allowed(id, asks));
  if (unfit.length === 0) return null;
  const adapted = adaptCoat(layers, asks);
  const swaps = adapted.swaps.map(({ fromId, toId }) => {
    const to = toId ? ingredient(pantry, toId).name.toLowerCase() : 'nothing';
    return `${ingredient(pantry, fromId).name.toLowerCase()} → ${to}`;
  });
  return (
    <div role="status" className="border-l-4 border-error bg-error/10 px-2 py-1">
      <p>
        {texts.notWhatIsEaten(unfit.map((id) => ingredient(pantry, id).name.toLowerCase()).join(', '))}
        {adapted.layers.length > 0 && ` ${swaps.join('; ')}.`}
      </p>
      {adapted.layers.length > 0 && (
        <button type="button" className="btn btn-sm mt-1 h-9" onClick={() => onFit(adapted.layers)}>
          {texts.makeItFit}
        </button>
      )}
    </div>
  );
}
