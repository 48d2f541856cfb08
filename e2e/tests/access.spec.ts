import type { Page } from '@playwright/test';
import { barriers } from './barriers';
import { expect, onBench, openBench, searched, test } from './begin';

/** In the dark theme colour alone, since nothing else differs from the light one. */
const check = async (page: Page, theme: Look['theme'], part = 'body'): Promise<void> =>
  expect(await barriers(page, part, theme === 'dark')).toEqual([]);

interface Look {
  theme: 'light' | 'dark';
  what: string;
  boards: readonly string[];
  pages: readonly string[];
  /** Home and the bench as a whole, not the boards alone. */
  whole: boolean;
}

/** Everything in the light theme; in the dark one, what is drawn and one form stand for the rest. */
const LOOKS: readonly Look[] = [
  { theme: 'light', what: 'home and bench', boards: ['Air versions', 'Bowls', 'Basket'], pages: [], whole: true },
  {
    theme: 'light',
    what: 'the other boards',
    boards: ['Water', 'Oil', 'Schools', 'Kept versions', 'Who eats, how hot'],
    pages: [],
    whole: false,
  },
  { theme: 'light', what: 'the other pages', boards: [], pages: ['Pantry', 'Kitchen', 'Evening'], whole: false },
  {
    theme: 'dark',
    what: 'home, bench and pages',
    boards: ['Basket', 'Water'],
    pages: ['Kitchen', 'Evening'],
    whole: true,
  },
];

for (const { theme, what, boards, pages, whole } of LOOKS) {
  test(`${what}: no barriers that can be measured (${theme})`, async ({ page }) => {
    // Axe walks the whole page for each of them.
    test.slow();
    await page.emulateMedia({ colorScheme: theme, reducedMotion: 'reduce' });
    for (const place of pages) {
      await page.goto(`/${place.toLowerCase()}`);
      await expect(page.getByRole('heading', { name: new RegExp(`^${place}s?$`), level: 1 })).toBeAttached();
      await check(page, theme);
    }
    if (boards.length === 0) {
      await page.goto('/recipe');
      await check(page, theme);
      await page.getByRole('button', { name: 'Put in an example' }).click();
      await page.getByRole('button', { name: 'Read it' }).click();
      await page.getByRole('button', { name: /^1 tbsp sesame seeds/ }).click();
      await check(page, theme);
      return;
    }
    await page.goto('/');
    await expect(page.getByRole('button', { name: 'Show me the air version' })).toBeVisible();
    if (whole) await check(page, theme);
    await openBench(page, 'Oyster mushrooms', 'beer batter');
    await page.getByRole('button', { name: 'In the air', exact: true }).click();
    if (whole) await check(page, theme);
    for (const board of boards) {
      await page.getByRole('tab', { name: board, exact: true }).click();
      await expect(page.getByRole('tabpanel', { name: board })).toBeVisible();
      // What a board is pulled up over has been looked at.
      await check(page, theme, 'section[aria-label="Shelf"]');
    }
  });
}

test('nothing is wider than a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const width = () => page.evaluate(() => document.documentElement.scrollWidth);
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Show me the air version' })).toBeVisible();
  expect(await width()).toBeLessThanOrEqual(390);
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  expect(await width()).toBeLessThanOrEqual(390);
  for (const place of ['Pantry', 'Kitchen', 'Evening']) {
    await page.goto(`/${place.toLowerCase()}`);
    await expect(page.getByRole('heading', { name: new RegExp(`^${place}s?$`), level: 1 })).toBeAttached();
    expect(await width()).toBeLessThanOrEqual(390);
  }
});

test('on a phone a board is pulled up over the bench, in sight and no wider', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openBench(page, 'Pork loin', 'flour, egg and coarse crumbs');
  for (const [board, said] of [
    ['Water', 'Good as it is'],
    ['Oil', 'Used, for all'],
  ]) {
    await page.getByRole('tab', { name: board, exact: true }).click();
    const panel = page.getByRole('tabpanel', { name: board });
    await expect(panel).toBeInViewport({ ratio: 0.9 });
    await expect(panel).toContainText(said);
    await expect(panel.getByRole('row').nth(1)).toBeVisible();
    expect(await panel.evaluate((el) => el.scrollWidth - el.clientWidth)).toBeLessThanOrEqual(0);
  }
  await page.getByRole('tab', { name: 'Oil', exact: true }).click();
  await expect(page.getByRole('figure').first()).toBeInViewport();
});

test('by keyboard alone: from the sentence to another coat', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Minutes in the oil').focus();
  await page.keyboard.press('ArrowUp');
  await page.getByRole('button', { name: 'Show me the air version' }).focus();
  await page.keyboard.press('Enter');
  await onBench(page);
  await searched(page);
  await page.getByRole('tab', { name: 'Air versions' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('tab', { name: 'Water' })).toBeFocused();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('tabpanel', { name: 'Air versions' })).toBeVisible();
  const use = page.getByRole('button', { name: /^Use: (?!As you fry)/ }).first();
  const name = ((await use.getAttribute('aria-label')) ?? '').replace('Use: ', '');
  await use.focus();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: `In use: ${name}` })).toBeVisible();
});
