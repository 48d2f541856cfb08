import { LABEL, wet } from '../build.js';

const SAUCE = ['sauce', 'liquid'] as const;

/** What is brushed on or tossed over the cooked piece. Viscosities at 20 °C: common practice, no source. */
export const SAUCES = [
  wet(
    'tomato-ketchup',
    'Tomato ketchup',
    'sauce',
    SAUCE,
    [69.0, 1.2, 0.1, 26.2, 0.5, 3.0],
    { viscosityPaS: 2, yieldPa: 18 },
    { sugarG: 22, cupG: 273, densityKgM3: 1140, source: LABEL, allergens: ['celery'] },
  ),
  wet(
    'barbecue-sauce',
    'Smoky tomato sauce, sweet',
    'sauce',
    SAUCE,
    [58.0, 0.9, 0.4, 36.5, 1.0, 3.2],
    { viscosityPaS: 2.5, yieldPa: 16 },
    { sugarG: 33, cupG: 280, densityKgM3: 1180, source: LABEL, allergens: ['mustard', 'celery'] },
  ),
  wet(
    'sweet-chilli-sauce',
    'Sweet chilli sauce',
    'sauce',
    SAUCE,
    [50.0, 0.4, 0.2, 47.0, 0.4, 2.0],
    { viscosityPaS: 0.9, yieldPa: 2 },
    { sugarG: 45, cupG: 290, densityKgM3: 1210, source: LABEL },
  ),
  wet(
    'soy-honey-glaze',
    'Soy and honey glaze',
    'sauce',
    SAUCE,
    [42.0, 4.0, 0.2, 46.0, 0.3, 7.5],
    { viscosityPaS: 0.5, yieldPa: 0.5 },
    { sugarG: 44, cupG: 300, densityKgM3: 1240, source: LABEL, origin: 'honey', allergens: ['soy', 'wheat'] },
  ),
  wet(
    'chilli-butter-sauce',
    'Hot pepper sauce with butter',
    'sauce',
    SAUCE,
    [56.0, 0.7, 36.0, 2.2, 0.6, 4.5],
    { viscosityPaS: 0.08, yieldPa: 0.3 },
    { sugarG: 1, cupG: 235, densityKgM3: 985, source: LABEL, origin: 'milk', allergens: ['milk'] },
  ),
  wet(
    'tomato-sauce',
    'Tomato sauce, plain',
    'sauce',
    SAUCE,
    [90.0, 1.3, 0.5, 5.3, 1.4, 1.5],
    { viscosityPaS: 0.6, yieldPa: 5 },
    { sugarG: 4, cupG: 245, densityKgM3: 1040 },
  ),
];
