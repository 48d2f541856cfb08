import { useState } from 'react';
import { isWhole, RANGES } from '@yellowmist/contract';
import { foodOf } from '@yellowmist/core';
import { Link } from 'react-router';
import { useConversionsQuery } from '../../state/api';
import { useSupperEdits } from '../../state/documents';
import { usePantry } from '../../state/usePantry';
import { SaveNote } from '../../ui/SaveNote';
import { Evening } from './Evening';
import { Guests } from './Guests';
import { useEvening } from './useEvening';

/** Several dishes in one evening: which, for whom, in which order, in which fryer, out of which bowls. */
export function SupperPage() {
  const { shown: body, change, note } = useSupperEdits();
  const { data: listed, isLoading } = useConversionsQuery();
  const dishes = listed?.filter(isWhole);
  const pantry = usePantry();
  const { supper, error } = useEvening(body);
  if (isLoading) return <p className="p-8">Looking for the dishes…</p>;
  const toggle = (id: string, on: boolean): void =>
    void change((s) => ({ ...s, dishIds: [...s.dishIds.filter((d) => d !== id), ...(on ? [id] : [])] }));
  return (
    <div className="mx-auto grid w-full max-w-[84rem] gap-x-8 gap-y-4 p-4 lg:grid-cols-[20rem_minmax(0,1fr)]">
      <div className="min-w-0 space-y-4">
        <div>
          <h1 className="sr-only">{body.name}</h1>
          <Name key={body.name} name={body.name} onChange={(name) => void change((s) => ({ ...s, name }))} />
          <p className="text-sm leading-snug">Several dishes in one evening, with the fryers they share.</p>
          <SaveNote {...note} />
        </div>
        <section aria-label="Dishes to choose from">
          <h2 className="text-lg">Dishes</h2>
          {dishes?.length === 0 && (
            <p className="text-sm">
              No dish yet.{' '}
              <Link className="underline" to="/">
                Begin with one
              </Link>
              .
            </p>
          )}
          <ul>
            {dishes?.map(({ id, name, dish, fryer, chosen }) => {
              const on = body.dishIds.includes(id);
              const full = !on && body.dishIds.length >= RANGES.supperDishes.max;
              return (
                <li key={id}>
                  <label className="flex min-h-11 items-center gap-2 border-b border-base-300 py-1">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm"
                      checked={on}
                      disabled={!chosen || full}
                      onChange={(e) => toggle(id, e.target.checked)}
                    />
                    <span className="min-w-0 leading-tight">
                      <span className="block break-words">{name}</span>
                      <span className="block text-xs">
                        {chosen
                          ? `${dish.count} × ${foodOf(pantry, dish.foodId).name.toLowerCase()}, ${fryer.name}`
                          : 'Not converted yet: open it once.'}
                      </span>
                    </span>
                  </label>
                </li>
              );
            })}
          </ul>
        </section>
        <Guests guests={body.guests} onChange={(guests) => void change((s) => ({ ...s, guests }))} />
      </div>
      <div>
        {error && <p role="alert">{error}</p>}
        {supper ? <Evening supper={supper} /> : !error && <p>Simulating the dishes…</p>}
      </div>
    </div>
  );
}

/** The supper's name, changed where it stands; an empty one is refused and the last good one stays. */
function Name({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  const [draft, setDraft] = useState(name);
  const empty = draft.trim() === '';
  return (
    <>
      <input
        aria-label="Name of the supper"
        aria-invalid={empty}
        className="-ml-1 w-full rounded-sm border border-transparent bg-transparent px-1 font-display text-2xl font-semibold hover:border-base-content/40 focus:border-base-content/60"
        maxLength={RANGES.nameLength.max}
        value={draft}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={() => (empty ? setDraft(name) : draft.trim() !== name && onChange(draft.trim()))}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
      {empty && (
        <p role="alert" className="text-xs text-error">
          A supper needs a name of 1 to {RANGES.nameLength.max} letters.
        </p>
      )}
    </>
  );
}
