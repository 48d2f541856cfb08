import { fryMinutesIn, oilTempIn, potIn } from './pot.js';

/** Heat and minutes as recipes write them. How each is meant: common practice, no source; °F to °C: exact. */

test.each([
  ['Heat the oil to 180°C.', 180],
  ['Heat oil to 350°F.', 177],
  ['bring it to 350 degrees F', 177],
  ['oil at 350–375°F', 184],
  ['to 180C/350F', 180],
  ['Fry at 375 for 3 min', 191],
  ['Fry at 325', 163],
  ['heat the oil to 170', 170],
  ['Preheat the oven to 200°C to keep them warm.', null],
  ['until the inside registers 165 degrees F', null],
  ['Add 150 g flour.', null],
  ['Fry until golden.', null],
])('“%s” has the oil at %s °C', (sentence, tempC) => {
  expect(oilTempIn(sentence)).toBe(tempC);
});

test.each([
  ['Fry for 4 minutes until golden.', 4],
  ['Fry 2-3 minutes per side.', 5],
  ['cook 5 minutes each side', 10],
  ['Fry covered 10 minutes, flip and fry 10 more', 20],
  ['Fry 3 minutes, then flip and cook another 2 minutes', 5],
  ['fry for 90 seconds', 1.5],
  ['about 1½ minutes until golden', 1.5],
  ['Fry 4 min/side', 8],
  ['Marinate for 30 minutes.', null],
  ['Heat until a cube of bread browns in 30 seconds.', null],
  ['Let the coated pieces rest 10 minutes.', null],
  ['whisk the eggs in a second bowl and dip until golden', null],
])('“%s” is %s minutes in the oil', (sentence, minutes) => {
  expect(fryMinutesIn(sentence)).toBe(minutes);
});

test('a short sentence in a step that fries tells its minutes, and one that rests does not', () => {
  expect(fryMinutesIn('They need 2 mins.', true)).toBe(2);
  expect(fryMinutesIn('Rest 5 mins.', true)).toBeNull();
});

test.each([
  ['Heat 3 inches of oil in a Dutch oven.', 'deep-oil'],
  ['Deep-fry in batches.', 'deep-oil'],
  ['Heat 1 cm of oil in a large frying pan.', 'pan-oil'],
  ['Shallow fry on both sides.', 'pan-oil'],
  ['Toast the buns in a frying pan.', null],
])('“%s” is fried in %s', (text, medium) => {
  expect(potIn(text, true).said.medium).toBe(medium);
});

test('the fire under a pan says how hot the oil is, where no number does', () => {
  expect(potIn('Heat oil in a skillet over medium-high heat.', true).said.tempC).toBe(180);
  expect(potIn('Simmer the sauce over medium heat.', true).said.tempC).toBeNull();
});
