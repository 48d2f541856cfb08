import { isRead, makeReader, READ_MS, shownAt, UNREAD } from './reading';

describe('whether what lies on the bench was read', () => {
  test('nothing is read before something is shown', () => expect(isRead(UNREAD, 1e9)).toBe(false));

  test('what works is read once it has stood for a while, and its time counts from when something was first shown', () => {
    const first = shownAt(UNREAD, true, 1000);
    expect(isRead(first, 1000 + READ_MS)).toBe(false);
    expect(isRead(first, 1001 + READ_MS)).toBe(true);
    const bettered = shownAt(first, true, 2000);
    expect(isRead(bettered, 1001 + READ_MS)).toBe(true);
  });

  test('what fails is no answer: it is not read, however long it stands', () => {
    const fails = shownAt(UNREAD, false, 1000);
    expect(isRead(fails, 1e9)).toBe(false);
    expect(isRead(shownAt(fails, true, 2000), 1e9)).toBe(true);
  });

  test('a reader forgets with another question, and a hand counts only once there is something to touch', () => {
    let now = 1000;
    const reader = makeReader(() => now);
    reader.begin(false);
    reader.touched();
    reader.shown(true);
    expect(reader.isRead()).toBe(false);
    reader.touched();
    expect(reader.isRead()).toBe(true);
    reader.begin(false);
    expect(reader.isRead()).toBe(false);
    reader.begin(true);
    now += READ_MS + 1;
    expect(reader.isRead()).toBe(true);
  });

  test('what was touched stays, whether it works or not', () => {
    expect(isRead({ ...shownAt(UNREAD, false, 1000), touched: true }, 1001)).toBe(true);
  });
});
