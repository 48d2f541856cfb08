import type { Page } from '@playwright/test';
import { begin, calledBy, expect, inUse, openBench, openCut, searched, test, versions } from './begin';
import { convertedDish, layer } from './dishes';

const why = (page: Page) => page.getByRole('region', { name: 'Why' });
const changes = (page: Page) => page.getByRole('region', { name: 'Changes to your coat' });

test('the answer is told as changes to the own coat, each with what it buys, before any verdict', async ({ page }) => {
  await openBench(page, 'White fish fillet', 'beer batter');
  await expect(changes(page).getByRole('heading')).toHaveText(/^(One|Two|Three|Four|Five) changes? to your coat/);
  const list = changes(page).getByRole('listitem');
  await expect(list.first()).toBeVisible();
  expect(await list.count()).toBeLessThanOrEqual(5);
  await expect(changes(page)).toContainText(/Press coarse crumbs on, over the wet/);
  await expect(changes(page)).toContainText(/Without it this does not come right/);
  const headings = await why(page).getByRole('heading').allTextContents();
  expect(headings[0]).toMatch(/changes? to your coat/);
  // Taken away by hand it is told no more.
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await page
    .getByRole('button', { name: /^Remove Coarse crumbs/ })
    .first()
    .click();
  await expect(changes(page)).not.toContainText(/Press coarse crumbs on/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(changes(page)).toContainText(/Press coarse crumbs on/);
});

test('lace is left to the pot, with the reason, and the nearest is there all the same', async ({ page }) => {
  await openBench(page, 'Prawns, peeled', 'thin, cold batter of flour, egg and water');
  const keep = page.getByRole('region', { name: 'Keep the pot' });
  await expect(keep.getByRole('heading')).toHaveText('Keep the pot for this one');
  await expect(keep).toContainText(/lace/);
  await expect(keep).toContainText(/The nearest in air: prawns in/);
  await expect(inUse(page)).toBeVisible();
  await page.getByRole('tab', { name: 'Steps' }).click();
  await expect(page.getByText(/^Cook at \d+.°C for \d+ minutes/)).toBeVisible();
});

test('what lies on the bench stays from the moment it is touched', async ({ page }) => {
  await begin(page, 'Mozzarella, firm', 'flour, egg and fine crumbs');
  // A hand on the bench: from now on nothing changes by itself.
  await why(page).click();
  const before = await calledBy(inUse(page));
  const again = page.getByRole('button', { name: /^(Search again|Try again)$/ });
  if (await again.isVisible()) await again.click();
  await searched(page);
  expect(await calledBy(inUse(page))).toBe(before);
});

test('what was found for a dish before is in use until the cook takes a better one, with one key', async ({ page }) => {
  const layers = [layer(['wheat-flour', 60]), layer(['egg', 50]), layer(['coarse-crumbs', 60])];
  const id = await convertedDish(page, {
    name: 'Found before',
    foodId: 'leek',
    layers,
    fryer: 'Near the sink',
    minutes: 8,
  });
  const at = `/api/conversions/${id}`;
  await page.goto(`/dish/${id}`);
  await searched(page);
  const answer = async () => (await (await page.request.get(`${at}/answer`)).json()) as { found: object | null };
  await expect.poll(async () => (await answer()).found).not.toBeNull();
  // A version and a search of before an update of the application: it is searched anew, and comes out elsewhere.
  await page.goto('/learn');
  const found = { ...(await answer()).found, model: 'older' };
  expect((await page.request.put(`${at}/answer`, { data: found })).ok()).toBe(true);
  const { id: _, format: __, createdAt: ___, updatedAt: ____, ...body } = await (await page.request.get(at)).json();
  const chosen = { ...body.chosen, family: 'kept-finish', by: 'search' };
  expect((await page.request.put(at, { data: { ...body, chosen } })).ok()).toBe(true);
  await page.goto(`/dish/${id}`);
  await expect(page.getByText('190 °C, 8 min').first()).toBeVisible();
  await searched(page);
  expect(await calledBy(inUse(page))).toBe('Your own coat, hotter');
  await expect(inUse(page)).toContainText('190 °C, 8 min');
  await expect(page.getByRole('status').filter({ hasText: /^A better one is found: Your own coat/ })).toBeAttached();
  const { chosen: stays } = await (await page.request.get(at)).json();
  expect(stays.plan.settings).toMatchObject({ tempC: 190, minutes: 8 });
  await page.keyboard.press('b');
  await expect(inUse(page)).not.toContainText('190 °C, 8 min');
  expect(await calledBy(inUse(page))).toBe('Your own coat');
});

test('cheese in crumbs is frozen first and coated twice, and the steps say so', async ({ page }) => {
  await openBench(page, 'Mozzarella, firm', 'flour, egg and fine crumbs');
  await expect(changes(page)).toContainText(/Freeze the coated pieces hard/);
  await expect(changes(page)).toContainText(/Coat it a second time/);
  await page.getByRole('tab', { name: 'Steps' }).click();
  await expect(page.getByText(/^Freeze the coated pieces hard on a tray/)).toBeVisible();
});

test('what is bought frozen with its coat on gets heat, oil and minutes, and no bowls', async ({ page }) => {
  await openBench(page, 'White fish fillet', 'the crumbs they come in, frozen');
  await openCut(page);
  await page.getByText('Exact sizes, and what is rare').click();
  await expect(page.getByLabel('Comes frozen, with its coat on')).toBeChecked();
  await page.getByRole('tab', { name: 'Bowls' }).click();
  await expect(page.getByText(/^No bowls: the pieces come with their coat on/)).toBeVisible();
  await page.getByRole('tab', { name: 'Steps' }).click();
  await expect(page.getByText(/do not let them thaw/)).toBeVisible();
  await expect(versions(page)).toHaveCount(2);
});
