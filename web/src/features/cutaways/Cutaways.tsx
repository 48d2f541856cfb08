import { memo } from 'react';
import type { AirResult } from '@yellowmist/core';
import { Cutaway } from '../../draw/Cutaway';
import { momentOf, sampleAt } from '../../draw/moment';
import { useUnits } from '../../state/useUnits';
import { Savable } from '../../ui/Savable';
import type { Side } from '../dish/dishSlice';
import { airMinutes, clock, longestOf } from '../dish/clock';
import { coverNow, turnOf } from '../dish/faces';
import type { Evaluated } from '../dish/useEvaluation';
import { Verdicts } from './Verdicts';

/** Space for the coat of one face, px of the drawing, and the most that a millimetre may take. */
const COAT_PX = 52;
const MOST_PX_PER_MM = 34;

interface Props {
  evaluated: Evaluated;
  /** Where the scrubber stands, as a share of the longer cook. */
  share: number;
  onScrub: (share: number) => void;
  onSide: (side: Side) => void;
}

/** From which adhesion on nothing lifts, and how late in a cook steam has lifted what it lifts. */
const HOLDS = 0.65;
const LIFTED_BY = 0.7;

/** How far a corner of the coat has lifted, 0–1, at a share of the cook: what holds badly comes up as the steam pushes. */
function liftAt({ outcomes }: AirResult, share: number): number {
  const missing = Math.max(0, HOLDS - (outcomes.adhesion?.value ?? 1)) / HOLDS;
  return Math.min(1, 1.4 * missing) * Math.min(1, Math.max(0, share / LIFTED_BY));
}

/** The fried original and the air version beside each other, under one scrubber through both cooks. */
export const Cutaways = memo(function Cutaways({ evaluated, share, onScrub, onSide }: Props) {
  const { say, set } = useUnits();
  const { fried, air, question, food, foodMm } = evaluated;
  const { plan } = question;
  const friedMin = question.fried.minutes;
  const airMin = plan ? airMinutes(plan) : 0;
  const longest = longestOf(question.fried, plan);
  const minutes = share * longest;
  const coatMm = (layers: { thicknessM: number }[]): number => layers.reduce((sum, l) => sum + l.thicknessM * 1000, 0);
  const coatScale = Math.min(
    MOST_PX_PER_MM,
    COAT_PX / Math.max(coatMm(fried.layers), air ? coatMm(air.layers) : 0, 0.2),
  );
  const friedMoment = momentOf(fried.series, fried.layers, sampleAt(fried.series, minutes), turnOf(question, 'pot'));
  const airMoment = air
    ? momentOf(air.series, air.layers, sampleAt(air.series, minutes), turnOf(question, 'air'), air.sauce)
    : null;
  const turned = plan?.settings.turnAtMin ?? Infinity;
  return (
    <section aria-label="Cutaways" className="flex min-h-0 flex-col">
      <div className="grid gap-3 sm:grid-cols-2">
        <figure>
          <button
            type="button"
            className="flex w-full items-baseline justify-between text-left"
            onClick={() => onSide('pot')}
          >
            <span className="font-display text-lg font-semibold">In the pot</span>
            <span className="text-sm">
              {say(question.fried.tempC, 'temperature')}, {say(friedMin, 'minutes')}
            </span>
          </button>
          <Savable name={`${food.name} in the pot`}>
            <Cutaway
              food={food}
              foodMm={foodMm}
              moment={friedMoment}
              medium="oil"
              coatScale={coatScale}
              say={say}
              title={`Fried: ${food.name} after ${clock(Math.min(minutes, friedMin))}, centre ${say(friedMoment.centreC, 'temperature')}`}
            />
          </Savable>
          <Verdicts result={fried} food={food} />
        </figure>
        <figure>
          <button
            type="button"
            className="flex w-full items-baseline justify-between text-left"
            onClick={() => onSide('air')}
          >
            <span className="font-display text-lg font-semibold">In {question.fryer.name}</span>
            {plan && (
              <span className="text-sm">
                {set(plan.settings.tempC, question.fryer.stepC)}, {say(airMin, 'minutes')}
              </span>
            )}
          </button>
          {air && airMoment ? (
            <>
              <Savable name={`${food.name} in the air`}>
                <Cutaway
                  food={food}
                  foodMm={foodMm}
                  moment={airMoment}
                  medium="air"
                  onParchment={plan?.settings.under === 'parchment'}
                  oiled={plan ? coverNow(plan, minutes) : undefined}
                  lift={liftAt(air, minutes / Math.max(0.1, airMin))}
                  coatScale={coatScale}
                  say={say}
                  title={`Air: ${food.name} after ${clock(Math.min(minutes, airMin))}, centre ${say(airMoment.centreC, 'temperature')}`}
                />
              </Savable>
              <Verdicts result={air} food={food} />
            </>
          ) : (
            <div className="grid aspect-[322/262] place-items-center">
              <span role="status">
                <span className="sr-only">The first air version is being searched</span>
                <span aria-hidden className="loading loading-dots" />
              </span>
            </div>
          )}
        </figure>
      </div>
      <div className="mt-1 flex items-center gap-3">
        <label htmlFor="scrubber" className="text-sm whitespace-nowrap">
          Through the cook
        </label>
        <input
          id="scrubber"
          type="range"
          className="h-11 min-w-0 grow cursor-ew-resize accent-base-content"
          min={0}
          max={1}
          step={5 / 60 / Math.max(longest, 0.1)}
          value={share}
          onChange={(e) => onScrub(Number(e.target.value))}
          aria-valuetext={`${clock(minutes)} of ${clock(longest)}`}
        />
        <output htmlFor="scrubber" className="min-h-10 w-48 text-sm leading-5">
          <b>{clock(minutes)}</b> of {clock(longest)}
          {minutes > friedMin && ', pot done'}
          {minutes >= turned && ', turned'}
          {plan?.second && minutes > plan.settings.minutes && ', second cook'}
        </output>
      </div>
    </section>
  );
});
