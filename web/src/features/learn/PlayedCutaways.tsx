import type { Shown } from '@yellowmist/core';
import { useState } from 'react';
import { Cutaway } from '../../draw/Cutaway';
import { coatScale } from '../../draw/coatScale';
import { momentOf, sampleAt } from '../../draw/moment';
import { useUnits } from '../../state/useUnits';
import { clock } from '../dish/clock';
import { coverNow, turnOf } from '../dish/faces';
import { Scrubber } from '../dish/Scrubber';
import * as texts from './texts';

const minutesOf = ({ scene }: Shown): number => scene.plan?.settings.minutes ?? scene.fried.minutes;
/** The cooks of a lesson cut open beside each other, under one slider through their minutes. */
export function PlayedCutaways({ shown }: { shown: readonly Shown[] }) {
  const longest = Math.max(...shown.map(minutesOf));
  const [share, setShare] = useState(0.25);
  const minutes = share * longest;
  const scale = coatScale(shown.map(({ fried, air }) => (air ?? fried).layers));
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2">
        {shown.map((cook) => (
          <OneCook key={cook.scene.name} cook={cook} minutes={minutes} coatScale={scale} />
        ))}
      </div>
      <Scrubber share={share} longestMin={longest} onScrub={setShare} />
    </>
  );
}

function OneCook({ cook, minutes, coatScale: scale }: { cook: Shown; minutes: number; coatScale: number }) {
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
        coatScale={scale}
        say={say}
        title={texts.afterCentre(name, food.name, clock(until), say(moment.centreC, 'temperature'))}
      />
    </figure>
  );
}
