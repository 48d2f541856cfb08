import { memo } from 'react';
import { foodOf, minutesUntil, safeMinimum, SET_LEVEL, type CookSeries, type Food } from '@yellowmist/core';
import { Curves, type Mark } from '../../draw/Curves';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import { Savable } from '../../ui/Savable';
import { clock } from '../dish/clock';
import type { Evaluated } from '../dish/useEvaluation';

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
    [minutesUntil(series, last, 'setFootUp', 'setFootDown', SET_LEVEL), 'coat set'],
    [minutesUntil(series, last, 'centreC', 'centreC', minimum ?? eatAtC), minimum ? 'centre safe' : 'centre hot'],
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
    ['In the pot', fried.series],
    [`In ${question.fryer.name}`, air?.series],
  ];
  return (
    <div role="group" aria-label="Curves" className="grid gap-3 sm:grid-cols-2">
      {cooks.map(([name, series]) => {
        if (!series) return <span key={name} />;
        const marks = marksOf(series, foodOf(pantry, question.dish.foodId));
        const told = marks.map((m) => m.label).join(', ');
        const { columns, timeS } = series;
        return (
          <Savable key={name} name={`${name}, curves`}>
            <Curves
              series={series}
              longestMin={longestMin}
              minutes={minutes}
              onScrub={onScrub}
              marks={marks}
              say={say}
              title={`${name}: temperatures over time. ${told || 'The coat does not set.'}`}
              read={(at) =>
                `at ${clock(timeS[at] / 60)}: centre ${say(columns.centreC[at], 'temperature')}, coat foot ${say(columns.footUpC[at], 'temperature')}, surface ${say(columns.surfaceUpC[at], 'temperature')}, water left in the coat`
              }
            />
          </Savable>
        );
      })}
    </div>
  );
});
