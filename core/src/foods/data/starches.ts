import { dry } from '../build.js';

const STARCH_ROLES = ['dust', 'thickener', 'finish'] as const;

/** Starches. Cup weights and swelling: common practice, no source; browning against coarse wheat crumbs. */
export const STARCHES = [
  dry(
    'corn-starch',
    'Corn starch',
    'starch',
    STARCH_ROLES,
    [8.3, 0.3, 0.1, 90.4, 0.9, 0.1],
    { grain: 'starch', bulkKgM3: 600, structure: 0.72, browning: 0.25, swellingGG: 0.35, thickens: 0 },
    { taste: 'starch', uses: { dust: 4, starch: 2 }, cupG: 120, densityKgM3: 1500 },
  ),
  dry(
    'potato-starch',
    'Potato starch',
    'starch',
    STARCH_ROLES,
    [16.0, 0.1, 0.1, 83.4, 0.1, 0.3],
    { grain: 'starch', bulkKgM3: 650, structure: 0.8, browning: 0.25, swellingGG: 0.4, thickens: 0 },
    { taste: 'starch', uses: { dust: 5, starch: 1 }, cupG: 160, densityKgM3: 1500 },
  ),
  dry(
    'tapioca-starch',
    'Tapioca starch',
    'starch',
    STARCH_ROLES,
    [11.0, 0.2, 0.0, 87.7, 0.9, 0.2],
    { grain: 'starch', bulkKgM3: 600, structure: 0.72, browning: 0.25, swellingGG: 0.35, thickens: 0 },
    { taste: 'starch', uses: { starch: 3 }, cupG: 120, densityKgM3: 1500 },
  ),
  dry(
    'wheat-starch',
    'Wheat starch',
    'starch',
    STARCH_ROLES,
    [12.0, 0.4, 0.1, 86.8, 0.4, 0.3],
    { grain: 'starch', bulkKgM3: 600, structure: 0.65, browning: 0.28, swellingGG: 0.4, thickens: 0 },
    { taste: 'wheat', cupG: 128, allergens: ['wheat'], densityKgM3: 1500, common: false },
  ),
  dry(
    'arrowroot',
    'Arrowroot',
    'starch',
    STARCH_ROLES,
    [11.4, 0.3, 0.1, 84.8, 3.4, 0.1],
    { grain: 'starch', bulkKgM3: 600, structure: 0.7, browning: 0.25, swellingGG: 0.35, thickens: 0 },
    { taste: 'starch', cupG: 128, densityKgM3: 1500, common: false },
  ),
];
