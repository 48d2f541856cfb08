import { listed, measured, type Bowl, type PlannedExperiment } from '@yellowmist/core';
import { useUnits } from '../../state/useUnits';
import { WayMark } from './WayMark';
import * as texts from './texts';

/** What goes into every bowl, once for all ways where it is alike. */
export function ComparedBowls({ planned: { bowls, ways } }: { planned: PlannedExperiment }) {
  const { say, tell } = useUnits();
  const sprayed = ways.flatMap((w, at) => (w.sprayOilG > 0 ? [at] : []));
  return (
    <section aria-label={texts.theBowls}>
      <h2 className="text-xl">{texts.theBowls}</h2>
      <ol>
        {bowls.map(({ ways: of, bowl }, at) => (
          <li key={at} className="flex gap-3 border-t border-base-300 py-2">
            <For ways={ways} of={of} />
            <span className="min-w-0">
              <b>{bowl.name}</b>
              {repeated(bowls, bowl) && (
                <span className="text-sm">{texts.coat(listed(bowl.visits.map((at) => String(at + 1))))}</span>
              )}
              <span className="block text-sm">
                {listed(bowl.parts.map((part) => `${tell(measured(part))} ${part.name.toLowerCase()}`))}
              </span>
            </span>
          </li>
        ))}
        {sprayed.length > 0 && (
          <li className="flex gap-3 border-t border-base-300 py-2">
            <For ways={ways} of={sprayed} />
            <span className="min-w-0">
              <b>{texts.oilOnPieces}</b>
              <span className="block text-sm">
                {texts.inAllOnBoth(
                  say(
                    sprayed.reduce((sum, way) => sum + ways[way].sprayOilG, 0),
                    'grams',
                  ),
                )}
              </span>
            </span>
          </li>
        )}
      </ol>
    </section>
  );
}

/** For which ways it is. */
function For({ ways, of }: { ways: PlannedExperiment['ways']; of: readonly number[] }) {
  return (
    <span className="flex w-16 shrink-0 flex-wrap content-start gap-1">
      {of.length === ways.length ? (
        <span className="text-sm">{texts.forAll}</span>
      ) : (
        of.map((way) => <WayMark key={way} mark={ways[way].mark} at={way} />)
      )}
    </span>
  );
}

/** Whether another bowl has the same name, or one is visited twice: then it is said for which coats it is. */
const repeated = (bowls: PlannedExperiment['bowls'], { name, visits }: Bowl): boolean =>
  visits.length > 1 || bowls.some(({ bowl }) => bowl.name === name && bowl.layerAt !== visits[0]);
