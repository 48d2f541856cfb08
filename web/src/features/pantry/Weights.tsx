import { useState } from 'react';
import { RANGES, type PantryBody, type UsualWeight } from '@yellowmist/contract';
import { findIngredients, foodOf, KNOWN, namesOf, soldAs, type Food } from '@yellowmist/core';
import { NumberField } from '../../ui/NumberField';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

interface Props {
  pantry: PantryBody;
  find: string;
  onChange: (weights: UsualWeight[]) => void;
}

/** Foods that are shown at once; the others are found by typing. */
const MOST_SHOWN = 10;

/** What one of each food weighs in this kitchen: the usual weight, with its source, to be changed. */
export function Weights({ pantry, find, onChange }: Props) {
  const [all, setAll] = useState(false);
  const foods = findIngredients(KNOWN, find, { fits: (i) => i.food !== undefined }).map((i) => foodOf(KNOWN, i.id));
  const shown = all || find !== '' ? foods : foods.slice(0, MOST_SHOWN);
  if (foods.length === 0) return null;
  return (
    <section aria-label={texts.foodsAndTheirUsual} className="mt-6">
      <h2 className="text-xl">{texts.foodsAndWhatOne}</h2>
      <table className="mt-1 w-full text-sm">
        <thead className="text-left text-xs">
          <tr className="border-b-2 border-base-content/60">
            <th scope="col" className="py-1 pr-2 font-semibold">
              {texts.food}
            </th>
            <th scope="col" className="px-2 font-semibold">
              {texts.oneOfThemAs}
            </th>
            <th scope="col" className="hidden px-2 font-semibold md:table-cell">
              {texts.usualWeightsFrom}
            </th>
          </tr>
        </thead>
        <tbody>
          {shown.map((food) => (
            <WeightRow key={food.id} food={food} weights={pantry.weights ?? []} onChange={onChange} />
          ))}
        </tbody>
      </table>
      {shown.length < foods.length && (
        <button type="button" className="btn mt-2" onClick={() => setAll(true)}>
          {texts.showAllFoods(foods.length)}
        </button>
      )}
    </section>
  );
}

function WeightRow({
  food,
  weights,
  onChange,
}: {
  food: Food;
  weights: readonly UsualWeight[];
  onChange: (weights: UsualWeight[]) => void;
}) {
  const { say } = useUnits();
  const { units, source } = soldAs(food);
  const others = weights.filter((w) => w.foodId !== food.id);
  const own = weights.filter((w) => w.foodId === food.id);
  const set = (unit: string, grams: number | null): void =>
    onChange([
      ...others,
      ...own.filter((w) => w.unit !== unit),
      ...(grams === null ? [] : [{ foodId: food.id, unit, grams }]),
    ]);
  const [, ...other] = namesOf(food);
  return (
    <tr className="border-b border-base-300 align-top">
      <th scope="row" className="py-1 pr-2 text-left font-normal">
        <span className="font-semibold">{food.name}</span>
        <span className="block max-w-60 text-xs opacity-85">{other.slice(0, 4).join(', ')}</span>
      </th>
      <td className="flex flex-wrap gap-2 px-2 py-1 max-sm:px-0">
        {units.slice(0, 4).map((unit) => {
          const mine = own.find((w) => w.unit === unit.id);
          return (
            <span key={unit.id} className="w-28">
              <NumberField
                label={unit.name}
                value={mine?.grams ?? unit.grams}
                quantity="mass"
                range={RANGES.unitG}
                onChange={(grams) => set(unit.id, grams)}
              />
              {mine && (
                <button type="button" className="btn btn-xs h-7" onClick={() => set(unit.id, null)}>
                  {texts.backTo(say(unit.grams, 'mass'))}
                </button>
              )}
            </span>
          );
        })}
      </td>
      <td className="hidden px-2 py-1 text-xs md:table-cell">{source}</td>
    </tr>
  );
}
