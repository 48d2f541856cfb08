import type { ListedCook, LoggedDish, SeenBody } from '@yellowmist/contract';
import { ANY, compareAddress, fits, rowsOf, triesNamed, triesOf } from './rows';
import { browningOf, cameOutWords, likelyWord, STRIP_B, toldWord } from './words';

const record = (seen: SeenBody): LoggedDish['record'] => ({ dish: 'd', version: 1, savedAt: '', seen });

const cook = (id: string, startedAt: string, more: Partial<ListedCook> = {}): ListedCook => ({
  id,
  name: id,
  startedAt,
  endedAt: startedAt,
  rehearsal: null,
  dishes: ['Okra'],
  fryers: ['Galley'],
  cookedBy: null,
  photos: 0,
  log: [{ dish: 'okra', name: 'Okra', fryer: 'Galley', tempC: 190, minutes: 9, batches: 1, record: null }],
  ...more,
});

describe('words of the logbook', () => {
  test('a likelihood is said in words, the surer the stronger', () => {
    const words = [0.95, 0.75, 0.5, 0.25, 0.05].map(likelyWord);
    expect(words).toEqual(['almost certainly', 'very likely', 'likely', 'perhaps', 'less likely']);
  });

  test('every colour word has a place on the strip, and a number is its own', () => {
    for (const word of ['pale', 'straw', 'golden', 'deep golden', 'dark', 'burnt'])
      expect(STRIP_B).toContain(browningOf(word));
    expect(browningOf(1.03)).toBe(1.03);
    expect(browningOf(undefined)).toBeUndefined();
  });

  test('what is told as a number, a word, or yes and no is read alike', () => {
    expect(toldWord('bald', 0.2)).toBe('some');
    expect(toldWord('bald', true)).toBe('some');
    expect(toldWord('bald', false)).toBe('none');
    expect(toldWord('crunchNow', 'crisp')).toBe('crisp');
  });

  test('a line says what stands out, and nothing of what is as it should be', () => {
    expect(cameOutWords({ record: null })).toBe('');
    const seen = { colourTop: 'dark', crunchNow: 'crisp', bald: 'none', floury: 'much', stuck: true, bite: 'dry' };
    expect(cameOutWords({ record: record(seen) })).toBe('dark, crisp, eats dry, much: floury spots, stuck');
    expect(cameOutWords({ record: record({ colourTop: 'golden', crunchLater: 'soft' }) })).toBe('golden, soft later');
  });
});

describe('lines of the logbook', () => {
  const cooks = [
    cook('first', '2026-01-01T18:00:00Z'),
    cook('going on', '2026-03-01T18:00:00Z', { endedAt: null }),
    cook('last', '2026-02-01T18:00:00Z'),
    cook('rehearsed', '2026-01-15T18:00:00Z', { rehearsal: { rate: 60, help: 'all', surprises: [] } }),
  ];

  test('are of what is over, the latest first', () => {
    expect(rowsOf(cooks).map((r) => r.cook.id)).toEqual(['last', 'rehearsed', 'first']);
  });

  test('the tries of a dish begin with the first, and leave rehearsals out', () => {
    expect(triesOf(cooks, 'okra').map((r) => r.cook.id)).toEqual(['first', 'last']);
    expect(triesOf(cooks, 'another')).toEqual([]);
  });
});

describe('which lines are wanted', () => {
  const [row] = rowsOf([cook('one', '2026-03-05T18:00:00Z')]);
  const noted = { ...row, logged: { ...row.logged, record: record({ overall: 'good' }) } };

  test('by how it was all in all, and by fryer', () => {
    expect([row, noted].filter((r) => fits(r, ANY))).toHaveLength(2);
    expect([row, noted].filter((r) => fits(r, { ...ANY, overall: 'good' }))).toEqual([noted]);
    expect([row, noted].filter((r) => fits(r, { ...ANY, overall: 'none' }))).toEqual([row]);
    expect([row, noted].filter((r) => fits(r, { ...ANY, fryer: 'Loft' }))).toEqual([]);
  });
});

describe('the address of tries side by side', () => {
  const tries = ['a', 'b', 'c', 'd', 'e'].map((id) => ({ cook: id, dish: 'okra' }));
  const named = (address: string) => triesNamed(new URL(address, 'http://here').searchParams);

  test('names them in their order, each once, and no more than fit', () => {
    expect(named(compareAddress(tries.slice(0, 2)))).toEqual(tries.slice(0, 2));
    expect(named(compareAddress([tries[0], tries[0], ...tries]))).toEqual(tries.slice(0, 4));
    expect(named('/log/compare?of=half&of=.&of=')).toEqual([]);
  });
});
