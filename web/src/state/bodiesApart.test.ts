import { COMMON_FRYERS, EMPTY_EVENING, EMPTY_KITCHEN, EMPTY_PANTRY, type KitchenBody } from '@yellowmist/contract';
import { bodiesApart, eveningSaid, experimentSaid, kitchenSaid, pantrySaid } from './bodiesApart';
import { withUnit } from './units';

const say = (value: number, kind: Parameters<typeof withUnit>[1]): string => withUnit(value, kind, 'metric');
const galley = { ...COMMON_FRYERS[0], name: 'Galley' };

describe('what differs, in words', () => {
  const kitchen: KitchenBody = { ...EMPTY_KITCHEN, fryers: [galley] };

  test('nothing, where nothing does', () => {
    expect(bodiesApart(kitchen, { ...kitchen, fryers: [{ ...galley }] }, kitchenSaid, say)).toEqual([]);
  });

  test('of kitchens: what is changed, what is only here, what is only there', () => {
    const mine: KitchenBody = { ...kitchen, fryers: [{ ...galley, offsetC: 6 }], thermometer: true };
    const theirs: KitchenBody = {
      ...kitchen,
      bowls: [{ name: 'Blue bowl', diameterMm: 180, ml: 900 }],
      thermometer: false,
    };
    expect(bodiesApart(mine, theirs, kitchenSaid, say).map(({ what }) => what)).toEqual([
      'Fryer “Galley”',
      'A thermometer',
      'Bowl “Blue bowl”',
    ]);
    const [fryer, , bowl] = bodiesApart(mine, theirs, kitchenSaid, say);
    expect(fryer.mine).toMatch(/drawer, 220.mm by 220.mm, 1 rack, 80.°C to 200.°C, 6 K off/);
    expect(fryer.theirs).not.toMatch(/off/);
    expect(bowl).toMatchObject({ mine: 'not there', theirs: '180\u00a0mm across, 900 ml' });
  });

  test('of small things, one line that says so', () => {
    const mine: KitchenBody = { ...kitchen, fryers: [{ ...galley, powerW: 1500 }] };
    expect(bodiesApart(mine, kitchen, kitchenSaid, say)).toEqual([
      { what: 'small things', mine: 'as they were changed here', theirs: 'otherwise' },
    ]);
  });

  test('of pantries, evenings and comparisons by what a cook calls it', () => {
    const pantries = bodiesApart({ ...EMPTY_PANTRY, have: ['wheat-flour'] }, EMPTY_PANTRY, pantrySaid, say);
    expect(pantries).toEqual([{ what: 'Plain wheat flour, in the house', mine: 'yes', theirs: 'not there' }]);
    const evenings = bodiesApart(
      { ...EMPTY_EVENING, name: 'Friday' },
      { ...EMPTY_EVENING, name: 'Monday' },
      eveningSaid,
      say,
    );
    expect(evenings).toEqual([{ what: 'Its name', mine: '“Friday”', theirs: '“Monday”' }]);
    const notes = { name: 'Flours', tasters: ['Ines'], tastings: [], note: '' };
    expect(bodiesApart(notes, { ...notes, tasters: ['Ines', 'Tobi'] }, experimentSaid, say)).toEqual([
      { what: 'Who tastes', mine: 'Ines', theirs: 'Ines and Tobi' },
    ]);
  });
});
