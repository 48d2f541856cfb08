import type { Page } from '@playwright/test';
import { layerOf, PLAIN_AIR } from '@yellowmist/core';
import { expect } from './begin';

/** Dishes that have been converted: how that is done is for other journeys. */

export const layer = layerOf;

/** A drawer fryer of that name. */
export const drawer = (name: string) => ({
  name,
  kind: 'drawer',
  basket: { kind: 'round', diameterMm: 220 },
  racks: 1,
  minTempC: 80,
  maxTempC: 200,
  stepC: 5,
  airFactor: 1,
  offsetC: 0,
});

export interface Makes {
  name: string;
  foodId: string;
  layers: object[];
  fryer: string;
  /** Its fryer is simulated, with ways of its own. */
  practice?: true;
  count?: number;
  thicknessMm?: number;
  restMin?: number;
  minutes?: number;
  /** Address of another server than the journeys' own. */
  at?: string;
}

/** A dish with an air version, made without a search. @returns its id */
export async function convertedDish(
  page: Page,
  { name, foodId, layers, fryer, practice, count = 12, thicknessMm = 12, restMin = 7, minutes = 13, at = '' }: Makes,
): Promise<string> {
  const body = {
    name,
    note: '',
    dish: {
      foodId,
      shape: { kind: 'slab', lengthMm: 60, widthMm: 40, thicknessMm },
      count,
      startC: 6,
      skin: 'damp',
      preparation: 'raw',
    },
    fried: { layers, medium: 'deep-oil', oilId: 'rapeseed-oil', tempC: 175, minutes: 4 },
    fryer: { ...drawer(fryer), practice },
    limits: { diets: [], avoidAllergens: [], without: [], maxTempC: 200, maxMinutes: 30, preheat: true },
    chosen: {
      family: 'own',
      by: 'cook',
      plan: {
        layers,
        restMin,
        oilGm2: 18,
        second: null,
        settings: { ...PLAIN_AIR, tempC: 190, minutes, preheated: true, turnAtMin: 6, under: 'basket' },
      },
    },
    versions: [],
  };
  const answer = await page.request.post(`${at}/api/conversions`, { data: body });
  expect(answer.status()).toBe(201);
  return ((await answer.json()) as { id: string }).id;
}

/** A breaded dish of leeks on another server than the journeys' own. @returns its id */
export const leeksAt = (page: Page, at: string, name: string): Promise<string> =>
  convertedDish(page, {
    name,
    foodId: 'leek',
    layers: [layer(['wheat-flour', 60]), layer(['egg', 50]), layer(['coarse-crumbs', 60])],
    fryer: 'Galley of the loft',
    at,
  });
