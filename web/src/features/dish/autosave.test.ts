import { exampleConversion, FORMATS, formatNumber, type ConversionDocument } from '@yellowmist/contract';
import { api } from '../../state/api';
import { store } from '../../state/store';
import { bringBack, keepMine, saveNow, takeTheirs } from './autosave';
import { laidOut, type SaveState } from './deskSlice';
import { renamed, selectSave, type DishState } from './dishSlice';

type Saved = ConversionDocument;

/** A server with one dish, reached by `fetch`: it can be away, lose an answer, or have been changed by others. */
const server = { stored: null as Saved | null, aside: false, away: false, losesAnswer: false, saves: 0 };

const answer = (status: number, body: unknown): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });

async function reached(request: Request): Promise<Response> {
  if (server.away) throw new TypeError('Failed to fetch');
  const url = new URL(request.url).pathname;
  if (url.endsWith('/restore')) server.aside = false;
  if (!server.stored || server.aside) return answer(404, { detail: 'There is no conversion.' });
  if (request.method === 'PUT') {
    server.saves += 1;
    const { version, ...body } = (await request.json()) as Saved;
    if (version !== server.stored.version) return answer(409, { detail: 'not the stored version' });
    server.stored = { ...server.stored, ...body, version: version + 1 };
    if (server.losesAnswer) {
      server.losesAnswer = false;
      throw new TypeError('Failed to fetch');
    }
  }
  return answer(200, server.stored);
}

const save = (): SaveState => selectSave(store.getState().dish as DishState);
const until = async (wanted: SaveState): Promise<void> => {
  for (let k = 0; k < 1000 && save() !== wanted; k++) await new Promise((resolve) => setTimeout(resolve, 5));
  expect(save()).toBe(wanted);
};
const hurry = (): unknown => store.dispatch(saveNow());

beforeAll(() => {
  // Addresses begin at the page's own.
  const Bare = globalThis.Request;
  globalThis.Request = class extends Bare {
    constructor(to: string, init: RequestInit) {
      super(new URL(to, 'http://kitchen.test'), init);
    }
  } as typeof Request;
  globalThis.fetch = ((input: Request) => reached(input)) as typeof fetch;
});

// What it keeps for later would hold the test up.
afterAll(() => void store.dispatch(api.util.resetApiState()));

beforeEach(() => {
  const document: Saved = {
    ...exampleConversion(),
    id: 'a',
    format: formatNumber(FORMATS.conversion),
    version: 1,
    createdAt: '',
    updatedAt: '',
  };
  Object.assign(server, { stored: document, aside: false, away: false, losesAnswer: false, saves: 0 });
  store.dispatch(laidOut(document));
});

describe('the dish on the bench saves itself', () => {
  test('what was laid out is saved; a change waits, and is saved at once when it is hurried', async () => {
    expect(save()).toBe('saved');
    store.dispatch(renamed('Loft fritters'));
    expect(save()).toBe('waiting');
    hurry();
    await until('saved');
    expect(server.stored).toMatchObject({ name: 'Loft fritters', version: 2 });
  });

  test('changes in a row are one save', async () => {
    for (const name of ['L', 'Lo', 'Loft']) store.dispatch(renamed(name));
    await until('saved');
    expect(server.saves).toBe(1);
    expect(server.stored?.name).toBe('Loft');
  });

  test('a save whose answer was lost is found again, and nobody is asked', async () => {
    server.losesAnswer = true;
    store.dispatch(renamed('Once'));
    hurry();
    await until('failed');
    hurry();
    await until('saved');
    expect(server.stored).toMatchObject({ name: 'Once', version: 2 });
  });

  test('a change after the lost answer goes over it', async () => {
    server.losesAnswer = true;
    store.dispatch(renamed('Once'));
    hurry();
    await until('failed');
    store.dispatch(renamed('Twice'));
    hurry();
    await until('saved');
    expect(server.stored).toMatchObject({ name: 'Twice', version: 3 });
  });

  test('what another window saved is asked about; mine or theirs stays', async () => {
    server.stored = { ...server.stored!, name: 'Theirs', version: 5 };
    store.dispatch(renamed('Mine'));
    hurry();
    await until('conflict');
    expect(server.stored.name).toBe('Theirs');
    await keepMine();
    await until('saved');
    expect(server.stored).toMatchObject({ name: 'Mine', version: 6 });

    server.stored = { ...server.stored, name: 'Theirs again', version: 9 };
    store.dispatch(renamed('Mine again'));
    hurry();
    await until('conflict');
    await takeTheirs();
    expect(save()).toBe('saved');
    expect(store.getState().dish?.body.present?.name).toBe('Theirs again');
  });

  test('“keep mine” while the server is away is an error that is told, and the question stays', async () => {
    server.stored = { ...server.stored!, version: 5 };
    store.dispatch(renamed('Mine'));
    hurry();
    await until('conflict');
    server.away = true;
    await expect(keepMine()).rejects.toBeDefined();
    expect(save()).toBe('conflict');
  });

  test('a dish that was put aside elsewhere is not tried for ever, and can be brought back', async () => {
    server.aside = true;
    store.dispatch(renamed('Still here'));
    hurry();
    await until('gone');
    expect(await bringBack()).toBe('a');
    await until('saved');
    expect(server.stored?.name).toBe('Still here');
  });
});
