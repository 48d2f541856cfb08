/* global window, document, MutationObserver, requestAnimationFrame, addEventListener */
import { chromium } from '@playwright/test';
import { firstPageBytes, FIRST_PAGE_BUDGET_B } from '../first-page.mjs';
import { ROOT } from '../setup.mjs';
import { house, fill } from './house.mjs';
import { give, inMs, median, quantile, row } from './measure.mjs';

/** What a hand feels: in headless Chromium, which paints with the processor alone. */

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const open = () => browser.newPage({ viewport: { width: 1280, height: 800 } });

/** Notes in the page when a dragged control was moved, and when the cutaways that follow from it were painted. */
function watch() {
  window.painted = [];
  window.busy = [];
  let moved = null;
  addEventListener('input', (event) => (moved ??= event.timeStamp), true);
  const observer = new MutationObserver(() => {
    if (moved === null) return;
    const from = moved;
    moved = null;
    requestAnimationFrame(() => {
      const afterPaint = new MessageChannel();
      afterPaint.port1.onmessage = () => window.painted.push(performance.now() - from);
      afterPaint.port2.postMessage(null);
    });
  });
  const pictures = document.querySelector('section[aria-label="Cutaways"]');
  observer.observe(pictures, { subtree: true, childList: true, attributes: true, characterData: true });
  new PerformanceObserver((list) => list.getEntries().forEach((e) => window.busy.push(e.duration))).observe({
    type: 'longtask',
  });
}

/** Drags the thickness of a dish to and fro. */
async function dragged(page, at) {
  await page.goto(at);
  await page.getByText('Through the cook', { exact: true }).waitFor();
  // The search of the dish ends first.
  await wait(2000);
  await page.getByRole('button', { name: 'Stop', exact: true }).waitFor({ state: 'hidden', timeout: 60_000 });
  await page
    .getByRole('button', { name: /pieces of/ })
    .first()
    .click();
  const slider = page.getByRole('slider', { name: 'Thickness, by dragging' });
  await slider.scrollIntoViewIfNeeded();
  await wait(1500);
  const box = await slider.boundingBox();
  const to = (share) => page.mouse.move(box.x + box.width * share, box.y + box.height / 2);
  await page.evaluate(watch);
  await to(0.3);
  await page.mouse.down();
  for (let k = 0; k < 150; k++) {
    await to(0.3 + 0.2 * Math.sin(k / 9));
    await wait(25);
  }
  await page.mouse.up();
  await wait(500);
  return page.evaluate(() => ({ painted: window.painted, busy: window.busy }));
}

const demo = await house(4896, '--demo-data');
const dishes = await (await demo.ask('GET', '/conversions')).json();
const rows = [];
for (const [name, racks] of [
  ['croquettes', 'one rack'],
  ['Green tomato', 'two racks'],
]) {
  const { id } = dishes.find((dish) => dish.name.includes(name));
  const page = await open();
  const { painted, busy } = await dragged(page, `${demo.at}/dish/${id}`);
  await page.close();
  rows.push(
    row(
      `thickness dragged, ${name} (${racks}): from the hand to the painted picture`,
      `${inMs(median(painted))}, 95 % within ${inMs(quantile(painted, 0.95))}`,
      '33 and 50 ms',
      `${painted.length} pictures; ${busy.length} tasks of the page over 50 ms`,
    ),
  );
}
await demo.end();

const [DISHES, COOKS] = [500, 2000];
const full = await house(4896);
await fill(full, DISHES, COOKS);
for (const [path, what, link] of [
  ['/log', 'the logbook', 'Log'],
  ['/', 'the dishes', 'Yellowmist'],
]) {
  const page = await open();
  await page.goto(`${full.at}/pantry`);
  await wait(2000);
  const [loaded, opened] = [[], []];
  const after = async (times, go) => {
    const from = performance.now();
    await go();
    const lines = page.getByRole('link', { name: /of a long logbook/ });
    await lines.first().waitFor();
    times.push(performance.now() - from);
  };
  for (let k = 0; k < 5; k++) await after(loaded, () => page.goto(`${full.at}${path}`, { waitUntil: 'commit' }));
  for (let k = 0; k < 5; k++) {
    await page.getByRole('link', { name: 'Pantry' }).first().click();
    await wait(1000);
    await after(opened, () => page.getByRole('link', { name: link }).first().click());
  }
  await page.close();
  rows.push(
    row(
      `${what} of ${COOKS} cooks and ${DISHES} dishes opened from another page`,
      inMs(median(opened)),
      '0.3 s',
      `loaded with the whole application: ${inMs(median(loaded))}`,
    ),
  );
}
await full.end();
await browser.close();

const first = firstPageBytes(`${ROOT}/web/dist`);
rows.push(row('the first page', `${(first / 1000).toFixed(0)} kB of script, gzip`, `${FIRST_PAGE_BUDGET_B / 1000} kB`));
give('In the browser', rows);
