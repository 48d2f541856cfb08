import { useId } from 'react';
import { letterOf } from './lanes';

/** How the dishes of an evening are told apart: by a tone, a texture, and a letter that says the same. */

const TONES = [
  '#ecd382',
  '#b7c99a',
  '#e2ad87',
  '#c8bcd6',
  '#a9c6cf',
  '#dcd3b4',
  '#e0a9a0',
  '#a8b8a0',
  '#d2bb8a',
  '#bfcfe0',
  '#cfcfc4',
  '#e5c4d2',
] as const;
const TEXTURES = ['plain', 'slant', 'dots', 'upright', 'cross', 'level'] as const;

const at = (dishIds: readonly string[], id: string | null): number => Math.max(0, dishIds.indexOf(id ?? ''));

/** The tone of a dish alone, for thin bars. */
export const lineOf = (dishIds: readonly string[], id: string | null): string => TONES[at(dishIds, id) % TONES.length];

/** Tone and texture of a dish. @param pattern id of the `DishPatterns` that stand in the same drawing */
export const fillOf = (pattern: string, dishIds: readonly string[], id: string): string =>
  `url(#${pattern}${at(dishIds, id)})`;

/** The textures, to stand in a drawing once. */
export function DishPatterns({ id, dishIds }: { id: string; dishIds: readonly string[] }) {
  return (
    <defs>
      {dishIds.map((dish, k) => (
        <Pattern key={dish} id={`${id}${k}`} place={k} />
      ))}
    </defs>
  );
}

/** @param place of the dish among those of the evening, from 0 */
function Pattern({ id, place }: { id: string; place: number }) {
  return (
    <pattern id={id} width={9} height={9} patternUnits="userSpaceOnUse">
      <rect width={9} height={9} fill={TONES[place % TONES.length]} />
      <Texture kind={TEXTURES[place % TEXTURES.length]} />
    </pattern>
  );
}

function Texture({ kind }: { kind: (typeof TEXTURES)[number] }) {
  const line = { stroke: '#23272b', strokeOpacity: 0.22, strokeWidth: 1.2, fill: 'none' };
  switch (kind) {
    case 'slant':
      return <path d="M-2 11 L11 -2 M-2 2 L2 -2 M7 11 L11 7" {...line} />;
    case 'dots':
      return <path d="M2 2 h1.6 M6.5 6.5 h1.6" {...line} strokeWidth={1.8} />;
    case 'upright':
      return <path d="M2 0 V9 M6.5 0 V9" {...line} />;
    case 'cross':
      return <path d="M0 0 L9 9 M9 0 L0 9" {...line} />;
    case 'level':
      return <path d="M0 2 H9 M0 6.5 H9" {...line} />;
    default:
      return null;
  }
}

/** The mark of a dish as it stands in lists. */
export function DishMark({ dishIds, id }: { dishIds: readonly string[]; id: string | null }) {
  // Of its own: a pattern that stands in something hidden paints nothing anywhere.
  const pattern = useId();
  if (id === null) return null;
  return (
    <svg aria-hidden width={22} height={22} viewBox="0 0 22 22" className="inline-block shrink-0 align-middle">
      <defs>
        <Pattern id={pattern} place={at(dishIds, id)} />
      </defs>
      <rect
        x={1}
        y={1}
        width={20}
        height={20}
        rx={4}
        fill={`url(#${pattern})`}
        stroke="currentColor"
        strokeWidth={0.75}
      />
      <text x={11} y={15.5} textAnchor="middle" fontSize={12} fontWeight={700} fill="#23272b">
        {letterOf(dishIds, id)}
      </text>
    </svg>
  );
}
