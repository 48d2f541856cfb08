import { exampleConversion, EMPTY_PANTRY, type Chosen } from '@yellowmist/contract';
import { layerOf, PLAIN_AIR, type Limits } from '@yellowmist/core';
import { searchOf } from '../../state/pantryDocument';
import { mayStay, stillOpened, type OnBench } from './stays';

const { limits, ...example } = exampleConversion();
const chosen: Chosen = {
  family: 'batter-under-crumbs',
  by: 'search',
  plan: {
    layers: [layerOf(['wheat-flour', 100], ['beer', 120]), layerOf(['coarse-crumbs', 60])],
    restMin: 5,
    oilGm2: 10,
    second: null,
    settings: { ...PLAIN_AIR, tempC: 190, minutes: 10, preheated: false, turnAtMin: null, under: 'basket' },
  },
};
const stays = (more: Partial<Limits> = {}, never: string[] = []): boolean =>
  mayStay(searchOf({ ...example, limits: { ...limits, ...more } }, { ...EMPTY_PANTRY, version: 1, never }), chosen);

describe('a version that was found before', () => {
  test('stands while it is searched anew', () => expect(stays()).toBe(true));

  test.each([
    ['beer is never used here', {}, ['beer']],
    ['nobody eats gluten', { diets: ['gluten-free'] }, []],
    ['the dish goes without flour', { without: ['wheat-flour'] }, []],
    ['somebody must not have wheat', { avoidAllergens: ['wheat'] }, []],
  ] as [string, Partial<Limits>, string[]][])('gives way where %s', (_, more, never) =>
    expect(stays(more, never)).toBe(false),
  );

  test('stands where something else is never used', () => expect(stays({}, ['cider'])).toBe(true));
});

describe('the version that a dish was opened with', () => {
  const lying: OnBench = { chosen, openedWith: chosen, shown: true, changed: false };

  test('is that also where the kitchen asks anew while something is shown', () =>
    expect(stillOpened(lying)).toBe(chosen));

  test.each<[string, Partial<OnBench>]>([
    ['the cook has changed the dish', { changed: true }],
    ['the search has laid another there', { chosen: { ...chosen } }],
    ['the dish was opened without one', { openedWith: null }],
  ])('is none where %s', (_, but) => expect(stillOpened({ ...lying, ...but })).toBeNull());

  test('is what lies there while nothing is shown, also where it was changed before the page was left', () =>
    expect(stillOpened({ ...lying, shown: false, changed: true, openedWith: null })).toBe(chosen));
});
