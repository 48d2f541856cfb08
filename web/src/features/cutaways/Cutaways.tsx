import { memo } from 'react';
import type { AirResult } from '@yellowmist/core';
import { Cutaway } from '../../draw/Cutaway';
import { coatScale } from '../../draw/coatScale';
import { momentOf, sampleAt } from '../../draw/moment';
import { useUnits } from '../../state/useUnits';
import { Savable } from '../../ui/Savable';
import type { Side } from '../dish/deskSlice';
import { airMinutes, clock, longestOf } from '../dish/clock';
import { coverNow, turnOf } from '../dish/faces';
import { Scrubber } from '../dish/Scrubber';
import type { Evaluated } from '../dish/useEvaluation';
import { Verdicts } from './Verdicts';
import * as texts from './texts';

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
  const scale = coatScale([fried.layers, ...(air ? [air.layers] : [])]);
  const friedMoment = momentOf(fried.series, fried.layers, sampleAt(fried.series, minutes), turnOf(question, 'pot'));
  const airMoment = air
    ? momentOf(air.series, air.layers, sampleAt(air.series, minutes), turnOf(question, 'air'), air.sauce)
    : null;
  const turned = plan?.settings.turnAtMin ?? Infinity;
  return (
    <section aria-label={texts.cutaways} className="flex min-h-0 flex-col">
      <div className="grid gap-3 sm:grid-cols-2">
        <figure>
          <button
            type="button"
            className="flex w-full items-baseline justify-between text-left"
            onClick={() => onSide('pot')}
          >
            <span className="font-display text-lg font-semibold">{texts.inPot}</span>
            <span className="text-sm">
              {say(question.fried.tempC, 'temperature')}, {say(friedMin, 'minutes')}
            </span>
          </button>
          <Savable name={texts.inPotFood(food.name)}>
            <Cutaway
              food={food}
              foodMm={foodMm}
              moment={friedMoment}
              medium="oil"
              coatScale={scale}
              say={say}
              title={texts.friedAfterCentre(
                food.name,
                clock(Math.min(minutes, friedMin)),
                say(friedMoment.centreC, 'temperature'),
              )}
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
            <span className="font-display text-lg font-semibold">{texts.inIt(question.fryer.name)}</span>
            {plan && (
              <span className="text-sm">
                {set(plan.settings.tempC, question.fryer.stepC)}, {say(airMin, 'minutes')}
              </span>
            )}
          </button>
          {air && airMoment ? (
            <>
              <Savable name={texts.inAir(food.name)}>
                <Cutaway
                  food={food}
                  foodMm={foodMm}
                  moment={airMoment}
                  medium="air"
                  onParchment={plan?.settings.under === 'parchment'}
                  oiled={plan ? coverNow(plan, minutes) : undefined}
                  lift={liftAt(air, minutes / Math.max(0.1, airMin))}
                  coatScale={scale}
                  say={say}
                  title={texts.airAfterCentre(
                    food.name,
                    clock(Math.min(minutes, airMin)),
                    say(airMoment.centreC, 'temperature'),
                  )}
                />
              </Savable>
              <Verdicts result={air} food={food} />
            </>
          ) : (
            <div className="grid aspect-[322/262] place-items-center">
              <span role="status">
                <span className="sr-only">{texts.firstAirVersionIs}</span>
                <span aria-hidden className="loading loading-dots" />
              </span>
            </div>
          )}
        </figure>
      </div>
      <Scrubber share={share} longestMin={longest} onScrub={onScrub}>
        {minutes > friedMin && texts.potDone}
        {minutes >= turned && texts.turned}
        {plan?.second && minutes > plan.settings.minutes && texts.secondCook}
      </Scrubber>
    </section>
  );
});
