import { plain } from '../units/index.js';
import { GENERAL_CAUTIONS, safeMinimum } from './index.js';

test('the cautions that always hold name the published minima, a source each, and what they stand behind', () => {
  const [centres] = GENERAL_CAUTIONS;
  const said = plain(centres.text);
  // USDA FSIS, safe minimum internal temperature chart (from memory): 165, 160, 145 °F.
  for (const fahrenheit of [165, 160, 145]) expect(said).toContain(`${Math.round((fahrenheit - 32) / 1.8)} °C`);
  expect(safeMinimum('whole-meat')!.restMin).toBe(3);
  for (const { source, text } of GENERAL_CAUTIONS) {
    expect(source).toMatch(/memory|no source/);
    expect(plain(text).length).toBeGreaterThan(60);
  }
});
