import { pageTokenIn } from './asking';

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
