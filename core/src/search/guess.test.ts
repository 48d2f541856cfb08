import { BEER_BATTERED, BREADED, MUSHROOMS, NO_LIMITS, PLAIN_FRYER } from '../../testing/plain.js';
import { KNOWN } from '../foods/index.js';
import { evaluateFried, type Asked } from '../plan/index.js';
import { GUESS_C } from './constants.js';
import { coatsOf } from './families.js';
import { firstGuess, judgedAgain } from './guess.js';

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

describe('what was found before, judged again', () => {
  const asked = request({ ...BEER_BATTERED, layers: BREADED });
  const fried = evaluateFried(asked);
  const guess = firstGuess(asked, fried)!;

  test('is what is found for it now', () => expect(judgedAgain(asked, fried, guess)).toEqual(guess));

  test('has the name of its coat among those of its family', () => {
    const [, other] = coatsOf(asked, 'batter-under-crumbs');
    expect(other.variant).not.toBe('');
    const plan = { ...guess.plan, layers: structuredClone(other.layers) };
    expect(judgedAgain(asked, fried, { family: other.family, plan })).toMatchObject({
      family: other.family,
      variant: other.variant,
      idea: other.idea,
    });
  });

  test('is judged also where no coat of its family is like it today', () => {
    const plan = { ...guess.plan, restMin: guess.plan.restMin + 2 };
    const again = judgedAgain(asked, fried, { family: 'starch-shell', plan });
    expect(again).toMatchObject({ family: 'starch-shell', variant: '', plan });
    expect(again.id).not.toBe(guess.id);
  });
});
