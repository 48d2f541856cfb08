import type { FryerHonesty, MeanOff } from '@yellowmist/contract';
import { kelvins, text } from '@yellowmist/core';
import { HonestyChart } from '../../draw/HonestyChart';
import { problemText, useHonestyQuery } from '../../state/api';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

/** A difference of logarithms as a share, %. */
const percent = (log: number): number => Math.round(100 * Math.abs(Math.exp(log) - 1));

/** How right plans have been in one fryer: what was foretold of each cook beside what was noted of it. */
export function Honest({ fryer }: { fryer: string }) {
  const { data, error } = useHonestyQuery();
  if (error) return <p role="alert">{problemText(error)}</p>;
  if (!data) return <p role="status">{texts.lookingBackOverAll}</p>;
  const own = data.fryers.find((f) => f.fryer === fryer);
  if (!own) return <p className="text-sm">{texts.noColourNoCentre}</p>;
  return <Looked honesty={own} />;
}

function Looked({ honesty: { foretold, held, colour, centre, minutes, bald } }: { honesty: FryerHonesty }) {
  const { say, tell } = useUnits();
  const kinds = [
    {
      what: 'minutes',
      name: texts.timeUntilItWas,
      mean: minutes,
      more: texts.tookLongerThanForetold,
      less: texts.wasQuicker,
      say: (o: number) => say(Math.round(Math.abs(o) * 2) / 2, 'minutes'),
    },
    {
      what: 'colour',
      name: texts.theColour,
      mean: colour,
      more: texts.darkerThanForetold,
      less: 'paler',
      say: (o: number) => `${percent(o)} %`,
    },
    {
      what: 'centre',
      name: texts.theCentre,
      mean: centre,
      more: texts.hotterThanForetold,
      less: 'cooler',
      say: (o: number) => tell(text`${kelvins(Math.abs(o))}`),
    },
    {
      what: 'bald',
      name: texts.baldShare,
      mean: bald,
      more: texts.moreCameOffThan,
      less: 'less',
      say: (o: number) => `${Math.round(100 * Math.abs(o))} %`,
    },
  ] as const;
  return (
    <>
      <p>{texts.ofLayWithinRange(held, foretold.length)}</p>
      {kinds.map(({ what, name, mean, more, less, say: sayOff }) => {
        const own = foretold.filter((f) => f.what === what);
        // One by itself is no line over time.
        if (!mean || own.length < 2) return null;
        return (
          <figure key={what} className="mt-2">
            <figcaption className="text-sm">{offSaid(name, mean, sayOff)}</figcaption>
            <HonestyChart foretold={own} more={more} less={less} say={sayOff} title={texts.cookByCookAgainst(name)} />
          </figure>
        );
      })}
      <p className="text-sm">{texts.barsRangeThatWas}</p>
    </>
  );
}

const offSaid = (name: string, { byPage, byCooks, noted }: MeanOff, say: (off: number) => string): string =>
  texts.wasOffByBy(name, say(byPage), say(byCooks), noted);
