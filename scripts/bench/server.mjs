import { exampleConversion } from '@yellowmist/contract';
import { house, fill } from './house.mjs';
import { awaited, give, grows, inMs, median, quantile, row } from './measure.mjs';

/** What the server answers: under load, after a cook, and out of a long logbook. */

const WANTED = 16;
const [IDLE_MS, BUSY_MS, BETWEEN_MS] = [4000, 20_000, 15];
const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const read = async (answer) => (await answer).text();

const idle = await house(4897);
const { versions: _v, chosen: _c, note: _n, name: _m, tags: _t, ...toConvert } = exampleConversion();
const made = await (await idle.ask('POST', '/conversions', exampleConversion())).json();
let { version } = made;

/** Health and saves in turn for so long. @returns times of both, ms */
async function timed(forMs) {
  const times = { health: [], saves: [] };
  for (const end = performance.now() + forMs; performance.now() < end; await wait(BETWEEN_MS)) {
    times.health.push(...(await awaited(1, () => read(idle.ask('GET', '/health')))));
    const body = { ...exampleConversion(), name: `Save ${version}`, version };
    times.saves.push(
      ...(await awaited(1, async () => {
        ({ version } = await (await idle.ask('PUT', `/conversions/${made.id}`, body)).json());
      })),
    );
  }
  return times;
}

const told = (when, times) =>
  Object.entries(times).map(([what, list]) =>
    row(
      `${what}, ${when}`,
      `${inMs(median(list))}, 99 % within ${inMs(quantile(list, 0.99))}`,
      '0.1 s',
      `longest ${inMs(Math.max(...list))} of ${list.length}`,
    ),
  );

await timed(1000);
const rows = told('idle', await timed(IDLE_MS));
let stop = false;
const counted = { done: 0, full: 0 };
const converting = Array.from({ length: WANTED }, async () => {
  while (!stop) {
    const answer = await idle.ask('POST', '/convert', toConvert);
    await answer.arrayBuffer();
    counted[answer.status === 200 ? 'done' : 'full'] += 1;
    if (answer.status !== 200) await wait(500);
  }
});
await wait(1500);
rows.push(...told(`while ${WANTED} conversions are wanted`, await timed(BUSY_MS)));
stop = true;
await Promise.all(converting);
rows.push(row('conversions done meanwhile', String(counted.done), '', `${counted.full} told to come again`));
await idle.end();

const SAD = { colourTop: 'dark', colourUnder: 'dark', crunchNow: 'very crisp', bald: 'none', floury: 'none' };
const [DISHES, COOKS, JUDGED] = [500, 2000, 5];
const full = await house(4897);
const cooks = await fill(full, DISHES, COOKS);
const last = cooks.slice(-JUDGED);
for (const id of last) await full.ask('PUT', `/cooks/${id}/seen`, SAD);
await wait(3000);
// The first one wakes the threads.
await read(full.ask('GET', `/cooks/${last[0]}/diagnosis`));
const diagnosed = await awaited(JUDGED - 1, (k) => read(full.ask('GET', `/cooks/${last[k + 1]}/diagnosis`)));
const learned = await awaited(3, async () => {
  const { version: before, on, leftOut, since, handsSince } = await (await full.ask('GET', '/learning')).json();
  await read(full.ask('PUT', '/learning', { version: before, on, leftOut, since, handsSince }));
});
rows.push(
  row('a diagnosis, every cause simulated', inMs(median(diagnosed)), '0.5 s'),
  row(`what ${JUDGED} cooks teach, learned anew`, inMs(median(learned)), `${JUDGED} × 0.3 s`),
);
for (const path of ['/conversions', '/cooks'])
  rows.push(
    row(
      `a list out of ${DISHES} dishes and ${COOKS} cooks: ${path}`,
      inMs(median(await awaited(9, () => read(full.ask('GET', path))))),
      '0.3 s',
    ),
  );
await full.end();

/** How the list and a diagnosis grow with the cooks in the log. */
const SIZES = [250, 500, 1000, 2000];
const grown = { lists: [], diagnoses: [] };
for (const size of SIZES) {
  const logbook = await house(4897);
  const ids = (await fill(logbook, 60, size)).slice(-JUDGED);
  for (const id of ids) await logbook.ask('PUT', `/cooks/${id}/seen`, SAD);
  await wait(2000);
  // The first ones wake the threads, and read what never changes.
  await read(logbook.ask('GET', '/cooks'));
  await read(logbook.ask('GET', `/cooks/${ids[0]}/diagnosis`));
  grown.lists.push([size, median(await awaited(15, () => read(logbook.ask('GET', '/cooks'))))]);
  const asked = (k) => read(logbook.ask('GET', `/cooks/${ids[k + 1]}/diagnosis`));
  grown.diagnoses.push([size, median(await awaited(JUDGED - 1, asked))]);
  await logbook.end();
}
rows.push(
  grows('the list against cooks in the log', 'cooks', grown.lists),
  grows('a diagnosis against cooks in the log', 'cooks', grown.diagnoses),
);
give('The server', rows);
