import { BALD_PLACES, type BaldPlace } from '@yellowmist/contract';
import * as texts from './texts';

const SHAPES: Record<BaldPlace, { d: string; name: string }> = {
  top: { d: 'M30 18 q 0 -10 12 -10 h 76 q 12 0 12 10 z', name: texts.onTop },
  edges: {
    d: 'M14 20 h 14 v 30 h -14 q -8 0 -8 -15 t 8 -15 z M132 20 h 14 q 8 0 8 15 t -8 15 h -14 z',
    name: texts.atEdges,
  },
  underside: { d: 'M30 52 h 100 q 0 10 -12 10 h -76 q -12 0 -12 -10 z', name: 'underneath' },
};

interface Props {
  value: readonly BaldPlace[];
  onChange: (value: BaldPlace[]) => void;
}

/** Where the coat is gone, pressed on a piece that is drawn from its side. */
export function BaldPiece({ value, onChange }: Props) {
  const turn = (place: BaldPlace): void =>
    onChange(value.includes(place) ? value.filter((p) => p !== place) : [...value, place]);
  return (
    <div role="group" aria-label={texts.whereCoatIsGone} className="flex items-center gap-2">
      <svg viewBox="0 0 160 70" className="h-20 shrink-0" aria-hidden>
        <rect x="28" y="18" width="104" height="34" rx="6" fill="#f3ead2" />
        {BALD_PLACES.map((place) => (
          <path
            key={place}
            d={SHAPES[place].d}
            className="cursor-pointer"
            fill={value.includes(place) ? '#f3ead2' : '#b5782f'}
            stroke={value.includes(place) ? '#b3261e' : '#7c4d1c'}
            strokeWidth={value.includes(place) ? 2 : 1}
            strokeDasharray={value.includes(place) ? '4 3' : undefined}
            onClick={() => turn(place)}
          />
        ))}
      </svg>
      <div className="flex flex-wrap gap-x-3">
        {BALD_PLACES.map((place) => (
          <label key={place} className="flex min-h-11 items-center gap-2 text-sm">
            <input type="checkbox" className="checkbox" checked={value.includes(place)} onChange={() => turn(place)} />
            {SHAPES[place].name}
          </label>
        ))}
      </div>
    </div>
  );
}
