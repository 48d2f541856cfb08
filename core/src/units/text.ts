/**
 * A sentence as a list of words and quantities: whoever shows it puts every quantity into the cook's units. Built with
 * the tag `text`, read in SI by `plain`.
 */

/** What a number in a sentence measures, and so how it is turned into other units. */
export const QUANTITY_KINDS = {
  /** A temperature, °C. */
  temperature: { unit: '°C', digits: 0 },
  /** A temperature that a fryer is set to, °C: shown in the steps that the fryer has. */
  setting: { unit: '°C', digits: 0 },
  /** A difference of temperatures, °C. */
  difference: { unit: '°C', digits: 0 },
  /** A length, mm: in halves where it is thin (`toldMm`). */
  length: { unit: 'mm', digits: 0 },
  /** A thin length, mm. */
  film: { unit: 'mm', digits: 1 },
  /** A mass, g. */
  mass: { unit: 'g', digits: 0 },
  /** A small mass that a household scale reads in g everywhere, g. */
  grams: { unit: 'g', digits: 1 },
  /** A volume of a bowl, ml. */
  volume: { unit: 'ml', digits: 0 },
  /** A moment of an evening, min after the table that was asked for: a clock time to whoever knows the table's. */
  moment: { unit: 'min after the table', digits: 0 },
} as const;

export type QuantityKind = keyof typeof QUANTITY_KINDS;

/** A number in a sentence, in the SI unit of its kind. */
export interface Quantity {
  kind: QuantityKind;
  value: number;
  /** Digits after the point; those of its kind without. */
  digits?: number;
  /** Smallest step of the fryer that is set, °C; only of a setting. */
  stepC?: number;
}

/** A sentence: words, and quantities between them. Never two words in a row. */
export type Text = readonly (string | Quantity)[];

/** A temperature of `value` °C. */
export const celsius = (value: number): Quantity => ({ kind: 'temperature', value });
/** A fryer's setting of `value` °C, which goes in steps of `stepC`. */
export const setTo = (value: number, stepC: number): Quantity => ({ kind: 'setting', value, stepC });
/** A difference of `value` °C. */
export const kelvins = (value: number): Quantity => ({ kind: 'difference', value });
/** A length of `value` mm. */
export const millimetres = (value: number): Quantity => ({ kind: 'length', value });
/** A thin length of `value` mm. */
export const filmMm = (value: number): Quantity => ({ kind: 'film', value });
/** A mass of `value` g. */
export const mass = (value: number): Quantity => ({ kind: 'mass', value });
/** A small mass of `value` g, with so many digits. */
export const grams = (value: number, digits = 1): Quantity => ({ kind: 'grams', value, digits });
/** A volume of `value` ml. */
export const millilitres = (value: number): Quantity => ({ kind: 'volume', value });

/** A moment `value` minutes after the table that was asked for. */
export const moment = (value: number): Quantity => ({ kind: 'moment', value });

type Part = string | number | Quantity | Text;

/** The parts one after the other as one sentence. */
export function joined(...parts: readonly Part[]): Text {
  const out: (string | Quantity)[] = [];
  const add = (part: string | Quantity): void => {
    if (part === '') return;
    const last = out.at(-1);
    if (typeof part === 'string' && typeof last === 'string') out[out.length - 1] = last + part;
    else out.push(part);
  };
  for (const part of parts) {
    if (Array.isArray(part)) (part as Text).forEach(add);
    else add(typeof part === 'number' ? String(part) : (part as string | Quantity));
  }
  return out;
}

/** A sentence from a template: text`The centre is at ${celsius(71)}.` */
export function text(words: TemplateStringsArray, ...parts: readonly Part[]): Text {
  const all: Part[] = [words[0]];
  for (let i = 0; i < parts.length; i++) all.push(parts[i], words[i + 1]);
  return joined(...all);
}

/** Whether there is nothing to say. */
export const isEmpty = (said: Text): boolean => said.length === 0;

/** Thinner than this a knife and a ruler tell half millimetres apart, mm. Our choice. */
const HALVES_BELOW_MM = 20;

/** A length as it is told, mm: in halves where a piece is thin, and in whole ones where it is not. */
export const toldMm = (mm: number): number => (mm < HALVES_BELOW_MM ? Math.round(2 * mm) / 2 : Math.round(mm));

/** A quantity with its SI unit: "74 °C". */
export function plainQuantity({ kind, value, digits }: Quantity): string {
  const { unit, digits: usual } = QUANTITY_KINDS[kind];
  if (kind === 'length' && digits === undefined) return `${toldMm(value)} ${unit}`;
  return `${Number(value.toFixed(digits ?? usual))} ${unit}`;
}

/** A sentence in SI units, as other programs and tests read it. */
export const plain = (said: Text): string =>
  said.map((part) => (typeof part === 'string' ? part : plainQuantity(part))).join('');

/** A sentence with its moments as clock times. */
export const onTheClock = (said: Text, clock: (afterMin: number) => string): Text =>
  joined(...said.map((part) => (typeof part !== 'string' && part.kind === 'moment' ? clock(part.value) : part)));

/** The words one after the other with commas, and "and" before the last: "a, b and c". */
export const listed = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;

/** A name inside a sentence: "fine dry crumbs". */
export const lowered = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

/** A food or layer as it stands in a sentence: small, and without what its packet says after a comma. */
export const spoken = (name: string): string => lowered(name.replace(/, (with(out)? )?[^ ]+/g, ''));

/** A word that begins a sentence: "Golden". */
export const capitalised = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** "1 batch", "3 batches". */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
