import { joiResolver } from '@hookform/resolvers/joi';
import { useEffect, useState } from 'react';
import { Controller, useForm, useWatch, type FieldErrors } from 'react-hook-form';
import { labelSchema, RANGES } from '@yellowmist/contract';
import {
  findIngredients,
  fingerprint,
  ALLERGEN_IDS,
  ALLERGENS,
  ingredient,
  KNOWN,
  namedG,
  OWN_PREFIX,
  type Label,
  type Origin,
} from '@yellowmist/core';
import { keepTyped, typedAs } from '../../state/typed';
import { FindChoice, type Findable } from '../../ui/FindChoice';
import { Choice } from '../../ui/Choice';
import { NumberIn } from '../../ui/NumberIn';
import * as texts from './texts';

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
  { value: 'none', label: texts.plantsFungiOrMinerals },
  { value: 'egg', label: 'egg' },
  { value: 'milk', label: 'milk' },
  { value: 'honey', label: 'honey' },
  { value: 'meat', label: 'meat' },
  { value: 'fish', label: texts.fishOrSeafood },
];

const likes = (typed: string): Findable[] =>
  findIngredients(KNOWN, typed, { fits: (i) => i.food === undefined }).map(({ id, name }) => ({
    value: id,
    label: name,
  }));

/** Shown for what has no cup of its own, g. */
const UNWEIGHED_CUP_G = 100;

const NUTRIENTS = [
  ['fatG', texts.fat],
  ['carbohydrateG', texts.carbohydrate],
  ['sugarG', texts.ofItSugar],
  ['fibreG', texts.fibre],
  ['proteinG', texts.protein],
  ['saltG', texts.salt],
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

/** What the form says of each thing that is wrong with a label; the schema is the server's own. */
const COMPLAINTS: Record<string, (label: Label) => string> = {
  'string.empty': () => texts.nameEnterToLetters(RANGES.nameLength.min, RANGES.nameLength.max),
  'label.sugar': ({ sugarG, carbohydrateG }) => texts.ofItSugarG(sugarG, carbohydrateG),
  'label.full': (label) => texts.fatCarbohydrateFibreProtein(Math.round(namedG(label))),
};

interface Wrong {
  type?: string;
  message?: string;
}

/** The first thing that is wrong, in the cook's words; empty when nothing is. */
function complaintOf(errors: FieldErrors<Label>, label: Label): string {
  const [first] = Object.values(errors) as Wrong[];
  return first ? (COMPLAINTS[first.type ?? '']?.(label) ?? first.message ?? '') : '';
}

const checked = joiResolver(labelSchema);

/** Under which name this browser keeps a packet that is being typed off. */
const TYPED = 'label';
const untouched = fingerprint(FRESH);

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
  const { control, register, handleSubmit, formState, reset } = useForm<Label>({
    defaultValues: start ?? typedAs<Label>(TYPED) ?? FRESH,
    resolver: (label, context, options) => checked(named(label), context, options),
  });
  const [told, setTold] = useState('');
  const label = useWatch({ control }) as Label;
  // A new one outlives the page until it is on the shelf.
  useEffect(() => {
    if (!start) keepTyped(TYPED, fingerprint(label) === untouched ? null : label);
  }, [start, label]);
  const complaint = complaintOf(formState.errors, label);
  /** Under the id that it has, or one of its own. */
  function named(values: Label): Label {
    const name = values.name.trim();
    return { ...values, name, id: start?.id ?? idFor(name, taken) };
  }
  const save = handleSubmit(async (next) => {
    if (!(await onSave(next))) return;
    setTold(texts.isOnShelf(next.name));
    if (!start) reset(FRESH);
  });
  return (
    <form
      aria-label={texts.ingredientOfYourOwn}
      noValidate
      className="h-fit space-y-2 rounded-box bg-base-200 p-3 lg:sticky lg:top-4"
      onSubmit={(e) => {
        setTold('');
        void save(e);
      }}
    >
      <h2 className="text-lg">{start ? texts.change(start.name) : texts.ingredientOfYourOwn}</h2>
      <label className="block text-xs">
        {texts.name}
        <input
          className="input h-9 w-full text-base"
          maxLength={RANGES.nameLength.max}
          aria-invalid={formState.errors.name !== undefined}
          {...register('name')}
        />
      </label>
      <Controller
        control={control}
        name="likeId"
        render={({ field }) => (
          <FindChoice
            label={texts.inCoatItBehaves}
            value={{ value: field.value, label: ingredient(KNOWN, field.value).name }}
            find={likes}
            onChange={field.onChange}
          />
        )}
      />
      <fieldset>
        <legend className="text-xs">{texts.in100GFrom}</legend>
        <div className="grid grid-cols-3 gap-x-2 gap-y-1">
          {NUTRIENTS.map(([key, word]) => (
            <NumberIn
              key={key}
              control={control}
              name={key}
              label={word}
              quantity="grams"
              range={RANGES.per100g}
              step={0.5}
            />
          ))}
        </div>
      </fieldset>
      <NumberIn
        control={control}
        name="cupG"
        label={label.cupG === null ? texts.levelCupOfIt : texts.labelFormLevelCupOfIt}
        otherwise={Math.round(ingredient(KNOWN, label.likeId).cupG ?? UNWEIGHED_CUP_G)}
        quantity="grams"
        range={RANGES.cupG}
      />
      <Controller
        control={control}
        name="origin"
        render={({ field }) => (
          <Choice label={texts.itIsMadeOf} value={field.value} options={ORIGINS} onChange={field.onChange} />
        )}
      />
      <fieldset>
        <legend className="text-xs">{texts.labelSaysThatIt}</legend>
        <div className="grid grid-cols-2 gap-x-2">
          {ALLERGEN_IDS.map((id) => (
            <label key={id} className="flex min-h-8 items-center gap-2 text-sm">
              <input type="checkbox" className="checkbox checkbox-sm" value={id} {...register('allergens')} />
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
          {start ? texts.saveIt : texts.putItOnShelf}
        </button>
        {start && (
          <button type="button" className="btn h-11" onClick={onCancel}>
            {texts.leaveIt}
          </button>
        )}
        <output className="text-sm">{told}</output>
      </div>
    </form>
  );
}
