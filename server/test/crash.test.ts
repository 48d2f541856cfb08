import type { CookDocument } from '@yellowmist/contract';
import { counterOf, event, upTo } from './counter.js';
import { RunningServer } from './running.js';

const server = new RunningServer();
const { open, read, standing, start, tell } = counterOf(server);
afterAll(() => server.end());

beforeAll(() => open());

describe('a server that is killed in the middle of twenty cooks', () => {
  test('has every tap that it answered, each once, and every timer where it was', async () => {
    const cooks: CookDocument[] = [];
    for (let k = 0; k < 20; k++) cooks.push(await start());
    const answered = new Map<string, string[]>(cooks.map((c) => [c.id, []]));
    let killed = false;
    let told = 0;
    const tapping = cooks.map(async (cook) => {
      const taps = upTo(cook, 'unload');
      for (let k = 0; !killed; k++) {
        const tap = taps[k] ?? event({ what: 'late', byS: 1 });
        const answer = await tell(cook.id, { ...tap, atMs: Date.now() }).catch(() => null);
        if (answer?.status !== 200) continue;
        answered.get(cook.id)!.push(tap.id);
        told += 1;
      }
    });
    while (told < 200) await new Promise((resolve) => setTimeout(resolve, 5));
    killed = true;
    await server.kill();
    await Promise.all(tapping);
    const kept = new Map(cooks.map((c) => [c.id, [...answered.get(c.id)!]]));
    await server.start();
    for (const cook of cooks) {
      const { events, startedMs } = await read(cook.id);
      const ids = events.map((e) => e.id);
      expect(new Set(ids).size).toBe(ids.length);
      expect(ids).toEqual(expect.arrayContaining(kept.get(cook.id)!));
      expect(startedMs).toBe(cook.startedMs);
      const load = events.find((e) => e.what === 'done' && /#load1$/.test(e.step));
      const timer = (await standing(cook.id)).timers.find((t) => / cooks$/.test(t.text));
      if (load && timer) {
        const endsMs = load.atMs + cook.programme.batches[0].plan.settings.minutes * 60_000;
        expect(Math.abs(Date.parse(timer.endsAt) - endsMs)).toBeLessThan(1500);
      }
    }
  }, 60_000);
});
