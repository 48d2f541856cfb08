import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { RANGES } from '@yellowmist/contract';
import type { Dish, SideBowl, SideBowlAmounts, SideUse } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { partAmount } from '../../state/units';
import { useUnits } from '../../state/useUnits';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { dishChanged } from '../dish/dishSlice';
import { BowlTyped } from '../dish/entry/BowlTyped';
import * as texts from './texts';

const USES: readonly { value: SideUse; label: string; name: string; does: string }[] = [
  {
    value: 'tossed',
    label: texts.sauceTossedWithPieces,
    name: texts.sauce,
    does: texts.tossedOffHeatBatch,
  },
  { value: 'brushed', label: texts.sauceBrushedOn, name: texts.glaze, does: texts.brushedOnThinlyThen },
  { value: 'dip', label: texts.dipBeside, name: texts.dip, does: texts.servedBeside },
  { value: 'marinade', label: texts.marinadeBeforeCoat, name: texts.marinade, does: texts.onFoodBeforeCoat },
  {
    value: 'spice-salt',
    label: texts.spiceSaltAtEnd,
    name: texts.spiceSalt,
    does: texts.scatteredWhilePiecesAre,
  },
  { value: 'topping', label: texts.toppingAtEnd, name: texts.topping, does: texts.scatteredOverAtEnd },
];
const wordsFor = (use: SideUse) => USES.find((u) => u.value === use)!;

interface Props {
  dish: Dish;
  beside: readonly SideBowlAmounts[];
  /** People whom it feeds by its weight, where nobody says. */
  people: number;
}

/** Bowls beside the coat: marinade, sauces, dips, spice salt, toppings; each with what it takes and how it is made. */
export function Beside({ dish, beside, people }: Props) {
  const dispatch = useAppDispatch();
  const bowls = dish.beside ?? [];
  const change = (next: SideBowl[]): void => void dispatch(dishChanged({ beside: next.length > 0 ? next : undefined }));
  return (
    <section aria-label={texts.besideCoat} className="mt-3 border-t border-base-content/25 pt-2">
      <div className="flex flex-wrap items-end gap-x-4">
        <h3 className="text-lg">{texts.besideCoat}</h3>
        <NumberField
          className="w-28"
          label={texts.peopleWhoEat}
          value={dish.servings ?? people}
          quantity="plain"
          range={RANGES.servings}
          whole
          onChange={(servings) => dispatch(dishChanged({ servings }))}
        />
      </div>
      <ul className="mt-1 flex flex-wrap gap-4">
        {beside.map((amounts, at) => (
          <li key={amounts.name} className="w-64">
            <SideBowlShown
              bowl={bowls[at]}
              amounts={amounts}
              onChange={(bowl) => change(bowls.map((b, k) => (k === at ? bowl : b)))}
              onRemove={() => change(bowls.filter((_, k) => k !== at))}
            />
          </li>
        ))}
      </ul>
      {bowls.length < RANGES.beside.max && <AddBowl bowls={bowls} onAdd={(bowl) => change([...bowls, bowl])} />}
    </section>
  );
}

const MADE: Record<SideBowlAmounts['keeping']['made'], string> = {
  before: texts.stirredFirstOfAll,
  ahead: texts.madeAheadUpTo,
  'while-it-cooks': texts.madeWhileFryerRuns,
};

const keepsWords = (days: number): string =>
  days === 0 ? texts.whatIsLeftIs : days >= 30 ? texts.keepsForWeeks : texts.keepsDaysCoveredAnd(days);

/** One bowl beside the coat: its things in the cook's measures, what the recipe gives against what is taken. */
function SideBowlShown({
  bowl,
  amounts,
  onChange,
  onRemove,
}: {
  bowl: SideBowl;
  amounts: SideBowlAmounts;
  onChange: (bowl: SideBowl) => void;
  onRemove: () => void;
}) {
  const { system, say } = useUnits();
  const { takesG, saysG, batches, perBatchG, thickening, keeping, parts } = amounts;
  return (
    <>
      <div className="flex items-center justify-between">
        <h4 className="font-display font-semibold">{amounts.name}</h4>
        <button
          type="button"
          className="btn btn-ghost btn-square size-11"
          aria-label={texts.remove(amounts.name)}
          onClick={onRemove}
        >
          <Trash2 aria-hidden className="size-4" />
        </button>
      </div>
      <p className="text-xs">{wordsFor(amounts.use).does}</p>
      <ul className="mt-1 text-sm">
        {parts.map((part) => (
          <li key={part.ingredientId} className="flex justify-between gap-2">
            <span>{part.name}</span>
            <b className="whitespace-nowrap">{partAmount(part, system)}</b>
          </li>
        ))}
      </ul>
      <NumberField
        className="mt-1 w-36"
        label={texts.forWholeDish}
        value={takesG}
        quantity="mass"
        range={{ min: 1, max: RANGES.grams.max }}
        onChange={(wantedG) => onChange({ ...bowl, wantedG })}
      />
      <p className="mt-1 text-xs leading-snug">
        {batches > 1 && texts.forEachOfBatches(say(perBatchG, 'mass'), batches)}
        {texts.yourRecipeGives(
          say(saysG, 'mass'),
          saysG < takesG * 0.95
            ? texts.moreAreNeeded(say(takesG - saysG, 'mass'))
            : saysG > takesG * 1.3
              ? texts.wouldBeLeftOver(say(saysG - takesG, 'mass'))
              : texts.aboutRight,
        )}
        {thickening && texts.bubblingMinutesIt(Math.round(thickening.minutes), THICKENS[thickening.word])}
        {MADE[keeping.made]} {keepsWords(keeping.days)}
      </p>
      <p className="mt-1 flex flex-wrap gap-1">
        {bowl.wantedG !== undefined && (
          <button type="button" className="btn btn-sm h-9" onClick={() => onChange({ ...bowl, wantedG: undefined })}>
            {texts.asUsualForIt}
          </button>
        )}
        <button type="button" className="btn btn-sm h-9" onClick={() => onChange({ ...bowl, wantedG: saysG })}>
          {texts.asMyRecipeHas}
        </button>
      </p>
    </>
  );
}

const THICKENS = {
  thin: texts.staysThin,
  'coats a spoon': texts.coatsSpoon,
  'thick and glossy': texts.becomesThickAndGlossy,
  'sets like jelly': texts.setsLikeJellyTake,
} as const;

/** A name that no other bowl has. */
const freeName = (name: string, bowls: readonly SideBowl[]): string => {
  const taken = new Set(bowls.map((b) => b.name));
  let free = name;
  for (let k = 2; taken.has(free); k++) free = `${name} ${k}`;
  return free;
};

/** Another bowl, typed as a recipe writes it. */
function AddBowl({ bowls, onAdd }: { bowls: readonly SideBowl[]; onAdd: (bowl: SideBowl) => void }) {
  const [use, setUse] = useState<SideUse>('tossed');
  return (
    <div className="mt-2 flex flex-wrap items-start gap-2">
      <Choice className="w-64 max-w-full" label={texts.anotherBowl} value={use} options={USES} onChange={setUse} />
      <BowlTyped
        className="min-w-60 grow"
        label={texts.whatGoesIntoIt}
        take={texts.add}
        foods
        placeholder={texts.cupSoySauce3}
        onTake={(portions) => onAdd({ name: freeName(wordsFor(use).name, bowls), use, portions })}
      />
    </div>
  );
}
