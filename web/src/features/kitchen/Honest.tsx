import type { FryerHonesty, MeanOff } from '@yellowmist/contract';
import { kelvins, text } from '@yellowmist/core';
import { HonestyChart } from '../../draw/HonestyChart';
import { problemText, useHonestyQuery } from '../../state/api';
import { useUnits } from '../../state/useUnits';

/** A difference of logarithms as a share, %. */
const percent = (log: number): number => Math.round(100 * Math.abs(Math.exp(log) - 1));

/** How right plans have been in one fryer: what was foretold of each cook beside what was noted of it. */
export function Honest({ fryer }: { fryer: string }) {
  const { data, error } = useHonestyQuery();
  if (error) return <p role="alert">{problemText(error)}</p>;
  if (!data) return <p role="status">Looking back over all cooks…</p>;
  const own = data.fryers.find((f) => f.fryer === fryer);
  if (!own) return <p className="text-sm">No colour, no centre and no bald place was noted of it yet.</p>;
  return <Looked honesty={own} />;
}

function Looked({ honesty: { foretold, held, colour, centre, minutes, bald } }: { honesty: FryerHonesty }) {
  const { say, tell } = useUnits();
  const kinds = [
    {
      what: 'minutes',
      name: 'The time until it was so brown',
      mean: minutes,
      more: 'took longer than foretold',
      less: 'was quicker',
      say: (o: number) => say(Math.round(Math.abs(o) * 2) / 2, 'minutes'),
    },
    {
      what: 'colour',
      name: 'The colour',
      mean: colour,
      more: 'darker than foretold',
      less: 'paler',
      say: (o: number) => `${percent(o)} %`,
    },
    {
      what: 'centre',
      name: 'The centre',
      mean: centre,
      more: 'hotter than foretold',
      less: 'cooler',
      say: (o: number) => tell(text`${kelvins(Math.abs(o))}`),
    },
    {
      what: 'bald',
      name: 'The bald share',
      mean: bald,
      more: 'more came off than foretold',
      less: 'less',
      say: (o: number) => `${Math.round(100 * Math.abs(o))} %`,
    },
  ] as const;
  return (
    <>
      <p>
        {held} of {foretold.length} lay within the range that was given for them; of such ranges four in five should.
      </p>
      {kinds.map(({ what, name, mean, more, less, say: sayOff }) => {
        const own = foretold.filter((f) => f.what === what);
        // One by itself is no line over time.
        if (!mean || own.length < 2) return null;
        return (
          <figure key={what} className="mt-2">
            <figcaption className="text-sm">{offSaid(name, mean, sayOff)}</figcaption>
            <HonestyChart
              foretold={own}
              more={more}
              less={less}
              say={sayOff}
              title={`${name}, cook by cook, against what was foretold: rings by the page, dots by the cooks before, bars the range that was given`}
            />
          </figure>
        );
      })}
      <p className="text-sm">
        Bars: the range that was given. Dots: what came, foretold by the cooks before it alone; red ones lay outside.
        Rings: foretold by the fryer’s page.
      </p>
    </>
  );
}

const offSaid = (name: string, { byPage, byCooks, noted }: MeanOff, say: (off: number) => string): string =>
  `${name} was off by ${say(byPage)} by the page, and by ${say(byCooks)} by what the cooks before had taught, on average of ${noted}.`;
