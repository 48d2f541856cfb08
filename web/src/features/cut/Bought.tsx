import { useState } from 'react';
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
import { Typed } from '../../ui/Typed';
import { FoodRead } from '../dish/entry/FoodRead';
import { useEntered } from '../dish/entry/useEntered';
import * as texts from './texts';

/** How the dish was bought, in words to be changed: "1 large onion"; empty where its pieces were measured by hand. */
function wordsOf(food: ReturnType<typeof foodOf>, { bought, count }: Dish, mass: (g: number) => string): string {
  const name = spoken(food.name);
  if (!bought) return texts.piecesOfCount(count, name);
  const unit = soldAs(food).units.find((u) => u.id === bought.unit);
  const amount = Number(bought.amount.toFixed(2));
  if (unit) return `${amount} ${amount === 1 ? unit.name : unit.plural}`;
  return bought.unit === 'piece' ? `${amount} ${name}` : `${mass(bought.amount)} ${name}`;
}

/** Food, amount and cut in the cook's own words, read as they are typed; nothing changes until they are understood. */
export function Bought({ dish, pot, onTake }: { dish: Dish; pot: FriedCook; onTake: (bought: BoughtFood) => void }) {
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
  const take = (bought: BoughtFood): void => {
    setTyped(null);
    onTake(bought);
  };
  return (
    <div>
      <Typed
        label={texts.foodHowMuchAnd}
        value={typed ?? wordsOf(food, dish, (g) => say(g, 'mass'))}
        take={texts.take}
        ready={typed !== null && Boolean(understood?.food.bought)}
        onType={setTyped}
        onTake={() => take(understood!.food.bought!)}
        onLeave={() => setTyped(null)}
      />
      {understood && (typed !== null || dish.bought) && (
        <div className="mt-1">
          <FoodRead entered={understood} compact onChoose={take} />
        </div>
      )}
    </div>
  );
}
