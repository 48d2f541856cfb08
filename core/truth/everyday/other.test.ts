import { currentIn } from '../document.js';
import { OTHERS } from './other.js';
import { isNear, proposalFor, tableOf, type Proposal } from './proposals.js';

/** A whole list is converted, ms: in a slow hour, too. */
const LONG_MS = 300_000;

let proposals: Proposal[] = [];
beforeAll(() => {
  proposals = OTHERS.map(proposalFor);
}, LONG_MS);

describe('on the bone, wrapped, or bought with a coat on', () => {
  test('each is proposed as it is practised, works, and is not sent back to the pot', () => {
    const wrong = proposals.filter((p) => !isNear(p) || !p.best.works || p.conversion.keepPot !== null);
    expect(wrong.map((p) => p.dish.what)).toEqual([]);
  });

  test('what is bought with its coat on, or wrapped, is offered in no other', () => {
    for (const p of proposals.filter((q) => q.dish.dish.readyCoated || q.kind === 'sheet')) {
      expect(p.conversion.alternatives.map((a) => a.family)).toEqual(['kept-finish']);
      expect(p.best.plan.layers).toEqual(p.dish.fried.layers);
    }
  });

  test('docs/model.md shows them as they are proposed today', () => {
    const { stored, current } = currentIn('everyday others', tableOf(proposals));
    expect(stored).toBe(current);
  });
});
