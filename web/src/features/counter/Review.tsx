import { kelvins, sawWords, text } from '@yellowmist/core';
import { problemText, useCookReviewQuery } from '../../state/api';
import { crustCss } from '../../draw/palette';
import { useUnits } from '../../state/useUnits';
import { digits } from './words';

/** The end of a rehearsal: what was really so, what showed, what was said of it, what the rest cost. */
export function Review({ id }: { id: string }) {
  const { data, error, isFetching } = useCookReviewQuery(id);
  const { tell } = useUnits();
  if (isFetching) return <p role="status">Looking back…</p>;
  if (error || !data) return <p role="alert">{problemText(error)}</p>;
  return (
    <section aria-label="The rehearsal, looked back upon" className="mt-4 space-y-5">
      {data.surprises.length === 0 && (
        <p className="text-lg">No surprise was chosen: food and fryers were much as said.</p>
      )}
      {data.surprises.map(({ surprise, name, looks, does }) => (
        <div key={surprise} className="border-l-4 border-primary pl-3 text-lg">
          <h3 className="text-xl">{name}</h3>
          <p>
            <b>What it looks like: </b>
            {looks}
          </p>
          <p>
            <b>What to do: </b>
            {does}
          </p>
        </div>
      ))}
      <ul className="text-lg">
        {data.fryers.map(({ fryer, offsetC, saidC }) => (
          <li key={fryer}>
            {fryer}{' '}
            {offsetC === 0
              ? 'kept its setting'
              : `ran ${tell(text`${kelvins(Math.abs(offsetC))}`)} ${offsetC > 0 ? 'hotter' : 'cooler'} than its setting`}
            {Math.abs(offsetC - saidC) < 1
              ? ', as it was taken to.'
              : `; it was taken to ${saidC === 0 ? 'keep it' : `run ${tell(text`${kelvins(Math.abs(saidC))}`)} ${saidC > 0 ? 'hotter' : 'cooler'}`}.`}
          </li>
        ))}
      </ul>
      <ul className="grid gap-3 md:grid-cols-2 xl:grid-cols-3">
        {data.batches.map((b) => (
          <li key={b.batch} className="flex gap-3 border-t-2 border-base-300 pt-2">
            <span className="flex shrink-0 flex-col gap-1 text-xs">
              <Colour b={b.meantB} label="meant" />
              <Colour b={b.cameB} label="came out" />
              <Colour b={b.byPlanB} label="by the plan" />
            </span>
            <div className="min-w-0">
              <h4 className="font-display text-lg font-bold break-words">
                {b.name}
                {b.of > 1 && `, batch ${b.number}`}
              </h4>
              <p>
                {b.fryer}, {digits(b.tookS)} min; planned {digits(b.plannedS)}.
              </p>
              <p className={b.unsafe ? 'font-bold text-error' : ''}>{tell(b.costParts)}</p>
              {b.seen.length > 0 && <p>Seen: {b.seen.map((s) => sawWords(s).toLowerCase()).join(', ')}.</p>}
              {b.missed.length > 0 && (
                <p>
                  <b>Missed: </b>
                  {b.missed.map((s) => sawWords(s).toLowerCase()).join(', ')} at half time.
                </p>
              )}
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Colour({ b, label }: { b: number; label: string }) {
  return (
    <span className="flex items-center gap-1">
      <span
        aria-hidden
        className="size-10 rounded-field border-2 border-base-content"
        style={{ background: crustCss(b) }}
      />
      <span className="sr-only">{label}</span>
      <span aria-hidden>{label}</span>
    </span>
  );
}
