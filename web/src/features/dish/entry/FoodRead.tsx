import type { Bought, FoodDoubt } from '@yellowmist/core';
import { RANGES } from '@yellowmist/contract';
import { CutPicture } from '../../../draw/CutPicture';
import { useUnits } from '../../../state/useUnits';
import { NumberField } from '../../../ui/NumberField';
import type { EnteredDish } from '../../../worker/questions';
import { Asking } from './Asking';

interface Props {
  entered: EnteredDish;
  /** What was chosen of the answers, cuts and sizes. */
  onChoose: (bought: Bought) => void;
  onCount?: (count: number) => void;
  /** Where there is little room: no count of its own. */
  compact?: boolean;
}

const QUESTIONS: Record<FoodDoubt, (typed: string) => string> = {
  unknown: (typed) => `“${typed}” is no food that is known here. Do you mean one of these?`,
  'another-kind': (typed) => `“${typed}” is a kind that is not known here. The nearest:`,
  'how-much': (typed) => `How much of it? “${typed}” does not say. The likeliest:`,
  nothing: () => 'There must be more than nothing of it. The likeliest:',
  'too-much': (typed) => `“${typed}” is more than a household cooks at once. Do you mean:`,
  measure: () => 'A cup says little of pieces: say how many, or a weight. The likeliest:',
  size: () => `No knife cuts that: a cut must be ${RANGES.cutSizeMm.min} to ${RANGES.cutSizeMm.max} mm. Take:`,
};

/** How the words for the food are understood: pieces and weight, the cut to choose, and how it is cut well. */
export function FoodRead({ entered, onChoose, onCount, compact = false }: Props) {
  const { say } = useUnits();
  const { food, of, pieces, likelyFoods } = entered;
  if (food.doubt) {
    return (
      <Asking
        text={QUESTIONS[food.doubt](food.typed)}
        answers={likelyFoods.map(({ bought, words }) => ({ words, onTake: () => onChoose(bought) }))}
      />
    );
  }
  if (!of || !pieces) return null;
  const bought = food.bought!;
  const { cut, cuts, cutUp } = of;
  return (
    <div className="text-sm">
      <p className="flex flex-wrap items-center gap-x-2 gap-y-1">
        {onCount ? (
          <NumberField
            className="w-20"
            label="Pieces"
            hideLabel
            value={pieces.count}
            quantity="plain"
            range={RANGES.count}
            whole
            onChange={onCount}
          />
        ) : null}
        <span>
          {!onCount && <b>{pieces.count} </b>}
          {pieces.count === 1 ? 'piece' : 'pieces'} of about <b>{say(pieces.pieceG, 'mass')}</b>, from{' '}
          {say(cutUp.boughtG, 'mass')} as bought
        </span>
      </p>
      <p className="mt-1 flex flex-wrap items-center gap-1" role="group" aria-label="Cut">
        {cuts.map((c) => (
          <button
            key={c.id}
            type="button"
            className={`btn btn-sm h-9 font-normal ${c.id === cut.id ? 'btn-secondary' : 'btn-outline'}`}
            aria-pressed={c.id === cut.id}
            onClick={() => onChoose({ ...bought, cut: c.id, sizeMm: undefined })}
          >
            {c.name}
          </button>
        ))}
        {cut.sizeMm !== null && (
          <span className="flex items-center gap-1 pl-1">
            of
            <NumberField
              className="w-24"
              label={`Size of the ${cut.name}`}
              hideLabel
              value={bought.sizeMm ?? cut.sizeMm}
              quantity="length"
              range={RANGES.cutSizeMm}
              onChange={(sizeMm) => onChoose({ ...bought, sizeMm })}
            />
          </span>
        )}
      </p>
      <details className="mt-1">
        <summary className="min-h-6 cursor-pointer">How to cut it</summary>
        <div
          className={`mt-1 grid items-center gap-3 rounded-box bg-base-100 p-2 text-base-content ${compact ? '' : 'sm:grid-cols-[13rem_1fr]'}`}
        >
          <CutPicture
            cut={cut.id}
            shape={pieces.shape}
            say={(mm) => say(mm, 'length')}
            title={`${of.food.name} cut: ${cut.name}`}
          />
          <div>
            <p>{cut.how}</p>
            {cut.keep && <p className="mt-1">{cut.keep}</p>}
            {of.thickness.length > 0 && (
              <p className="mt-1">
                The centre is done in the pot after{' '}
                {of.thickness.map(({ mm, minutes }) => `${say(minutes, 'minutes')} at ${say(mm, 'length')}`).join(', ')}
                .
              </p>
            )}
            <p className="mt-1 text-xs opacity-85">Usual weights: {of.source}. Yours are set on the pantry page.</p>
          </div>
        </div>
      </details>
    </div>
  );
}
