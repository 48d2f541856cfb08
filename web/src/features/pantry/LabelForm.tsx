import { useState, type FormEvent } from 'react';
import { RANGES } from '@yellowmist/contract';
import {
  ALLERGEN_IDS,
  ALLERGENS,
  ingredient,
  MOST_ON_LABEL_G,
  namedG,
  OWN_PREFIX,
  PANTRY,
  type Label,
  type Origin,
} from '@yellowmist/core';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';

const FRESH: Label = {
  id: '',
  name: '',
  likeId: 'coarse-crumbs',
  fatG: 3,
  carbohydrateG: 72,
  sugarG: 3,
  fibreG: 4,
  proteinG: 12,
  saltG: 1,
  allergens: [],
  origin: 'none',
  cupG: null,
};

const ORIGINS: readonly { value: Origin; label: string }[] = [
  { value: 'none', label: 'plants, fungi or minerals alone' },
  { value: 'egg', label: 'egg' },
  { value: 'milk', label: 'milk' },
  { value: 'honey', label: 'honey' },
  { value: 'meat', label: 'meat' },
  { value: 'fish', label: 'fish or seafood' },
];

const LIKES = PANTRY.filter((i) => !i.food).map(({ id, name }) => ({ value: id, label: name }));

const NUTRIENTS = [
  ['fatG', 'Fat'],
  ['carbohydrateG', 'Carbohydrate'],
  ['sugarG', 'of it sugar'],
  ['fibreG', 'Fibre'],
  ['proteinG', 'Protein'],
  ['saltG', 'Salt'],
] as const;

/** An id of its own from a name: "own-red-lentil-crumbs", with a number when that is taken. */
function idFor(name: string, taken: readonly string[]): string {
  const plain = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40);
  const base = OWN_PREFIX + (plain || 'ingredient');
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`;
    if (!taken.includes(id)) return id;
  }
}

/** What is wrong with the label as a whole; empty when nothing is. */
function complaintOf(label: Label): string {
  const { min, max } = RANGES.nameLength;
  if (label.name.trim().length < min) return `Name: enter ${min} to ${max} letters.`;
  if (label.sugarG > label.carbohydrateG)
    return `Of it sugar: ${label.sugarG} g is more than the ${label.carbohydrateG} g of carbohydrate that it is part of.`;
  if (namedG(label) > MOST_ON_LABEL_G)
    return `Fat, carbohydrate, fibre, protein and salt come to ${Math.round(namedG(label))} g: a label of 100 g names 100 g or less.`;
  return '';
}

/** An own ingredient, from what its packet says and what it behaves like. */
export function LabelForm({
  start,
  taken,
  onSave,
  onCancel,
}: {
  start: Label | null;
  taken: readonly string[];
  onSave: (label: Label) => Promise<boolean>;
  onCancel: () => void;
}) {
  const [label, setLabel] = useState<Label>(start ?? FRESH);
  const [complaint, setComplaint] = useState('');
  const [told, setTold] = useState('');
  const set = (part: Partial<Label>): void => {
    setLabel((l) => ({ ...l, ...part }));
    setComplaint('');
  };
  const save = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const next = { ...label, name: label.name.trim(), id: start?.id ?? idFor(label.name, taken) };
    const wrong = complaintOf(next);
    setComplaint(wrong);
    if (wrong || !(await onSave(next))) return;
    setTold(`${next.name} is on the shelf.`);
    if (!start) setLabel(FRESH);
  };
  return (
    <form
      aria-label="An ingredient of your own"
      noValidate
      className="h-fit space-y-2 rounded-box bg-base-200 p-3 lg:sticky lg:top-4"
      onSubmit={(e) => void save(e)}
    >
      <h2 className="text-lg">{start ? `Change ${start.name}` : 'An ingredient of your own'}</h2>
      <label className="block text-xs">
        Name
        <input
          className="input h-9 w-full text-base"
          maxLength={RANGES.nameLength.max}
          value={label.name}
          onChange={(e) => set({ name: e.target.value })}
        />
      </label>
      <Choice
        label="In a coat it behaves like"
        value={label.likeId}
        options={LIKES}
        onChange={(likeId) => set({ likeId })}
      />
      <fieldset>
        <legend className="text-xs">In 100 g, from the label</legend>
        <div className="grid grid-cols-3 gap-x-2 gap-y-1">
          {NUTRIENTS.map(([key, word]) => (
            <NumberField
              key={key}
              label={word}
              value={label[key]}
              quantity="grams"
              range={RANGES.per100g}
              step={0.5}
              onChange={(v) => set({ [key]: v })}
            />
          ))}
        </div>
      </fieldset>
      <NumberField
        label={label.cupG === null ? 'A level cup of it (not weighed: as what it behaves like)' : 'A level cup of it'}
        value={label.cupG ?? Math.round(ingredient(label.likeId).cupG ?? 100)}
        quantity="grams"
        range={RANGES.cupG}
        onChange={(cupG) => set({ cupG })}
      />
      <Choice label="It is made of" value={label.origin} options={ORIGINS} onChange={(origin) => set({ origin })} />
      <fieldset>
        <legend className="text-xs">The label says that it contains</legend>
        <div className="grid grid-cols-2 gap-x-2">
          {ALLERGEN_IDS.map((id) => (
            <label key={id} className="flex min-h-8 items-center gap-2 text-sm">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={label.allergens.includes(id)}
                onChange={() =>
                  set({
                    allergens: label.allergens.includes(id)
                      ? label.allergens.filter((a) => a !== id)
                      : [...label.allergens, id],
                  })
                }
              />
              {ALLERGENS[id].name}
            </label>
          ))}
        </div>
      </fieldset>
      {complaint && (
        <p role="alert" className="text-sm text-error">
          {complaint}
        </p>
      )}
      <div className="flex items-center gap-2">
        <button type="submit" className="btn btn-primary h-11">
          {start ? 'Save it' : 'Put it on the shelf'}
        </button>
        {start && (
          <button type="button" className="btn h-11" onClick={onCancel}>
            Leave it
          </button>
        )}
        <output className="text-sm">{told}</output>
      </div>
    </form>
  );
}
