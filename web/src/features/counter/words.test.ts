import { turnOf } from '../../state/units';
import { centreRead, digits, pressWords } from './words';

test.each([
  [365, '6:05'],
  [40, '0:40'],
  [0, '0:00'],
  [-0.2, '0:00'],
  [-20, '+0:20'],
  [3725, '62:05'],
])('%d s stand on a clock as %s', (seconds, shown) => expect(digits(seconds)).toBe(shown));

test('the press says what it means where that is not “done”', () => {
  expect(pressWords('load')).toBe('It is in');
  expect(pressWords('unload')).toBe('It is out');
  expect(pressWords('mix')).toBe('Done');
});

test.each([
  ['71', 71],
  [' 71,5 ', 71.5],
  ['-4', -4],
  ['', null],
  ['hot', null],
  ['500', null],
  ['-40', null],
])('a centre typed as “%s” is %s °C', (typed, centreC) =>
  expect(centreRead(typed, turnOf('temperature', 'metric'))).toBe(centreC),
);

test('and in °F it is turned', () => {
  expect(centreRead('165', turnOf('temperature', 'us'))).toBeCloseTo(73.9, 1);
  expect(centreRead('400', turnOf('temperature', 'us'))).toBeNull();
});
