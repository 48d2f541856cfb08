import { PAGE_HEADER } from '@yellowmist/contract';
import { ask, isSignedOut, pageTokenIn, setSignedOut } from './asking';

describe('the token of a page', () => {
  test.each([
    ['yellowmist-page=abc', 'abc'],
    ['other=1; __Host-yellowmist-page=a%2Fb; more=2', 'a/b'],
    ['my-yellowmist-page=abc', null],
    ['yellowmist-page=', null],
    ['', null],
  ])('in "%s" is %s', (cookies, token) => {
    expect(pageTokenIn(cookies)).toBe(token);
  });
});

describe('a page that asks', () => {
  const answering = (status: number): Request[] => {
    const heard: Request[] = [];
    globalThis.fetch = ((request: Request) => {
      heard.push(request);
      return Promise.resolve(new Response(null, { status }));
    }) as typeof fetch;
    return heard;
  };
  afterEach(() => {
    Reflect.deleteProperty(globalThis, 'document');
    setSignedOut(false);
  });

  test('shows that it is one of this house, where it has been told how', async () => {
    const heard = answering(200);
    await ask('http://kitchen.test/api/kitchen');
    Object.assign(globalThis, { document: { cookie: '__Host-yellowmist-page=shown' } });
    await ask(new Request('http://kitchen.test/api/kitchen'), {});
    expect(heard.map((request) => request.headers.get(PAGE_HEADER))).toEqual([null, 'shown']);
  });

  test('that is not let in is as if the server were away, and says so until it is', async () => {
    answering(401);
    await expect(ask('http://kitchen.test/api/kitchen')).rejects.toThrow(TypeError);
    expect(isSignedOut()).toBe(true);
    answering(404);
    await ask('http://kitchen.test/api/kitchen');
    expect(isSignedOut()).toBe(false);
  });
});
