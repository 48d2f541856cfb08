import { useId, useState } from 'react';
import { foodOf, soldAs, type Dish } from '@yellowmist/core';
import { usePantry } from '../../state/usePantry';
import { FoodRead } from '../dish/entry/FoodRead';
import { useEntered } from '../dish/entry/useEntered';

/** A second food in the same coat and basket, in the cook's own words. */
export function Also({ dish, onChange }: { dish: Dish; onChange: (also: Dish['also']) => void }) {
  const id = useId();
  const pantry = usePantry();
  const [typed, setTyped] = useState('');
  const { entered } = useEntered({ food: typed, coat: '' });
  const understood = typed.trim() !== '' && entered?.food.typed === typed ? entered : null;
  const { also } = dish;
  if (also) {
    const food = foodOf(pantry, also.foodId);
    const cut = also.bought && soldAs(food).cuts.find((c) => c.id === also.bought!.cut);
    return (
      <p className="mt-1 flex flex-wrap items-center gap-2 text-sm">
        <span>
          With it: <b>{also.count}</b> pieces of {food.name.toLowerCase()}
          {cut && `, ${cut.name}`}
        </span>
        <button type="button" className="btn btn-sm h-9" onClick={() => onChange(undefined)}>
          Take it out
        </button>
      </p>
    );
  }
  const take = (): void => {
    const bought = understood?.food.bought;
    if (!bought || !understood?.pieces) return;
    const { foodId, ...rest } = bought;
    onChange({ foodId, shape: understood.pieces.shape, count: understood.pieces.count, bought: rest });
    setTyped('');
  };
  return (
    <div className="mt-1">
      <label htmlFor={id} className="block text-xs">
        Another food in the same coat and basket
      </label>
      <span className="flex gap-1">
        <input
          id={id}
          className="input h-9 w-full"
          value={typed}
          maxLength={200}
          autoComplete="off"
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter') take();
          }}
        />
        <button type="button" className="btn btn-sm h-9" disabled={!understood?.food.bought} onClick={take}>
          Add it
        </button>
      </span>
      {understood?.food.doubt && (
        <FoodRead
          entered={understood}
          compact
          onChoose={({ foodId, ...rest }, { shape, count }) => {
            onChange({ foodId, shape, count, bought: rest });
            setTyped('');
          }}
        />
      )}
    </div>
  );
}
