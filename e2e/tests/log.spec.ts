import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { parse } from 'csv-parse/sync';
import { expect, test } from './begin';
import { cooked, dishOf, form, photograph, wrong } from './inLog';

/** The logbook: how it came out, why, and the one thing to change. */

const planOf = async (page: Page, id: string): Promise<{ tempC: number; minutes: number }> =>
  (
    (await (await page.request.get(`/api/conversions/${id}`)).json()) as {
      chosen: { plan: { settings: { tempC: number; minutes: number } } };
    }
  ).chosen.plan.settings;

test('a failed cook is noted by keyboard, its cause read, the change taken, and cooked in rehearsal it is better', async ({
  page,
}) => {
  test.slow();
  const id = await dishOf(page, 'Fingers that came out dark');
  const before = await planOf(page, id);
  await page.goto('/log');
  await page.getByText('Note a cook').press('Enter');
  await page.getByLabel('Dish').selectOption({ label: 'Fingers that came out dark' });
  await page.getByRole('button', { name: 'Note how it came out' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Fingers that came out dark' })).toBeVisible();
  await expect(wrong(page)).toContainText('Note how it came out, and what went wrong is found here');
  // From the first answer on with the keys alone: space takes one, arrows go on, tab to the next question.
  await form(page).getByRole('radio', { name: 'A keeper' }).focus();
  for (let k = 0; k < 3; k++) await page.keyboard.press('ArrowRight');
  await expect(form(page).getByRole('radio', { name: 'Failed' })).toBeChecked();
  await page.keyboard.press('Tab');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(form(page).getByRole('radio', { name: 'On top: dark, 8 of 10' })).toBeChecked();
  await form(page).getByRole('radio', { name: 'Underneath: dark, 8 of 10' }).press('Space');
  await form(page).getByRole('group', { name: 'Coat gone' }).getByRole('radio', { name: 'none' }).press('Space');
  await form(page).getByText('What was done', { exact: true }).press('Enter');
  await form(page).getByRole('group', { name: 'Turned' }).getByRole('radio', { name: 'yes' }).press('Space');
  await form(page).getByLabel('In the fryer, min').fill('12');
  await form(page).getByLabel('Taste, in a line').fill('Bitter.');
  await expect(wrong(page)).toContainText('It was hotter in the fryer than its setting');
  await expect(wrong(page)).toContainText('The top was dark, as with this; by the plan, golden.');
  await wrong(page).getByRole('button', { name: 'Put it into the plan' }).press('Enter');
  await expect(wrong(page)).toContainText('It is in the plan now');
  const after = await planOf(page, id);
  expect(after.tempC).toBeLessThan(before.tempC);
  // What was noted is there when the page is opened anew.
  await page.reload();
  await expect(form(page).getByLabel('Taste, in a line')).toHaveValue('Bitter.');
  await expect(form(page).getByRole('radio', { name: 'Failed' })).toBeChecked();
  // A rehearsal in a fryer that runs hot: by the new plan it comes out golden.
  const answer = await page.request.post('/api/cooks', {
    data: { conversionId: id, rehearsal: { rate: 60, help: 'all', surprises: ['runs-hot'] } },
  });
  const rehearsal = (await answer.json()) as { id: string };
  await page.goto(`/cook/${rehearsal.id}`);
  const end = page.getByRole('region', { name: 'The end' });
  await expect(end).toContainText(/Came out (deep )?golden, as it was meant/, { timeout: 50_000 });
  await end.getByRole('link', { name: 'Note how it came out' }).click();
  await form(page).getByRole('radio', { name: 'On top: golden, 4 of 10' }).check();
  await form(page).getByRole('radio', { name: 'Good' }).check();
  await expect(wrong(page)).toContainText('it came out as it was meant');
});

test('where two causes look alike one question is asked, and its answer tells them apart', async ({ page }) => {
  const id = await dishOf(page, 'Fingers that stayed pale');
  const cook = await cooked(page, id, { colourTop: 'straw' });
  await page.goto(`/log/${cook}`);
  const question = wrong(page).getByRole('region', { name: 'What tells them apart' });
  await expect(question).toContainText('One question first');
  const asked = await question.getByRole('paragraph').first().textContent();
  const number = question.getByLabel('Answer');
  if (await number.count()) {
    await number.fill('9');
    await question.getByRole('button', { name: 'So it was' }).click();
  } else await question.getByRole('radio', { name: 'no' }).check();
  // What was asked is known now, is not asked again, and speaks for what it was.
  await expect(question.getByText(asked!)).toHaveCount(0);
  await expect(question).toHaveCount(0);
  await expect(wrong(page).getByRole('heading', { level: 3 })).toBeVisible();
  await expect(wrong(page)).toContainText(/(9|no)\b.*by the plan|as with this/);
});

test('after the next cook it is told whether the change has helped', async ({ page }) => {
  const id = await dishOf(page, 'Fingers cooked twice');
  const dark = { colourTop: 'dark', colourUnder: 'dark', did: { minutes: 12, turned: true } };
  await cooked(page, id, dark, '2026-03-05T18:00:00Z');
  const next = await cooked(page, id, { colourTop: 'golden', colourUnder: 'golden' }, '2026-03-12T18:00:00Z');
  await page.goto(`/log/${next}`);
  const last = wrong(page).getByRole('region', { name: 'After the last time' });
  await expect(last).toContainText('one change was proposed');
  await last.getByRole('radio', { name: 'yes' }).check();
  await expect(last).toContainText('It has helped.');
  // A keeper freezes its version: the dish has it by name from then on.
  await form(page).getByRole('radio', { name: 'A keeper' }).check();
  await form(page).getByRole('button', { name: 'Keep this version of the dish' }).click();
  await expect(form(page)).toContainText('as “Keeper of Thu 12 Mar”');
  const { versions } = (await (await page.request.get(`/api/conversions/${id}`)).json()) as { versions: object[] };
  expect(versions).toHaveLength(1);
  const tries = page.getByRole('region', { name: 'All tries of this dish' });
  await expect(tries.getByRole('listitem')).toHaveCount(2);
  await tries.getByRole('listitem').first().getByRole('link').click();
  await expect(form(page).getByRole('radio', { name: 'On top: dark, 8 of 10' })).toBeChecked();
});

test('the log is sorted, searched, and read as CSV by another package', async ({ page }) => {
  const id = await dishOf(page, 'Zander for the table');
  await cooked(page, id, { overall: 'so-so', taste: 'peppery', colourTop: 'deep golden' }, '2026-02-05T18:00:00Z');
  await page.goto('/log');
  const table = page.getByRole('table');
  await page.getByRole('button', { name: 'Dish' }).click();
  await expect(table.getByRole('columnheader', { name: /Dish/ })).toHaveAttribute('aria-sort', 'ascending');
  const names = await table.getByRole('row').getByRole('link').allTextContents();
  expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
  await page.getByRole('searchbox', { name: 'Find in the log' }).fill('peppery');
  await expect(table.getByRole('row')).toHaveCount(2);
  await expect(table).toContainText('Zander for the table');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'All as CSV' }).click(),
  ]);
  const stream = await download.createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  const data = parse(Buffer.concat(chunks), { columns: true }) as unknown as Record<string, string>[];
  expect(data.find((d) => d.dish === 'Zander for the table')).toMatchObject({ overall: 'so-so', taste: 'peppery' });
});

test('what cannot be is refused at its field, and nothing else is lost', async ({ page }) => {
  const id = await dishOf(page, 'Fingers of 400 degrees');
  const cook = await cooked(page, id);
  await page.goto(`/log/${cook}`);
  await form(page).getByRole('radio', { name: 'Good' }).check();
  await form(page).getByLabel('Centre, °C').fill('400');
  await expect(form(page)).toContainText('Enter a number from -30 to 130 °C');
  await form(page).getByLabel('Taste, in a line').fill('Mild');
  await expect(form(page).getByText('Saved', { exact: true })).toBeVisible();
  const [{ seen }] = (await (await page.request.get(`/api/cooks/${cook}/seen`)).json()) as { seen: object }[];
  expect(seen).toEqual({ overall: 'good', taste: 'Mild' });
});

for (const [name, size] of Object.entries({
  phone: { width: 390, height: 844 },
  tablet: { width: 820, height: 1180 },
  laptop: { width: 1280, height: 800 },
})) {
  test(`log and record can be used by everybody on a ${name}, light and dark`, async ({ page }) => {
    await page.setViewportSize(size);
    const id = await dishOf(page, 'Fingers with a name that goes on and on, longer than any label wants it to be');
    const cook = await cooked(page, id, { colourTop: 'dark', bald: 'some', overall: 'failed' });
    const other = await cooked(page, id, { colourTop: 'golden', overall: 'good' });
    await page.request.post(`/api/cooks/${cook}/photos`, {
      headers: { 'content-type': 'image/png' },
      data: await photograph(page),
    });
    const compare = `/log/compare?of=${cook}.${id}&of=${other}.${id}`;
    for (const path of ['/log', `/log/${cook}`, compare]) {
      await page.goto(path);
      const named = page.getByRole(path === `/log/${cook}` ? 'heading' : 'link', { name: /Fingers with a name/ });
      await expect(named.first()).toBeVisible();
      if (path === compare) await expect(page.getByRole('img', { name: /^Centres of the tries/ })).toBeVisible();
      if (path === `/log/${cook}`) await expect(wrong(page)).toContainText('Not as it should be');
      for (const colorScheme of ['light', 'dark'] as const) {
        await page.emulateMedia({ colorScheme });
        const { violations } = await new AxeBuilder({ page }).analyze();
        expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([]);
      }
      expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    }
  });
}

test('a log of many cooks shows its lines as one comes to them, and finds in all of them', async ({ page }) => {
  test.slow();
  const id = await dishOf(page, 'Cooked time and again');
  const enter = (day: number) => {
    const at = new Date(Date.UTC(2026, 0, 1) - day * 86_400_000).toISOString();
    return page.request.post('/api/cooks', { data: { conversionId: id, afterwards: { at, by: { what: 'plan' } } } });
  };
  for (let day = 0; day < 64; day += 8) await Promise.all([...Array(8).keys()].map((k) => enter(day + k)));
  const find = async (): Promise<void> => {
    await page.goto('/log');
    await page.getByLabel('Find in the log').fill('time and again');
    await expect(page.getByRole('status').filter({ hasText: /^64 / })).toBeVisible();
  };
  const lines = page.getByRole('table').getByRole('link', { name: 'Cooked time and again' });
  await find();
  await expect(lines).toHaveCount(24);
  await page.getByRole('button', { name: 'Show more, 40 to come' }).press('Enter');
  await expect(lines).toHaveCount(64);
  // By coming to their end as well.
  await find();
  await expect(lines).toHaveCount(24);
  await lines.last().scrollIntoViewIfNeeded();
  await expect(lines).toHaveCount(64);
  await expect(page.getByRole('button', { name: /Show more/ })).toHaveCount(0);
});
