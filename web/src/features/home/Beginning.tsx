import { useState } from 'react';
import { useNavigate } from 'react-router';
import { RANGES } from '@yellowmist/contract';
import { type Fryer } from '@yellowmist/core';
import { problemText, useCreateMutation } from '../../state/api';
import { NumberField } from '../../ui/NumberField';
import { Choice } from '../../ui/Choice';
import { FOODS } from '../dish/options';
import { DishPicture } from '../dish/DishPicture';
import { fryersFrom } from '../dish/useFryers';
import { COAT_PRESETS, compose, usualCut } from './presets';

/** How a dish begins: a filled-in sentence and its picture; the cook changes the words. */
export function Beginning({ fryers }: { fryers: readonly Fryer[] }) {
  const navigate = useNavigate();
  const [create, { isLoading, error }] = useCreateMutation();
  const choices = fryersFrom(fryers);
  const [foodId, setFoodId] = useState('oyster-mushroom');
  const [coatId, setCoatId] = useState(COAT_PRESETS[0].id);
  const [count, setCount] = useState(usualCut('oyster-mushroom').count);
  const [minutes, setMinutes] = useState(usualCut('oyster-mushroom').minutes);
  const [fryerName, setFryerName] = useState<string | null>(null);
  const fryer = choices.find((f) => f.name === fryerName) ?? choices[0];
  const body = compose(foodId, coatId, count, minutes, fryer);

  const begin = async (): Promise<void> => {
    const stored = await create(body).unwrap();
    await navigate(`/dish/${stored.id}`);
  };

  return (
    <section aria-label="Begin with a dish" className="bg-primary text-primary-content">
      <form
        className="mx-auto grid max-w-6xl items-center gap-x-8 gap-y-3 px-4 py-4 md:grid-cols-[1fr_19rem]"
        onSubmit={(e) => {
          e.preventDefault();
          void begin().catch(() => undefined);
        }}
      >
        <div>
          <h1 className="text-3xl leading-tight">What do you fry in a pot of oil?</h1>
          <p className="mt-1 max-w-prose">
            Say it in one sentence. The bench shows why that coat works in oil, why it may fail in moving air, and
            builds one that sets, sticks and crisps.
          </p>
          <div className="mt-3 flex flex-wrap items-center gap-x-2 gap-y-2 text-lg [&_input]:bg-base-100 [&_input]:text-base-content [&_select]:bg-base-100 [&_select]:text-base-content">
            I fry
            <NumberField
              className="w-20"
              label="Pieces"
              hideLabel
              value={count}
              quantity="plain"
              range={RANGES.count}
              whole
              onChange={setCount}
            />
            pieces of
            <Choice
              className="w-60"
              label="Food"
              hideLabel
              value={foodId}
              options={FOODS}
              onChange={(id) => {
                setFoodId(id);
                setCount(usualCut(id).count);
                setMinutes(usualCut(id).minutes);
              }}
            />
            in
            <Choice
              className="w-72"
              label="Coat"
              hideLabel
              value={coatId}
              options={COAT_PRESETS.map((c) => ({ value: c.id, label: c.label }))}
              onChange={setCoatId}
            />
            for
            <NumberField
              className="w-24"
              label="Minutes in the oil"
              hideLabel
              value={minutes}
              quantity="minutes"
              range={RANGES.oilMinutes}
              step={0.5}
              onChange={setMinutes}
            />
            and I have
            <Choice
              className="w-48"
              label="Fryer"
              hideLabel
              value={fryer.name}
              options={choices.map((f) => ({ value: f.name, label: f.name }))}
              onChange={setFryerName}
            />
          </div>
          <p className="mt-4 flex items-center gap-4">
            <button type="submit" className="btn btn-secondary h-12 text-base" disabled={isLoading}>
              Show me the air version
            </button>
            <span className="text-sm">The cut, the oil and every layer can be changed on the bench.</span>
          </p>
          {error && (
            <p role="alert" className="mt-2 font-semibold">
              {problemText(error)} Nothing of the sentence is lost.
            </p>
          )}
        </div>
        <div className="rounded-box bg-base-100 p-2 text-base-content">
          <DishPicture body={body} side="pot" labelled />
        </div>
      </form>
    </section>
  );
}
