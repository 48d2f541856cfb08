import AxeBuilder from '@axe-core/playwright';
import type { Locator, Page } from '@playwright/test';
import { expect, saved, test } from './begin';
import { convertedDish, layer } from './dishes';
import { misnamed } from './names';

const BREADED = [layer(['wheat-flour', 60]), layer(['egg', 50]), layer(['coarse-crumbs', 60])];
const CHICKPEA = [layer(['chickpea-flour', 120], ['water', 150]), layer(['cornmeal', 60])];
const aDish = (page: Page, name: string, foodId: string, layers: object[], fryer: string, count = 12) =>
  convertedDish(page, { name, foodId, layers, fryer, count });

/** An evening of its own with three dishes, for 19:00 of a day that is far off. */
async function threeDishes(page: Page, mark: string): Promise<string[]> {
  const names = [`Okra ${mark}`, `Halloumi ${mark}`, `Chicken ${mark}`];
  await aDish(page, names[0], 'okra', CHICKPEA, 'Galley');
  await aDish(page, names[1], 'halloumi', BREADED, 'Loft');
  await aDish(page, names[2], 'chicken-breast', BREADED, 'Loft', 6);
  await page.goto('/evening');
  await page.getByRole('button', { name: 'Plan an evening' }).click();
  await expect(page.getByText('Choose the dishes of the evening')).toBeVisible();
  await page.getByLabel('Eaten').fill('2031-11-27T19:00');
  const choose = page.getByRole('region', { name: 'Dishes to choose from' });
  for (const name of names) await choose.getByRole('checkbox', { name }).check();
  await planned(page);
  return names;
}

const headline = (page: Page): Locator => page.getByText(/^Begin at \d\d:\d\d, eat at \d\d:\d\d$/);

async function planned(page: Page): Promise<void> {
  await saved(page);
  await expect(page.locator('[aria-busy="false"]').filter({ has: headline(page) })).toBeVisible({ timeout: 30_000 });
}

const beginsAt = async (page: Page): Promise<number> => {
  const [, hours, minutes] = /Begin at (\d\d):(\d\d)/.exec((await headline(page).textContent())!)!;
  return Number(hours) * 60 + Number(minutes);
};

/** No barriers that can be measured, as it stands. */
async function open(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
    .analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes[0].target.join(' ')}`)).toEqual([]);
  expect(await misnamed(page)).toEqual([]);
}

const lanes = (page: Page): Locator => page.getByRole('group', { name: /^Lanes of the evening/ });
const block = (page: Page, name: RegExp): Locator => lanes(page).getByRole('button', { name }).first();

test('three dishes for seven: planned, a guest with an allergy first, a second pair of hands, one made ahead', async ({
  page,
}) => {
  const [okra, , chicken] = await threeDishes(page, 'for seven');
  await expect(headline(page)).toHaveText(/eat at 19:00$/);

  const guests = page.getByRole('region', { name: 'Who does not eat everything' });
  await guests.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(guests.getByRole('alert')).toContainText('Name: enter 1 to 80 letters');
  await guests.getByLabel('Name of a guest').fill('Mara');
  await guests.getByRole('button', { name: 'Add', exact: true }).click();
  await guests.getByLabel('No egg').check();
  await planned(page);
  await page.getByRole('tab', { name: 'Order and bowls' }).click();
  const order = page.getByRole('region', { name: 'In this order' });
  await expect(order.getByRole('heading', { level: 4 }).first()).toContainText(okra);
  await expect(order).toContainText('it is for Mara');
  const alone = await beginsAt(page);

  await page.getByRole('textbox', { name: 'One pair of hands more' }).fill('Tobi');
  await page.getByRole('region', { name: 'Pairs of hands' }).getByRole('button', { name: 'Add', exact: true }).click();
  await planned(page);
  await expect(page.getByText(/Work: .* for You, .* for Tobi/)).toBeVisible();
  expect(await beginsAt(page)).toBeGreaterThan(alone);

  await page.getByLabel(`How ${chicken} is cooked this evening`).click();
  const frozen = page.getByRole('listitem').filter({ has: page.getByRole('checkbox', { name: chicken }) });
  await frozen.getByLabel('coated and frozen the day before').check();
  await planned(page);
  const ahead = page.getByRole('region', { name: 'Ahead of the evening' });
  await expect(ahead).toContainText(/Wednesday \d\d:\d\d Cut 6 pieces of chicken/);
  await expect(ahead).toContainText('Bag the frozen pieces');
  await page.getByRole('tab', { name: 'Buy' }).click();
  await expect(page.getByRole('tabpanel')).toContainText('Butcher and fish');
  await page.getByRole('tab', { name: 'At the table' }).click();
  await expect(page.getByRole('row', { name: new RegExp(okra) }).first()).toContainText(/(hot|lukewarm) inside/);
  await open(page);

  await page.getByRole('checkbox', { name: okra }).uncheck();
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing here is for Mara' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await planned(page);
  await expect(page.getByRole('checkbox', { name: okra })).toBeChecked();
  await page.reload();
  await planned(page);
  await expect(ahead).toBeVisible();
});

test('a task is carried and the rest gives way; where it cannot be it says why; it is pinned, let go, and undone', async ({
  page,
}) => {
  const [okra] = await threeDishes(page, 'to move');
  const cut = (): Locator => block(page, new RegExp(`${okra}: Cut 12 pieces`));
  const before = await cut().getAttribute('aria-label');
  const start = await beginsAt(page);
  await cut().focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await planned(page);
  await expect(cut()).not.toHaveAttribute('aria-label', before!);
  await expect(page.getByRole('button', { name: 'Let it go' })).toBeVisible();
  expect(await beginsAt(page)).toBeLessThanOrEqual(start);
  const pinnedAt = await cut().getAttribute('aria-label');

  // Over to the right, far beyond its coat.
  const box = (await cut().boundingBox())!;
  const all = (await lanes(page).boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(all.x + all.width * 0.85, box.y + 10, { steps: 5 });
  await page.mouse.up();
  const task = page.getByRole('region', { name: 'The task' });
  await expect(task.getByRole('alert')).toContainText(
    /It cannot stand there: The coating of Okra to move has to begin \d+ minutes? before/,
  );
  await planned(page);
  await expect(cut()).toHaveAttribute('aria-label', pinnedAt!);

  await page.getByRole('button', { name: 'Let it go' }).click();
  await planned(page);
  await expect(page.getByRole('button', { name: 'Pin it here' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await planned(page);
  await expect(cut()).toHaveAttribute('aria-label', pinnedAt!);
});

test('the sheet prints on one page; calendar and text are taken away; the phone has one list by time', async ({
  page,
}) => {
  const [okra] = await threeDishes(page, 'to print');
  const [calendar] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Calendar' }).click(),
  ]);
  expect(calendar.suggestedFilename()).toMatch(/\.ics$/);
  await page.getByRole('link', { name: 'Sheet' }).click();
  const sheet = page.getByRole('article', { name: /^Sheet of / });
  await expect(sheet).toContainText('on the table at 19:00', { timeout: 30_000 });
  await expect(sheet).toContainText('Serve Chicken to print');
  await open(page);
  for (const paper of ['A5', 'Letter', 'A4']) {
    await page.getByLabel('Paper').selectOption(paper);
    const over = await sheet.evaluate((e) => [e.scrollHeight - e.clientHeight, e.scrollWidth - e.clientWidth]);
    expect(Math.max(...over)).toBeLessThanOrEqual(1);
    const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('link', { name: 'Back to the evening' }).click();
  await planned(page);
  await expect(lanes(page)).toBeHidden();
  const first = page.getByRole('tabpanel').getByRole('listitem').filter({ hasText: okra }).first();
  await first.getByRole('button').click();
  await expect(first).toContainText('Why:');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('an evening that is too soon says when it can be and what would help; what is proposed is taken', async ({
  browser,
  server,
}) => {
  // A window of its own: a clock that was set stays so, and tells nothing of what a page has loaded.
  const own = await browser.newContext({ serviceWorkers: 'block', baseURL: server });
  const page = await own.newPage();
  await page.goto('/');
  await threeDishes(page, 'too soon');
  await page.clock.setFixedTime(new Date('2031-11-27T18:40:00'));
  await page.reload();
  const not = page.getByRole('alert').filter({ hasText: /^Not before \d\d:\d\d/ });
  await expect(not).toContainText(/brings it to|Eat at/, { timeout: 30_000 });
  const [, when] = /^Not before (\d\d:\d\d)/.exec((await not.textContent())!)!;
  await expect(headline(page)).toHaveText(new RegExp(`eat at ${when}$`));
  await not.getByRole('button', { name: new RegExp(`^Eat (then|at ${when})$`) }).click();
  await planned(page);
  await expect(not).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: 'Eaten' })).toHaveValue(`2031-11-27T${when}`);
  await own.close();
});

test('evenings are kept, cooked, planned again for another day, put aside and brought back', async ({ page }) => {
  await page.goto('/evening');
  await page.getByRole('button', { name: 'Plan an evening' }).click();
  const name = page.getByLabel('Name of the evening');
  await name.fill('A long name for a long night on Harrow Skerry');
  await name.press('Enter');
  await saved(page);
  await page.getByLabel('It has been cooked').check();
  await saved(page);
  await page.getByRole('link', { name: 'Evening', exact: true }).click();
  const done = page.getByRole('region', { name: 'Cooked' }).getByRole('listitem').filter({ hasText: 'Harrow Skerry' });
  await done.getByRole('button', { name: 'On another day' }).click();
  await expect(page.getByLabel('It has been cooked')).not.toBeChecked();
  await page.getByRole('link', { name: 'Evening', exact: true }).click();
  const again = page
    .getByRole('region', { name: 'Planned' })
    .getByRole('listitem')
    .filter({ hasText: 'Harrow Skerry' });
  await again.getByRole('button', { name: /^Put aside: / }).click();
  await expect(again).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring back' }).click();
  await expect(again).toHaveCount(1);
});
