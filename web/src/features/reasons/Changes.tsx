import type { ConversionBody } from '@yellowmist/contract';
import type { AirPlan, WorthChange } from '@yellowmist/core';
import { useAnswer } from '../../state/useAnswer';
import { searchOf, usePantryDocument } from '../../state/pantryDocument';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

const NUMBERS = [texts.no, texts.one, texts.two, texts.three, texts.four, texts.five] as const;

const headingFor = (n: number): string => (n === 1 ? texts.oneChangeToYour : texts.changesToYourCoat(NUMBERS[n]));

/** The plan told as a difference from what the cook does today: each change, and what is lost without it. */
export function Changes({ body, plan }: { body: ConversionBody; plan: AirPlan }) {
  const pantry = usePantryDocument();
  const { answer, error } = useAnswer('changes', { ...searchOf(body, pantry), plan });
  return (
    <section aria-label={texts.changesChangesToYourCoat} className="mb-3">
      {error ? <p role="alert">{error}</p> : <Told changes={answer} />}
    </section>
  );
}

function Told({ changes }: { changes: WorthChange[] | null }) {
  if (!changes) return <p className="min-h-24 text-sm">{texts.lookingWhatEachChange}</p>;
  if (changes.length === 0) {
    return <p className="text-sm">{texts.nothingThatDiffersFrom}</p>;
  }
  return (
    <>
      <h2 className="text-lg leading-tight">{headingFor(changes.length)}</h2>
      <ol className="mt-2 space-y-2">
        {changes.map((change, at) => (
          <Line key={change.id + String(at)} change={change} at={at} />
        ))}
      </ol>
    </>
  );
}

function Line({ change: { text, buys, needed }, at }: { change: WorthChange; at: number }) {
  const { tell } = useUnits();
  return (
    <li className="grid grid-cols-[1.75rem_1fr]">
      <span aria-hidden className="font-display text-xl leading-6 font-bold text-base-content/70">
        {at + 1}
      </span>
      <div className="leading-snug">
        <p className="font-semibold">{tell(text)}</p>
        {buys.map((said, k) => (
          <p key={k} className="text-sm">
            <span aria-hidden className="font-bold text-success">
              +{' '}
            </span>
            <span className="sr-only">{texts.buys}</span>
            {tell(said)}
          </p>
        ))}
        {buys.length === 0 && <p className="text-sm">{texts.itBelongsToThis}</p>}
        {needed && <p className="text-sm">{texts.withoutItThisDoes}</p>}
      </div>
    </li>
  );
}
