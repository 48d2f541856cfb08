import { TriangleAlert } from 'lucide-react';
import { isEmpty, mayBeDone, type LiveStep, type Step } from '@yellowmist/core';
import { useUnits } from '../../state/useUnits';
import { StepPicture } from './StepPicture';
import type { CookNow } from './useCook';
import { batchOf, digits } from './words';
import * as texts from './texts';

/** What to do now, in letters for a metre away: what, how much, what to look at, and the caution that belongs here. */
export function NowPanel({ cook }: { cook: CookNow }) {
  const { now, document, state } = cook;
  if (state.ended) return null;
  if (!now.step) return <Nothing cook={cook} />;
  const { step, hand } = now.step;
  const who = state.hands.length > 1 && hand !== null ? state.hands[hand] : '';
  const dish = document.programme.dishes.find((d) => d.id === step.dishId)?.name ?? '';
  return (
    <section
      aria-label={texts.now}
      aria-live="polite"
      className={`rounded-box border-4 p-2 sm:p-4 ${now.urgent ? 'border-error' : 'border-primary'}`}
    >
      <p className="flex flex-wrap gap-x-3 text-lg font-semibold">
        {now.urgent && <span className="text-error">{texts.cannotWait}</span>}
        {who !== '' && <span>{who}</span>}
        {dish !== '' && <span className="opacity-80">{dish}</span>}
      </p>
      <h2 className="text-3xl leading-tight font-bold break-words sm:text-5xl">{step.head}</h2>
      <div className="mt-2 flex flex-wrap gap-x-5 gap-y-2">
        <div className="min-w-0 grow basis-72">
          <Setting step={step} cook={cook} />
          <Words live={now.step} />
        </div>
        <div className="w-full empty:hidden sm:w-60">
          <StepPicture step={step} cook={cook} />
        </div>
      </div>
    </section>
  );
}

/** What the fryer is set to; where what was read speaks for another setting, that one. */
function Setting({ step, cook }: { step: Step; cook: CookNow }) {
  const { set } = useUnits();
  const batch = batchOf(step.batch, cook.document.programme);
  if (!step.set || !batch) return null;
  const correction = cook.corrections.get(batch.key);
  const setC = correction?.setC ?? step.set.tempC;
  const minutes = correction && correction.told > 0 && step.kind === 'load' ? correction.takesS / 60 : step.set.minutes;
  const told = set(setC, batch.fryer.stepC);
  return (
    <p className="mb-1 text-3xl font-bold">
      {told}
      {step.set.minutes > 0 && texts.minMinutes(Math.round(minutes * 2) / 2)}
      {setC !== step.set.tempC && (
        <span className="block text-lg font-normal">{texts.byWhatWasRead(set(step.set.tempC, batch.fryer.stepC))}</span>
      )}
    </p>
  );
}

function Words({ live: { step } }: { live: LiveStep }) {
  const { tell } = useUnits();
  return (
    <div className="min-w-0 space-y-2">
      {step.amounts.length > 0 ? (
        <ul aria-label={texts.howMuch} className="text-2xl leading-snug font-semibold">
          {step.amounts.map(({ name, amount }) => (
            <li key={name}>{tell(amount)}</li>
          ))}
        </ul>
      ) : (
        <p className="text-xl leading-snug sm:text-2xl">{tell(step.text)}</p>
      )}
      {step.checks.length > 0 && (
        <ul aria-label={texts.whatToLookAt} className="list-disc pl-6 text-lg leading-snug sm:text-xl">
          {step.checks.map((check, k) => (
            <li key={k}>{tell(check)}</li>
          ))}
        </ul>
      )}
      {step.cautions.map((caution, k) => (
        <p key={k} className="flex gap-2 text-lg leading-snug font-semibold text-error">
          <TriangleAlert aria-hidden className="mt-0.5 size-6 shrink-0" />
          <span>{tell(caution)}</span>
        </p>
      ))}
      {!isEmpty(step.reason) && <p className="leading-snug opacity-80 max-sm:hidden">{tell(step.reason)}</p>}
    </div>
  );
}

/** Nothing to do for a while: what comes, and when; it may be done now all the same. */
function Nothing({ cook }: { cook: CookNow }) {
  const [next] = cook.now.next;
  const already = mayBeDone(cook.now);
  return (
    <section aria-label={texts.now} aria-live="polite" className="rounded-box border-4 border-base-300 p-4">
      <h2 className="text-3xl font-bold sm:text-5xl">{texts.nothingToDo}</h2>
      {next && (
        <p className="mt-2 text-2xl">
          {texts.untilForThen(cook.time(next.fromS), digits(next.fromS - cook.nowS), next.step.head)}
        </p>
      )}
      {already && already !== next && <p className="mt-1 text-xl">{texts.whatYouCouldDo(already.step.head)}</p>}
    </section>
  );
}

/** What comes after that. */
export function NextList({ cook }: { cook: CookNow }) {
  const next = cook.now.next.slice(0, 4);
  if (cook.state.ended || next.length === 0) return null;
  return (
    <section aria-label={texts.next} className="mt-3">
      <h3 className="text-lg">{texts.next}</h3>
      <ol className="text-xl">
        {next.map(({ step, fromS, hand }) => (
          <li key={step.id} className="flex gap-3 border-t border-base-300 py-1.5">
            <time className="shrink-0 font-bold">{cook.time(fromS)}</time>
            <span className="min-w-0 break-words">
              {step.head}
              {cook.state.hands.length > 1 && hand !== null && (
                <span className="opacity-80"> ({cook.state.hands[hand]})</span>
              )}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
