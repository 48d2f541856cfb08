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
    <section aria-label="Dishes to choose from">
      <h2 className="text-lg">Dishes</h2>
      <LearnedFryers fryers={fryers} />
      {isLoading && <p className="text-sm">Looking for the dishes…</p>}
      {here?.length === 0 && (
        <p className="text-sm">
          No dish yet.{' '}
          <Link className="underline" to="/">
            Begin with one
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
            : 'Not converted yet: open it once.'}
        </span>
      </span>
    </label>
  );
}

const AHEAD_WORDS: Record<Ahead, string> = {
  sauces: 'sauces made hours ahead',
  bowls: 'bowls that keep mixed that morning',
  ready: 'cut and made ready that morning',
  frozen: 'coated and frozen the day before',
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
    mine.fryer && mine.fryer !== dish.fryer.name ? (mine.fryer === 'both' ? 'in both fryers' : `in ${mine.fryer}`) : '',
    ...ahead.map((a) => AHEAD_WORDS[a]),
    mine.buns ? 'buns warmed' : '',
    mine.again === false ? 'never crisped again' : '',
    mine.with ? `with ${company.find((o) => o.id === mine.with)?.name ?? 'another'}` : '',
  ].filter(Boolean);
  const toggleAhead = (a: Ahead, on: boolean): void =>
    onChange({ ...mine, ahead: on ? [...ahead, a] : ahead.filter((x) => x !== a) });
  const has = dish.dish.beside?.some((b) => b.use !== 'marinade') ?? false;
  const kinds = (Object.keys(AHEAD_WORDS) as Ahead[]).filter((a) => a !== 'sauces' || has);
  return (
    <details className="pb-1 pl-7">
      <summary className="min-h-9 cursor-pointer text-sm" aria-label={`How ${dish.name} is cooked this evening`}>
        {said.length > 0 ? said.join('; ') : 'As on its bench'}
      </summary>
      <div className="space-y-1 pb-2">
        {others.length > 0 && (
          <Choice
            label="Fryer this evening"
            value={mine.fryer ?? dish.fryer.name}
            options={[
              { value: dish.fryer.name, label: `${dish.fryer.name}, its own` },
              ...others.map((f) => ({ value: f.name, label: f.name })),
              { value: 'both', label: `${dish.fryer.name} and ${others[0].name} at once` },
            ]}
            onChange={(fryer) => onChange({ ...mine, fryer: fryer === dish.fryer.name ? undefined : fryer })}
          />
        )}
        {company.length > 0 && (
          <Choice
            label="In one basket or on racks with"
            value={mine.with ?? ''}
            options={[{ value: '', label: 'nothing else' }, ...company.map((o) => ({ value: o.id, label: o.name }))]}
            onChange={(other) => onChange({ ...mine, with: other === '' ? undefined : other })}
          />
        )}
        {kinds.map((a) => (
          <Check key={a} label={AHEAD_WORDS[a]} checked={ahead.includes(a)} onChange={(on) => toggleAhead(a, on)} />
        ))}
        <Check
          label="buns warmed in its fryer"
          checked={mine.buns ?? false}
          onChange={(buns) => onChange({ ...mine, buns: buns || undefined })}
        />
        <Check
          label="crisped again together where it helps"
          checked={mine.again !== false}
          onChange={(on) => onChange({ ...mine, again: on ? undefined : false })}
        />
      </div>
    </details>
  );
}
