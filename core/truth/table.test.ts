import { CONSTANT_FILES, constantsIn, constantsTable, loose } from './constantsOf.js';
import { currentIn } from './document.js';
import { FIGURES } from './figures.js';
import { BLIND, WIDER } from './heldOut.js';
import { fileIs } from './document.js';
import { PRACTICES, type AirPractice, type Practice } from './practice.js';
import { beforeSauce, browningOf, goldenWindow, inAir, inOil } from './predict.js';

/**
 * docs/model.md and its figures are made here: `npm run model-doc` writes them, and a plain run fails when they are not
 * today's.
 */

function insideOf(result: ReturnType<typeof inAir>): string {
  const { centre, doneness } = result.outcomes;
  const temperature = `${Math.round(centre!.value)} °C`;
  return doneness ? `${temperature}, ${doneness.word}` : temperature;
}

/** What the cook was to the tuning: see heldOut.ts. */
function standing(p: Practice): string {
  if (p.tuned) return 'tuned';
  if (BLIND.some((b) => b.what === p.what)) return 'blind';
  return WIDER.some((w) => w.what === p.what) ? 'in sight' : 'checked only';
}

const minute = (minutes: number): string => (minutes === Infinity ? 'over 45' : minutes.toFixed(1));

function airRow(p: Practice, how: AirPractice): string {
  const { settings, fryer, second } = how;
  const { from, to } = goldenWindow(p, how);
  const then = second ? `, then ${second.minutes} min sauced` : '';
  return [
    p.name === p.what ? '' : p.name,
    p.what,
    `${fryer.name.toLowerCase()}, ${settings.tempC} °C, ${settings.minutes} min${then}`,
    browningOf(beforeSauce(p, how)).toFixed(2),
    insideOf(inAir(p, how)),
    `${minute(from)}–${minute(to)}`,
    standing(p),
  ].join(' | ');
}

function oilRow(p: Practice): string {
  const { medium, tempC, minutes } = p.fried;
  const result = inOil(p);
  const where = medium === 'deep-oil' ? 'deep oil' : 'pan oil';
  const inside = `${Math.round(result.outcomes.centre!.value)} °C`;
  return [
    p.name,
    p.what,
    `${where}, ${tempC} °C, ${minutes} min`,
    browningOf(result).toFixed(2),
    inside,
    '',
    standing(p),
  ].join(' | ');
}

const PRACTISED_IN_OIL = ['C1', 'C6', 'C9'];

function practiceTable(): string {
  const rows = [...PRACTICES, ...WIDER, ...BLIND].flatMap((p) => [
    ...(PRACTISED_IN_OIL.includes(p.name) ? [oilRow(p)] : []),
    ...[p.air, p.oven].filter((how) => how !== undefined).map((how) => airRow(p, how)),
  ]);
  return [
    '| # | dish | practised | predicted browning (1 = golden; 0.55–2 is the golden band) | predicted inside | golden from–to, min | |',
    '| --- | --- | --- | --- | --- | --- | --- |',
    ...rows.map((row) => `| ${row} |`),
  ].join('\n');
}

describe('docs/model.md', () => {
  test('shows what the model predicts today', () => {
    const { stored, current } = currentIn('practice table', practiceTable());
    expect(stored).toBe(current);
  });

  test.each(CONSTANT_FILES)('shows today’s constants of %s', (file) => {
    const { stored, current } = currentIn(`constants ${file}`, constantsTable(file));
    expect(stored).toBe(current);
  });

  test.each(FIGURES.map((f) => [f.file, f] as const))('its picture %s is today’s', (file, figure) => {
    const { stored, current } = fileIs(`docs/figures/${file}`, figure.draw());
    expect(stored).toBe(current);
  });
});

describe('constants', () => {
  test('every one stands once, under a name', () => {
    const { bare, twice } = loose();
    expect(bare).toEqual([]);
    expect(twice).toEqual([]);
  });

  test.each(CONSTANT_FILES)('each of %s has a meaning, a unit, a range and a source', (file) => {
    const found = constantsIn(file);
    expect(found.length).toBeGreaterThan(0);
    for (const { name, meaning, unit, range, source } of found) {
      expect([name, meaning, unit, range, source].map((part) => part.trim() !== '')).toEqual([
        true,
        true,
        true,
        true,
        true,
      ]);
    }
  });
});
