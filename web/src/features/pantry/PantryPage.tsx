import { useMemo, useState } from 'react';
import type { PantryBody } from '@yellowmist/contract';
import {
  findIngredients,
  ingredient,
  KNOWN,
  spoken,
  namesOf,
  OWN_PREFIX,
  pantryOf,
  type Ingredient,
  type Label,
} from '@yellowmist/core';
import { Find } from '../../ui/Find';
import { usePantryEdits } from '../../state/documents';
import { SaveNote } from '../../ui/SaveNote';
import { LabelForm } from './LabelForm';
import { Weights } from './Weights';

import { FUNCTION_ORDER, functionWord, listedBy, notFor } from './words';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

type Shelfmark = 'have' | 'never';

const without = (list: readonly string[], id: string): string[] => list.filter((i) => i !== id);

/** The other mark goes when one is set: what is never used is not in the house either. */
function marked(pantry: PantryBody, id: string, mark: Shelfmark, on: boolean): PantryBody {
  const bare = { ...pantry, have: without(pantry.have, id), never: without(pantry.never, id) };
  return on ? { ...bare, [mark]: [...bare[mark], id] } : { ...pantry, [mark]: bare[mark] };
}

/** The kitchen's pantry: what is in the house, what is never used, what each thing does and carries, and its own. */
export function PantryPage() {
  const { shown: pantry, known: read, change, note } = usePantryEdits();
  const [find, setFind] = useState('');
  const [label, setLabel] = useState<Label | null>(null);
  const sought = find.trim();
  const known = useMemo(() => (pantry.own.length > 0 ? pantryOf(pantry.own) : KNOWN), [pantry.own]);
  const items = findIngredients(known, sought, { fits: (i) => i.food === undefined });
  const groups = FUNCTION_ORDER.map((word) => ({ word, items: items.filter((i) => functionWord(i) === word) })).filter(
    (g) => g.items.length > 0,
  );
  if (!read)
    return (
      <div className="mx-auto w-full max-w-[84rem] p-4">
        <PageHeading>{texts.pantry}</PageHeading>
        <SaveNote {...note} />
      </div>
    );
  return (
    <div className="mx-auto grid w-full max-w-[84rem] gap-x-8 gap-y-4 p-4 lg:grid-cols-[minmax(0,1fr)_23rem]">
      <div className="min-w-0">
        <div className="flex flex-wrap items-end gap-x-6 gap-y-1">
          <PageHeading>{texts.pantry}</PageHeading>
          <Find label={texts.find} value={find} onChange={setFind} />
          <p className="max-w-xl text-sm">{texts.inHouseIsNo}</p>
        </div>
        <SaveNote {...note} />
        {groups.length === 0 && <p className="mt-4">{texts.nothingHereIsCalled(find)}</p>}
        <table className="mt-2 w-full text-sm">
          <thead className="sticky top-0 z-10 bg-base-100 text-left text-xs">
            <tr className="border-b-2 border-base-content/60">
              <th scope="col" className="py-1 pr-2 font-semibold">
                {texts.ingredient}
              </th>
              <th scope="col" className="w-20 text-center font-semibold">
                {texts.inHouse}
              </th>
              <th scope="col" className="w-16 text-center font-semibold">
                {texts.never}
              </th>
              <th scope="col" className="px-2 font-semibold">
                {texts.euOf14}
              </th>
              <th scope="col" className="hidden px-2 font-semibold md:table-cell">
                {texts.usOf9}
              </th>
              <th scope="col" className="hidden px-2 font-semibold md:table-cell">
                {texts.notFor}
              </th>
            </tr>
          </thead>
          {groups.map(({ word, items: rows }) => (
            <tbody key={word}>
              <tr>
                <th scope="rowgroup" colSpan={6} className="pt-3 pb-1 text-left font-display text-base">
                  {word}
                </th>
              </tr>
              {rows.map((item) => (
                <Row
                  key={item.id}
                  item={item}
                  pantry={pantry}
                  onMark={(mark, on) => void change((p) => marked(p, item.id, mark, on))}
                  onChange={() => setLabel(pantry.own.find((o) => o.id === item.id) ?? null)}
                  onRemove={() => void change((p) => ({ ...p, own: p.own.filter((o) => o.id !== item.id) }))}
                />
              ))}
            </tbody>
          ))}
        </table>
        <Weights pantry={pantry} find={sought} onChange={(weights) => void change((p) => ({ ...p, weights }))} />
        <p className="mt-4 text-xs opacity-85">{texts.euRegulationEuNo}</p>
      </div>
      <LabelForm
        key={label?.id ?? 'new'}
        start={label}
        taken={pantry.own.map((o) => o.id)}
        onSave={async (next) => {
          const saved = await change((p) => ({ ...p, own: [...p.own.filter((o) => o.id !== next.id), next] }));
          if (saved) setLabel(null);
          return saved;
        }}
        onCancel={() => setLabel(null)}
      />
    </div>
  );
}

/** A blend written out: "coriander seed 30, cumin 18 …" parts by weight. */
const mixedOf = ({ parts = [] }: Ingredient): string =>
  parts.map((p) => `${spoken(ingredient(KNOWN, p.ingredientId).name)} ${p.grams}`).join(', ');

function Row({
  item,
  pantry,
  onMark,
  onChange,
  onRemove,
}: {
  item: Ingredient;
  pantry: PantryBody;
  onMark: (mark: Shelfmark, on: boolean) => void;
  onChange: () => void;
  onRemove: () => void;
}) {
  const mine = item.id.startsWith(OWN_PREFIX);
  const never = pantry.never.includes(item.id);
  const tick = (mark: Shelfmark, word: string) => (
    <td className="text-center">
      <input
        type="checkbox"
        className="checkbox"
        aria-label={`${item.name}: ${word}`}
        checked={pantry[mark].includes(item.id)}
        onChange={(e) => onMark(mark, e.target.checked)}
      />
    </td>
  );
  return (
    <tr className={`border-b border-base-300 ${never ? 'text-base-content/70' : ''}`}>
      <th scope="row" className="py-1 pr-2 text-left font-normal" title={item.source}>
        <span className={never ? 'line-through' : 'font-semibold'}>{item.name}</span>
        {!item.common && <span className="text-xs">{texts.specialShop}</span>}
        <span className="block text-xs opacity-85 sm:max-w-80">
          {item.parts ? mixedOf(item) : namesOf(item).slice(1, 5).join(', ')}
        </span>
        {mine && (
          <span className="ml-1 inline-flex gap-1">
            <button
              type="button"
              className="btn btn-xs h-7"
              aria-label={texts.changeItem(item.name)}
              onClick={onChange}
            >
              {texts.pantryPageChange}
            </button>
            <button type="button" className="btn btn-xs h-7" aria-label={texts.takeAway(item.name)} onClick={onRemove}>
              {texts.pantryPageTakeAway}
            </button>
          </span>
        )}
      </th>
      {tick('have', texts.pantryPageInHouse)}
      {tick('never', texts.neverUsed)}
      <td className="px-2">{listedBy(item, 'eu')}</td>
      <td className="hidden px-2 md:table-cell">{listedBy(item, 'us')}</td>
      <td className="hidden px-2 md:table-cell">{notFor(item)}</td>
    </tr>
  );
}
