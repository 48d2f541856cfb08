import AxeBuilder from '@axe-core/playwright';
import { cookOf, dishOf, eventsOf, left, now, press, timers } from './atCounter';
import { expect, test } from './begin';
import { misnamed } from './names';
import { OwnServer } from './ownServer';

/** Cooks at the counter: real ones, and rehearsals with simulated fryers. */

test('a dish is cooked from the list by keys alone: done, back, passed over; its timer goes on through a reload and in a second window', async ({
  page,
}) => {
  await dishOf(page, 'Halloumi by keys');
  await page.goto('/cook');
  const cook = page
    .getByRole('listitem')
    .filter({ hasText: 'Halloumi by keys' })
    .getByRole('button', { name: /^Cook/ });
  await cook.focus();
  await page.keyboard.press('Enter');
  await expect(now(page)).toBeVisible();
  const head = now(page).getByRole('heading', { level: 2 });
  const first = await head.textContent();
  await page.locator('body').press('Space');
  await expect(head).not.toHaveText(first!);
  await page.keyboard.press('ArrowLeft');
  await expect(head).toHaveText(first!);
  await page.keyboard.press('ArrowRight');
  await expect(head).not.toHaveText(first!);
  // A pedal pages down until it is in.
  await expect(async () => {
    await page.keyboard.press('PageDown');
    await expect(timers(page).getByText('Galley')).toBeVisible({ timeout: 300 });
  }).toPass({ timeout: 40_000 });
  const before = await left(page);
  await page.reload();
  await expect(timers(page)).toBeVisible();
  expect(before - (await left(page))).toBeLessThan(15);
  expect(before - (await left(page))).toBeGreaterThanOrEqual(0);
  const second = await page.context().newPage();
  await second.goto(page.url());
  await expect(timers(second)).toBeVisible();
  expect(Math.abs((await left(second)) - (await left(page)))).toBeLessThanOrEqual(2);
  await press(page, '+1 min').click();
  // In step within two seconds.
  await expect(async () => {
    expect(Math.abs((await left(second)) - (await left(page)))).toBeLessThanOrEqual(1);
    expect(await left(second)).toBeGreaterThan(before);
  }).toPass({ timeout: 2000 });
  await second.close();
});

test('darker at half time: the batch is shorter, and it says so; what was seen is in the record', async ({ page }) => {
  await cookOf(page, 'Halloumi too dark', { rate: 60, help: 'none', surprises: ['runs-hot'] });
  await expect(now(page)).toContainText('Cannot wait', { timeout: 20_000 });
  await expect(now(page)).toContainText('Steam comes out first');
  const seen = page.getByRole('region', { name: 'What do you see?' });
  await expect(seen).toContainText(/You see: /);
  await seen.getByRole('button', { name: 'Darker' }).click();
  await expect(seen.getByRole('status')).toContainText('It comes out sooner');
  await expect(page.getByRole('list', { name: 'Changed by what was seen' })).toContainText(
    /Galley is about .* min ahead: Halloumi too dark/,
  );
  // What cannot be a centre is refused, and not told.
  await seen.getByLabel('The centre reads').fill('500');
  await seen.getByRole('button', { name: 'That is what it reads' }).click();
  await expect(seen.getByRole('alert')).toContainText(/from -30 to 130\s°C/);
  await seen.getByLabel('The centre reads').fill('71');
  await seen.getByRole('button', { name: 'That is what it reads' }).click();
  await page.getByText(/^What has happened/).click();
  await expect(page.getByText(/Centre of Halloumi too dark.*: 71\s°C\./).first()).toBeVisible();
  await expect(page.getByText(/Centre of Halloumi too dark/)).toHaveCount(1);
  await expect(page.getByText(/Seen of Halloumi too dark.*: darker\./).first()).toBeVisible();
});

test('a probe that is lost is said, and its timer goes on; found, it tells again; broken, it is not believed', async ({
  page,
}) => {
  await cookOf(page, 'Chicken with a probe', { rate: 20, help: 'none' }, 'chicken-breast');
  const hand = (deed: string, more: object = {}) =>
    page.request.post('/api/devices/probes/Galley/hand', { data: { deed, ...more } });
  const probes = page.getByRole('region', { name: 'Probes' });
  await expect(probes).toContainText(/centre \d+\s°C, air \d+\s°C/, { timeout: 20_000 });
  await expect(probes).toContainText(/Centre at 74\s°C at \d\d:\d\d ± /);
  await hand('lose');
  await expect(probes.getByRole('alert')).toContainText('Nothing from the probe in Galley since it read');
  await expect(timers(page)).toBeVisible();
  await hand('find');
  await expect(probes.getByRole('alert')).toBeHidden();
  await hand('break', { readsC: 900 });
  await expect(probes.getByRole('alert')).toContainText(/reads 900\s°C: not believed/);
  await hand('mend');
  await expect(probes.getByRole('alert')).toBeHidden();
});

test('while the server is away timers go on and taps wait; each is handed over once when it is back', async ({
  page,
}) => {
  const cook = await cookOf(page, 'Halloumi alone');
  await expect(timers(page)).toBeVisible();
  const before = await left(page);
  await page.context().setOffline(true);
  await press(page, '+1 min').click();
  await press(page, '+1 min').click();
  await page.getByRole('button', { name: 'As it should be' }).click();
  await expect(page.getByText(/The server is away\. Timers go on here, and 3 taps wait/)).toBeVisible();
  await expect.poll(() => left(page)).toBeGreaterThan(before + 90);
  await page.waitForTimeout(1500);
  const away = await left(page);
  await page.waitForTimeout(1500);
  expect(await left(page)).toBeLessThan(away);
  await page.context().setOffline(false);
  await expect(page.getByText(/The server is away/)).toBeHidden({ timeout: 20_000 });
  const told = (await eventsOf(page, cook.id)).filter((e) => e.what === 'time' || e.what === 'seen');
  expect(told.map((e) => e.what)).toEqual(['time', 'time', 'seen']);
});

test('the server is killed and started again: the timer is where it would have been, and what was tapped meanwhile is in the record', async ({
  page,
}) => {
  const server = new OwnServer(4697);
  try {
    await server.start();
    const cook = await cookOf(page, 'Halloumi through a crash', undefined, undefined, server.url);
    await expect(timers(page)).toBeVisible();
    const before = await left(page);
    const since = Date.now();
    await server.kill();
    await press(page, '+1 min').click();
    await expect(page.getByText(/The server is away\. Timers go on here, and one tap waits/)).toBeVisible();
    await server.start();
    await expect(page.getByText(/The server is away/)).toBeHidden({ timeout: 20_000 });
    const should = before + 60 - (Date.now() - since) / 1000;
    expect(Math.abs((await left(page)) - should)).toBeLessThanOrEqual(2);
    await page.reload();
    await expect(timers(page)).toBeVisible();
    const now_ = before + 60 - (Date.now() - since) / 1000;
    expect(Math.abs((await left(page)) - now_)).toBeLessThanOrEqual(2);
    const told = (await eventsOf(page, cook.id, server.url)).filter((e) => e.what === 'time');
    expect(told).toHaveLength(1);
  } finally {
    await server.end();
  }
});

test('a whole evening rehearsed at ×60 from cold to “Supper is ready”, and looked back upon', async ({ page }) => {
  test.setTimeout(150_000);
  const dishes = [
    { id: await dishOf(page, 'Halloumi rehearsed', 'halloumi', '', 4) },
    { id: await dishOf(page, 'Chicken rehearsed', 'chicken-breast', '', 4) },
  ];
  const evening = {
    name: 'Rehearsed evening',
    serveAt: null,
    timeZone: 'Europe/Oslo',
    cooks: [{ name: 'Ines' }, { name: 'Tobi' }],
    dishes,
  };
  expect((await page.request.post('/api/evenings', { data: evening })).status()).toBe(201);
  await page.goto('/cook');
  const item = page.getByRole('listitem').filter({ hasText: 'Rehearsed evening' });
  await item.locator('summary').click();
  await item.getByRole('checkbox', { name: 'The fryer runs hot' }).check();
  await item.getByRole('button', { name: 'Begin the rehearsal' }).click();
  await expect(page.getByText('Rehearsal at ×60: nothing is real')).toBeVisible();
  await expect(timers(page).getByText('Galley')).toBeVisible({ timeout: 60_000 });
  // In the middle of it the page is loaded anew.
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Supper is ready' })).toBeVisible({ timeout: 100_000 });
  const end = page.getByRole('region', { name: 'The rehearsal, looked back upon' });
  await expect(end).toContainText('The fryer runs hot');
  await expect(end).toContainText(/Galley ran 14\s°C hotter than its setting/);
  await expect(end).toContainText(/Came out /);
  await page.getByRole('link', { name: 'To all cooks' }).click();
  await expect(page.getByRole('region', { name: 'Over' })).toContainText('Rehearsal');
});

test('a practice fryer is added to the kitchen, and says so wherever it is named', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByLabel('Name of another fryer').fill('Otter');
  await page.getByLabel('Its kind').first().selectOption({ label: 'Practice fryer, simulated: drawer fryer' });
  await page.getByRole('button', { name: 'Add it' }).first().click();
  const card = page.getByRole('region', { name: 'Otter (practice)' });
  await expect(card).toContainText('A practice fryer: it is simulated');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  const devices = (await (await page.request.get('/api/devices')).json()) as { id: string }[];
  expect(devices.map((d) => d.id)).toContain('probe:Otter (practice)');
  await card.getByRole('button', { name: 'Remove Otter (practice)' }).click();
});

for (const [name, size] of Object.entries({
  phone: { width: 390, height: 844 },
  tablet: { width: 820, height: 1180 },
})) {
  test(`the counter can be used by everybody on a ${name}: long names, light and dark, targets that a knuckle hits`, async ({
    page,
  }) => {
    await page.setViewportSize(size);
    await cookOf(page, 'Halloumi with a name that goes on and on, longer than any label wants it to be');
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme });
      const { violations } = await new AxeBuilder({ page }).analyze();
      expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([]);
    }
    expect(await misnamed(page)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    for (const button of await page.locator('main').getByRole('button').all()) {
      const box = await button.boundingBox();
      if (box && (await button.isVisible()))
        expect(box.height, (await button.textContent()) ?? '').toBeGreaterThanOrEqual(44);
    }
    for (const button of [
      press(page, /^(Already done: .*|Done without waiting: .*|Done|It is out|Looked, and shut)$/),
      press(page, '+1 min'),
    ]) {
      expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(56);
      // What is on it lies within it.
      expect(await button.evaluate((at) => at.scrollHeight - at.clientHeight)).toBeLessThanOrEqual(0);
    }
    await expect(timers(page)).toBeInViewport();
  });
}
