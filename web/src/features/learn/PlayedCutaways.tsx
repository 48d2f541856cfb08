import type { Shown } from '@yellowmist/core';
import { useState } from 'react';
import { Cutaway } from '../../draw/Cutaway';
import { momentOf, sampleAt } from '../../draw/moment';
import { useUnits } from '../../state/useUnits';
import { clock } from '../dish/clock';
import { coverNow, turnOf } from '../dish/faces';

/** Space for the coat of one face, px of the drawing, and the most that a millimetre may take. */
const COAT_PX = 52;
const MOST_PX_PER_MM = 34;

const minutesOf = ({ scene }: Shown): number => scene.plan?.settings.minutes ?? scene.fried.minutes;
const coatMm = ({ fried, air }: Shown): number =>
  (air ?? fried).layers.reduce((sum, l) => sum + l.thicknessM * 1000, 0);

/** The cooks of a lesson cut open beside each other, under one slider through their minutes. */
export function PlayedCutaways({ shown }: { shown: readonly Shown[] }) {
  const longest = Math.max(...shown.map(minutesOf));
  const [share, setShare] = useState(0.25);
  const minutes = share * longest;
  const coatScale = Math.min(MOST_PX_PER_MM, COAT_PX / Math.max(0.2, ...shown.map(coatMm)));
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        {shown.map((cook) => (
          <OneCook key={cook.scene.name} cook={cook} minutes={minutes} coatScale={coatScale} />
        ))}
      </div>
      <label className="mt-1 flex items-center gap-3 text-sm">
        <span className="whitespace-nowrap">Through the cook</span>
        <input
          type="range"
          className="h-11 min-w-0 grow cursor-ew-resize accent-base-content"
          min={0}
          max={1}
          step={5 / 60 / longest}
          value={share}
          onChange={({ target }) => setShare(Number(target.value))}
          aria-valuetext={`${clock(minutes)} of ${clock(longest)}`}
        />
        <output className="w-24 text-right tabular-nums">
          <b>{clock(minutes)}</b> of {clock(longest)}
        </output>
      </label>
    </>
  );
}

function OneCook({ cook, minutes, coatScale }: { cook: Shown; minutes: number; coatScale: number }) {
  const { say, set } = useUnits();
  const { scene, fried, air, food, foodMm } = cook;
  const { plan, name } = scene;
  const { series, layers } = air ?? fried;
  const until = Math.min(minutes, minutesOf(cook));
  const turned = turnOf({ fried: scene.fried, plan }, plan ? 'air' : 'pot');
  const moment = momentOf(series, layers, sampleAt(series, minutes), turned, air?.sauce);
  return (
    <figure>
      <figcaption className="flex items-baseline justify-between">
        <span className="font-display text-lg font-semibold">{name}</span>
        <span className="text-sm">
          {plan ? set(plan.settings.tempC, scene.fryer.stepC) : say(scene.fried.tempC, 'temperature')},{' '}
          {say(minutesOf(cook), 'minutes')}
        </span>
      </figcaption>
      <Cutaway
        food={food}
        foodMm={foodMm}
        moment={moment}
        medium={plan ? 'air' : 'oil'}
        oiled={plan ? coverNow(plan, minutes) : undefined}
        coatScale={coatScale}
        say={say}
        title={`${name}: ${food.name} after ${clock(until)}, centre ${say(moment.centreC, 'temperature')}`}
      />
    </figure>
  );
}
