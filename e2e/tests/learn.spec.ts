import type { Browser, Page } from '@playwright/test';
import { barriers } from './barriers';
import { expect, onBench, openBench, test } from './begin';

/** The first visit's steps, the lessons, and the words of the craft. */

const steps = (page: Page) => page.getByRole('region', { name: 'First steps' });
const newcomer = async (browser: Browser, server: string): Promise<Page> => {
  const context = await browser.newContext({
    baseURL: server,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  return context.newPage();
};

test('a newcomer takes four steps that end on a dish of their own; they come again when they are wanted', async ({
  browser,
  server,
}) => {
  const page = await newcomer(browser, server);
  await page.goto('/');
  await expect(steps(page)).toContainText('1 of 4: Say what you fry.');
  // Elsewhere it holds nobody up.
  await page.goto('/pantry');
  await expect(page.getByRole('heading', { name: 'Pantry', level: 1 })).toBeVisible();
  await expect(steps(page)).toHaveCount(0);
  await page.goto('/');
  await page.getByLabel('I fry', { exact: true }).fill('3 leeks in 2 cm pieces');
  await page.getByLabel('in', { exact: true }).fill('beer batter');
  await page.getByRole('button', { name: 'Show me the air version' }).click();
  await onBench(page);
  await expect(steps(page)).toContainText('2 of 4: Read the answer.');
  expect(await barriers(page, 'section[aria-label="First steps"]')).toEqual([]);
  await page.getByRole('button', { name: 'Next' }).click();
  await expect(steps(page)).toContainText('3 of 4: See why.');
  await page.reload();
  await expect(steps(page)).toContainText('3 of 4: See why.');
  await page.getByRole('button', { name: 'Next' }).focus();
  await page.keyboard.press('Enter');
  await expect(steps(page)).toContainText('4 of 4: Set it out and cook it.');
  await expect(page.getByLabel('Name of the dish')).toHaveValue(/leek/i);
  await page.getByRole('button', { name: 'Go on alone' }).click();
  await expect(steps(page)).toHaveCount(0);
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Show me the air version' })).toBeVisible();
  await expect(steps(page)).toHaveCount(0);
  await page.goto('/learn');
  await page.getByRole('link', { name: 'Take the first steps again' }).click();
  await expect(steps(page)).toContainText('1 of 4');
  await page.getByRole('button', { name: 'I know my way' }).click();
  await expect(steps(page)).toHaveCount(0);
  await page.context().close();
});

test('from a reason to its lesson, which is played with by keys alone', async ({ page }) => {
  await openBench(page, 'Oyster mushrooms', 'beer batter');
  await page.getByRole('button', { name: /^Use: As you fry/ }).click();
  await page.getByRole('link', { name: 'Learn why a wet batter runs' }).first().click();
  await expect(page.getByRole('heading', { name: 'Why a wet batter fails in air' })).toBeFocused();
  const said = page.getByRole('list', { name: 'What comes of it' });
  await expect(said).toContainText(/runs: [5-9]\d % of it is gone/);
  const liquid = page.getByRole('slider', { name: 'Beer to 100 g of flour' });
  await liquid.focus();
  await page.keyboard.press('Home');
  await expect(liquid).toHaveAttribute('aria-valuetext', /^80\sg$/);
  await expect(said).toContainText('So thick that it hardly moves');
  await page.getByRole('radio', { name: 'nothing' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(said).toContainText('Crumbs lie over it now');
  const through = page.getByRole('slider', { name: 'Through the cook' });
  await through.focus();
  await page.keyboard.press('End');
  await expect(
    page.getByRole('img', { name: /^In the air: Oyster mushrooms after 14:00, centre \d+ °C/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: /switch to cups/ }).click();
  await expect(said).toContainText('167 °F');
});

test('words of the craft are explained where they stand, and on their page', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('in', { exact: true }).fill('½ cup flour, 2 eggs, 1½ cups panko');
  const word = page.getByRole('button', { name: 'binder (what it means)' });
  await word.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('The wet layer that glues')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText('The wet layer that glues')).toBeHidden();
  await page.goto('/learn/words');
  await expect(page.getByRole('term').filter({ hasText: 'foot of the coat' })).toBeVisible();
  await page.getByRole('link', { name: 'What the dust of flour does' }).click();
  await expect(page.getByRole('heading', { name: 'What the dust of flour does' })).toBeVisible();
});

for (const theme of ['light', 'dark'] as const)
  test(`pages to learn from have no barriers that can be measured (${theme}), and are no wider than a phone`, async ({
    page,
  }) => {
    test.slow();
    await page.emulateMedia({ colorScheme: theme, reducedMotion: 'reduce' });
    await page.setViewportSize({ width: 390, height: 844 });
    for (const at of ['', '/words', '/cautions', '/wet-batter', '/basket', '/resting', '/golden-window']) {
      await page.goto(`/learn${at}`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      if (await page.getByRole('region', { name: 'Play with it' }).count())
        await expect(page.getByRole('list', { name: 'What comes of it' }).getByRole('listitem').first()).toBeVisible();
      expect([at, await barriers(page)]).toEqual([at, []]);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    }
  });
