import { colourWord } from '@yellowmist/core';
import type { FaceMoment, Moment } from '../moment';
import { RIGHT, type Band } from './frame';
import * as texts from '../texts';

type Say = (value: number, quantity: 'temperature' | 'length' | 'film') => string;

const stateWord = (face: FaceMoment, index: number): string => {
  const { layer, wetness } = face.layers[index];
  if (face.layers[index].sauce) return wetness < 0.3 ? texts.setToGlaze : 'wet';
  if (face.layers[index].finish && face.browning >= 0.25) return colourWord(face.browning);
  if (wetness < 0.17) return 'dry';
  if (!layer.wet) return wetness > 0.45 ? 'moist' : texts.justMoist;
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

/** Names, thickness and state of every layer beside it, and of the food. */
export function Labels({
  bands,
  level,
  moment,
  foodY,
  foodName,
  foodMm,
  say,
}: {
  bands: Band[];
  /** Where the level lies about which the bands are drawn, px. */
  level: number;
  moment: Moment;
  foodY: number;
  foodName: string;
  foodMm: number;
  say: Say;
}) {
  const outermostFirst = [...bands].reverse();
  const at = outermostFirst.map((b) => level + (b.inner(RIGHT - 12) + b.outer(RIGHT - 12)) / 2);
  const rows = [...at, foodY];
  const ys = spread(rows, [...outermostFirst.map((b) => b.name), foodName]);
  return (
    <g className="fill-current" fontSize={10.5}>
      {rows.map((y, i) => {
        const band = outermostFirst[i];
        const text = band ? band.name : foodName;
        const size = band ? say(moment.top.layers[band.index].mm, 'film') : say(foodMm, 'length');
        const state = band ? stateWord(band.face, band.index) : texts.inside(say(moment.centreC, 'temperature'));
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

/** One bar for the magnified coat, one for the food. */
export function ScaleBars({ coatScale, foodScale, say }: { coatScale: number; foodScale: number; say: Say }) {
  return (
    <g className="fill-current" stroke="currentColor" fontSize={9.5}>
      <path d={`M${RIGHT + 12} 238 v-3 v6 v-3 h${coatScale} v-3 v6`} fill="none" strokeWidth={1} />
      <text x={RIGHT + 18 + coatScale} y={241} stroke="none">
        {texts.ofCoat(say(1, 'length'))}
      </text>
      <path d={`M${RIGHT + 12} 253 v-3 v6 v-3 h${foodScale * 5} v-3 v6`} fill="none" strokeWidth={1} />
      <text x={RIGHT + 18 + foodScale * 5} y={256} stroke="none">
        {texts.ofFood(say(5, 'length'))}
      </text>
    </g>
  );
}
