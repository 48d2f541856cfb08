import { RANGES } from '@yellowmist/contract';
import { PLAIN_STATION, type AirResult, type Dish, type Hand as WritingHand, type Handling } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { writesWith } from '../../state/settings';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { dishChanged, planChanged } from '../dish/dishSlice';
import { WRITING } from '../dish/options';
import { Word } from '../../ui/Word';
import * as texts from './texts';

const HANDLINGS: readonly { value: Handling; label: string }[] = [
  { value: 'hands', label: texts.dryHandAndWet },
  { value: 'fork', label: texts.forkOrTongs },
  { value: 'shaker', label: texts.closedBoxForFlours },
  { value: 'tossed', label: texts.allTossedTogetherIn },
];

/** Who dips, how, with how much to spare, and for how many. */
export function Setting({ air, dish, writes }: { air: AirResult; dish: Dish; writes: WritingHand }) {
  const dispatch = useAppDispatch();
  const station = air.plan.station ?? PLAIN_STATION;
  const pieces = (count: number): void => void dispatch(dishChanged({ count }));
  const { min, max } = RANGES.count;
  return (
    <div className="mb-2 flex flex-wrap items-end gap-x-3 gap-y-1">
      <Choice
        className="w-40"
        label={texts.iWriteWith}
        value={writes}
        options={WRITING}
        onChange={(w) => dispatch(writesWith(w))}
      />
      <Choice
        className="w-56"
        label={texts.throughBowlsWith}
        value={station.handling}
        options={HANDLINGS}
        onChange={(handling) => dispatch(planChanged({ station: { ...station, handling } }))}
      />
      <NumberField
        className="w-32"
        label={texts.workingSurplusTimes}
        value={station.surplus}
        quantity="plain"
        range={RANGES.surplus}
        step={0.25}
        onChange={(surplus) => dispatch(planChanged({ station: { ...station, surplus } }))}
      />
      <NumberField
        className="w-24"
        label={texts.piecesToCoat}
        value={dish.count}
        quantity="plain"
        range={RANGES.count}
        whole
        onChange={pieces}
      />
      <span className="flex gap-1">
        <button
          type="button"
          className="btn btn-sm h-9"
          disabled={Math.round(dish.count / 2) < min || dish.count === 1}
          onClick={() => pieces(Math.max(min, Math.round(dish.count / 2)))}
        >
          {texts.half}
        </button>
        <button
          type="button"
          className="btn btn-sm h-9"
          disabled={dish.count * 2 > max}
          onClick={() => pieces(dish.count * 2)}
        >
          {texts.double}
        </button>
      </span>
      <p className="max-w-96 text-xs leading-snug">
        {texts.writingHandDoesDry(writes === 'right' ? texts.leftToRight : texts.rightToLeft)}
        <Word id="working-surplus">{texts.workingSurplus}</Word>
        {texts.isForLastPiece}
      </p>
    </div>
  );
}
