import { chromium, type Page } from '@playwright/test';
import { barriers } from './barriers';
import { expect, openBench, test } from './begin';
import { allPages, eachBoard, nowhere, visit } from './everyPage';
import { misnamed } from './names';

/** Every page and board for everybody: read large and narrow, heard, and pressed with a hand that shakes. */

test('at 400 % nothing has to be scrolled sideways', async ({ page }) => {
  test.slow();
  const pages = await allPages(page);
  // 1280 × 1024 at 400 % (WCAG 2.2, 1.4.10).
  await page.setViewportSize({ width: 320, height: 256 });
  for (const at of pages) {
    await visit(page, at);
    expect([at, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([at, 320]);
  }
  await eachBoard(page, async (board) => {
    expect([board, await page.evaluate(() => document.documentElement.scrollWidth)]).toEqual([board, 320]);
  });
});

test('whoever has letters of double size set reads every page, and loses no word of a button or a heading', async ({
  page,
  server,
}) => {
  test.slow();
  const pages = await allPages(page);
  const { launchOptions } = test.info().project.use;
  const browser = await chromium.launch({
    ...launchOptions,
    args: [...(launchOptions?.args ?? []), '--blink-settings=defaultFontSize=32'],
  });
  const large = await browser.newPage({
    baseURL: server,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
  });
  for (const at of pages) {
    await visit(large, at);
    const cut = await large.evaluate(() => {
      const lost = [...document.querySelectorAll<HTMLElement>('button, a, h1, h2, h3, label, legend, summary')].filter(
        (e) =>
          e.clientWidth > 1 &&
          getComputedStyle(e).overflow !== 'visible' &&
          !e.closest('.sr-only, svg') &&
          (e.scrollWidth > e.clientWidth + 2 || e.scrollHeight > e.clientHeight + 2),
      );
      const wide = document.documentElement.scrollWidth > innerWidth ? ['the page'] : [];
      return [...wide, ...lost.map((e) => e.textContent.trim().slice(0, 40))];
    });
    expect([at, cut]).toEqual([at, []]);
  }
  expect(await large.evaluate(() => parseFloat(getComputedStyle(document.documentElement).fontSize))).toBe(32);
  await browser.close();
});

/** What can be pressed and is smaller than a finger’s tip, but for links in the middle of a sentence. */
const small = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const LEAST = 23.5;
    const isShown = (e: Element): boolean => {
      const { width, height } = e.getBoundingClientRect();
      return width > 0 && height > 0 && getComputedStyle(e).visibility !== 'hidden' && !e.closest('[inert], .sr-only');
    };
    const isInSentence = (e: Element): boolean =>
      e.tagName === 'A' &&
      getComputedStyle(e).display === 'inline' &&
      e.parentElement!.textContent.trim() !== e.textContent.trim();
    return (
      [
        ...document.querySelectorAll(
          'a[href], button, input, select, textarea, summary, [role=tab], [role=slider], [tabindex="0"]',
        ),
      ]
        // Dots of a scatter have a button of their own beside it: the same is pressed there.
        .filter(
          (e) =>
            isShown(e) && !isInSentence(e) && !e.closest('[data-dots], [role=img]') && !(e instanceof SVGCircleElement),
        )
        .map((e) => (/radio|checkbox/.test((e as HTMLInputElement).type) ? (e.closest('label') ?? e) : e))
        .filter((e) => {
          const { width, height } = e.getBoundingClientRect();
          return width < LEAST || height < LEAST;
        })
        .map((e) => `${e.tagName} ${e.getAttribute('aria-label') ?? e.textContent.trim().slice(0, 40)}`)
    );
  });

test('everything that is pressed is as large as a finger’s tip', async ({ page }) => {
  test.slow();
  await nowhere(page, small);
});

/** Drawings that a reader would meet without a word of what is in them. */
const mute = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll('svg')]
      .filter((svg) => {
        const { width, height } = svg.getBoundingClientRect();
        if (width === 0 || height === 0 || svg.closest('[aria-hidden="true"], [inert]')) return false;
        const role = svg.getAttribute('role');
        const name = svg.getAttribute('aria-label') ?? (svg.getAttribute('aria-labelledby') ? 'by another' : '');
        return !role || name.trim().length < 4;
      })
      .map((svg) => svg.outerHTML.slice(0, 120)),
  );

test('every drawing has its sentence, or is hidden from whoever hears the page', async ({ page }) => {
  test.slow();
  await nowhere(page, mute, ['/learn/basket', '/learn/resting', '/learn/colour']);
});

test('what is pressed is named by the words that are seen on it, figures and all', async ({ page }) => {
  test.slow();
  await nowhere(page, misnamed);
  await expect(page.getByRole('button', { name: /^In use: .+ \d+.°C, \d+ min, / })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Oil at' })).toHaveAccessibleDescription('°C');
});

/** Pages and boards that no other journey has looked at by axe: most of them look at light ones. */
const SEEN_ELSEWHERE = { light: /^\/(kitchen|recipe|learn|backups|access)?$|^\/dish\/[^/]+$/, dark: /^\/dish\/[^/]+$/ };
for (const theme of ['light', 'dark'] as const)
  test(`what is left of pages, boards and dialogues has no barriers that can be measured (${theme})`, async ({
    page,
  }) => {
    test.slow();
    await page.emulateMedia({ colorScheme: theme, reducedMotion: 'reduce' });
    const pages = await allPages(page);
    for (const at of pages.filter((p) => !SEEN_ELSEWHERE[theme].test(p))) {
      await visit(page, at);
      expect([at, await barriers(page)]).toEqual([at, []]);
    }
    await openBench(page, 'Oyster mushrooms', 'beer batter');
    for (const board of ['Steps', 'On the plate', 'Cautions']) {
      await page.getByRole('tab', { name: board, exact: true }).click();
      await expect(page.getByRole('tabpanel', { name: board })).toBeVisible();
      expect([board, await barriers(page, 'section[aria-label="Shelf"]')]).toEqual([board, []]);
    }
    await page.keyboard.press('Escape');
    await page.keyboard.press('?');
    const keys = page.getByRole('dialog');
    await expect(keys).toBeVisible();
    expect(await barriers(page, 'dialog[open]')).toEqual([]);
    await page.keyboard.press('Escape');
    await expect(keys).toBeHidden();
  });
