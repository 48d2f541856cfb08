import { useState } from 'react';
import { isBroken, isWhole, type ListedConversion } from '@yellowmist/contract';
import type { Fryer } from '@yellowmist/core';
import { problemText, useConversionsQuery, useKitchenQuery } from '../../state/api';
import { useFoodName } from '../../state/useFoodName';
import { Find } from '../../ui/Find';
import { Beginning } from './Beginning';
import { DishRow } from './DishRow';

/** Fryers that dishes use, the last used first, then the kitchen's others; each once, as the kitchen knows it. */
function fryersOf(dishes: readonly { fryer: Fryer }[], kitchen: readonly Fryer[]): Fryer[] {
  const all = [...dishes.map((d) => d.fryer), ...kitchen];
  const names = [...new Set(all.map((f) => f.name))];
  return names.map((name) => kitchen.find((f) => f.name === name) ?? all.find((f) => f.name === name)!);
}

/** Dishes that are shown at first; more than fit on two screens are asked for. */
const FIRST = 12;

const soughtIn = (listed: ListedConversion, nameOf: (id: string) => string, words: string): boolean => {
  const texts = isBroken(listed) ? [] : [listed.note, nameOf(listed.dish.foodId)];
  return [listed.name, ...texts].some((text) => text.toLowerCase().includes(words));
};

/** All dishes, the last changed first; with many of them a field to find one, and the older ones on asking. */
function Dishes({ dishes }: { dishes: readonly ListedConversion[] }) {
  const nameOf = useFoodName();
  const [find, setFind] = useState('');
  const [all, setAll] = useState(false);
  const words = find.trim().toLowerCase();
  const found = dishes.filter((d) => words === '' || soughtIn(d, nameOf, words));
  const shown = all || words !== '' ? found : found.slice(0, FIRST);
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-1">
        <h2 className="text-2xl">Dishes of this kitchen</h2>
        {dishes.length > FIRST && <Find label="Find a dish" value={find} onChange={setFind} />}
      </div>
      <ul className="mt-2 grid gap-x-10 md:grid-cols-2">
        {shown.map((listed) => (
          <DishRow key={listed.id} listed={listed} />
        ))}
      </ul>
      {found.length === 0 && <p className="mt-3">No dish here is called “{find}”, nor made of it.</p>}
      {shown.length < found.length && (
        <button type="button" className="btn mt-4" onClick={() => setAll(true)}>
          Show all {found.length} dishes
        </button>
      )}
    </>
  );
}

/** The dishes of the kitchen with their state, and the way to begin another. */
export function HomePage() {
  const { data, error, isLoading, refetch } = useConversionsQuery();
  const { data: kitchen } = useKitchenQuery();
  if (isLoading) return <p className="p-8">Looking for the dishes…</p>;
  return (
    <>
      <Beginning fryers={fryersOf(data?.filter(isWhole) ?? [], kitchen?.fryers ?? [])} />
      <section aria-label="Dishes" className="mx-auto w-full max-w-6xl px-4 py-5">
        {error && (
          <p role="alert" className="text-error">
            {problemText(error)}{' '}
            <button type="button" className="btn btn-sm" onClick={() => void refetch()}>
              Try again
            </button>
          </p>
        )}
        {data?.length === 0 && (
          <div className="max-w-prose">
            <h2 className="text-2xl">No dish yet</h2>
            <p className="mt-1">
              The sentence above is a real example: send it as it is, or put in what you fry. It is kept here from then
              on.
            </p>
          </div>
        )}
        {data && data.length > 0 && <Dishes dishes={data} />}
      </section>
    </>
  );
}
