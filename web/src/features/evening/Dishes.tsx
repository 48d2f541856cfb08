import { Link } from 'react-router';
import { isWhole, RANGES, type DishAtEvening, type ListedDish } from '@yellowmist/contract';
import { foodOf, type Ahead, type Fryer } from '@yellowmist/core';
import { DishMark } from '../../draw/DishPatterns';
import { useConversionsQuery } from '../../state/api';
import { usePantry } from '../../state/usePantry';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import { LearnedFryers } from '../dish/LearnedSaid';
import { useOwnFryers } from '../dish/useFryers';
import * as texts from './texts';

interface Props {
  dishes: readonly DishAtEvening[];
  onChange: (dishes: DishAtEvening[]) => void;
}

/** The dishes of the kitchen, and how those of this evening are treated. */
export function Dishes({ dishes, onChange }: Props) {
  const { data: listed, isLoading } = useConversionsQuery();
  const fryers = useOwnFryers();
  const ids = dishes.map((d) => d.id);
  // Those of this evening first, in its order.
  const placeOf = (id: string): number => (ids.includes(id) ? ids.indexOf(id) : ids.length);
  const here = listed
    ?.filter(isWhole)
    .filter((d) => !d.archived || ids.includes(d.id))
    .sort((a, b) => placeOf(a.id) - placeOf(b.id));
  const toggle = (id: string, on: boolean): void =>
    onChange(on ? [...dishes, { id }] : dishes.filter((d) => d.id !== id));
  const set = (changed: DishAtEvening): void => onChange(dishes.map((d) => (d.id === changed.id ? changed : d)));
  return (
    <section aria-label={texts.dishesToChooseFrom}>
      <h2 className="text-lg">{texts.dishes}</h2>
      <LearnedFryers fryers={fryers} />
      {isLoading && <p className="text-sm">{texts.lookingForDishes}</p>}
      {here?.length === 0 && (
        <p className="text-sm">
          {texts.noDishYet}
          <Link className="underline" to="/">
            {texts.beginWithOne}
          </Link>
          .
        </p>
      )}
      <ul>
        {here?.map((dish) => {
          const mine = dishes.find((d) => d.id === dish.id);
          const full = !mine && dishes.length >= RANGES.eveningDishes.max;
          return (
            <li key={dish.id} className="border-b border-base-300">
              <DishRow dish={dish} on={mine !== undefined} ids={ids} full={full} onToggle={toggle} />
              {mine && (
                <HowHere
                  dish={dish}
                  mine={mine}
                  fryers={fryers}
                  others={here.filter((o) => o.id !== dish.id && ids.includes(o.id))}
                  onChange={set}
                />
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function DishRow({
  dish,
  on,
  ids,
  full,
  onToggle,
}: {
  dish: ListedDish;
  on: boolean;
  ids: readonly string[];
  full: boolean;
  onToggle: (id: string, on: boolean) => void;
}) {
  const pantry = usePantry();
  return (
    <label className="flex min-h-11 items-center gap-2 py-1">
      <input
        type="checkbox"
        className="checkbox checkbox-sm"
        checked={on}
        disabled={(!dish.chosen && !on) || full}
        onChange={(e) => onToggle(dish.id, e.target.checked)}
      />
      {on && <DishMark dishIds={ids} id={dish.id} />}
      <span className="min-w-0 leading-tight">
        <span className="block break-words">{dish.name}</span>
        <span className="block text-xs">
          {dish.chosen
            ? `${dish.dish.count} × ${foodOf(pantry, dish.dish.foodId).name.toLowerCase()}, ${dish.fryer.name}`
            : texts.notConvertedYetOpen}
        </span>
      </span>
    </label>
  );
}

const AHEAD_WORDS: Record<Ahead, string> = {
  sauces: texts.saucesMadeHoursAhead,
  bowls: texts.bowlsThatKeepMixed,
  ready: texts.cutAndMadeReady,
  frozen: texts.coatedAndFrozenDay,
};

function HowHere({
  dish,
  mine,
  fryers,
  others: company,
  onChange,
}: {
  dish: ListedDish;
  mine: DishAtEvening;
  fryers: readonly Fryer[];
  others: readonly ListedDish[];
  onChange: (mine: DishAtEvening) => void;
}) {
  const others = fryers.filter((f) => f.name !== dish.fryer.name);
  const ahead = mine.ahead ?? [];
  const said = [
    mine.fryer && mine.fryer !== dish.fryer.name
      ? mine.fryer === 'both'
        ? texts.inBothFryers
        : texts.inIt(mine.fryer)
      : '',
    ...ahead.map((a) => AHEAD_WORDS[a]),
    mine.buns ? texts.bunsWarmed : '',
    mine.again === false ? texts.neverCrispedAgain : '',
    mine.with ? texts.withIt(company.find((o) => o.id === mine.with)?.name ?? texts.another) : '',
  ].filter(Boolean);
  const toggleAhead = (a: Ahead, on: boolean): void =>
    onChange({ ...mine, ahead: on ? [...ahead, a] : ahead.filter((x) => x !== a) });
  const has = dish.dish.beside?.some((b) => b.use !== 'marinade') ?? false;
  const kinds = (Object.keys(AHEAD_WORDS) as Ahead[]).filter((a) => a !== 'sauces' || has);
  const how = said.length > 0 ? said.join('; ') : texts.asOnItsBench;
  return (
    <details className="pb-1 pl-7">
      <summary className="min-h-9 cursor-pointer text-sm" aria-label={texts.howIsCookedThis(dish.name, how)}>
        {how}
      </summary>
      <div className="space-y-1 pb-2">
        {others.length > 0 && (
          <Choice
            label={texts.fryerThisEvening}
            value={mine.fryer ?? dish.fryer.name}
            options={[
              { value: dish.fryer.name, label: texts.itsOwn(dish.fryer.name) },
              ...others.map((f) => ({ value: f.name, label: f.name })),
              { value: 'both', label: texts.andAtOnce(dish.fryer.name, others[0].name) },
            ]}
            onChange={(fryer) => onChange({ ...mine, fryer: fryer === dish.fryer.name ? undefined : fryer })}
          />
        )}
        {company.length > 0 && (
          <Choice
            label={texts.inOneBasketOr}
            value={mine.with ?? ''}
            options={[{ value: '', label: texts.nothingElse }, ...company.map((o) => ({ value: o.id, label: o.name }))]}
            onChange={(other) => onChange({ ...mine, with: other === '' ? undefined : other })}
          />
        )}
        {kinds.map((a) => (
          <Check key={a} label={AHEAD_WORDS[a]} checked={ahead.includes(a)} onChange={(on) => toggleAhead(a, on)} />
        ))}
        <Check
          label={texts.bunsWarmedInIts}
          checked={mine.buns ?? false}
          onChange={(buns) => onChange({ ...mine, buns: buns || undefined })}
        />
        <Check
          label={texts.crispedAgainTogetherWhere}
          checked={mine.again !== false}
          onChange={(on) => onChange({ ...mine, again: on ? undefined : false })}
        />
      </div>
    </details>
  );
}
