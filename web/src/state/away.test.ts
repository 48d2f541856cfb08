import { isKeptAnswer, isServerAway, lookForServer } from './away';

/** Whether any server answers. */

const { fetch } = globalThis;
afterAll(() => void (globalThis.fetch = fetch));

/** A server that answers as it is told to, in turn, and always at last. */
function answering(...answers: boolean[]): () => number {
  let asked = 0;
  globalThis.fetch = () => {
    asked += 1;
    return answers.shift() === false ? Promise.reject(new TypeError('no route')) : Promise.resolve(new Response('{}'));
  };
  return () => asked;
}

test('an answer that failed by chance is nothing to tell', async () => {
  const asked = answering(true);
  await lookForServer(1);
  expect([asked(), isServerAway()]).toEqual([1, false]);
});

test('no server is told until one answers, whoever else asks meanwhile; one that refuses is there', async () => {
  const asked = answering(false, false);
  const looking = lookForServer(20);
  await new Promise((resolve) => setTimeout(resolve, 5));
  expect(isServerAway()).toBe(true);
  await lookForServer(20);
  expect(asked()).toBe(1);
  await looking;
  expect([asked(), isServerAway()]).toEqual([3, false]);
  globalThis.fetch = () => Promise.resolve(new Response('{}', { status: 401 }));
  await lookForServer(1);
  expect(isServerAway()).toBe(false);
});

test('an answer from the browser’s own store is known for that', () => {
  expect(isKeptAnswer(new Response('{}', { headers: { 'x-yellowmist-kept': '1' } }))).toBe(true);
  expect(isKeptAnswer(new Response('{}'))).toBe(false);
});
