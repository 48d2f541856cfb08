import { useId } from 'react';
import { colourWord, type Food } from '@yellowmist/core';
import { Grains } from './Grains';
import type { FaceMoment, Moment } from './moment';
import { bandPath, curvePath, dome, type Curve } from './outline';
import { crustCss, insideCss, rawLayerCss, sauceCss } from './palette';
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
  /** Names of layers and scale bars beside it. */
  labelled?: boolean;
  /** Reads a temperature and a length in the cook's units. */
  say: (value: number, quantity: 'temperature' | 'length' | 'film') => string;
  title: string;
}

const LEFT = 8;
const RIGHT = 196;
const MIDDLE = 128;
const DOME = 13;
/** How high a corner that came off stands, px. */
const LIFT_PX = 13;
const FOOD_PX = { least: 56, most: 112 };

/** Food is drawn at 5 px a mm within what fits. */
const foodPx = (mm: number): number => Math.min(FOOD_PX.most, Math.max(FOOD_PX.least, mm * 5));

interface Band {
  name: string;
  inner: Curve;
  outer: Curve;
  face: FaceMoment;
  index: number;
}

/** The bands of one face from the skin outward; `outward` is −1 for the upper face (y grows downward). */
function bandsOf(face: FaceMoment, skin: Curve, outward: 1 | -1, scale: number): Band[] {
  let inner = skin;
  return face.layers.map(({ layer, mm }, index) => {
    const from = inner;
    const px = Math.max(1.2, mm * scale);
    const outer: Curve = (x) => from(x) + outward * px;
    inner = outer;
    return { name: layer.name, inner: from, outer, face, index };
  });
}

function Layers({ bands, outward, id }: { bands: Band[]; outward: 1 | -1; id: string }) {
  return bands.map(({ name, inner, outer, face, index }) => {
    const { layer, wetness, mm, finish, sauce } = face.layers[index];
    const last = index === bands.length - 1;
    const raw = sauce ? sauceCss(layer, wetness) : rawLayerCss(layer, wetness);
    const crust = sauce ? raw : crustCss(face.browning * (finish ? 1 : 0.45));
    const dryShare = finish ? Math.min(1, face.shellMm / Math.max(0.05, mm)) : wetness < 0.15 ? 1 : 0;
    const split: Curve = (x) => outer(x) + (inner(x) - outer(x)) * dryShare;
    const base = bandPath(LEFT, RIGHT, inner, outer);
    return (
      <g key={`${outward}${index}`}>
        <path d={base} fill={raw} />
        {dryShare > 0 && <path d={bandPath(LEFT, RIGHT, split, outer)} fill={crust} />}
        <Grains
          seed={`${id}${name}${outward}`}
          grain={layer.grain}
          from={LEFT}
          to={RIGHT}
          inner={inner}
          outer={outer}
          fill={finish && face.browning > 0.02 ? crust : rawLayerCss(layer, wetness * 0.6)}
          outward={outward}
          last={last}
        />
        {layer.wet && (
          <Bubbles seed={`${name}${outward}`} inner={inner} outer={outer} set={face.set} batter={layer.batter} />
        )}
        <path d={curvePath(LEFT, RIGHT, inner)} fill="none" stroke="#2b2013" strokeOpacity={0.3} strokeWidth={0.6} />
      </g>
    );
  });
}

/** A wet layer: a gloss while it is liquid, pores once it has set. */
function Bubbles({
  seed,
  inner,
  outer,
  set,
  batter,
}: {
  seed: string;
  inner: Curve;
  outer: Curve;
  set: number;
  batter: boolean;
}) {
  const random = scatter(seed);
  const middle = (LEFT + RIGHT) / 2;
  const thickness = Math.abs(outer(middle) - inner(middle));
  const half: Curve = (x) => (inner(x) + outer(x)) / 2;
  return (
    <g>
      {set < 0.5 && thickness > 2 && (
        <path
          d={curvePath(LEFT + 6, RIGHT - 6, half)}
          fill="none"
          stroke="#fffdf2"
          strokeOpacity={0.8}
          strokeWidth={1}
          strokeDasharray="14 9"
        />
      )}
      {batter &&
        set > 0.5 &&
        thickness > 3 &&
        Array.from({ length: 22 }, (_, i) => {
          const x = LEFT + random() * (RIGHT - LEFT);
          const y = inner(x) + (outer(x) - inner(x)) * (0.2 + 0.6 * random());
          return (
            <circle
              key={i}
              cx={x}
              cy={y}
              r={0.5 + random() * Math.min(2, thickness / 5)}
              fill="#7a5524"
              fillOpacity={0.3}
            />
          );
        })}
    </g>
  );
}

function Surroundings({
  medium,
  onParchment,
  bottom,
  moment,
}: {
  medium: 'oil' | 'air';
  onParchment: boolean;
  bottom: number;
  moment: Moment;
}) {
  const random = scatter(medium);
  const bubbles = Math.min(46, Math.round(moment.steamGm2S * 9));
  if (medium === 'oil') {
    return (
      <g>
        <rect x={0} y={14} width={204} height={236} rx={8} fill="#eab93f" fillOpacity={0.34} />
        <path
          d="M0 22 q 17 -6 34 0 t 34 0 t 34 0 t 34 0 t 34 0 t 34 0"
          fill="none"
          stroke="#c9962a"
          strokeWidth={1.4}
        />
        {Array.from({ length: bubbles }, (_, i) => (
          <circle
            key={i}
            cx={6 + random() * 192}
            cy={26 + random() * 216}
            r={1 + random() * 3}
            fill="none"
            stroke="#a9791b"
            strokeOpacity={0.75}
            strokeWidth={0.9}
          />
        ))}
      </g>
    );
  }
  const wisps = Math.min(7, Math.ceil(moment.steamGm2S * 1.6));
  return (
    <g fill="none">
      {Array.from({ length: wisps }, (_, i) => {
        const x = 22 + i * 27 + random() * 6;
        return (
          <path
            key={i}
            d={`M${x} 40 c 7 -8 -7 -13 0 -21 s 4 -8 1 -12`}
            stroke="currentColor"
            strokeOpacity={0.35}
            strokeWidth={1.6}
            strokeLinecap="round"
          />
        );
      })}
      {onParchment ? (
        <path d={`M2 ${bottom + 4} q 100 6 200 0`} stroke="#c3b58d" strokeWidth={2.4} />
      ) : (
        <path
          d={`M0 ${bottom + 5} H204`}
          stroke="currentColor"
          strokeOpacity={0.75}
          strokeWidth={3.2}
          strokeDasharray="11 7"
        />
      )}
    </g>
  );
}

/** What has run off: drops through the grid, or a pool on the parchment. */
function Drips({ bottom, lost, onParchment }: { bottom: number; lost: number; onParchment: boolean }) {
  if (lost < 0.04) return null;
  if (onParchment) {
    return (
      <ellipse
        cx={102}
        cy={bottom + 4}
        rx={60 + 44 * lost}
        ry={2 + 5 * lost}
        fill="#f0dfae"
        stroke="#b99b56"
        strokeWidth={0.6}
      />
    );
  }
  const drops = Math.ceil(lost * 9);
  return (
    <g fill="#f0dfae" stroke="#b99b56" strokeWidth={0.6}>
      {Array.from({ length: drops }, (_, i) => {
        const x = 20 + (i * 168) / drops + ((i * 37) % 11);
        const long = 8 + ((i * 53) % 17) * (0.5 + lost);
        return (
          <path
            key={i}
            d={`M${x - 3} ${bottom} q 1 ${long * 0.6} 0 ${long} a 3.4 3.4 0 1 0 6 0 q -1 ${-long * 0.4} 0 ${-long} z`}
          />
        );
      })}
    </g>
  );
}

const stateWord = (face: FaceMoment, index: number): string => {
  const { layer, wetness } = face.layers[index];
  if (face.layers[index].sauce) return wetness < 0.3 ? 'set to a glaze' : 'wet';
  if (face.layers[index].finish && face.browning >= 0.25) return colourWord(face.browning);
  if (wetness < 0.17) return 'dry';
  if (!layer.wet) return wetness > 0.45 ? 'moist' : 'just moist';
  return face.set > 0.5 ? 'set' : 'wet';
};

const LINE_LETTERS = 21;
const LINE_PX = 11;

/** A name in at most two lines of the label's width. */
function inLines(name: string): string[] {
  if (name.length <= LINE_LETTERS) return [name];
  const cut = name.lastIndexOf(' ', LINE_LETTERS);
  const rest = name.slice(cut + 1);
  return [name.slice(0, cut), rest.length > LINE_LETTERS ? `${rest.slice(0, LINE_LETTERS - 1)}…` : rest];
}

/** Label positions that do not overlap, as near to their bands as that allows. */
function spread(wanted: readonly number[], names: readonly string[]): number[] {
  const out: number[] = [];
  wanted.forEach((y, i) => {
    const room = i === 0 ? 0 : (inLines(names[i - 1]).length + 1) * LINE_PX + 3;
    out.push(i === 0 ? Math.max(14, y - 8) : Math.max(y - 4, out[i - 1] + room));
  });
  return out;
}

function Labels({
  bands,
  moment,
  foodY,
  foodName,
  foodMm,
  say,
}: {
  bands: Band[];
  moment: Moment;
  foodY: number;
  foodName: string;
  foodMm: number;
  say: CutawayProps['say'];
}) {
  const outermostFirst = [...bands].reverse();
  const at = outermostFirst.map((b) => (b.inner(RIGHT - 12) + b.outer(RIGHT - 12)) / 2);
  const rows = [...at, foodY];
  const ys = spread(rows, [...outermostFirst.map((b) => b.name), foodName]);
  return (
    <g className="fill-current" fontSize={10.5}>
      {rows.map((y, i) => {
        const band = outermostFirst[i];
        const text = band ? band.name : foodName;
        const size = band ? say(moment.up.layers[band.index].mm, 'film') : say(foodMm, 'length');
        const state = band ? stateWord(band.face, band.index) : `${say(moment.centreC, 'temperature')} inside`;
        return (
          <g key={i}>
            <path
              d={`M${RIGHT - 8} ${y} L${RIGHT + 9} ${ys[i]}`}
              stroke="currentColor"
              strokeOpacity={0.55}
              strokeWidth={0.8}
              fill="none"
            />
            <text x={RIGHT + 12} y={ys[i]}>
              {inLines(text).map((part, k) => (
                <tspan key={part} x={RIGHT + 12} dy={k === 0 ? 0 : 11} fontWeight={650}>
                  {part}
                </tspan>
              ))}
              <tspan x={RIGHT + 12} dy={11}>
                {size}, {state}
              </tspan>
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** A wedge cut through one coated piece at one moment: food to its scale, coat magnified, both from the simulation. */
export function Cutaway({
  food,
  foodMm,
  moment,
  medium,
  onParchment = false,
  coatScale,
  lift = 0,
  labelled = true,
  say,
  title,
}: CutawayProps) {
  const id = useId();
  const half = foodPx(foodMm) / 2;
  const upperSkin: Curve = (x) => MIDDLE - half - dome(LEFT, RIGHT, DOME)(x) + DOME * 0.4;
  const lowerSkin: Curve = (x) => MIDDLE + half + dome(LEFT, RIGHT, DOME * 0.35)(x);
  const lifted: Curve = (x) => upperSkin(x) - LIFT_PX * lift * Math.max(0, 1 - (x - LEFT) / 90) ** 2;
  const up = bandsOf(moment.up, lifted, -1, coatScale);
  const down = bandsOf(moment.down, lowerSkin, 1, coatScale);
  const bottom = Math.max(lowerSkin(100), down.at(-1)?.outer(100) ?? 0);
  const stops = moment.foodC.filter((_, i) => i % 3 === 0);
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
        <Layers bands={up} outward={-1} id={id} />
        <Layers bands={down} outward={1} id={id} />
      </g>
      <text
        x={(LEFT + RIGHT) / 2}
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
          <Labels bands={up} moment={moment} foodY={MIDDLE + 30} foodName={food.name} foodMm={foodMm} say={say} />
          <ScaleBars coatScale={coatScale} foodScale={(2 * half) / foodMm} say={say} />
        </>
      )}
    </svg>
  );
}

/** Cells, fibres or curds inside the food: a hint of what is cut. */
function Fibres({ food, top, foot }: { food: Food; top: Curve; foot: Curve }) {
  const random = scatter(food.id);
  const porous = food.food.porosity > 0.2;
  return (
    <g stroke="#2b2013" strokeOpacity={0.16} fill="none" strokeWidth={0.9}>
      {Array.from({ length: porous ? 46 : 26 }, (_, i) => {
        const x = LEFT + 6 + random() * (RIGHT - LEFT - 12);
        const y = top(x) + (foot(x) - top(x)) * (0.08 + 0.84 * random());
        return porous ? (
          <ellipse key={i} cx={x} cy={y} rx={1.2 + random() * 3} ry={0.8 + random() * 1.6} />
        ) : (
          <path key={i} d={`M${x} ${y} q ${4 + random() * 6} ${-2 + random() * 4} ${10 + random() * 9} 0`} />
        );
      })}
    </g>
  );
}

/** One bar for the magnified coat, one for the food. */
function ScaleBars({ coatScale, foodScale, say }: { coatScale: number; foodScale: number; say: CutawayProps['say'] }) {
  return (
    <g className="fill-current" stroke="currentColor" fontSize={9.5}>
      <path d={`M${RIGHT + 12} 238 v-3 v6 v-3 h${coatScale} v-3 v6`} fill="none" strokeWidth={1} />
      <text x={RIGHT + 18 + coatScale} y={241} stroke="none">
        {say(1, 'length')} of coat
      </text>
      <path d={`M${RIGHT + 12} 253 v-3 v6 v-3 h${foodScale * 5} v-3 v6`} fill="none" strokeWidth={1} />
      <text x={RIGHT + 18 + foodScale * 5} y={256} stroke="none">
        {say(5, 'length')} of food
      </text>
    </g>
  );
}
