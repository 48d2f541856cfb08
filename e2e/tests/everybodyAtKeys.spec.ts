import type { Page } from '@playwright/test';
import { expect, inUse, openBench, test } from './begin';
import { faint } from './contrast';
import { allPages, eachBoard, visit } from './everyPage';

/** Every page for everybody: by keys alone, in few colours, without motion. */

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
  const crust = inUse(page).locator('span[style*="background"]').first();
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

for (const colorScheme of ['light', 'dark'] as const)
  test(`the edges of what is filled in, and the words of every button, stand out from their ground (${colorScheme})`, async ({
    page,
  }) => {
    test.slow();
    await page.emulateMedia({ colorScheme });
    const buttons = async (where: string): Promise<void> => {
      expect([where, await faint(page, '.btn', 'words', 4.5)]).toEqual([where, []]);
    };
    for (const at of await allPages(page)) {
      await visit(page, at);
      if (at === '/') {
        // Of this food there are several cuts to choose from.
        await page.getByLabel('I fry', { exact: true }).fill('12 battered cod goujons');
        await expect(page.getByRole('button', { name: 'whole', exact: true })).toBeVisible();
      }
      const edges = await faint(page, '.input, .select, .textarea, .checkbox:not(:checked), .radio', 'edge', 3);
      expect([at, edges]).toEqual([at, []]);
      await buttons(at);
    }
    await eachBoard(page, buttons);
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
