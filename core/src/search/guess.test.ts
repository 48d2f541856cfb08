import { BEER_BATTERED, BREADED, MUSHROOMS, NO_LIMITS, PLAIN_FRYER } from '../../testing/plain.js';
import { KNOWN } from '../foods/index.js';
import { evaluateFried, type Asked } from '../plan/index.js';
import { GUESS_C } from './constants.js';
import { firstGuess } from './guess.js';

const request = (fried: Asked['fried'], limits: Partial<Asked['limits']> = {}): Asked => ({
  pantry: KNOWN,
  dish: MUSHROOMS,
  fried,
  fryer: PLAIN_FRYER,
  limits: { ...NO_LIMITS, ...limits },
});

describe('something to look at while the search goes on', () => {
  test('is the cook’s own coat where it can stay, in the usual heat', () => {
    const asked = request({ ...BEER_BATTERED, layers: BREADED });
    const guess = firstGuess(asked, evaluateFried(asked))!;
    expect(guess.family).toBe('kept-finish');
    expect(guess.plan.settings.tempC).toBeLessThanOrEqual(GUESS_C);
    expect(guess.plan.settings.tempC).toBeGreaterThan(GUESS_C - 10);
    expect(guess.steps.length).toBeGreaterThan(4);
  });

  test('is the batter under crumbs where the coat is a batter', () => {
    const asked = request(BEER_BATTERED);
    expect(firstGuess(asked, evaluateFried(asked))!.family).toBe('batter-under-crumbs');
  });

  test('keeps to what the fryer can be set to', () => {
    const asked = { ...request(BEER_BATTERED), fryer: { ...PLAIN_FRYER, maxTempC: 180 } };
    expect(firstGuess(asked, evaluateFried(asked))!.plan.settings.tempC).toBeLessThanOrEqual(180);
  });
});
