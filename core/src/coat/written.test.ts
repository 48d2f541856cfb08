import { KNOWN } from '../foods/index.js';
import { plain } from '../units/index.js';
import { bowlsFor } from './bowls.js';
import { buildCoat } from './build.js';
import { thickAs } from './thickAs.js';
import { againstRecipe } from './written.js';
import type { LayerSpec } from './types.js';

const layer = (of: Record<string, number>, pieces = 14): LayerSpec => {
  const portions = Object.entries(of).map(([ingredientId, grams]) => ({ ingredientId, grams }));
  return { portions, written: { portions, pieces } };
};
const AREA_M2 = 0.12;
const against = (specs: LayerSpec[], at: number, pieces = 14) => {
  const laid = buildCoat(KNOWN, specs, 'damp', 0.02);
  return againstRecipe(bowlsFor(laid, AREA_M2, pieces)[at], specs, laid, pieces);
};
const coat = (crumbs: number, flour = 60): LayerSpec[] => [
  layer({ 'wheat-flour': flour, salt: 3 }),
  layer({ egg: 100 }),
  layer({ 'coarse-crumbs': crumbs, salt: 4 }),
];

describe('a bowl against its recipe', () => {
  test('with too little it says for how many pieces it is enough, and what is missing', () => {
    const short = against(coat(35), 2)!;
    expect(short.word).toBe('too-little');
    expect(short.reachesPieces).toBeGreaterThan(0);
    expect(short.reachesPieces).toBeLessThan(14);
    expect(plain(short.text)).toMatch(/^Your recipe’s 35 g is enough for \d+ of 14 pieces: \d+ g more\.$/);
  });

  test('twice the crumbs reach more pieces; salt says nothing of how far it goes', () => {
    expect(against(coat(50), 2)!.reachesPieces).toBeGreaterThan(against(coat(35), 2)!.reachesPieces);
    expect(against(coat(50), 2)!.saysG).toBe(50);
  });

  test('far too much is said with what would be left over', () => {
    const much = against(coat(80, 400), 0)!;
    expect(much).toMatchObject({ word: 'far-too-much', reachesPieces: 14, saysG: 400 });
    expect(much.overG).toBeGreaterThan(100);
  });

  test('what fits is right, and a bowl of which no recipe speaks is not judged', () => {
    const [flour, egg, crumbs] = coat(80);
    const need = against([flour, egg, crumbs], 2)!.needsG;
    expect(against(coat(Math.ceil(need) + 5), 2)!.word).toBe('right');
    expect(against([{ portions: flour.portions }, egg, crumbs], 0)).toBeNull();
    expect(against([layer({ 'rice-flour': 60 }), egg, crumbs], 0)!.saysG).toBe(60);
  });

  test('a bowl that is visited twice has the recipe of both', () => {
    const twice = [layer({ 'wheat-flour': 60 }), layer({ egg: 50 }), layer({ 'wheat-flour': 60 }), layer({ egg: 50 })];
    expect(against(twice, 0)!.saysG).toBe(120);
  });
});

test.each([
  [0.1, 'thin as paper'],
  [0.4, 'thin as a fingernail'],
  [0.9, 'thick as card'],
  [1.7, 'thick as a coin'],
  [3, 'thick as two coins'],
  [5, 'thick as a pencil'],
])('a layer of %d mm is %s', (mm, word) => expect(thickAs(mm)).toBe(word));
