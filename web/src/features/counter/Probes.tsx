import { batchName, firstStretch, leftSaid, probeSays, isLow, type Evidence } from '@yellowmist/core';
import { ProbeCurve, type Reading } from '../../draw/ProbeCurve';
import { useUnits } from '../../state/useUnits';
import type { CookNow } from './useCook';
import * as texts from './texts';

const readings = (evidence: readonly Evidence[], what: 'centre' | 'air'): Reading[] =>
  evidence.flatMap((e) => (e.what === what ? [{ atS: e.atS, tempC: e.tempC }] : []));

/** What the probes read against what was expected, and when each batch will be done. */
export function Probes({ cook }: { cook: CookNow }) {
  const { document, state, corrections, planned, nowS } = cook;
  const { say, tell } = useUnits();
  const inside = document.programme.batches.filter((b) => {
    const own = state.batches.get(b.key)!;
    return firstStretch(own) && own.evidence.some((e) => e.what !== 'colour');
  });
  const warned = [...state.probes.values()].flatMap((probe) => {
    const lies = inside.find((b) => b.fryer.name === probe.fryer);
    const said = lies && probeSays(probe, nowS, corrections.get(lies.key)?.still ?? false, isLow(probe.battery));
    return said ? [{ fryer: probe.fryer, said }] : [];
  });
  if (state.ended || (inside.length === 0 && warned.length === 0)) return null;
  return (
    <section aria-label={texts.probes} className="mt-4">
      {warned.map(({ fryer, said }) => (
        <p key={fryer} role="alert" className="border-l-4 border-error pl-2 text-lg font-semibold">
          {tell(said)}
        </p>
      ))}
      {inside.map((batch) => {
        const own = state.batches.get(batch.key)!;
        const look = planned.get(batch.key);
        const { forecast } = corrections.get(batch.key) ?? { forecast: null };
        if (!look) return null;
        const probe = state.probes.get(batch.fryer.name);
        const done = forecast?.centre ?? null;
        const leftS = done ? done.atS - (nowS - own.inS!) : null;
        return (
          <figure key={batch.key} className="mt-2">
            <figcaption className="text-lg leading-tight">
              <b>{batchName(batch, document.programme)}</b>
              {probe &&
                !probe.trouble &&
                texts.centreAir(say(probe.centreC, 'temperature'), say(probe.airC, 'temperature'))}
              <span className="block">
                {!forecast
                  ? texts.reading
                  : done === null || leftS === null
                    ? texts.centreDoesNotCome(say(look.wantedC, 'temperature'))
                    : leftS <= 0
                      ? texts.centreHasComeTo(say(look.wantedC, 'temperature'))
                      : texts.centreAtAt(
                          say(look.wantedC, 'temperature'),
                          cook.time(own.inS! + done.atS),
                          leftSaid(Math.max(5, done.offS)),
                        )}
                {document.simulated.includes(batch.fryer.name) && texts.simulatedProbe}
              </span>
            </figcaption>
            <ProbeCurve
              timeS={look.series.timeS}
              plannedCentre={look.series.columns.centreC}
              expected={forecast ? { timeS: forecast.series.timeS, centre: forecast.series.columns.centreC } : null}
              centre={readings(own.evidence, 'centre')}
              air={readings(own.evidence, 'air')}
              wantedC={look.wantedC}
              done={done}
              nowS={nowS - own.inS!}
              say={say}
              title={texts.centreAndAirOf(batchName(batch, document.programme))}
            />
            <p className="text-sm">{texts.dotsReadBrokenLine}</p>
          </figure>
        );
      })}
    </section>
  );
}
