import { useEffect, useState } from 'react';
import type { SightAnswer } from '@yellowmist/contract';
import {
  aboutSight,
  batchName,
  colourUnder,
  isColour,
  liesInFryer,
  lyingUp,
  SAWS,
  SEEN,
  sawWords,
  turnedAtMin,
  type CounterBatch,
  type Saw,
} from '@yellowmist/core';
import { crustCss } from '../../draw/palette';
import { ask } from '../../state/asking';
import { useUnits } from '../../state/useUnits';
import { Centre } from './Centre';
import type { CookNow } from './useCook';
import * as texts from './texts';

/** What is seen of the batches in the fryers, by one tap each. */
export function Seen({ cook }: { cook: CookNow }) {
  const { document, state, now } = cook;
  const inside = document.programme.batches.filter((b) => {
    const own = state.batches.get(b.key);
    return own !== undefined && liesInFryer(own);
  });
  const [chosen, setChosen] = useState<string | null>(null);
  const urgent = now.urgent ? now.step?.step.batch : null;
  const batch = inside.find((b) => b.key === (urgent ?? chosen)) ?? inside[0];
  if (!batch || state.ended) return null;
  return (
    <section aria-label={texts.whatDoYouSee} className="mt-4">
      <h3 className="text-lg">{texts.whatDoYouSee}</h3>
      {inside.length > 1 && (
        <div role="group" aria-label={texts.ofWhichBatch} className="mt-1 flex flex-wrap gap-1">
          {inside.map((b) => (
            <button
              key={b.key}
              type="button"
              aria-pressed={b.key === batch.key}
              className={`btn h-14 ${b.key === batch.key ? 'btn-secondary' : ''}`}
              onClick={() => setChosen(b.key)}
            >
              {batchName(b, document.programme)}
            </button>
          ))}
        </div>
      )}
      <OfBatch key={batch.key} cook={cook} batch={batch} alone={inside.length === 1} />
    </section>
  );
}

const SIGHT_EVERY_MS = 1_200;

/** What eyes see of it in a simulated fryer: nothing can be seen there but through this. */
function useSight({ document, connected }: CookNow, batch: CounterBatch): SightAnswer | null {
  const [sight, setSight] = useState<SightAnswer | null>(null);
  const simulated = document.simulated.includes(batch.fryer.name);
  useEffect(() => {
    if (!simulated || !connected) return;
    let gone = false;
    const look = async (): Promise<void> => {
      try {
        const answer = await ask(`/api/cooks/${document.id}/sights/${encodeURIComponent(batch.key)}`);
        if (!gone && answer.ok) setSight((await answer.json()) as SightAnswer);
      } catch {
        // The server is away: what was seen last stays.
      }
    };
    void look();
    const again = setInterval(() => void look(), SIGHT_EVERY_MS);
    return () => {
      gone = true;
      clearInterval(again);
    };
  }, [document.id, batch.key, simulated, connected]);
  return simulated ? sight : null;
}

function OfBatch({ cook, batch, alone }: { cook: CookNow; batch: CounterBatch; alone: boolean }) {
  const { planned, state, nowS, tell, document } = cook;
  const { say } = useUnits();
  const [said, setSaid] = useState<Saw | null>(null);
  const own = state.batches.get(batch.key)!;
  const sinceS = nowS - own.inS!;
  const look = planned.get(batch.key);
  const up = lyingUp(turnedAtMin(batch, own), sinceS / 60);
  const shown = look ? colourUnder(look.series, up, sinceS, 0) : null;
  const sight = useSight(cook, batch);
  const more = document.programme.batches.some((b) => state.batches.get(b.key)?.inS === null);
  const see = (saw: Saw): void => {
    setSaid(saw);
    tell({
      what: 'seen',
      batch: batch.key,
      saw,
      ...(isColour(saw) && shown !== null ? { shown: Math.max(SEEN.least, shown), face: up } : {}),
    });
  };
  return (
    <>
      <div className="mt-1 flex flex-wrap gap-4">
        {shown !== null && (
          <figure className="flex items-center gap-2">
            <span
              aria-hidden
              className="size-16 rounded-field border-2 border-base-content"
              style={{ background: crustCss(shown) }}
            />
            <figcaption>
              {texts.itShouldLook}
              <br />
              {texts.likeThisNow}
            </figcaption>
          </figure>
        )}
        {sight && (
          <figure className="flex items-center gap-2">
            <span
              aria-hidden
              className="size-16 rounded-field border-2 border-dashed border-base-content"
              style={{ background: crustCss(sight.top) }}
            />
            <figcaption>
              {texts.youSee(sight.topWord)}
              {sight.floury > SEEN.floury && texts.whiteSpots}
              {sight.ran > SEEN.ran && texts.someBatterRan}
              <span className="block text-sm opacity-80">{texts.simulatedFryer}</span>
            </figcaption>
          </figure>
        )}
      </div>
      {alone && <p className="text-sm">{batchName(batch, document.programme)}</p>}
      <div role="group" aria-label={texts.seenSeen} className="mt-2 flex flex-wrap gap-2">
        {SAWS.map((saw) => (
          <button key={saw} type="button" className="btn h-14 px-4 text-lg" onClick={() => see(saw)}>
            {sawWords(saw)}
          </button>
        ))}
      </div>
      {said && (
        <p role="status" className="mt-2 border-l-4 border-primary pl-2 text-lg">
          {aboutSight(said, more).join(' ')}
        </p>
      )}
      <Centre batch={batch} tell={tell} />
      <div role="group" aria-label={texts.minutesOf(batchName(batch, document.programme))} className="mt-2 flex gap-2">
        <button
          type="button"
          className="btn h-14 grow text-lg"
          onClick={() => tell({ what: 'time', batch: batch.key, byS: -60 })}
        >
          {texts.with1Min}
        </button>
        <button
          type="button"
          className="btn h-14 grow text-lg"
          onClick={() => tell({ what: 'time', batch: batch.key, byS: 60 })}
        >
          {texts.seenWith1Min}
        </button>
      </div>
      {batch.safeC !== null && (
        <p className="mt-1 text-sm">{texts.itsCentreMustReach(say(batch.safeC, 'temperature'))}</p>
      )}
    </>
  );
}
