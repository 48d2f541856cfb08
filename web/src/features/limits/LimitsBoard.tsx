import { RANGES } from '@yellowmist/contract';
import { ALLERGENS, ALLERGEN_IDS, DIETS, type Limits } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { NumberField } from '../../ui/NumberField';
import type { EarlyBoardProps } from '../dish/board';
import { limitsChanged } from '../dish/dishSlice';
import { DIET_WORDS } from '../dish/words';
import * as texts from './texts';

const toggled = <T,>(list: readonly T[], item: T): T[] =>
  list.includes(item) ? list.filter((i) => i !== item) : [...list, item];

/** What the search must keep to: diets, allergens, heat and time. */
export default function LimitsBoard({ body: { limits, fryer } }: EarlyBoardProps) {
  const dispatch = useAppDispatch();
  const change = (part: Partial<Limits>): void => void dispatch(limitsChanged(part));
  return (
    <div className="grid gap-x-8 gap-y-2 md:grid-cols-[auto_1fr_auto]">
      <fieldset>
        <legend className="font-display font-semibold">{texts.whoEats}</legend>
        <div className="grid grid-cols-2 gap-x-4">
          {DIETS.map((diet) => (
            <Tick
              key={diet}
              label={DIET_WORDS[diet]}
              on={limits.diets.includes(diet)}
              onChange={() => change({ diets: toggled(limits.diets, diet) })}
            />
          ))}
        </div>
        <p className="max-w-80 text-xs opacity-85">{texts.byIngredientsAlonePackets}</p>
      </fieldset>
      <fieldset>
        <legend className="font-display font-semibold">{texts.allergensToKeepOut}</legend>
        <div className="grid grid-cols-2 gap-x-4 lg:grid-cols-4">
          {ALLERGEN_IDS.map((id) => (
            <Tick
              key={id}
              label={ALLERGENS[id].name}
              on={limits.avoidAllergens.includes(id)}
              onChange={() => change({ avoidAllergens: toggled(limits.avoidAllergens, id) })}
            />
          ))}
        </div>
      </fieldset>
      <fieldset className="w-48 space-y-1">
        <legend className="font-display font-semibold">{texts.heatAndTime}</legend>
        <NumberField
          label={texts.noHotterThan}
          value={limits.maxTempC}
          quantity="temperature"
          range={{ min: RANGES.airTempC.min, max: fryer.maxTempC }}
          stepC={fryer.stepC}
          onChange={(v) => change({ maxTempC: v })}
        />
        <NumberField
          label={texts.noLongerThan}
          value={limits.maxMinutes}
          quantity="minutes"
          range={{ min: 4, max: RANGES.airMinutes.max }}
          whole
          onChange={(v) => change({ maxMinutes: v })}
        />
        <Tick label={texts.iPreheat} on={limits.preheat} onChange={() => change({ preheat: !limits.preheat })} />
      </fieldset>
    </div>
  );
}

function Tick({ label, on, onChange }: { label: string; on: boolean; onChange: () => void }) {
  return (
    <label className="flex min-h-8 items-center gap-2 text-sm">
      <input type="checkbox" className="checkbox checkbox-sm" checked={on} onChange={onChange} />
      {label}
    </label>
  );
}
