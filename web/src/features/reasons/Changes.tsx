import type { ConversionBody } from '@yellowmist/contract';
import type { AirPlan, WorthChange } from '@yellowmist/core';
import { useAnswer } from '../../state/useAnswer';
import { searchOf, usePantryDocument } from '../../state/pantryDocument';
import { useUnits } from '../../state/useUnits';

const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five'] as const;

const headingFor = (n: number): string =>
  n === 1 ? 'One change to your coat, and what it buys' : `${NUMBERS[n]} changes to your coat, and what each buys`;

/** The plan told as a difference from what the cook does today: each change, and what is lost without it. */
export function Changes({ body, plan }: { body: ConversionBody; plan: AirPlan }) {
  const pantry = usePantryDocument();
  const { answer, error } = useAnswer('changes', { ...searchOf(body, pantry), plan });
  return (
    <section aria-label="Changes to your coat" className="mb-3">
      {error ? <p role="alert">{error}</p> : <Told changes={answer} />}
    </section>
  );
}

function Told({ changes }: { changes: WorthChange[] | null }) {
  if (!changes) return <p className="min-h-24 text-sm">Looking what each change buys…</p>;
  if (changes.length === 0) {
    return <p className="text-sm">Nothing that differs from your own coat buys anything in this cook.</p>;
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
            <span className="sr-only">Buys: </span>
            {tell(said)}
          </p>
        ))}
        {buys.length === 0 && <p className="text-sm">It belongs to this coat.</p>}
        {needed && <p className="text-sm">Without it this does not come right.</p>}
      </div>
    </li>
  );
}
