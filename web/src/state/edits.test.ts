import { Edits, type Edit, type Place } from './edits';

interface Shelf {
  items: string[];
}
type Stored = Shelf & { version: number };

const RETRY_MS = 5;
const added =
  (item: string): Edit<Shelf> =>
  (s) => ({ ...s, items: [...s.items.filter((i) => i !== item), item] });
const soon = (ms = 1): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));
const failure = (status: unknown): unknown => ({ status, data: { detail: 'as the server says it' } });

/** A server with one document, that can be away, refuse, or lose its answer. */
function server() {
  const state = { stored: { version: 1, items: [] } as Stored, away: false, refuses: false, losesAnswers: 0, saves: 0 };
  const place: Place<Shelf> = {
    async read() {
      if (state.away) throw failure('FETCH_ERROR');
      return state.stored;
    },
    async save(document) {
      state.saves += 1;
      if (state.away) throw failure('FETCH_ERROR');
      if (state.refuses) throw failure(400);
      if (document.version !== state.stored.version) throw failure(409);
      state.stored = { ...document, version: document.version + 1 };
      if (state.losesAnswers-- > 0) throw failure('FETCH_ERROR');
      return state.stored;
    },
  };
  return { state, edits: new Edits(place, RETRY_MS) };
}

describe('changes of a document', () => {
  test('are seen at once, and saved one after the other', async () => {
    const { state, edits } = server();
    const saves = [edits.change(added('egg')), edits.change(added('flour'))];
    expect(edits.now().pending).toHaveLength(2);
    expect(await Promise.all(saves)).toEqual([true, true]);
    expect(state.stored.items).toEqual(['egg', 'flour']);
    expect(edits.now()).toEqual({ pending: [], problem: '', retrying: false, left: null });
  });

  test('made while the server is away stay seen, are tried again, and are saved when it is back', async () => {
    const { state, edits } = server();
    state.away = true;
    const saved = edits.change(added('egg'));
    await soon(2 * RETRY_MS);
    expect(edits.now()).toMatchObject({ retrying: true });
    expect(edits.now().pending).toHaveLength(1);
    const later = edits.change(added('flour'));
    state.away = false;
    expect(await Promise.all([saved, later])).toEqual([true, true]);
    expect(state.stored.items).toEqual(['egg', 'flour']);
    expect(edits.now()).toMatchObject({ retrying: false, problem: '' });
  });

  test('that the server refuses go, with its reason; the next ones are saved', async () => {
    const { state, edits } = server();
    state.refuses = true;
    expect(await edits.change(added('glue'))).toBe(false);
    expect(edits.now().pending).toHaveLength(0);
    expect(edits.now().problem).toContain('as the server says it');
    state.refuses = false;
    expect(await edits.change(added('egg'))).toBe(true);
    expect(state.stored.items).toEqual(['egg']);
    expect(edits.now().problem).toBe('');
  });

  test('go over what another window saved meanwhile, and lose nothing of it', async () => {
    const { state, edits } = server();
    await edits.change(added('egg'));
    state.stored = { version: 9, items: ['egg', 'theirs'] };
    expect(await edits.change(added('flour'))).toBe(true);
    expect(state.stored.items).toEqual(['egg', 'theirs', 'flour']);
  });

  test('whose answer was lost are not saved twice', async () => {
    const { state, edits } = server();
    state.losesAnswers = 1;
    expect(await edits.change(added('egg'))).toBe(true);
    expect(state.stored).toEqual({ version: 2, items: ['egg'] });
  });
});
