import { shownClock, type CookDocument } from '@yellowmist/contract';
import {
  batchesThatWent,
  passedOver,
  recordOf,
  sawWords,
  type BatchWent,
  type CookPace,
  type CookState,
} from '@yellowmist/core';
import { useMemo } from 'react';
import { ProbeCurve } from '../../draw/ProbeCurve';
import { usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

interface Props {
  cook: CookDocument;
  dish: string;
  pace: CookPace;
  state: CookState;
}

const minutes = (value: number): string => (Math.round(value * 10) / 10).toString();

/** What the counter knows of a dish by itself: planned and real times, looks, readings, what was passed over. */
export function Happened({ cook, dish, pace, state }: Props) {
  const { tell, say } = useUnits();
  const batches = useMemo(() => batchesThatWent(cook.programme, state, dish), [cook, state, dish]);
  const skipped = passedOver(cook.programme, state, dish);
  const lines = useMemo(() => recordOf(cook.programme, pace, cook.events), [cook, pace]);
  if (cook.cookedBy || cook.events.length === 0) return null;
  const { time } = shownClock(cook, 0);
  const plannedTable = time(cook.programme.tableS);
  const ended = state.ended && time(state.ended.atS);
  return (
    <section aria-label={texts.whatHappened} className="mb-3 border-b border-base-300 pb-2">
      <h2 className="text-lg">{texts.whatHappened}</h2>
      <ul className="text-sm">
        {batches.map((b) => (
          <li key={b.key} className="py-0.5">
            <b>{b.name}</b>, {b.fryer}: {tookSaid(b)}
            {turnSaid(b)}
            {b.openedMin.length > 0 && texts.openedAtMin(b.openedMin.map(minutes).join(', '))}
            {b.sights.length > 0 &&
              texts.seen(
                b.sights.map(({ saw, atMin }) => texts.atMin(sawWords(saw).toLowerCase(), minutes(atMin))).join(', '),
              )}
            {b.centres.length > 0 &&
              texts.centre(
                b.centres
                  .map(({ centreC, atMin }) => texts.atMinCentreC(say(centreC, 'temperature'), minutes(atMin)))
                  .join(', '),
              )}
          </li>
        ))}
        {skipped.length > 0 && (
          <li className="py-0.5">
            <b>{texts.passedOver}</b> {skipped.join('; ')}.
          </li>
        )}
        <li className="py-0.5">
          {texts.onTablePlannedFor(ended ? texts.at(ended) : texts.atNoTimeThat, plannedTable)}
        </li>
      </ul>
      <ProbeCurves cook={cook} pace={pace} batches={batches} />
      <details>
        <summary className="min-h-11 cursor-pointer py-2 text-sm">{texts.everythingInItsOrder(lines.length)}</summary>
        <ol className="max-h-72 overflow-y-auto text-sm">
          {lines.map((line) => (
            <li key={line.eventId} className="flex gap-3 border-t border-base-300 py-1">
              <time className="shrink-0 font-semibold">{time(line.atS)}</time>
              <span className="min-w-0 break-words">{tell(line.text)}</span>
            </li>
          ))}
        </ol>
      </details>
    </section>
  );
}

function tookSaid({ tookMin, plannedMin }: BatchWent): string {
  if (tookMin === null) return texts.nothingWasTappedOf(minutes(plannedMin));
  return minutes(tookMin) === minutes(plannedMin)
    ? texts.minAsPlanned(minutes(tookMin))
    : texts.minPlanned(minutes(tookMin), minutes(plannedMin));
}

function turnSaid({ turnPlannedMin, turnedMin, tookMin }: BatchWent): string {
  if (turnedMin !== null)
    return texts.turnedAtMin(
      minutes(turnedMin),
      turnPlannedMin === null ? '' : texts.plannedMinutes(minutes(turnPlannedMin)),
    );
  return turnPlannedMin !== null && tookMin !== null ? texts.notTurned : '';
}

/** What a probe told of each batch, against its plan. */
function ProbeCurves({ cook, pace, batches }: { cook: CookDocument; pace: CookPace; batches: BatchWent[] }) {
  const { say } = useUnits();
  const { own } = usePantryDocument();
  const probed = batches.filter((b) => b.probe.centre.length > 0);
  const { programme } = cook;
  const { answer } = useAnswer('counter', probed.length > 0 ? { programme, pace, events: [], own } : null);
  return probed.map((b) => {
    const look = answer?.planned.find((p) => p.key === b.key);
    if (!look) return null;
    return (
      <figure key={b.key} className="mt-1 max-w-md">
        <ProbeCurve
          timeS={look.series.timeS}
          plannedCentre={look.series.columns.centreC}
          expected={null}
          centre={b.probe.centre}
          air={b.probe.air}
          wantedC={look.wantedC}
          done={null}
          nowS={(b.tookMin ?? 0) * 60}
          say={say}
          title={texts.centreAndAirOf(b.name)}
        />
        <figcaption className="text-sm">
          {texts.dotsRead(b.name)}
          {cook.simulated.includes(b.fryer) && texts.bySimulatedProbe}
          {texts.brokenLinePlan}
        </figcaption>
      </figure>
    );
  });
}
