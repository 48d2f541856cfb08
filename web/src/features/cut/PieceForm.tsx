import { ChevronDown } from 'lucide-react';
import { memo, useState } from 'react';
import { RANGES } from '@yellowmist/contract';
import {
  foodOf,
  geometryOf,
  madeReady,
  piecesOf,
  soldAs,
  throughMm,
  withThroughMm,
  wayOf,
  waysFor,
  weightsFor,
  wholeOf,
  type Bought,
  type Dish,
  type FriedCook,
  type Pantry,
} from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { usePantryDocument } from '../../state/pantryDocument';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { dishChanged } from '../dish/dishSlice';
import { Bought as BoughtField } from './Bought';
import { Rare } from './Rare';
import { sentenceOf } from './sentence';
import { useDrag } from '../dish/useDrag';
import * as texts from './texts';

const SKINS = [
  { value: 'dry', label: texts.dry },
  { value: 'damp', label: texts.patted },
  { value: 'wet', label: texts.wet },
] as const;

/** The ways that suit the food, and the one that the dish has, should the food have been changed since. */
const waysOf = (pantry: Pantry, { foodId, preparation }: Dish) => [
  ...new Set([...waysFor(foodOf(pantry, foodId)), wayOf(preparation)]),
];

/** Another food: a way of making it ready that does not suit it is dropped. */
const madeOf = (pantry: Pantry, dish: Dish, foodId: string): Partial<Dish> =>
  waysFor(foodOf(pantry, foodId)).some((w) => w.id === dish.preparation)
    ? { foodId }
    : madeReady(pantry, { ...dish, foodId }, 'raw');

/** The food and its cut as one sentence, the ground that the coat stands on; it opens in place. */
export const PieceForm = memo(function PieceForm({ dish, pot }: { dish: Dish; pot: FriedCook }) {
  const dispatch = useAppDispatch();
  const { say } = useUnits();
  const pantry = usePantry();
  const { weights } = usePantryDocument();
  const drag = useDrag();
  const [open, setOpen] = useState(false);
  const { shape } = dish;
  const food = foodOf(pantry, dish.foodId);
  const { massG } = geometryOf(shape, food.densityKgM3 * (1 - food.food.porosity));
  const change = (part: Partial<Dish>): void => void dispatch(dishChanged(part));
  const take = (bought: Bought): void => {
    const { foodId, ...boughtAs } = bought;
    const { shape: cut, count } = piecesOf(pantry, bought, weightsFor(weights, foodId));
    const skin = foodId === dish.foodId ? {} : { skin: soldAs({ id: foodId }).skin ?? ('damp' as const) };
    change({ ...madeOf(pantry, dish, foodId), shape: cut, count, ...skin, bought: boughtAs });
  };
  return (
    <section
      aria-label={texts.foodAndCut}
      className="rounded-b-box border border-t-0 border-base-content/40 bg-base-200"
    >
      <button
        type="button"
        className="flex w-full items-center gap-1 px-2 py-1.5 text-left leading-snug font-semibold hover:bg-base-300"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <span className="grow">{sentenceOf(pantry, dish, (mm) => say(mm, 'length'))}</span>
        <ChevronDown aria-hidden className={`size-5 shrink-0 ${open ? 'rotate-180' : ''}`} />
      </button>
      {open && (
        <div className="space-y-2 px-2 pb-2">
          <BoughtField dish={dish} pot={pot} onTake={take} />
          <div className="grid grid-cols-2 gap-x-2 gap-y-1">
            <NumberField
              label={texts.thickness}
              value={throughMm(shape)}
              quantity="length"
              range={RANGES.thicknessMm}
              drag={drag(4, 50, 0.5)}
              onChange={(mm) => change({ shape: withThroughMm(shape, mm), bought: undefined })}
            />
            <NumberField
              label={texts.pieces}
              value={dish.count}
              quantity="plain"
              range={RANGES.count}
              whole
              onChange={(count) => change({ count })}
            />
            <Choice label={texts.surface} value={dish.skin} options={SKINS} onChange={(skin) => change({ skin })} />
            <Choice
              label={texts.madeReady}
              value={dish.preparation}
              options={waysOf(pantry, dish).map(({ id, label }) => ({ value: id, label }))}
              onChange={(preparation) => change(madeReady(pantry, dish, preparation))}
            />
          </div>
          <Rare dish={dish} onChange={change} />
          <p className="text-xs opacity-85">
            {texts.pieceInAll(say(massG, 'mass'), say(wholeOf(pantry, { ...dish, preparation: 'raw' }).massG, 'mass'))}
          </p>
        </div>
      )}
    </section>
  );
});
