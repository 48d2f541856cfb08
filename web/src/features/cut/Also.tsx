import { useState } from 'react';
import { foodOf, piecesOf, soldAs, spoken, weightsFor, type Bought, type Dish } from '@yellowmist/core';
import { usePantryDocument } from '../../state/pantryDocument';
import { usePantry } from '../../state/usePantry';
import { Typed } from '../../ui/Typed';
import { FoodRead } from '../dish/entry/FoodRead';
import { useEntered } from '../dish/entry/useEntered';
import * as texts from './texts';

/** A second food in the same coat and basket, in the cook's own words. */
export function Also({ dish: { also }, onChange }: { dish: Dish; onChange: (also: Dish['also']) => void }) {
  const pantry = usePantry();
  const { weights } = usePantryDocument();
  const [typed, setTyped] = useState('');
  const { entered } = useEntered({ food: typed, coat: '' });
  const understood = typed.trim() !== '' && entered?.food.typed === typed ? entered : null;
  const take = (bought: Bought): void => {
    const { foodId, ...boughtAs } = bought;
    const { shape, count } = piecesOf(pantry, bought, weightsFor(weights, foodId));
    onChange({ foodId, shape, count, bought: boughtAs });
    setTyped('');
  };
  if (also) {
    const food = foodOf(pantry, also.foodId);
    const cut = also.bought && soldAs(food).cuts.find((c) => c.id === also.bought!.cut);
    return (
      <p className="mt-1 flex flex-wrap items-center gap-2 text-sm">
        <span>
          {texts.withIt}
          <b>{also.count}</b>
          {texts.piecesOf(spoken(food.name))}
          {cut && `, ${cut.name}`}
        </span>
        <button type="button" className="btn btn-sm h-9" onClick={() => onChange(undefined)}>
          {texts.takeItOut}
        </button>
      </p>
    );
  }
  return (
    <>
      <Typed
        className="mt-1"
        label={texts.anotherFoodInSame}
        value={typed}
        take={texts.addIt}
        ready={Boolean(understood?.food.bought)}
        onType={setTyped}
        onTake={() => take(understood!.food.bought!)}
      />
      {understood?.food.doubt && <FoodRead entered={understood} compact onChoose={take} />}
    </>
  );
}
