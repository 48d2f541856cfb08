import { SendQueue } from './sendQueue';
import type { KeptPhoto } from './unsentHere';

/** Far longer than what is done meanwhile takes. */
const RETRY_MS = 150;
const soon = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Waits until nothing, or only so much, waits any more. */
async function left(queue: SendQueue<KeptPhoto>, count = 0): Promise<void> {
  while (queue.now().length > count) await soon(1);
}

const photo = (key: string): KeptPhoto => ({
  key,
  cook: 'cook',
  dish: 'dish',
  file: new File(['light'], `${key}.jpg`),
  at: 0,
});
/** As a server answers that does not take it. */
const said = (status: number) => ({ status, data: { title: 'No', detail: `photo is refused with ${status}` } });
/** As it is where none answers. */
const AWAY = { status: 'FETCH_ERROR', error: 'no route' };

/** A queue whose photographs get these answers in turn, and all that follow are taken; what was sent, by key, and what is kept here. */
function queueOf(...answers: object[]) {
  const sent: string[] = [];
  const taken: string[] = [];
  const here = new Set<string>();
  const queue = new SendQueue<KeptPhoto>(
    {
      send: ({ key }) => {
        sent.push(key);
        const answer = answers.shift();
        return answer ? Promise.reject(answer) : Promise.resolve({});
      },
      // A browser that is full.
      keep: ({ key }) => Promise.resolve(key !== 'full' && here.add(key).has(key)),
      forget: (key) => Promise.resolve(void here.delete(key)),
      sent: ({ key }) => taken.push(key),
    },
    RETRY_MS,
  );
  return { queue, sent, taken, here };
}
const tooLarge = ({ file }: KeptPhoto): string | null => (file.name === 'huge.jpg' ? 'It is huge.' : null);

describe('photographs on their way', () => {
  test('are sent one after the other, each once, and then gone from here', async () => {
    const { queue, sent, taken, here } = queueOf();
    queue.add([photo('a'), photo('b')]);
    queue.add([photo('b'), photo('c')]);
    expect(queue.now().map(({ key, problem }) => [key, problem])).toEqual([
      ['a', null],
      ['b', null],
      ['c', null],
    ]);
    await left(queue);
    expect(sent).toEqual(['a', 'b', 'c']);
    expect(taken).toEqual(['a', 'b', 'c']);
    expect(here.size).toBe(0);
  });

  test('say whether the browser keeps them meanwhile', async () => {
    const { queue, here } = queueOf(AWAY);
    queue.add([photo('a'), photo('full')]);
    await soon(1);
    expect(queue.now().map((w) => [w.key, w.here])).toEqual([
      ['a', true],
      ['full', false],
    ]);
    expect([...here]).toEqual(['a']);
    await left(queue);
  });

  test('go on by themselves once the server is back, in their order and under their keys', async () => {
    const { queue, sent } = queueOf(AWAY, AWAY);
    queue.add([photo('a'), photo('b')]);
    await soon(1);
    expect(queue.now()[0]).toMatchObject({ key: 'a', then: 'by itself' });
    expect(queue.now()[0].problem).toMatch(/server cannot be reached/i);
    expect(queue.now()[1].problem).toBeNull();
    await left(queue);
    expect(sent).toEqual(['a', 'a', 'a', 'b']);
  });

  test('a hand that tries again waits for no pause', async () => {
    const { queue, sent } = queueOf(said(503), said(503), said(503));
    queue.add([photo('a')]);
    for (let k = 1; k <= 3; k++) {
      await soon(1);
      expect(sent).toHaveLength(k);
      queue.again('a');
    }
    await left(queue);
  });

  test('one that is refused stays in the hand and lets the next one past', async () => {
    const { queue, sent, taken, here } = queueOf(said(400), said(409));
    queue.add([photo('program'), photo('ninth'), photo('plate')]);
    await left(queue, 2);
    expect(sent).toEqual(['program', 'ninth', 'plate']);
    expect(queue.now().map(({ key, then, problem }) => [key, then, problem])).toEqual([
      ['program', 'nothing', 'photo is refused with 400'],
      ['ninth', 'by hand', 'photo is refused with 409'],
    ]);
    expect(taken).toEqual(['plate']);
    // What may still come of nothing is not kept.
    expect([...here]).toEqual(['ninth']);
    queue.again('ninth');
    queue.drop('program');
    await left(queue);
  });

  test('one that is too large is not even sent', async () => {
    const { queue, sent } = queueOf();
    queue.add([photo('huge'), photo('plate')], tooLarge);
    await left(queue, 1);
    expect(sent).toEqual(['plate']);
    expect(queue.now()).toMatchObject([{ key: 'huge', problem: 'It is huge.', then: 'nothing' }]);
  });

  test('what is given up, or has been sent, is sent no more', async () => {
    const { queue, sent, here } = queueOf(AWAY);
    queue.add([photo('a'), photo('b')]);
    await soon(1);
    queue.drop('a');
    await left(queue);
    // Nor if it is found here once more.
    queue.add([photo('a'), photo('b')]);
    await left(queue);
    expect(sent).toEqual(['a', 'b']);
    expect(here.size).toBe(0);
  });
});
