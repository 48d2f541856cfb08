import { colourWord, plain, readBrowning, unevenness, type Reference } from '@yellowmist/core';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { crustCss } from '../../draw/palette';
import { Radios } from '../../ui/Radios';
import { SPOT_PX, usePhoto } from './usePhoto';
import * as texts from './texts';

interface Spot {
  x: number;
  y: number;
}

const MOST_SPOTS = 6;
const STEP_PX = 8;
/** Sides of a crust differ so much that it is told. */
const UNEVEN = 1.5;

type Marks = 'crust' | Reference;

interface Props {
  /** Where it is kept, or a picture that stays in this browser. */
  source: string | File;
  onTake: (side: 'colourTop' | 'colourUnder', b: number) => void;
  /** What else can be done with it. */
  aside: ReactNode;
}

/** A colour read off a photograph: something white or grey is marked, and the crust in the same light. */
export function PhotoColour({ source, onTake, aside }: Props) {
  const { canvas, size, problem, pixelsAt } = usePhoto(source);
  const [marks, setMarks] = useState<Marks>('white');
  const [white, setWhite] = useState<(Spot & { is: Reference }) | null>(null);
  const [crust, setCrust] = useState<Spot[]>([]);
  const [cross, setCross] = useState<Spot>({ x: 0, y: 0 });

  const mark = (spot: Spot): void => {
    setCross(spot);
    if (marks === 'crust') return setCrust((known) => [...known, spot].slice(-MOST_SPOTS));
    setWhite({ ...spot, is: marks });
    setMarks('crust');
  };
  const byKey = (event: KeyboardEvent): void => {
    if (!size) return;
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (by) {
      event.preventDefault();
      setCross(({ x, y }) => ({
        x: Math.max(0, Math.min(size.width, x + by[0] * STEP_PX)),
        y: Math.max(0, Math.min(size.height, y + by[1] * STEP_PX)),
      }));
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      mark(cross);
    }
  };
  const read = white
    ? crust.flatMap((spot) => readBrowning(pixelsAt(spot.x, spot.y), pixelsAt(white.x, white.y), white.is) ?? [])
    : [];
  const unread = white !== null && crust.length > read.length;
  const b = read.length > 0 ? Math.exp(read.reduce((sum, r) => sum + Math.log(r.b + 0.02), 0) / read.length) : null;
  const [from, to] = [Math.min(...read.map((r) => r.from)), Math.max(...read.map((r) => r.to))];
  const notes = [...new Set(read.flatMap((r) => r.notes.map(plain)))];
  return (
    <div className="mt-2 grid gap-2">
      <p role="alert" className="text-error empty:hidden">
        {problem}
      </p>
      {size && (
        <Radios
          label={texts.pressOnPictureMarks}
          value={marks}
          options={[
            { value: 'white', label: texts.somethingWhite },
            { value: 'grey', label: texts.greyCard },
            { value: 'crust', label: texts.theCrust },
          ]}
          onChange={(next) => next && setMarks(next)}
        />
      )}
      <div className={`relative w-fit max-w-full ${size ? '' : 'hidden'}`}>
        <canvas
          ref={canvas}
          tabIndex={0}
          role="application"
          aria-label={texts.photographArrowsMoveCross}
          className="max-w-full cursor-crosshair"
          onKeyDown={byKey}
          onClick={(e) => {
            const { left, top, width } = e.currentTarget.getBoundingClientRect();
            const scale = (size?.width ?? width) / width;
            mark({ x: (e.clientX - left) * scale, y: (e.clientY - top) * scale });
          }}
        />
        {size && (
          <svg
            viewBox={`0 0 ${size.width} ${size.height}`}
            className="pointer-events-none absolute inset-0"
            aria-hidden
          >
            {crust.map((s, k) => (
              <circle key={k} cx={s.x} cy={s.y} r={SPOT_PX} fill="none" stroke="#ffe27a" strokeWidth="3" />
            ))}
            {white && <circle cx={white.x} cy={white.y} r={SPOT_PX} fill="none" stroke="#1d6fd1" strokeWidth="3" />}
            <path d={`M${cross.x - 9} ${cross.y} h18 M${cross.x} ${cross.y - 9} v18`} stroke="#fff" strokeWidth="4" />
            <path d={`M${cross.x - 9} ${cross.y} h18 M${cross.x} ${cross.y - 9} v18`} stroke="#111" strokeWidth="1.5" />
          </svg>
        )}
      </div>
      {unread && <p role="alert">{texts.spotIsTooBright}</p>}
      {b !== null && (
        <div role="status" className="flex flex-wrap items-center gap-3">
          <span
            className="size-11 rounded-field border border-base-content/40"
            style={{ background: crustCss(b) }}
            aria-hidden
          />
          <span>
            <b>{colourWord(b)}</b>
            {colourWord(from) !== colourWord(to) && texts.betweenAnd(colourWord(from), colourWord(to))}
            {read.length > 1 && unevenness(read) > UNEVEN && texts.uneven}
          </span>
          <button type="button" className="btn h-11" onClick={() => onTake('colourTop', b)}>
            {texts.thatIsTop}
          </button>
          <button type="button" className="btn h-11" onClick={() => onTake('colourUnder', b)}>
            {texts.thatIsUnderside}
          </button>
        </div>
      )}
      {notes.map((note) => (
        <p key={note} className="text-sm">
          {note}
        </p>
      ))}
      <div>{aside}</div>
    </div>
  );
}
