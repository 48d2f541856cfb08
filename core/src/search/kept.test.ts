import { BREADED_POT, NO_LIMITS, PLAIN_FRYER, slabsOf } from '../../testing/plain.js';
import { KNOWN } from '../foods/index.js';
import type { Asked } from '../plan/index.js';
import { convertDish } from './convert.js';
import { kept, restored } from './kept.js';

const request: Asked = {
  pantry: KNOWN,
  dish: slabsOf('halloumi', { shape: { kind: 'slab', lengthMm: 80, widthMm: 16, thicknessMm: 16 } }),
  fried: { ...BREADED_POT, minutes: 3 },
  fryer: { ...PLAIN_FRYER, stepC: 10 },
  limits: { ...NO_LIMITS, maxTempC: 180, maxMinutes: 12 },
};

test('a search that was kept as JSON comes back as it was found, cook by cook', () => {
  const found = convertDish(request, 'wide');
  const stored = JSON.stringify(kept(found));
  const again = restored(request, JSON.parse(stored));
  expect(again.simulations).toBe(found.simulations);
  expect(again.original.id).toBe(found.original.id);
  expect(again.alternatives.map((a) => [a.id, a.family, a.variant, a.badges, a.idea])).toEqual(
    found.alternatives.map((a) => [a.id, a.family, a.variant, a.badges, a.idea]),
  );
  expect(again.candidates.map((c) => c.id).sort()).toEqual(found.candidates.map((c) => c.id).sort());
  expect(again.alternatives[0].outcomes).toEqual(found.alternatives[0].outcomes);
  // It goes into one request of the API.
  expect(stored.length).toBeLessThan(200_000);
});
