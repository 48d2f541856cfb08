import { crustColour, type CookSeries, type Lab } from '../src/index.js';
import { C1, C3, C5, ovenType, type Practice } from './practice.js';
import { inAir, inOil } from './predict.js';

/** A picture of the model document, drawn from simulations. */
export interface Figure {
  file: string;
  draw: () => string;
}

const [WIDTH, HEIGHT] = [720, 320];
const EDGE = { left: 52, right: 150, top: 34, bottom: 40 };

interface Line {
  label: string;
  colour: string;
  dash?: string;
  /** Minutes and values. */
  points: readonly (readonly [number, number])[];
}

const pointsOf = (series: CookSeries, of: (i: number) => number): [number, number][] =>
  Array.from(series.timeS, (t, i): [number, number] => [t / 60, of(i)]);

/** Labels at the ends of lines, moved apart so that none covers another. */
function apart(ys: readonly number[]): number[] {
  const out = [...ys];
  const order = [...ys.keys()].sort((a, b) => ys[a] - ys[b]);
  order.forEach((i, k) => {
    if (k > 0) out[i] = Math.max(out[i], out[order[k - 1]] + 16);
  });
  return out;
}

function chart(title: string, yLabel: string, top: number, step: number, lines: readonly Line[]): string {
  const longest = Math.max(...lines.flatMap((l) => l.points.map(([m]) => m)));
  const x = (minutes: number): number => EDGE.left + (minutes / longest) * (WIDTH - EDGE.left - EDGE.right);
  const y = (value: number): number => HEIGHT - EDGE.bottom - (value / top) * (HEIGHT - EDGE.top - EDGE.bottom);
  const grid = Array.from({ length: Math.floor(top / step) + 1 }, (_, k) => k * step).map(
    (v) =>
      `<path d="M${EDGE.left} ${y(v).toFixed(1)}H${WIDTH - EDGE.right}" stroke="#c9c8b8"/><text x="${EDGE.left - 6}" y="${(y(v) + 4).toFixed(1)}" text-anchor="end">${v}</text>`,
  );
  const every = longest > 12 ? 4 : 2;
  const ticks = Array.from({ length: Math.floor(longest / every) + 1 }, (_, k) => k * every).map(
    (m) => `<text x="${x(m).toFixed(1)}" y="${HEIGHT - 20}" text-anchor="middle">${m} min</text>`,
  );
  const ends = apart(lines.map((l) => y(l.points.at(-1)![1])));
  const paths = lines.map((line, i) => {
    const d = line.points.map(([m, v], k) => `${k ? 'L' : 'M'}${x(m).toFixed(1)} ${y(v).toFixed(1)}`).join('');
    const last = x(line.points.at(-1)![0]);
    return `<path d="${d}" fill="none" stroke="${line.colour}" stroke-width="2.2"${line.dash ? ` stroke-dasharray="${line.dash}"` : ''}/><text x="${(last + 6).toFixed(1)}" y="${(ends[i] + 4).toFixed(1)}" fill="${line.colour}" font-weight="600">${line.label}</text>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${HEIGHT}" font-family="sans-serif" font-size="12" fill="#23272b">`,
    `<rect width="${WIDTH}" height="${HEIGHT}" fill="#fbfbf4"/><text x="12" y="20" font-weight="700">${title}</text><text x="${WIDTH - 12}" y="20" text-anchor="end">${yLabel}</text>`,
    ...grid,
    ...ticks,
    ...paths,
    '</svg>\n',
  ].join('\n');
}

const INK = { pot: '#8a4b16', air: '#35566b', third: '#46602a', fourth: '#a12c17' } as const;

const footOf = (series: CookSeries): [number, number][] => pointsOf(series, (i) => series.columns.footUpC[i]);

function setting(): string {
  const air = inAir(C3, { ...C3.air!, second: null }, 12).series;
  return chart('A wet batter’s foot: seconds in oil, minutes in air', 'coat foot, °C', 200, 50, [
    { label: 'deep oil, 180 °C', colour: INK.pot, points: footOf(inOil(C3).series) },
    { label: 'drawer, 204 °C', colour: INK.air, points: footOf(air) },
  ]);
}

function drying(): string {
  const { series } = inAir(C1, C1.air!, 14);
  const { columns } = series;
  return chart('Breaded courgette in a drawer fryer, 188 °C', '°C; water in g/m²', 250, 50, [
    { label: 'air', colour: INK.third, dash: '5 4', points: pointsOf(series, (i) => columns.airC[i]) },
    { label: 'surface', colour: INK.fourth, points: pointsOf(series, (i) => columns.surfaceUpC[i]) },
    { label: 'coat foot', colour: INK.pot, points: pointsOf(series, (i) => columns.footUpC[i]) },
    { label: 'centre', colour: INK.air, points: pointsOf(series, (i) => columns.centreC[i]) },
    {
      label: 'water in the coat',
      colour: '#7b7a6a',
      dash: '2 3',
      points: pointsOf(series, (i) => columns.coatWaterGm2[i]),
    },
  ]);
}

function racksApart(): string {
  const on = (swapEveryMin: number | null, practice: Practice = C5): CookSeries =>
    inAir(practice, { ...practice.air!, settings: { ...practice.air!.settings, swapEveryMin }, fryer: ovenType })
      .series;
  const [still, swapped] = [on(null), on(4.5)];
  const top = (series: CookSeries): [number, number][] => pointsOf(series, (i) => series.columns.colourUp[i]);
  return chart(
    'Upper rack of an oven-type fryer, swapped every 4.5 min or never',
    'browning of the top, 1 = golden',
    3,
    0.5,
    [
      { label: 'never swapped', colour: INK.fourth, points: top(still) },
      { label: 'swapped', colour: INK.air, points: top(swapped) },
    ],
  );
}

const css = ([l, a, b]: Lab): string => `lab(${l.toFixed(1)} ${a.toFixed(1)} ${b.toFixed(1)})`;

function colourPath(): string {
  const steps = 56;
  const bars = Array.from({ length: steps }, (_, i) => {
    const b = (i / (steps - 1)) * 5.6;
    return `<rect x="${(12 + i * 12.4).toFixed(1)}" y="30" width="12.6" height="44" fill="${css(crustColour(b))}"/>`;
  });
  const words = [0, 0.55, 1, 2, 3.2, 5.5].map(
    (b) => `<text x="${(12 + (b / 5.6) * 55 * 12.4).toFixed(1)}" y="92" text-anchor="middle">${b}</text>`,
  );
  return [
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 720 104" font-family="sans-serif" font-size="12" fill="#23272b">',
    '<rect width="720" height="104" fill="#fbfbf4"/><text x="12" y="20" font-weight="700">Browning B and the colour of the crust there</text>',
    ...bars,
    ...words,
    '</svg>\n',
  ].join('\n');
}

export const FIGURES: readonly Figure[] = [
  { file: 'setting.svg', draw: setting },
  { file: 'drying.svg', draw: drying },
  { file: 'racks.svg', draw: racksApart },
  { file: 'colour.svg', draw: colourPath },
];
