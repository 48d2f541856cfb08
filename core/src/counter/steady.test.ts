import type { Evidence } from '../evidence/index.js';
import { plain } from '../units/index.js';
import { probeSays, serverNow, setByServer, standsStill, ticked, type ProbeState } from './index.js';

/** A page's clock: its own count goes on, whatever the device's clock does. */
const SERVER = 5_000_000;
const begun = setByServer(SERVER, 1000, 1200, 77_000);

describe('time on a page', () => {
  test('is the server’s, half of the way there and back later', () =>
    expect(serverNow(begun, 1200)).toBe(SERVER + 100));

  test('goes on by the page’s own count', () => expect(serverNow(begun, 61_200)).toBe(SERVER + 100 + 60_000));

  test.each([3_600_000, -3_600_000])(
    'is not moved by a device’s clock that is put by %i ms while the page is awake',
    (by) => {
      const put = ticked(begun, 1450, 77_250 + by, false);
      expect(serverNow(put, 1450)).toBe(SERVER + 350);
    },
  );

  test('catches up what a tablet slept while its count stood still', () => {
    const slept = ticked(begun, 1450, 77_250 + 600_000, true);
    expect(serverNow(slept, 1450)).toBe(SERVER + 350 + 600_000);
    // Once only.
    expect(serverNow(ticked(slept, 1700, 77_500 + 600_000, false), 1700)).toBe(SERVER + 600 + 600_000);
  });

  test('does not count a sleep twice where the count went on as well', () => {
    const slept = ticked(begun, 601_450, 77_250 + 600_000, true);
    expect(serverNow(slept, 601_450)).toBe(SERVER + 100 + 600_250);
  });

  test('never goes backward with its count', () => expect(serverNow(begun, 100)).toBe(SERVER + 100));
});

describe('what a probe is said to do', () => {
  const probe: ProbeState = { fryer: 'Galley', heardS: 600, centreC: 41, airC: 180, battery: 1, trouble: null };
  test('nothing while it tells', () => expect(probeSays(probe, 610, false, false)).toBeNull());
  test('that it is lost, with what it read last, and that the timer goes on', () => {
    expect(plain(probeSays(probe, 660, false, false)!)).toBe(
      'Nothing from the probe in Galley since it read 41 °C. The timer goes on; check the centre by hand.',
    );
  });
  test('that it stands still, or that its battery is low', () => {
    expect(plain(probeSays(probe, 610, true, false)!)).toMatch(/stands still at 41 °C.*not believed/);
    expect(plain(probeSays(probe, 610, false, true)!)).toMatch(/battery .* low/);
  });

  const centre = (atS: number, tempC: number): Evidence => ({ what: 'centre', atS, tempC, by: 'probe' });
  const readings = (rise: number): Evidence[] =>
    Array.from({ length: 25 }, (_, k) => centre(300 + 5 * k, 40 + rise * k));
  const rises = (k: number) => (fromS: number, toS: number) => ((toS - fromS) / 100) * k;
  test.each([
    ['stands still where it should rise', 0, 15, true],
    ['is well where it rises', 0.5, 15, false],
    ['may stand where nothing rises', 0, 2, false],
  ])('%s', (_, rise, should, still) => expect(standsStill(readings(rise), rises(should))).toBe(still));
  test('cannot be said of one that has only just begun', () =>
    expect(standsStill(readings(0).slice(0, 3), rises(15))).toBe(false));
});
