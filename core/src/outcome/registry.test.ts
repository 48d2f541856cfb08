import { BREADED, BREADED_PLAN, BREADED_POT, PLAIN_FRYER, slabsOf, spec } from '../../testing/plain.js';
import { KNOWN } from '../foods/index.js';
import { evaluateAir, evaluateFried } from '../plan/index.js';
import { plain } from '../units/index.js';
import { OUTCOME_KEYS, ruleOf, type OutcomeKey } from './registry.js';

const dish = slabsOf('chicken-breast');
const fried = evaluateFried({ pantry: KNOWN, dish, fried: { ...BREADED_POT, minutes: 5 } });
const cook = (minutes: number, layers = BREADED, oilGm2 = 15) => {
  const settings = { ...BREADED_PLAN.settings, minutes, turnAtMin: 5 };
  const plan = { ...BREADED_PLAN, layers, oilGm2, settings };
  return evaluateAir({ pantry: KNOWN, dish, fryer: PLAIN_FRYER }, plan, fried, { waits: true });
};
const good = cook(14);
const short = cook(6);
const bare = cook(14, [spec(['wheat-flour', 60])], 0);

describe.each(OUTCOME_KEYS)('%s', (key) => {
  test('has words of its own', () => {
    expect(ruleOf(key).words).not.toBe('');
    expect(OUTCOME_KEYS.filter((other) => ruleOf(other).words === ruleOf(key).words)).toEqual([key]);
  });

  test('is told with a value, a word and a band wherever it applies', () => {
    for (const { outcomes } of [good, short, bare]) {
      const outcome = outcomes[key];
      if (!outcome) continue;
      // What never sets is set after an endless time.
      expect(Number.isNaN(outcome.value)).toBe(false);
      expect(outcome.word).not.toBe('');
      expect(['good', 'fair', 'poor']).toContain(outcome.band);
      expect(outcome.key).toBe(key);
    }
  });

  test('does not differ from itself, and says who is better the other way round', () => {
    const [a, b] = [good.outcomes[key], short.outcomes[key]];
    if (a) expect(ruleOf(key).compare(a, a)).toBeNull();
    if (!a || !b) return;
    const [there, back] = [ruleOf(key).compare(a, b), ruleOf(key).compare(b, a)];
    expect(there === null).toBe(back === null);
    if (typeof there?.better === 'boolean') expect(back!.better).toBe(!there.better);
  });

  test('takes nothing off a cook that is as good as the pot', () => {
    const { likeness, shortfall } = ruleOf(key).weight;
    if (likeness) expect(likeness(fried.outcomes, fried.outcomes)).toBeCloseTo(1, 1);
    const verdict = good.outcomes[key];
    if (shortfall && verdict?.band === 'good') expect(shortfall(verdict)).toBe(0);
  });
});

test('reasons name the outcome that they are about, worst first, each with a move', () => {
  const reasons = [...short.reasons, ...bare.reasons];
  expect(reasons.length).toBeGreaterThan(3);
  for (const { about, text, move } of reasons) {
    expect(OUTCOME_KEYS).toContain(about as OutcomeKey);
    expect(plain(text).endsWith('.')).toBe(true);
    expect(plain(move)).not.toBe('');
  }
  for (const result of [short, bare]) {
    const weights = result.reasons.map((r) => r.weight);
    expect(weights).toEqual([...weights].sort((a, b) => b - a));
  }
});

test('what leaves the centre unsafe is said beside the minutes, with both temperatures; a safe cook has no such word', () => {
  expect(good.unsafe).toBeNull();
  expect(short.unsafe!.centreC).toBeLessThan(short.unsafe!.minimumC);
});
