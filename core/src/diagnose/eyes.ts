import { cameOut, type Put, type SeenField } from './put.js';
import { wordIn, type Seen } from './seen.js';

/** What somebody with good eyes would write down of a cook, in words; a centre in whole °C at its end. */
export function writtenDown(put: Put): Seen {
  const came = cameOut(put);
  const values = { ...came.values, ...came.colours(0) };
  return Object.fromEntries(
    (Object.keys(values) as SeenField[]).map((field) => [
      field,
      wordIn(field, values[field]!) ?? Math.round(values[field]!),
    ]),
  );
}
