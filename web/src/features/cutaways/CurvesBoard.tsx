import { memo } from 'react';
import { foodOf, minutesUntil, safeMinimum, SET_LEVEL, type CookSeries, type Food } from '@yellowmist/core';
import { Curves, type Mark } from '../../draw/Curves';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import { Savable } from '../../ui/Savable';
import { clock } from '../dish/clock';
import type { Evaluated } from '../dish/useEvaluation';
import * as texts from './texts';

interface Props {
  evaluated: Evaluated;
  minutes: number;
  longestMin: number;
  onScrub: (minutes: number) => void;
}

function marksOf(series: CookSeries, { food }: Food): Mark[] {
  const { safety, eatAtC } = food;
  const minimum = safeMinimum(safety)?.tempC;
  const last = series.timeS.length - 1;
  const found: [number | null, string][] = [
    [minutesUntil(series, last, 'setFootUp', 'setFootDown', SET_LEVEL), texts.coatSet],
    [minutesUntil(series, last, 'centreC', 'centreC', minimum ?? eatAtC), minimum ? texts.centreSafe : texts.centreHot],
  ];
  return found.flatMap(([minutes, word]) =>
    minutes === null ? [] : [{ minutes, label: `${word} ${clock(minutes)}` }],
  );
}

/** Both cooks as curves on one time axis, each under its cutaway. */
export const CurvesBoard = memo(function CurvesBoard({ evaluated, minutes, longestMin, onScrub }: Props) {
  const { say } = useUnits();
  const pantry = usePantry();
  const { fried, air, question } = evaluated;
  const cooks: [string, CookSeries | undefined][] = [
    [texts.inPot, fried.series],
    [`In ${question.fryer.name}`, air?.series],
  ];
  return (
    <div role="group" aria-label={texts.curves} className="grid gap-3 sm:grid-cols-2">
      {cooks.map(([name, series]) => {
        if (!series) return <span key={name} />;
        const marks = marksOf(series, foodOf(pantry, question.dish.foodId));
        const told = marks.map((m) => m.label).join(', ');
        const { columns, timeS } = series;
        return (
          <Savable key={name} name={texts.curvesName(name)}>
            <Curves
              series={series}
              longestMin={longestMin}
              minutes={minutes}
              onScrub={onScrub}
              marks={marks}
              say={say}
              title={texts.temperaturesOverTime(name, told || texts.coatDoesNotSet)}
              read={(at) =>
                texts.atCentreCoatFoot(
                  clock(timeS[at] / 60),
                  say(columns.centreC[at], 'temperature'),
                  say(columns.footUpC[at], 'temperature'),
                  say(columns.surfaceUpC[at], 'temperature'),
                )
              }
            />
          </Savable>
        );
      })}
    </div>
  );
});
