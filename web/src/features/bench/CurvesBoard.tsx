import { minutesUntil, safeMinimum, foodOf, type CookSeries } from '@yellowmist/core';
import { Curves, type Mark } from '../../draw/Curves';
import { sampleAt } from '../../draw/moment';
import { useUnits } from '../../ui/useUnits';
import { clock } from './clock';
import type { Evaluated } from './useEvaluation';

interface Props {
  evaluated: Evaluated;
  minutes: number;
  onScrub: (minutes: number) => void;
}

/** Share of the coat's foot that must have set to call it set. */
const SET = 0.9;

function marksOf(series: CookSeries, foodId: string): Mark[] {
  const { safety, eatAtC } = foodOf(foodId).food;
  const minimum = safeMinimum(safety)?.tempC;
  const last = series.timeS.length - 1;
  const found: [number | null, string][] = [
    [minutesUntil(series, last, 'setFootUp', 'setFootDown', SET), 'coat set'],
    [minutesUntil(series, last, 'centreC', 'centreC', minimum ?? eatAtC), minimum ? 'centre safe' : 'centre hot'],
  ];
  return found.flatMap(([minutes, word]) =>
    minutes === null ? [] : [{ minutes, label: `${word} ${clock(minutes)}` }],
  );
}

/** Both cooks as curves on one time axis, with what they read where the scrubber stands. */
export function CurvesBoard({ evaluated, minutes, onScrub }: Props) {
  const { fried, air, question } = evaluated;
  const longestMin = Math.max(question.fried.minutes, question.plan?.settings.minutes ?? 0);
  const cooks: [string, CookSeries | undefined][] = [
    ['In the pot', fried.series],
    [`In ${question.fryer.name}`, air?.series],
  ];
  return (
    <div className="grid gap-6 lg:grid-cols-2">
      {cooks.map(
        ([name, series]) =>
          series && (
            <figure key={name}>
              <figcaption className="flex flex-wrap gap-x-3 text-sm">
                <b className="font-display">{name}</b>
                <Reading series={series} minutes={minutes} />
              </figcaption>
              <Board
                series={series}
                name={name}
                longestMin={longestMin}
                minutes={minutes}
                onScrub={onScrub}
                foodId={question.dish.foodId}
              />
            </figure>
          ),
      )}
    </div>
  );
}

function Board({
  series,
  name,
  foodId,
  ...rest
}: {
  series: CookSeries;
  name: string;
  foodId: string;
  longestMin: number;
  minutes: number;
  onScrub: (minutes: number) => void;
}) {
  const { say } = useUnits();
  const marks = marksOf(series, foodId);
  const told = marks.map((m) => m.label).join(', ');
  return (
    <Curves
      series={series}
      marks={marks}
      say={say}
      title={`${name}: temperatures over time. ${told || 'The coat does not set.'}`}
      {...rest}
    />
  );
}

function Reading({ series, minutes }: { series: CookSeries; minutes: number }) {
  const { say } = useUnits();
  const { columns, timeS } = series;
  const at = sampleAt(series, minutes);
  return (
    <span>
      at {clock(timeS[at] / 60)}: centre {say(columns.centreC[at], 'temperature')}, coat foot{' '}
      {say(columns.footUpC[at], 'temperature')}, surface {say(columns.surfaceUpC[at], 'temperature')}, water in the coat{' '}
      {Math.round(columns.coatWaterGm2[at])} g/m²
    </span>
  );
}
