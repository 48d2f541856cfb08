import { expect, type Page } from '@playwright/test';

/** Sends the sentence of the home view and waits for the first air version. */
export async function begin(page: Page, food: string, coat: string): Promise<void> {
  await page.goto('/');
  await page.getByLabel('Food', { exact: true }).selectOption({ label: food });
  await page.getByLabel('Coat', { exact: true }).selectOption({ label: coat });
  await page.getByRole('button', { name: 'Show me the air version' }).click();
  await expect(page.getByRole('button', { name: /^In use: / })).toBeVisible({ timeout: 30_000 });
}

/** Waits until the whole search is through. */
export const searched = (page: Page): Promise<void> =>
  expect(page.getByText('cooks simulated for this dish').first()).toBeVisible({ timeout: 30_000 });

export const saved = (page: Page): Promise<void> => expect(page.getByText('Saved', { exact: true })).toBeVisible();
