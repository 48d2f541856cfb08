import { useMemo, useState } from 'react';
import { paretoSet, type AirResult, type Candidate, type Conversion } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { Scatter, type Dot } from '../../draw/Scatter';
import { useUnits } from '../../state/useUnits';
import { Savable } from '../../ui/Savable';
import { sideTurned } from '../dish/deskSlice';
import { picked } from '../dish/dishSlice';
import { FAMILY_NAMES, likenessWord } from '../dish/words';
import * as texts from './texts';

const COSTS = {
  oil: { label: texts.oilThatPieceKeeps, tab: texts.oil, of: (c: Candidate) => c.oilPerPieceG },
  minutes: { label: texts.minutesInFryer, tab: texts.minutes, of: (c: Candidate) => c.minutes },
  bowls: { label: 'bowls to fill', tab: texts.bowls, of: (c: Candidate) => c.bowls },
} as const;
type Cost = keyof typeof COSTS;

const format: Record<Cost, (x: number) => string> = {
  oil: (x) => String(Number(x.toFixed(2))),
  minutes: (x) => String(Math.round(x)),
  bowls: (x) => (Number.isInteger(x) ? String(x) : ''),
};

/** Every cook that the search tried: likeness against what it costs, with those that nothing beats in both. */
export function TriedCooks({
  conversion,
  air,
  stepC,
}: {
  conversion: Conversion;
  air: AirResult | null;
  stepC: number;
}) {
  const dispatch = useAppDispatch();
  const { say, set } = useUnits();
  const [cost, setCost] = useState<Cost>('oil');
  const { candidates } = conversion;
  const { of, label } = COSTS[cost];
  const front = useMemo(
    () =>
      new Set(
        paretoSet(
          candidates.filter((c) => c.works),
          [(c) => c.likeness, (c) => -of(c)],
        ),
      ),
    [candidates, of],
  );
  const nameOf = (c: Candidate): string => FAMILY_NAMES[c.family] + (c.variant ? `: ${c.variant}` : '');
  const dots = candidates.map((c, id): Dot => {
    const { tempC } = c.plan.settings;
    const text = texts.gOfOilPiece(
      nameOf(c),
      set(tempC, stepC),
      say(c.minutes, 'minutes'),
      c.oilPerPieceG.toFixed(2),
      c.works ? likenessWord(c.likeness) : texts.triedCooksDoesNotComeRight,
    );
    return { id, x: of(c), y: c.likeness, front: front.has(c), works: c.works, text };
  });
  const here = air && {
    x: { oil: air.oilPerPieceG, minutes: air.plan.settings.minutes, bowls: air.bowls.length }[cost],
    y: air.likeness,
  };
  return (
    <figure className="w-[30rem] max-w-full shrink-0">
      <div role="group" aria-label={texts.against} className="flex gap-1">
        {(Object.keys(COSTS) as Cost[]).map((c) => (
          <button
            key={c}
            type="button"
            aria-pressed={cost === c}
            className={`btn btn-sm h-9 ${cost === c ? 'btn-neutral' : 'btn-ghost'}`}
            onClick={() => setCost(c)}
          >
            {COSTS[c].tab}
          </button>
        ))}
      </div>
      <figcaption className="text-xs leading-snug">{texts.yellowNothingIsMore}</figcaption>
      <Savable name={texts.cooksTriedAgainst(label)}>
        <Scatter
          dots={dots}
          xLabel={label}
          yLabel={texts.likePot}
          yEnds={[texts.nothingLikeIt, texts.theSame]}
          formatX={format[cost]}
          here={here}
          onPick={(id) => {
            const { family, plan } = candidates[id];
            dispatch(picked({ family, by: 'cook', plan }));
            dispatch(sideTurned('air'));
          }}
        />
      </Savable>
    </figure>
  );
}
