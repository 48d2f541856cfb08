import type { Bought, FoodDoubt } from '@yellowmist/core';
import { RANGES } from '@yellowmist/contract';
import { CutPicture } from '../../../draw/CutPicture';
import { useUnits } from '../../../state/useUnits';
import { NumberField } from '../../../ui/NumberField';
import type { EnteredDish } from '../../../worker/questions';
import { Asking } from './Asking';
import * as texts from '../texts';

interface Props {
  entered: EnteredDish;
  /** What was chosen of the answers, cuts and sizes. */
  onChoose: (bought: Bought) => void;
  onCount?: (count: number) => void;
  /** Where there is little room: no count of its own. */
  compact?: boolean;
}

const QUESTIONS: Record<FoodDoubt, (typed: string, near: boolean) => string> = {
  unknown: (typed, near) => (typed.trim() === '' ? texts.sayWhatYouFry : texts.isNoFoodThat(typed, near)),
  'another-kind': (typed) => texts.isKindThatIs(typed),
  dough: texts.isDough,
  pastry: texts.isInPastry,
  'which-pieces': () => texts.friedInPieces,
  'how-much': (typed) => texts.howMuchOfIt(typed),
  nothing: () => texts.thereMustBeMore,
  'too-much': (typed) => texts.isMoreThanHousehold(typed),
  measure: () => texts.cupSaysLittleOf,
  size: () => texts.noKnifeCutsThat(RANGES.cutSizeMm.min, RANGES.cutSizeMm.max),
};

/** What is said where there is nothing to choose. */
const NO_ANSWER: Partial<Record<FoodDoubt, string>> = { dough: texts.whatCanBeConverted };

/** How the words for the food are understood: pieces and weight, the cut to choose, and how it is cut well. */
export function FoodRead({ entered, onChoose, onCount, compact = false }: Props) {
  const { say } = useUnits();
  const { food, of, pieces, likelyFoods } = entered;
  if (food.doubt) {
    return (
      <Asking
        text={QUESTIONS[food.doubt](food.typed, likelyFoods.length > 0)}
        none={NO_ANSWER[food.doubt] ?? (food.typed.trim() === '' ? texts.asOneSaysIt : undefined)}
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
            label={texts.pieces}
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
          {texts.ofAbout(pieces.count === 1 ? texts.piece : texts.foodReadPieces)}
          <b>{say(pieces.pieceG, 'mass')}</b>
          {texts.fromAsBought(say(cutUp.boughtG, 'mass'))}
        </span>
      </p>
      <p className="mt-1 flex flex-wrap items-center gap-1" role="group" aria-label={texts.cut}>
        {cuts.map((c) => (
          <button
            key={c.id}
            type="button"
            className={`btn btn-sm h-9 font-normal ${c.id === cut.id ? 'btn-secondary' : 'btn-outline not-hover:border-current not-hover:text-inherit'}`}
            aria-pressed={c.id === cut.id}
            onClick={() => onChoose({ ...bought, cut: c.id, sizeMm: undefined })}
          >
            {c.name}
          </button>
        ))}
        {cut.sizeMm !== null && (
          <span className="flex items-center gap-1 pl-1">
            {texts.foodReadOf}
            <NumberField
              className="w-24"
              label={texts.sizeOf(cut.name)}
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
        <summary className="min-h-6 cursor-pointer">{texts.howToCutIt}</summary>
        <div
          className={`mt-1 grid items-center gap-3 rounded-box bg-base-100 p-2 text-base-content ${compact ? '' : 'sm:grid-cols-[13rem_1fr]'}`}
        >
          <CutPicture
            cut={cut.id}
            shape={pieces.shape}
            say={(mm) => say(mm, 'length')}
            title={texts.cutFood(of.food.name, cut.name)}
          />
          <div>
            <p>{cut.how}</p>
            {cut.keep && <p className="mt-1">{cut.keep}</p>}
            {of.thickness.length > 0 && (
              <p className="mt-1">
                {texts.centreIsDoneIn(
                  of.thickness
                    .map(({ mm, minutes }) => texts.atMinutes(say(minutes, 'minutes'), say(mm, 'length')))
                    .join(', '),
                )}
              </p>
            )}
            <p className="mt-1 text-xs opacity-85">{texts.usualWeightsYoursAre(of.source)}</p>
          </div>
        </div>
      </details>
    </div>
  );
}
