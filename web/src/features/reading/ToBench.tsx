import { useState } from 'react';
import { useNavigate } from 'react-router';
import { RANGES, type ConversionBody } from '@yellowmist/contract';
import { spoken, type FriedCook, type Fryer } from '@yellowmist/core';
import { problemText, useCreateMutation } from '../../state/api';
import { useFoodName } from '../../state/useFoodName';
import { useUnits } from '../../state/useUnits';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { newDish } from '../dish/newDish';
import { fryersFrom, useOwnFryers } from '../dish/useFryers';
import type { RecipeAnswer } from '../../worker/questions';
import { laidOnBench } from './readingSlice';
import * as texts from './texts';

/** The dish of a reading as it is stored; null where a food or a coat is missing. */
export function bodyOf(
  { title, dish, fried }: RecipeAnswer['reading'],
  fryer: Fryer,
  foodName: string,
): ConversionBody | null {
  const name = title.slice(0, RANGES.nameLength.max).trim() || foodName;
  return dish && fried ? newDish(name, dish, fried, fryer) : null;
}

/** What it comes to in one breath, what was guessed, and the way to the bench. */
export function ToBench({ answer: { reading, own } }: { answer: RecipeAnswer }) {
  const navigate = useNavigate();
  const { say } = useUnits();
  const nameOf = useFoodName();
  const here = useOwnFryers();
  const [create, { isLoading, error }] = useCreateMutation();
  const choices = fryersFrom(here);
  const [name, setName] = useState<string | null>(null);
  const fryer = choices.find((f) => f.name === name) ?? choices[0];
  const { dish, guesses, trouble } = reading;
  // Heat and minutes of the cook's own, in the place of what was read or guessed.
  const [pot, setPot] = useState<Partial<Pick<FriedCook, 'tempC' | 'minutes'>>>({});
  const fried = reading.fried && { ...reading.fried, ...pot };
  const read = bodyOf({ ...reading, fried }, fryer, dish ? nameOf(dish.foodId) : '');
  // A dish of Yellowmist is laid down as it is, its air version with it, in the fryer that it was made for.
  const body = own && name === null ? { ...own, fried: { ...own.fried, ...pot } } : read;
  const lay = async (): Promise<void> => {
    if (!body) return;
    const stored = await create(body).unwrap();
    laidOnBench();
    await navigate(`/dish/${stored.id}`);
  };
  return (
    <div className="mb-3 rounded-box bg-base-200 p-3">
      {trouble ? (
        <p role="alert" className="border-l-4 border-error pl-2 font-semibold">
          {trouble.text}
        </p>
      ) : (
        dish &&
        fried && (
          <p>
            <b>{texts.ofIt(dish.count, dish.count === 1 ? texts.piece : texts.pieces, spoken(nameOf(dish.foodId)))}</b>
            {texts.friedAtFor(
              fried.medium === 'deep-oil' ? texts.inDeepOil : texts.inPan,
              say(fried.tempC, 'temperature'),
              say(fried.minutes, 'minutes'),
            )}
            {reading.servings !== null && texts.forIt(reading.servings)}.
          </p>
        )
      )}
      {guesses.length > 0 && (
        <ul className="mt-1 text-sm leading-snug" aria-label={texts.guessed}>
          {guesses.map(({ field, why }) => (
            <li key={field + why}>
              <i>{texts.aGuess}</i> {why}
            </li>
          ))}
        </ul>
      )}
      <div className="mt-2 flex flex-wrap items-end gap-3">
        {fried && (
          <>
            <NumberField
              className="w-28"
              label={texts.toBenchOilAt}
              value={fried.tempC}
              quantity="temperature"
              range={RANGES.oilTempC}
              onChange={(tempC) => setPot({ ...pot, tempC })}
            />
            <NumberField
              className="w-24"
              label={texts.toBenchFor}
              value={fried.minutes}
              quantity="minutes"
              range={RANGES.oilMinutes}
              step={0.5}
              onChange={(minutes) => setPot({ ...pot, minutes })}
            />
          </>
        )}
        <Choice
          className="w-48"
          label={texts.intoThisFryer}
          value={fryer.name}
          options={choices.map((f) => ({ value: f.name, label: f.name }))}
          onChange={setName}
        />
        <button
          type="button"
          className="btn btn-primary h-12 text-base"
          disabled={!body || isLoading}
          onClick={() => void lay().catch(() => undefined)}
        >
          {texts.layItOnBench}
        </button>
      </div>
      {error && (
        <p role="alert" className="mt-2 font-semibold text-error">
          {texts.nothingOfRecipeIs(problemText(error))}
        </p>
      )}
    </div>
  );
}
