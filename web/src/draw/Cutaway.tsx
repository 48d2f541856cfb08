import { useId } from 'react';
import type { Food } from '@yellowmist/core';
import { bandsOf, LEFT, MIDDLE, RIGHT } from './cutaway/frame';
import { Labels, ScaleBars } from './cutaway/Labels';
import { Layers } from './cutaway/Layers';
import { Drips, Surroundings } from './cutaway/Surroundings';
import { roundPath } from './grains';
import type { Moment } from './moment';
import { bandPath, curvePath, dome, type Curve } from './outline';
import { insideCss } from './palette';
import { scatter } from './random';

export interface CutawayProps {
  food: Food;
  /** Full thickness of the food, mm. */
  foodMm: number;
  moment: Moment;
  medium: 'oil' | 'air';
  onParchment?: boolean;
  /** Pixels for a millimetre of coat; the same for two that stand side by side. */
  coatScale: number;
  /** How far a corner of the coat has come off, 0–1. */
  lift?: number;
  /** Share of each face, 0–1, that is wet with oil that was put on. */
  oiled?: { top: number; under: number };
  /** Names of layers and scale bars beside it. */
  labelled?: boolean;
  /** Reads a temperature and a length in the cook's units. */
  say: (value: number, quantity: 'temperature' | 'length' | 'film') => string;
  title: string;
}

/** Temperatures inside that its gradient goes through. */
const MOST_STOPS = 12;
const MIDDLE_X = (LEFT + RIGHT) / 2;
const DOME = 13;
/** How high a corner that came off stands, px. */
const LIFT_PX = 13;
const FOOD_PX = { least: 56, most: 112 };

/** The skins about their levels. */
const UPPER_DOME = dome(LEFT, RIGHT, DOME);
const UPPER_SKIN: Curve = (x) => DOME * 0.4 - UPPER_DOME(x);
const LOWER_SKIN: Curve = dome(LEFT, RIGHT, DOME * 0.35);

/** Food is drawn at 5 px a mm within what fits. */
const foodPx = (mm: number): number => Math.min(FOOD_PX.most, Math.max(FOOD_PX.least, mm * 5));

/** A wedge cut through one coated piece at one moment: food to its scale, coat magnified, both from the simulation. */
export function Cutaway({
  food,
  foodMm,
  moment,
  medium,
  onParchment = false,
  coatScale,
  lift = 0,
  oiled,
  labelled = true,
  say,
  title,
}: CutawayProps) {
  const id = useId();
  const half = foodPx(foodMm) / 2;
  // Each face is drawn about its own level and moved there: a thicker piece moves its coat, and nothing of it is drawn anew.
  const [top, foot] = [MIDDLE - half, MIDDLE + half];
  const lifted: Curve = (x) => UPPER_SKIN(x) - LIFT_PX * lift * Math.max(0, 1 - (x - LEFT) / 90) ** 2;
  const up = bandsOf(moment.top, lifted, -1, coatScale);
  const down = bandsOf(moment.under, LOWER_SKIN, 1, coatScale);
  const upperSkin: Curve = (x) => top + UPPER_SKIN(x);
  const lowerSkin: Curve = (x) => foot + LOWER_SKIN(x);
  const bottom = foot + (down.at(-1)?.outer ?? LOWER_SKIN)(MIDDLE_X);
  const stops = moment.foodC.filter((_, i) => i % Math.ceil(moment.foodC.length / MOST_STOPS) === 0);
  return (
    <svg viewBox={labelled ? '0 0 322 262' : '0 0 204 262'} className="w-full" role="img" aria-label={title}>
      <defs>
        <linearGradient id={`${id}inside`} x1="0" y1="0" x2="0" y2="1">
          {stops.map((t, i) => (
            <stop key={i} offset={i / Math.max(1, stops.length - 1)} stopColor={insideCss(food, t)} />
          ))}
        </linearGradient>
        <clipPath id={`${id}cut`}>
          <path d="M9 0 Q 5 66 10 131 T 8 262 H 195 Q 199 196 194 131 T 196 0 Z" />
        </clipPath>
      </defs>
      <Surroundings medium={medium} onParchment={onParchment} bottom={bottom} moment={moment} />
      {medium === 'air' && <Drips bottom={bottom} lost={1 - moment.filmShare} onParchment={onParchment} />}
      <g clipPath={`url(#${id}cut)`}>
        <path d={bandPath(LEFT, RIGHT, lowerSkin, upperSkin)} fill={`url(#${id}inside)`} />
        <Fibres food={food} top={upperSkin} foot={lowerSkin} />
        <g transform={`translate(0 ${top})`}>
          <Layers bands={up} outward={-1} id={id} />
          {oiled && <OilFilm edge={up.at(-1)?.outer ?? lifted} share={oiled.top} />}
        </g>
        <g transform={`translate(0 ${foot})`}>
          <Layers bands={down} outward={1} id={id} />
          {oiled && <OilFilm edge={down.at(-1)?.outer ?? LOWER_SKIN} share={oiled.under} />}
        </g>
      </g>
      <text
        x={MIDDLE_X}
        y={MIDDLE + 8}
        textAnchor="middle"
        fontSize={23}
        fontWeight={700}
        fill="#23272b"
        fontFamily="var(--font-display)"
      >
        {say(moment.centreC, 'temperature')}
      </text>
      {labelled && (
        <>
          <Labels
            bands={up}
            level={top}
            moment={moment}
            foodY={MIDDLE + 30}
            foodName={food.name}
            foodMm={foodMm}
            say={say}
          />
          <ScaleBars coatScale={coatScale} foodScale={(2 * half) / foodMm} say={say} />
        </>
      )}
    </svg>
  );
}

/** Length of a drop of oil and the bare spot beside it, px. */
const DROP_PX = 11;

/** Oil on the outside: a gloss where drops have hit, gaps where they have not. */
function OilFilm({ edge, share }: { edge: Curve; share: number }) {
  if (share < 0.02) return null;
  const wet = DROP_PX * Math.min(1, share);
  return (
    <path
      d={curvePath(LEFT, RIGHT, edge)}
      fill="none"
      stroke="#ffe98a"
      strokeOpacity={0.95}
      strokeWidth={2.2}
      strokeLinecap="round"
      strokeDasharray={share > 0.97 ? undefined : `${wet} ${DROP_PX - wet + 2.2}`}
    />
  );
}

/** Cells, fibres or curds inside the food: a hint of what is cut. */
function Fibres({ food, top, foot }: { food: Food; top: Curve; foot: Curve }) {
  const random = scatter(food.id);
  const porous = food.food.porosity > 0.2;
  const d = Array.from({ length: porous ? 46 : 26 }, () => {
    const x = LEFT + 6 + random() * (RIGHT - LEFT - 12);
    const y = top(x) + (foot(x) - top(x)) * (0.08 + 0.84 * random());
    return porous
      ? roundPath(x, y, 1.2 + random() * 3, 0.8 + random() * 1.6)
      : `M${x.toFixed(1)} ${y.toFixed(1)}q${4 + random() * 6} ${-2 + random() * 4} ${10 + random() * 9} 0`;
  });
  return <path d={d.join('')} stroke="#2b2013" strokeOpacity={0.16} fill="none" strokeWidth={0.9} />;
}
