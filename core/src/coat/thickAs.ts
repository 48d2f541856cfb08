import { THICK_AS_MM } from './constants/index.js';

const THICK_AS_WORDS = [
  'thin as paper',
  'thin as a fingernail',
  'thick as card',
  'thick as a coin',
  'thick as two coins',
];

/** A layer's thickness, mm, by something that a cook knows by hand. */
export function thickAs(mm: number): string {
  const at = THICK_AS_MM.findIndex((most) => mm <= most);
  return at === -1 ? 'thick as a pencil' : THICK_AS_WORDS[at];
}
