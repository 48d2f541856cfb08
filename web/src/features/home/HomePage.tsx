import { isWhole } from '@yellowmist/contract';
import type { Fryer } from '@yellowmist/core';
import { Link } from 'react-router';
import { problemText, useConversionsQuery } from '../../state/api';
import { useOwnFryers } from '../dish/useFryers';
import { Beginning } from './Beginning';
import { Dishes } from './Dishes';
import { WholeKitchen } from './WholeKitchen';
import * as texts from './texts';

/** Fryers that dishes use, the last used first, then the kitchen's others; each once, as the kitchen knows it. */
function fryersOf(dishes: readonly { fryer: Fryer }[], kitchen: readonly Fryer[]): Fryer[] {
  const all = [...dishes.map((d) => d.fryer), ...kitchen];
  const names = [...new Set(all.map((f) => f.name))];
  return names.map((name) => kitchen.find((f) => f.name === name) ?? all.find((f) => f.name === name)!);
}

/** The dishes of the kitchen with their state, and the way to begin another. */
export function HomePage() {
  const { data, error, isLoading, refetch } = useConversionsQuery();
  const own = useOwnFryers();
  if (isLoading) return <p className="p-8">{texts.lookingForDishes}</p>;
  return (
    <>
      <Beginning fryers={fryersOf(data?.filter(isWhole) ?? [], own)} />
      <section aria-label={texts.dishes} className="mx-auto w-full max-w-6xl px-4 py-5">
        {error && (
          <p role="alert" className="text-error">
            {problemText(error)}{' '}
            <button type="button" className="btn btn-sm" onClick={() => void refetch()}>
              {texts.tryAgain}
            </button>
          </p>
        )}
        {data?.length === 0 && (
          <div className="max-w-prose">
            <h2 className="text-2xl">{texts.noDishYet}</h2>
            <p className="mt-1">{texts.sentenceAboveIsReal}</p>
          </div>
        )}
        {data && data.length > 0 && <Dishes dishes={data} />}
        <p className="mt-5">
          <Link className="link inline-flex min-h-11 items-center" to="/learn">
            {texts.learnWhyCoatWorks}
          </Link>
        </p>
        {data && <WholeKitchen />}
      </section>
    </>
  );
}
