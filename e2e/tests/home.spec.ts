import type { Browser, BrowserContext, Page } from '@playwright/test';
import { barriers } from './barriers';
import { expect, test } from './begin';
import { leeksAt } from './dishes';
import { OwnServer } from './ownServer';

/** The home network: turned on at the machine, come into from a second browser by the passphrase, and left again. */

const PORT = 4988;
const SERVER = new OwnServer(PORT);
const HOME = `https://127.0.0.1:${PORT + 1}`;
test.beforeAll(() => SERVER.start());
test.afterAll(() => SERVER.end());

/** A telephone of its own, that has been told to trust the house. */
const telephone = (browser: Browser): Promise<BrowserContext> =>
  browser.newContext({ viewport: { width: 390, height: 844 }, ignoreHTTPSErrors: true, serviceWorkers: 'block' });

async function comeIn(page: Page, passphrase: string, name = ''): Promise<void> {
  await page.getByLabel('Passphrase').fill(passphrase);
  await page.getByLabel(/What to call this browser/).fill(name);
  await page.keyboard.press('Enter');
}

const passphraseAsked = (page: Page) => page.getByRole('heading', { name: 'This kitchen asks for its passphrase' });
const noBarriers = async (page: Page): Promise<void> => expect(await barriers(page)).toEqual([]);

/** The names of all that a browser holds of the kitchen; how it is shown, and the page's own files, are no part of it. */
const whatIsKept = async (): Promise<string[]> => {
  const done = <T>(request: IDBRequest<T>): Promise<T> =>
    new Promise((resolve, reject) => {
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(new Error('not read'));
    });
  const kept: string[] = [];
  for (const { name = '' } of await indexedDB.databases()) {
    const database = await done(indexedDB.open(name));
    for (const store of database.objectStoreNames) {
      const keys = await done(database.transaction(store).objectStore(store).getAllKeys());
      kept.push(...keys.map((key) => `${name} ${JSON.stringify(key)}`));
    }
    database.close();
  }
  kept.push(...Object.keys(localStorage).filter((key) => key !== 'yellowmist.settings'));
  return [...kept, ...(await caches.keys()).filter((name) => name === 'yellowmist-kitchen')];
};

test('turned on at the machine; a telephone comes in, loses nothing when it is signed out, and leaves', async ({
  page,
  browser,
}) => {
  test.slow();
  const id = await leeksAt(page, SERVER.url, 'Leeks for the house');
  await page.goto(`${SERVER.url}/kitchen`);
  await page.getByRole('link', { name: /^In the house/ }).click();
  await expect(page.getByText('Off: this machine alone.')).toBeVisible();
  await noBarriers(page);
  // By keys alone, and with words that are thrown.
  await page.getByRole('button', { name: 'Throw five words' }).focus();
  await page.keyboard.press('Enter');
  const passphrase = await page.getByLabel('A passphrase').inputValue();
  expect(passphrase).toMatch(/^([a-z]+ ){4}[a-z]+$/);
  await page.getByRole('button', { name: 'Let the house in' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('img', { name: /^The address https:\/\/.* for a camera$/ })).toBeVisible();
  await noBarriers(page);

  const context = await telephone(browser);
  const phone = await context.newPage();
  await phone.goto(`${HOME}/dish/${id}`);
  await expect(passphraseAsked(phone)).toBeVisible();
  await noBarriers(phone);
  await comeIn(phone, 'not the right words');
  await expect(phone.getByRole('alert')).toHaveText('That is not the passphrase of this house.');
  await comeIn(phone, passphrase, 'Telephone in the shop');
  const name = phone.getByLabel('Name of the dish');
  await expect(name).toHaveValue('Leeks for the house');
  await name.fill('Leeks from the shop');
  await name.press('Tab');
  const stored = async (): Promise<string> =>
    ((await (await page.request.get(`${SERVER.url}/api/conversions/${id}`)).json()) as { name: string }).name;
  await expect.poll(stored).toBe('Leeks from the shop');

  // At the machine it is seen and sent away; what is typed meanwhile waits for the passphrase.
  await page.reload();
  const row = page.getByRole('listitem').filter({ hasText: 'Telephone in the shop' });
  await row.getByRole('button', { name: /^Sign out/ }).click();
  await expect(row).toHaveCount(0);
  await name.fill('Leeks typed when nobody let me in');
  await name.press('Tab');
  await expect(passphraseAsked(phone)).toBeVisible();
  await comeIn(phone, passphrase);
  await expect(name).toHaveValue('Leeks typed when nobody let me in');
  await expect.poll(stored).toBe('Leeks typed when nobody let me in');

  // It leaves by itself, and nothing of the kitchen is left in it.
  await phone.goto(`${HOME}/access`);
  await expect(phone.getByText('The home network is turned on and off at the machine')).toBeVisible();
  await noBarriers(phone);
  await phone.getByRole('button', { name: 'Sign this browser out' }).click();
  await expect(passphraseAsked(phone)).toBeVisible();
  await phone.goto(`${HOME}/`);
  await expect(passphraseAsked(phone)).toBeVisible();
  expect(await phone.evaluate(whatIsKept)).toEqual([]);

  await page.getByRole('button', { name: 'Turn it off' }).click();
  await expect(page.getByText('Off: this machine alone.')).toBeVisible();
  await expect(phone.goto(`${HOME}/`)).rejects.toThrow(/ERR_CONNECTION_REFUSED/);
  await context.close();
  await page.goto('/');
});
