import { useId, useState } from 'react';
import {
  foodOf,
  soldAs,
  spoken,
  usualAmount,
  type Bought as BoughtFood,
  type Dish,
  type FriedCook,
} from '@yellowmist/core';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import { FoodRead } from '../dish/entry/FoodRead';
import { useEntered } from '../dish/entry/useEntered';

/** How the dish was bought, in words to be changed: "1 large onion"; empty where its pieces were measured by hand. */
function wordsOf(food: ReturnType<typeof foodOf>, { bought, count }: Dish, mass: (g: number) => string): string {
  const name = spoken(food.name);
  if (!bought) return `${count} pieces of ${name}`;
  const unit = soldAs(food).units.find((u) => u.id === bought.unit);
  const amount = Number(bought.amount.toFixed(2));
  if (unit) return `${amount} ${amount === 1 ? unit.name : unit.plural}`;
  return bought.unit === 'piece' ? `${amount} ${name}` : `${mass(bought.amount)} ${name}`;
}

/** Food, amount and cut in the cook's own words, read as they are typed; nothing changes until they are understood. */
export function Bought({
  dish,
  pot,
  onTake,
}: {
  dish: Dish;
  pot: FriedCook;
  onTake: (bought: BoughtFood, part: Pick<Dish, 'shape' | 'count'>) => void;
}) {
  const id = useId();
  const pantry = usePantry();
  const { say } = useUnits();
  const food = foodOf(pantry, dish.foodId);
  const now: BoughtFood = {
    foodId: dish.foodId,
    ...(dish.bought ?? { ...usualAmount(food), cut: soldAs(food).cuts[0].id }),
  };
  const [typed, setTyped] = useState<string | null>(null);
  const { entered } = useEntered({ food: typed ?? now, coat: '', pot });
  const understood = entered?.food.typed === (typed ?? '') ? entered : null;
  const apply = (): void => {
    const bought = understood?.food.bought;
    if (typed === null || !bought || !understood?.pieces) return;
    onTake(bought, { shape: understood.pieces.shape, count: understood.pieces.count });
    setTyped(null);
  };
  return (
    <div>
      <label htmlFor={id} className="block text-xs">
        Food, how much and how cut
      </label>
      <span className="flex gap-1">
        <input
          id={id}
          className="input h-9 w-full"
          value={typed ?? wordsOf(food, dish, (g) => say(g, 'mass'))}
          maxLength={200}
          autoComplete="off"
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter') apply();
            if (e.key === 'Escape') setTyped(null);
          }}
        />
        {typed !== null && (
          <button type="button" className="btn btn-sm h-9" disabled={!understood?.food.bought} onClick={apply}>
            Take
          </button>
        )}
      </span>
      {understood && (typed !== null || dish.bought) && (
        <div className="mt-1">
          <FoodRead
            entered={understood}
            compact
            onChoose={(bought, cutUp) => {
              setTyped(null);
              onTake(bought, cutUp);
            }}
          />
        </div>
      )}
    </div>
  );
}
