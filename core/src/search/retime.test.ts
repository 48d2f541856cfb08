import { BREADED, PLAIN_FRYER, spec } from '../../testing/plain.js';
import { PLAIN_AIR, PLAIN_OILING, type AirPlan } from '../dish/index.js';
import { KNOWN } from '../foods/index.js';
import { evaluateAir, evaluateFried, type Asked } from '../plan/index.js';
import { retimed } from './retime.js';
import { worthOf } from './worth.js';

const request: Asked = {
  pantry: KNOWN,
  dish: {
    foodId: 'courgette',
    shape: { kind: 'disc', diameterMm: 50, thicknessMm: 13 },
    count: 12,
    startC: 12,
    skin: 'damp',
    preparation: 'raw',
  },
  fried: { layers: BREADED, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 175, minutes: 3 },
  fryer: PLAIN_FRYER,
  limits: { diets: [], avoidAllergens: [], without: [], maxTempC: 200, maxMinutes: 18, preheat: false },
};
const pot = evaluateFried(request);

const plan = (more: Partial<AirPlan>, settings: Partial<AirPlan['settings']> = {}): AirPlan => ({
  layers: BREADED,
  restMin: 5,
  oilGm2: 15,
  settings: { ...PLAIN_AIR, tempC: 190, minutes: 10, preheated: false, turnAtMin: null, under: 'basket', ...settings },
  second: null,
  ...more,
});

/** The best of every whole minute, each cooked through by itself. */
function tryingEvery(p: AirPlan): number {
  let best = { minutes: 0, score: -Infinity };
  for (let minutes = 4; minutes <= request.limits.maxMinutes; minutes++) {
    const result = evaluateAir(request, { ...p, settings: { ...p.settings, minutes } }, pot);
    const score = worthOf(result, pot, request.fryer);
    if (score > best.score) best = { minutes, score };
  }
  return best.minutes;
}

const sauce = { sauce: spec(['barbecue-sauce', 100]), sauceGm2: 120, coolMin: 3, tempC: 180, minutes: 6 };

describe('minutes searched anew are those that trying every minute gives', () => {
  test.each<[string, AirPlan]>([
    ['plain', plan({})],
    ['with a sauce and a second cook', plan({ second: sauce })],
    ['with a touch-up at half time', plan({ oilGm2: 4, oiling: { ...PLAIN_OILING, touchUpGm2: 20 } })],
    ['with looks spread over it', plan({}, { looks: 4 })],
    ['with the basket turned round at half time', plan({}, { basketTurned: true })],
    ['turned after six minutes', plan({ second: sauce }, { turnAtMin: 6 })],
  ])('%s', (_, p) => {
    const found = retimed(request, pot, p);
    const { turnAtMin } = p.settings;
    const expected = tryingEvery(p);
    // A plan that turns is not cut to where it would not get to it.
    if (turnAtMin === null || expected > turnAtMin + 1) expect(found.settings.minutes).toBe(expected);
    else expect(found.settings.minutes).toBe(turnAtMin + 2);
  });
});
