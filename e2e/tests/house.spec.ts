import { expect, openBench, saved, searched, test } from './begin';

const HALLOUMI = ['Halloumi', 'flour, egg and coarse crumbs'] as const;

test('the first page loads no bench; the bench loads a board when it is pulled up', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Show me the air version' })).toBeEnabled();
  const fetched = (ahead: boolean): Promise<string[]> =>
    page.evaluate((after) => {
      // A window that many journeys have used has no entry of its navigation at times; this it always has.
      const loadEventEnd = performance.timing.loadEventEnd - performance.timing.navigationStart;
      const all = performance.getEntriesByType('resource');
      return all.filter((r) => r.startTime > loadEventEnd === after).map((r) => r.name);
    }, ahead);
  await expect
    .poll(async () => (await fetched(false)).filter((name) => name.endsWith('.js')).length)
    .toBeGreaterThan(3);
  expect((await fetched(false)).join()).not.toMatch(/Bench|Board/);
  await expect.poll(async () => (await fetched(true)).join()).toMatch(/BenchPage/);
});

test('a dish that was searched before is opened without a search', async ({ page }) => {
  await openBench(page, ...HALLOUMI);
  await expect(page.getByRole('button', { name: /^In use: / })).toBeVisible();
  const simulated = await page
    .getByText(/cooks simulated for this dish/)
    .first()
    .textContent();
  const asked: string[] = [];
  page.on('request', (request) => asked.push(`${request.method()} ${new URL(request.url()).pathname}`));
  await page.reload();
  await searched(page);
  expect(
    await page
      .getByText(/cooks simulated for this dish/)
      .first()
      .textContent(),
  ).toBe(simulated);
  expect(asked.some((a) => /^GET .*\/answer$/.test(a))).toBe(true);
  // A search would have been kept anew.
  expect(asked.some((a) => /^PUT .*\/answer$/.test(a))).toBe(false);
});

test('every board has a key, the tenth and eleventh as well, and Escape closes it also after a tick', async ({
  page,
}) => {
  await openBench(page, ...HALLOUMI);
  const tabs = page.getByRole('tab');
  const keys = [...'1234567890', 'Minus'];
  for (const [k, key] of keys.entries()) {
    await page.keyboard.press(`Alt+${key}`);
    await expect(tabs.nth(k)).toHaveAttribute('aria-selected', 'true');
  }
  await page.getByLabel('Without egg').check();
  await page.keyboard.press('Escape');
  await expect(tabs.nth(10)).toHaveAttribute('aria-selected', 'false');
});

test('°F go by the fryer’s own steps, in its field and in all that is said', async ({ page }) => {
  await openBench(page, ...HALLOUMI);
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  const set = page.getByLabel('Set to', { exact: true });
  await page.getByRole('button', { name: /switch to cups/ }).click();
  const before = Number(await set.inputValue());
  expect(before % 5).toBe(0);
  await set.press('ArrowDown');
  await expect(set).toHaveValue(String(before - 5));
  await expect(page.getByRole('figure').nth(1)).toContainText(`${before - 5} °F`);
  await page.getByRole('tab', { name: 'Schools' }).click();
  const schools = page.getByRole('tabpanel', { name: 'Schools' });
  await expect(schools.getByText(/345.°F to 375.°F, and longer/)).toBeVisible();
  await expect(schools).not.toContainText('°C');
  await page.getByRole('button', { name: /switch to grams/ }).click();
});

test('minutes that leave chicken unsafe say so wherever they stand', async ({ page }) => {
  await openBench(page, 'Chicken breast', 'flour, egg and coarse crumbs');
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  await page.getByLabel('For', { exact: true }).fill('5');
  await page.getByLabel('Name of the dish').fill('Hasty chicken');
  await page.getByLabel('Name of the dish').press('Enter');
  await page.getByRole('tab', { name: 'Steps' }).click();
  const steps = page.getByRole('tabpanel', { name: 'Steps' });
  await expect(steps.getByRole('alert')).toContainText('Not safe in these minutes');
  await saved(page);
  await page.getByRole('link', { name: 'Yellowmist' }).click();
  const row = page.getByRole('listitem').filter({ hasText: 'Hasty chicken' });
  await expect(row.getByRole('alert')).toContainText('74 °C is the safe minimum');
  await page.getByRole('link', { name: 'Evening', exact: true }).click();
  await page.getByRole('button', { name: 'Plan an evening' }).click();
  await page.getByRole('checkbox', { name: /Hasty chicken/ }).check();
  await expect(page.getByRole('alert').filter({ hasText: 'not safe in these minutes' })).toBeVisible({
    timeout: 30_000,
  });
  await page.getByRole('tab', { name: 'Order and bowls' }).click();
  await expect(page.getByRole('region', { name: 'In this order' })).toContainText('Not safe in these minutes');
  await saved(page);
});

test('while the server is away nothing is lost: the bench says so, holds who leaves, and saves when it is back', async ({
  page,
}) => {
  await openBench(page, ...HALLOUMI);
  await page.route('**/api/**', (route) => route.abort());
  await page.getByLabel('Name of the dish').fill('Kept through the storm');
  await page.getByLabel('Name of the dish').press('Enter');
  await expect(page.getByText('Not saved, trying again')).toBeVisible();
  await page.getByRole('link', { name: 'Yellowmist' }).click();
  const leave = page.getByRole('alertdialog', { name: 'Leave without saving' });
  await leave.getByRole('button', { name: 'Stay' }).click();
  await expect(page.getByLabel('Name of the dish')).toHaveValue('Kept through the storm');
  await page.unroute('**/api/**');
  await page.getByRole('button', { name: 'Try now' }).click();
  await saved(page);
  await page.getByRole('link', { name: 'Yellowmist' }).click();
  await expect(page.getByRole('link', { name: 'Kept through the storm' }).last()).toBeVisible();
});

test('a dish saved from another window asks which one stays, and “keep mine” without a server is told', async ({
  page,
}) => {
  await openBench(page, ...HALLOUMI);
  const id = page.url().split('/').at(-1)!;
  const rename = async (name: string): Promise<void> => {
    await page.getByLabel('Name of the dish').fill(name);
    await page.getByLabel('Name of the dish').press('Enter');
  };
  await rename('First');
  await saved(page);
  const stored = await (await page.request.get(`/api/conversions/${id}`)).json();
  const { id: _, format: __, createdAt: ___, updatedAt: ____, ...body } = stored;
  await page.request.put(`/api/conversions/${id}`, { data: { ...body, name: 'From the other window' } });
  await rename('Mine');
  const question = page.getByRole('alert').filter({ hasText: 'saved from another window' });
  await expect(question).toBeVisible();
  await page.route('**/api/**', (route) => route.abort());
  await question.getByRole('button', { name: 'Keep mine' }).click();
  await expect(question).toContainText('The server cannot be reached');
  await page.unroute('**/api/**');
  await question.getByRole('button', { name: 'Keep mine' }).click();
  await saved(page);
  expect((await (await page.request.get(`/api/conversions/${id}`)).json()).name).toBe('Mine');
});

test('a dish that was put aside elsewhere is brought back with what lies on the bench', async ({ page }) => {
  await openBench(page, ...HALLOUMI);
  const id = page.url().split('/').at(-1)!;
  await page.request.delete(`/api/conversions/${id}`);
  await page.getByLabel('Name of the dish').fill('Back again');
  await page.getByLabel('Name of the dish').press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'put aside in another window' })).toBeVisible();
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await saved(page);
  expect((await (await page.request.get(`/api/conversions/${id}`)).json()).name).toBe('Back again');
});

test('changes of the kitchen made while the server is away stay, and are saved when it is back', async ({ page }) => {
  await page.goto('/kitchen');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.route('**/api/kitchen', (route) => route.abort());
  await page.getByLabel('Name of another fryer').fill('Storm lantern');
  await page.getByRole('button', { name: 'Add it' }).first().click();
  await expect(page.getByRole('heading', { name: /Storm lantern/ })).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('Your changes stay here');
  await page.unroute('**/api/kitchen');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('heading', { name: /Storm lantern/ })).toBeVisible();
  await page.getByRole('button', { name: 'Remove Storm lantern' }).click();
  await saved(page);
});
