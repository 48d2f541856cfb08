import { chromium, type Page } from '@playwright/test';
import { barriers } from './barriers';
import { expect, openBench, test } from './begin';
import { cooked, dishOf } from './inLog';

/** Every page and board for everybody: read large, narrow, in few colours, by keys alone, with a hand that shakes. */

const BOARDS = [
  'Air versions',
  'Water',
  'Bowls',
  'Oil',
  'Basket',
  'Steps',
  'On the plate',
  'Schools',
  'Kept versions',
  'Cautions',
  'Who eats, how hot',
];

/** The addresses of all pages, those of documents among them. */
async function allPages(page: Page): Promise<string[]> {
  const dish = await dishOf(page, 'For everybody');
  const cook = await cooked(page, dish, { overall: 'good' });
  const evening = (await (
    await page.request.post('/api/evenings', {
      data: { name: 'For everybody', serveAt: null, timeZone: 'UTC', dishes: [], guests: [], helpers: [] },
    })
  ).json()) as { id?: string };
  return [
    '/',
    `/dish/${dish}`,
    `/dish/${dish}/card`,
    '/recipe',
    '/evening',
    ...(evening.id ? [`/evening/${evening.id}`] : []),
    '/cook',
    '/log',
    `/log/${cook}`,
    `/log/compare?of=${cook}.${dish}`,
    `/experiment/new?dish=${dish}`,
    '/kitchen',
    '/pantry',
    '/backups',
    '/access',
    '/learn',
    '/learn/dust',
    '/nowhere',
  ];
}

async function visit(page: Page, at: string): Promise<void> {
  await page.goto(at);
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toBeAttached();
  // The window is named after the page.
  await expect(page).toHaveTitle(`${await heading.textContent()} · Yellowmist`);
  // What is asked of the server and of the simulation has come.
  await page.waitForLoadState('networkidle');
}

/** Pulls up one board after the other. */
async function eachBoard(page: Page, look: (board: string) => Promise<void>): Promise<void> {
  await openBench(page, 'Oyster mushrooms', 'beer batter');
  for (const board of BOARDS) {
    await page.getByRole('tab', { name: board, exact: true }).click();
    await expect(page.getByRole('tabpanel', { name: board })).toBeVisible();
    await look(board);
  }
}

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
  for (const at of await allPages(page)) {
    await visit(page, at);
    expect([at, await small(page)]).toEqual([at, []]);
  }
  await eachBoard(page, async (board) => expect([board, await small(page)]).toEqual([board, []]));
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
  for (const at of [...(await allPages(page)), '/learn/basket', '/learn/resting', '/learn/colour']) {
    await visit(page, at);
    expect([at, await mute(page)]).toEqual([at, []]);
  }
  await eachBoard(page, async (board) => expect([board, await mute(page)]).toEqual([board, []]));
});

interface Stop {
  what: string;
  ring: boolean;
  inSight: boolean;
  covered: boolean;
}

/** Where the focus is, whether it shows, and whether something lies over it; null back at the beginning. */
const focused = (page: Page): Promise<Stop | null> =>
  page.evaluate(() => {
    const e = document.activeElement;
    if (!e || e === document.body) return null;
    const { left, top, right, bottom, width, height } = e.getBoundingClientRect();
    const hasRing = (of: Element): boolean => {
      const { outlineStyle, outlineWidth, boxShadow, stroke } = getComputedStyle(of);
      return (
        (outlineStyle !== 'none' && parseFloat(outlineWidth) > 0) ||
        boxShadow !== 'none' ||
        (of instanceof SVGElement && stroke !== 'none')
      );
    };
    const inSight = bottom > 0 && top < innerHeight && right > 0 && left < innerWidth;
    const held = (v: number, most: number): number => Math.min(most - 1, Math.max(0, v));
    const over = document.elementFromPoint(held(left + width / 2, innerWidth), held(top + height / 2, innerHeight));
    const covered =
      inSight && over !== null && !e.contains(over) && !over.contains(e) && !over.closest('label')?.contains(e);
    return {
      what: `${e.tagName} ${e.getAttribute('aria-label') ?? e.textContent.trim().slice(0, 40)}`,
      ring: hasRing(e) || hasRing(e.closest('label') ?? e),
      inSight,
      covered,
    };
  });

test('by keys alone every page is walked through: where one is shows, nothing lies over it, and nothing holds one fast', async ({
  page,
}) => {
  test.slow();
  const MOST_STOPS = 120;
  for (const at of await allPages(page)) {
    await visit(page, at);
    // From the top, wherever a page has put the focus.
    const first = page.getByRole('link', { name: 'Skip to the page' });
    expect(await page.locator('a, button, input').first().textContent()).toBe('Skip to the page');
    await first.focus();
    await expect(first).toBeInViewport();
    const stops: Stop[] = [];
    for (let k = 0; k < MOST_STOPS; k++) {
      await page.keyboard.press('Tab');
      const stop = await focused(page);
      if (!stop) break;
      stops.push(stop);
    }
    expect([at, stops.filter((s) => !s.ring || !s.inSight || s.covered)]).toEqual([at, []]);
    expect(new Set(stops.map((s) => s.what)).size).toBeGreaterThan(6);
  }
});

test('where a device gives its own few colours, what is chosen still shows, and the colours of a crust stay', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await openBench(page, 'Oyster mushrooms', 'beer batter');
  const ground = (name: string): Promise<string> =>
    page
      .getByRole('button', { name, exact: true })
      .first()
      .evaluate((e) => getComputedStyle(e).backgroundColor);
  await page.getByRole('button', { name: 'In the air', exact: true }).click();
  expect(await ground('In the air')).not.toBe(await ground('In the pot'));
  const crust = page.locator('button[aria-label^="In use: "] span[style*="background"]').first();
  const [r, g, b] = (await crust.evaluate((e) => getComputedStyle(e).backgroundColor)).match(/\d+/g)!.map(Number);
  expect(r).toBeGreaterThan(b + 40);
  expect(r).toBeGreaterThan(g);
  await page.goto('/learn/dust');
  const chosen = page.getByText('wet', { exact: true });
  const other = page.getByText('damp', { exact: true });
  const groundOf = (label: typeof chosen): Promise<string> =>
    label.evaluate((e) => getComputedStyle(e.closest('label')!).backgroundColor);
  expect(await groundOf(chosen)).not.toBe(await groundOf(other));
  await page.emulateMedia({ forcedColors: null });
});

test('the edges of what is filled in stand out from their ground, light and dark', async ({ page }) => {
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    for (const at of ['/kitchen', '/pantry', '/access', '/log']) {
      await visit(page, at);
      const faint = await page.evaluate(() => {
        const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true })!;
        const over = (top: string, ground: string): number[] => {
          for (const colour of [ground, top]) {
            canvas.fillStyle = colour;
            canvas.fillRect(0, 0, 1, 1);
          }
          return [...canvas.getImageData(0, 0, 1, 1).data].slice(0, 3);
        };
        // Relative luminance and contrast: WCAG 2.2, glossary.
        const light = (rgb: number[]): number => {
          const [r, g, b] = rgb.map((v) => (v / 255 <= 0.04045 ? v / 255 / 12.92 : ((v / 255 + 0.055) / 1.055) ** 2.4));
          return 0.2126 * r + 0.7152 * g + 0.0722 * b;
        };
        const ground = getComputedStyle(document.body).backgroundColor;
        return [...document.querySelectorAll<HTMLElement>('.input, .select, .checkbox:not(:checked), .radio')]
          .filter((e) => e.getBoundingClientRect().width > 0)
          .map((e) => {
            const [a, b] = [light(over(getComputedStyle(e).borderTopColor, ground)), light(over(ground, ground))];
            return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
          })
          .filter((contrast) => contrast < 3).length;
      });
      expect([at, colorScheme, faint]).toEqual([at, colorScheme, 0]);
    }
  }
});

test('whoever wants less motion gets none', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto('/');
  const moving = await page.evaluate(
    () =>
      [...document.querySelectorAll('*')].filter((e) => {
        const { animationName, transitionDuration } = getComputedStyle(e);
        return animationName !== 'none' || transitionDuration.split(',').some((s) => parseFloat(s) > 0);
      }).length,
  );
  expect(moving).toBe(0);
});

/** Pages and boards that no other journey has looked at by axe. */
for (const theme of ['light', 'dark'] as const)
  test(`what is left of pages, boards and dialogues has no barriers that can be measured (${theme})`, async ({
    page,
  }) => {
    test.slow();
    await page.emulateMedia({ colorScheme: theme, reducedMotion: 'reduce' });
    const pages = await allPages(page);
    for (const at of pages.filter((p) => !/^\/(kitchen|recipe|learn|backups|access)?$|^\/dish\/[^/]+$/.test(p))) {
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
