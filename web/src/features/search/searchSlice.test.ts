import type { UnknownAction } from '@reduxjs/toolkit';
import type { Conversion } from '@yellowmist/core';
import { begun, cleared, failed, found, joined, progressed, searchReducer, stopped } from './searchSlice';

/** What a search found; what is in it does not matter here. */
const conversionOf = (simulations: number): Conversion => ({ simulations, candidates: [{}] }) as unknown as Conversion;
const after = (...actions: UnknownAction[]) =>
  actions.reduce<ReturnType<typeof searchReducer>>(searchReducer, searchReducer(undefined, { type: 'start' }));

const progress = { done: 3, of: 9 };

describe('how a search stands', () => {
  test('it runs from its beginning to its whole answer', () => {
    const running = after(begun('a'), progressed({ asked: 'a', progress }));
    expect(running.progress).toEqual(progress);
    expect(running.standing).toMatchObject({ asked: 'a', settled: false, conversion: null });
    const whole = searchReducer(running, found({ asked: 'a', conversion: conversionOf(9), settled: true }));
    expect(whole.progress).toBeNull();
    expect(whole.standing.settled).toBe(true);
    expect(whole.standing.conversion?.simulations).toBe(9);
  });

  test('how far it is touches nothing else: what is drawn of the rest stays as it is', () => {
    const before = after(begun('a'), found({ asked: 'a', conversion: conversionOf(1), settled: false }));
    const later = searchReducer(before, progressed({ asked: 'a', progress }));
    expect(later.progress).not.toBe(before.progress);
    expect(later.standing).toBe(before.standing);
  });

  test('what lies on the bench joins what was found, also once it is settled or stopped; not what another question found', () => {
    const conversion = conversionOf(3);
    for (const end of [found({ asked: 'a', conversion: conversionOf(2), settled: true }), stopped()]) {
      const before = after(begun('a'), end);
      const { standing } = searchReducer(before, joined({ asked: 'a', conversion }));
      expect(standing).toEqual({ ...before.standing, conversion });
      expect(searchReducer(before, joined({ asked: 'b', conversion }))).toEqual(before);
    }
  });

  test('what was found is taken as it is, and not walked through', () => {
    const conversion = conversionOf(2);
    const { standing } = after(begun('a'), found({ asked: 'a', conversion, settled: false }));
    expect(standing.conversion).toBe(conversion);
    expect(Object.isFrozen(conversion)).toBe(true);
    expect(Object.isFrozen(conversion.candidates)).toBe(false);
  });

  test.each<[string, UnknownAction]>([
    ['progress', progressed({ asked: 'a', progress })],
    ['an answer', found({ asked: 'a', conversion: conversionOf(5), settled: true })],
    ['a failure', failed({ asked: 'a', error: 'broke off' })],
  ])('%s of a question that is asked no more counts for nothing', (_, late) => {
    const now = after(begun('a'), begun('b'));
    expect(searchReducer(now, late)).toEqual(now);
  });

  test.each<[string, UnknownAction]>([
    ['progress', progressed({ asked: 'a', progress })],
    ['an answer', found({ asked: 'a', conversion: conversionOf(5), settled: true })],
  ])('once it is stopped, %s comes too late', (_, late) => {
    const now = after(begun('a'), stopped());
    expect(now.progress).toBeNull();
    expect(searchReducer(now, late)).toEqual(now);
  });

  test('a new question keeps what was found before in sight, another dish does not', () => {
    const before = after(begun('a'), found({ asked: 'a', conversion: conversionOf(4), settled: true }));
    const asked = searchReducer(before, begun('b'));
    expect(asked.standing).toMatchObject({ asked: 'b', settled: false, stopped: false, error: '' });
    expect(asked.standing.conversion?.simulations).toBe(4);
    expect(searchReducer(asked, cleared()).standing.conversion).toBeNull();
  });

  test('one that broke off says why, and what was found before stays', () => {
    const before = after(begun('a'), found({ asked: 'a', conversion: conversionOf(4), settled: false }));
    const { standing, progress: none } = searchReducer(before, failed({ asked: 'a', error: 'out of memory' }));
    expect(none).toBeNull();
    expect(standing.error).toBe('out of memory');
    expect(standing.conversion?.simulations).toBe(4);
  });
});
