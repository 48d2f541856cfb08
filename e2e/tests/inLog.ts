import type { Page } from '@playwright/test';
import { convertedDish, layer } from './dishes';

/** What several journeys do and look at in the logbook. */

const COAT = [layer(['wheat-flour', 60], ['salt', 3]), layer(['egg', 50]), layer(['coarse-crumbs', 60])];

export const dishOf = (page: Page, name: string): Promise<string> =>
  convertedDish(page, {
    name,
    foodId: 'halloumi',
    layers: COAT,
    // A fryer that no other dish has taught anything.
    fryer: `Galley of ${name}`.slice(0, 40).trim(),
    count: 4,
    thicknessMm: 14,
    restMin: 1,
    minutes: 12,
  });

export const wrong = (page: Page) => page.getByRole('region', { name: 'What went wrong' });
export const form = (page: Page) => page.getByRole('form', { name: 'How it came out' });

/** A cook of a dish that is over, entered by the API. */
export async function cooked(page: Page, conversionId: string, seen?: object, at?: string): Promise<string> {
  const answer = await page.request.post('/api/cooks', {
    data: { conversionId, afterwards: { at, by: { what: 'plan' } } },
  });
  const { id } = (await answer.json()) as { id: string };
  if (seen) await page.request.put(`/api/cooks/${id}/seen`, { data: seen });
  return id;
}

/** A picture of a brown piece on a white plate in the light of a lamp, as PNG. */
export const photograph = async (page: Page): Promise<Buffer> => {
  const url = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 400;
    canvas.height = 200;
    const context = canvas.getContext('2d')!;
    const fill = (colour: string, x: number): void => {
      context.fillStyle = colour;
      context.fillRect(x, 0, 200, 200);
    };
    fill('rgb(186, 106, 37)', 0);
    fill('rgb(228, 200, 160)', 200);
    return canvas.toDataURL('image/png');
  });
  return Buffer.from(url.split(',')[1], 'base64');
};
