import { readFileSync, writeFileSync } from 'node:fs';
import { PRACTICES, type AirPractice, type Practice } from './practice.js';
import { browningOf, goldenAtMin, inAir, inOil } from './predict.js';

/**
 * Practised and predicted side by side in docs/model.md. The table is made here: `npm run practice-table` writes it,
 * and a plain run fails when it is not today's.
 */
const DOCUMENT = 'docs/model.md';
const [BEGIN, END] = ['<!-- practice table -->', '<!-- /practice table -->'];

function airRow(p: Practice, how: AirPractice): string {
  const { settings, fryer } = how;
  const result = inAir(p, how);
  const { centre, doneness } = result.outcomes;
  const inside = doneness ? `${Math.round(centre!.value)} °C, ${doneness.word}` : `${Math.round(centre!.value)} °C`;
  const golden = goldenAtMin(p, how);
  return `| ${p.name} | ${p.what} | ${fryer.name.toLowerCase()}, ${settings.tempC} °C, ${settings.minutes} min | ${browningOf(result).toFixed(2)} | ${inside} | ${golden === Infinity ? 'not in 45' : golden.toFixed(1)} | ${p.tuned ? 'tuned' : 'checked only'} |`;
}

function oilRow(p: Practice): string {
  const { medium, tempC, minutes } = p.fried;
  const result = inOil(p);
  const where = medium === 'deep-oil' ? 'deep oil' : 'pan oil';
  return `| ${p.name} | ${p.what} | ${where}, ${tempC} °C, ${minutes} min | ${browningOf(result).toFixed(2)} | ${Math.round(result.outcomes.centre!.value)} °C | | ${p.tuned ? 'tuned' : 'checked only'} |`;
}

const PRACTISED_IN_OIL = ['C1', 'C6', 'C9'];

function table(): string {
  const rows = PRACTICES.flatMap((p) => [
    ...(PRACTISED_IN_OIL.includes(p.name) ? [oilRow(p)] : []),
    ...[p.air, p.oven].filter((how) => how !== undefined).map((how) => airRow(p, how)),
  ]);
  return [
    '| # | dish | practised | predicted browning (1 = golden; 0.55–2 is the golden band) | predicted inside | golden after, min | |',
    '| --- | --- | --- | --- | --- | --- | --- |',
    ...rows,
  ].join('\n');
}

test('docs/model.md shows what the model predicts today', () => {
  const document = readFileSync(DOCUMENT, 'utf8');
  const [before, rest] = document.split(BEGIN);
  const after = rest.slice(rest.indexOf(END));
  const current = `${before}${BEGIN}\n\n${table()}\n\n${after}`;
  if (process.env.WRITE_DOCS) writeFileSync(DOCUMENT, current);
  expect(readFileSync(DOCUMENT, 'utf8')).toBe(current);
});
