import { RANGES } from '@yellowmist/contract';
import {
  findIngredients,
  fingerprint,
  type AirPlan,
  type Ingredient,
  type SecondPlan,
  type SideBowl,
} from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { Check } from '../../ui/Check';
import { usePantry } from '../../state/usePantry';
import { FindChoice, type Findable } from '../../ui/FindChoice';
import { NumberField } from '../../ui/NumberField';
import { planChanged } from '../dish/dishSlice';
import * as texts from './texts';

const NO_SAUCE = 'none';
/** What a second cook begins with. */
const FIRST_SAUCE = 'tomato-ketchup';
/** A bowl of the dish's own stands in the list by its name. */
const BOWL = texts.bowl;

const isSauce = (item: Ingredient): boolean => item.roles.includes('sauce');
const sauceOption = ({ id, name }: Ingredient): Findable => ({ value: id, label: name });

/** A usual second cook to start from: cooled, brushed, and cooked on. */
const usual = (tempC: number): SecondPlan => ({
  sauce: { portions: [{ ingredientId: FIRST_SAUCE, grams: 100 }] },
  sauceGm2: 150,
  coolMin: 4,
  tempC,
  minutes: 5,
});

/** A sauce part-way, or simply a second cook. */
export function SecondForm({
  plan,
  areaM2,
  beside,
  temperatures,
  stepC,
}: {
  plan: AirPlan;
  /** Skin of all pieces, m². */
  areaM2: number;
  /** Bowls of the dish's own. */
  beside: readonly SideBowl[];
  temperatures: { min: number; max: number };
  stepC: number;
}) {
  const dispatch = useAppDispatch();
  const pantry = usePantry();
  const { second } = plan;
  const options = [
    { value: NO_SAUCE, label: texts.noSauceOnlySecond },
    ...beside.map(({ name }) => ({ value: `${BOWL}${name}`, label: texts.ofThisDish(name) })),
    ...pantry.shelf.filter(isSauce).map(sauceOption),
  ];
  const isSauceId = (id: string): boolean => pantry.byId.has(id);
  const sauceOf = (id: string): SecondPlan['sauce'] => {
    if (id === NO_SAUCE) return null;
    const bowl = beside.find(({ name }) => id === `${BOWL}${name}`);
    return { portions: bowl ? bowl.portions : [{ ingredientId: id, grams: 100 }] };
  };
  const sauce = second?.sauce;
  const same = beside.find(({ portions }) => sauce && fingerprint(portions) === fingerprint(sauce.portions));
  const chosen = same ? `${BOWL}${same.name}` : (sauce?.portions[0].ingredientId ?? NO_SAUCE);
  const change = (to: SecondPlan | null): void => void dispatch(planChanged({ second: to }));
  return (
    <div className="col-span-2">
      <Check
        label={texts.saucedOrCookedSecond}
        checked={second !== null}
        onChange={(on) => change(on ? usual(plan.settings.tempC) : null)}
      />
      {second && (
        <div className="grid grid-cols-2 gap-x-2 gap-y-1 border-l-4 border-base-300 pl-2">
          <FindChoice
            className="col-span-2"
            label={texts.sauce}
            value={options.find((o) => o.value === chosen) ?? options[0]}
            find={(typed) => [
              ...options.filter((o) => o.label.toLowerCase().includes(typed.toLowerCase()) && !isSauceId(o.value)),
              ...findIngredients(pantry, typed, { fits: isSauce }).map(sauceOption),
            ]}
            onChange={(id) => change({ ...second, sauce: sauceOf(id) })}
          />
          <NumberField
            label={texts.coolsFirst}
            value={second.coolMin}
            quantity="minutes"
            range={RANGES.coolMin}
            onChange={(coolMin) => change({ ...second, coolMin })}
          />
          <NumberField
            label={texts.sauceForAllPieces}
            value={second.sauceGm2 * areaM2}
            quantity="mass"
            range={{ min: 0, max: RANGES.sauceGm2.max * areaM2 }}
            step={10}
            onChange={(grams) => change({ ...second, sauceGm2: Math.min(RANGES.sauceGm2.max, grams / areaM2) })}
          />
          <NumberField
            label={texts.thenAt}
            value={second.tempC}
            quantity="temperature"
            range={temperatures}
            stepC={stepC}
            onChange={(tempC) => change({ ...second, tempC })}
          />
          <NumberField
            label={texts.moreMinutes}
            value={second.minutes}
            quantity="minutes"
            range={RANGES.airMinutes}
            onChange={(minutes) => change({ ...second, minutes })}
          />
        </div>
      )}
    </div>
  );
}
