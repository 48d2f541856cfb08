import { footprintOf, traysFor } from './index.js';

const slice = footprintOf({ kind: 'disc', diameterMm: 70, thicknessMm: 9 }, 3850, 1);
const tray = (name: string, widthMm: number, depthMm: number) => ({ name, widthMm, depthMm });

describe('trays to rest on', () => {
  test('one large enough takes all', () =>
    expect(traysFor(slice, 10, [tray('Slate', 400, 280)])).toBe('Side by side they rest 10 on the slate.'));

  test('what the largest does not hold goes on the next', () =>
    expect(traysFor(slice, 20, [tray('Small', 160, 160), tray('Slate', 400, 280)])).toMatch(
      /rest \d+ on the slate and \d on the small/,
    ));

  test('what finds no room is coated later, and what fits nowhere is said so', () => {
    expect(traysFor(slice, 60, [tray('Slate', 400, 280)])).toMatch(/coat the other \d+ later, never stacked/);
    expect(traysFor(slice, 4, [tray('Saucer', 70, 70)])).toMatch(/Not one of them fits/);
  });
});
