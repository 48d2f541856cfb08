import { kelvins, sawWords, text } from '@yellowmist/core';
import { problemText, useCookReviewQuery } from '../../state/api';
import { crustCss } from '../../draw/palette';
import { useUnits } from '../../state/useUnits';
import { digits } from './words';
import * as texts from './texts';

/** The end of a rehearsal: what was really so, what showed, what was said of it, what the rest cost. */
export function Review({ id }: { id: string }) {
  const { data, error, isFetching } = useCookReviewQuery(id);
  const { tell } = useUnits();
  if (isFetching) return <p role="status">{texts.lookingBack}</p>;
  if (error || !data) return <p role="alert">{problemText(error)}</p>;
  return (
    <section aria-label={texts.rehearsalLookedBackUpon} className="mt-4 space-y-5">
      {data.surprises.length === 0 && <p className="text-lg">{texts.noSurpriseWasChosen}</p>}
      {data.surprises.map(({ surprise, name, looks, does }) => (
        <div key={surprise} className="border-l-4 border-primary pl-3 text-lg">
          <h3 className="text-xl">{name}</h3>
          <p>
            <b>{texts.whatItLooksLike}</b>
            {looks}
          </p>
          <p>
            <b>{texts.whatToDo}</b>
            {does}
          </p>
        </div>
      ))}
      <ul className="text-lg">
        {data.fryers.map(({ fryer, offsetC, saidC }) => (
          <li key={fryer}>
            {fryer}{' '}
            {offsetC === 0
              ? texts.keptItsSetting
              : texts.ranThanItsSetting(
                  tell(text`${kelvins(Math.abs(offsetC))}`),
                  offsetC > 0 ? texts.hotter : texts.cooler,
                )}
            {Math.abs(offsetC - saidC) < 1
              ? texts.asItWasTaken
              : texts.itWasTakenTo(
                  saidC === 0
                    ? texts.keepIt
                    : texts.run(tell(text`${kelvins(Math.abs(saidC))}`), saidC > 0 ? texts.hotter : texts.cooler),
                )}
          </li>
        ))}
      </ul>
      <ul className="grid gap-3 md:grid-cols-2 xl:grid-cols-3">
        {data.batches.map((b) => (
          <li key={b.batch} className="flex gap-3 border-t-2 border-base-300 pt-2">
            <span className="flex shrink-0 flex-col gap-1 text-xs">
              <Colour b={b.meantB} label={texts.meant} />
              <Colour b={b.cameB} label={texts.cameOut} />
              <Colour b={b.byPlanB} label={texts.byPlan} />
            </span>
            <div className="min-w-0">
              <h4 className="font-display text-lg font-bold break-words">
                {b.name}
                {b.of > 1 && texts.batch(b.number)}
              </h4>
              <p>{texts.minPlanned(b.fryer, digits(b.tookS), digits(b.plannedS))}</p>
              <p className={b.unsafe ? 'font-bold text-error' : ''}>{tell(b.costParts)}</p>
              {b.seen.length > 0 && <p>{texts.seen(b.seen.map((s) => sawWords(s).toLowerCase()).join(', '))}</p>}
              {b.missed.length > 0 && (
                <p>
                  <b>{texts.missed}</b>
                  {texts.atHalfTime(b.missed.map((s) => sawWords(s).toLowerCase()).join(', '))}
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
