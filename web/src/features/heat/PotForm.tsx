import { memo } from 'react';
import { RANGES } from '@yellowmist/contract';
import type { FriedCook } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { friedChanged } from '../dish/dishSlice';
import { IngredientChoice, isFryingOil } from '../dish/IngredientChoice';
import { useDrag } from '../dish/useDrag';
import * as texts from './texts';

const MEDIA = [
  { value: 'deep-oil', label: texts.deepOil },
  { value: 'pan-oil', label: texts.panTurnedOnce },
] as const;

/** How the dish is fried today. */
export const PotForm = memo(function PotForm({ fried }: { fried: FriedCook }) {
  const dispatch = useAppDispatch();
  const change = (part: Partial<Omit<FriedCook, 'layers'>>): void => void dispatch(friedChanged(part));
  return (
    <section aria-label={texts.inPotToday} className="grid grid-cols-2 gap-x-2 gap-y-1">
      <Choice label={texts.friedIn} value={fried.medium} options={MEDIA} onChange={(medium) => change({ medium })} />
      <IngredientChoice
        label={texts.oil}
        labelled
        fits={isFryingOil}
        value={fried.oilId}
        onChange={(oilId) => change({ oilId })}
      />
    </section>
  );
});

/** How hot and how long it is fried: what is tried out most. */
export const PotHeat = memo(function PotHeat({ fried }: { fried: FriedCook }) {
  const dispatch = useAppDispatch();
  const drag = useDrag();
  const change = (part: Partial<Omit<FriedCook, 'layers'>>): void => void dispatch(friedChanged(part));
  return (
    <section aria-label={texts.heatOfPot} className="grid grid-cols-2 gap-x-2">
      <NumberField
        label={texts.oilAt}
        value={fried.tempC}
        quantity="temperature"
        range={RANGES.oilTempC}
        step={5}
        drag={drag(150, 200, 1)}
        onChange={(tempC) => change({ tempC })}
      />
      <NumberField
        label={texts.forIt}
        value={fried.minutes}
        quantity="minutes"
        range={RANGES.oilMinutes}
        step={0.5}
        drag={drag(1, 10, 0.25)}
        onChange={(minutes) => change({ minutes })}
      />
    </section>
  );
});
