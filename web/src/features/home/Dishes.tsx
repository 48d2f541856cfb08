import { useState } from 'react';
import { isWhole, type ListedConversion } from '@yellowmist/contract';
import type { Diet } from '@yellowmist/core';
import { useBinQuery, useRestoreMutation } from '../../state/api';
import { orTell } from '../../state/acting';
import { useFoodName } from '../../state/useFoodName';
import { Choice } from '../../ui/Choice';
import { Find } from '../../ui/Find';
import { More, useParts } from '../../ui/More';
import { DishRow } from './DishRow';
import { ALL, choicesIn, isWanted, type Wanted } from './sorting';
import * as texts from './texts';

/** Dishes that are shown at first; more than fit on two screens are asked for. */
const FIRST = 12;
/** From so many dishes on a list is narrowed rather than read. */
const NARROWED_FROM = 5;

const asOptions = (words: readonly string[], all: string, nameOf = (word: string): string => word) => [
  { value: '', label: all },
  ...words.map((value) => ({ value, label: nameOf(value) })),
];

/** All dishes, the last changed first: found by words, food, fryer, diet and tag; put away and put aside ones on asking. */
export function Dishes({ dishes }: { dishes: readonly ListedConversion[] }) {
  const nameOf = useFoodName();
  const [wanted, setWanted] = useState<Wanted>(ALL);
  const [all, setAll] = useState(false);
  const [bin, setBin] = useState(false);
  const want = (part: Partial<Wanted>): void => setWanted({ ...wanted, ...part });
  const choices = choicesIn(dishes.filter(isWhole));
  const archived = dishes.filter((d) => isWhole(d) && d.archived).length;
  const found = dishes.filter((d) => isWanted(d, wanted, nameOf));
  const narrowed = JSON.stringify({ ...wanted, archived: false }) !== JSON.stringify(ALL);
  const shown = all || narrowed ? found : found.slice(0, FIRST);
  const { drawn, rest, more } = useParts(shown);
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <h2 className="text-2xl">{wanted.archived ? texts.dishRowPutAway : texts.dishesOfThisKitchen}</h2>
        {dishes.length >= NARROWED_FROM && (
          <>
            <Find label={texts.findDish} value={wanted.words} onChange={(words) => want({ words })} />
            <Choice
              className="w-36"
              label={texts.food}
              value={wanted.foodId}
              options={asOptions(choices.foods, 'any', nameOf)}
              onChange={(foodId) => want({ foodId })}
            />
            <Choice
              className="w-32"
              label={texts.inFryer}
              value={wanted.fryer}
              options={asOptions(choices.fryers, 'any')}
              onChange={(fryer) => want({ fryer })}
            />
            <Choice
              className="w-32"
              label={texts.fits}
              value={wanted.diet}
              options={asOptions(choices.diets, texts.anyDiet)}
              onChange={(diet) => want({ diet: diet as Diet | '' })}
            />
            {choices.tags.length > 0 && (
              <Choice
                className="w-32"
                label={texts.tag}
                value={wanted.tag}
                options={asOptions(choices.tags, 'any')}
                onChange={(tag) => want({ tag })}
              />
            )}
          </>
        )}
        <span className="ml-auto flex gap-2">
          {(archived > 0 || wanted.archived) && (
            <button
              type="button"
              className="btn btn-ghost h-11"
              aria-pressed={wanted.archived}
              onClick={() => want({ archived: !wanted.archived })}
            >
              {wanted.archived ? texts.backToDishes : texts.putAwayArchived(archived)}
            </button>
          )}
          <button type="button" className="btn btn-ghost h-11" aria-expanded={bin} onClick={() => setBin(!bin)}>
            {texts.bin}
          </button>
        </span>
      </div>
      {bin && <Bin />}
      <ul className="mt-2 grid gap-x-10 md:grid-cols-2">
        {drawn.map((listed) => (
          <DishRow key={listed.id} listed={listed} />
        ))}
      </ul>
      <More rest={rest} onMore={more} />
      {found.length === 0 && (
        <p className="mt-3">
          {narrowed ? (wanted.words ? texts.noDishHereIs(wanted.words) : texts.noDishHereIsLike) : texts.nothingIsHere}{' '}
          {narrowed && (
            <button
              type="button"
              className="btn btn-sm"
              onClick={() => setWanted({ ...ALL, archived: wanted.archived })}
            >
              {texts.showAll}
            </button>
          )}
        </p>
      )}
      {shown.length < found.length && (
        <button type="button" className="btn mt-4" onClick={() => setAll(true)}>
          {texts.showAllDishes(found.length)}
        </button>
      )}
    </>
  );
}

/** What was put aside, to be brought back. */
function Bin() {
  const { data = [], isLoading } = useBinQuery(undefined, { refetchOnMountOrArgChange: true });
  const [restore] = useRestoreMutation();
  return (
    <section aria-label={texts.bin} className="my-2 rounded-box bg-base-200 p-3">
      {data.length === 0 && <p>{isLoading ? texts.looking : texts.nothingWasPutAside}</p>}
      <ul className="grid gap-x-8 sm:grid-cols-2">
        {data.map(({ id, name, deletedAt }) => (
          <li key={id} className="flex min-h-11 items-center gap-3">
            <span className="min-w-0 grow break-words">
              {name} <span className="text-xs">{texts.putAside(deletedAt.slice(0, 10))}</span>
            </span>
            <button
              type="button"
              className="btn btn-sm h-11"
              aria-label={texts.bringBack(name)}
              onClick={() => orTell(restore(id).unwrap())}
            >
              {texts.bringItBack}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
