import { plain } from '../units/index.js';
import { DRAWER, eveningWith, fourDishes, OVEN, paper, planned } from '../../testing/evenings.js';
import { splitOver } from './tasks/batches.js';
import type { Cooked, EveningPlan, Task } from './types.js';

const { plants, cheese, fish } = fourDishes();
const all = (plan: EveningPlan, kind: Task['kind']): Task[] => plan.tasks.filter((t) => t.kind === kind);

describe('one dish over two machines, two dishes in one', () => {
  const there = { ...plants.cooked, fryer: OVEN };
  const large = paper(plants, 'okra', { batches: 4, pieces: 6, minutes: 10 });

  test('pieces are dealt out so that both are done as early as can be', () => {
    const batches = splitOver(large, large.cooked, { ...large.cooked, fryer: OVEN });
    expect(batches.reduce((sum, b) => sum + b.pieces, 0)).toBe(24);
    expect(batches.filter((b) => b.cooked.fryer.name === 'Oven')).toHaveLength(2);
    expect(batches.map((b) => b.number)).toEqual([1, 2, 3, 4]);
  });

  test('it is done sooner in both, and stays where the other does not take it', () => {
    const otherwise = (): Cooked => ({ ...large.cooked, fryer: OVEN });
    const options = { okra: { fryer: 'both' } };
    const both = planned(eveningWith([large], { options, otherwise }));
    const wait = (plan: EveningPlan): number => Math.max(...plan.table.map((b) => b.eatenMin - b.readyMin));
    expect(wait(both)).toBeLessThan(wait(planned(eveningWith([large]))) - 10);
    const none = planned(eveningWith([large], { options }));
    expect(none.warnings.map((w) => w.about)).toContain('fryer');
    expect(none.table.every((b) => b.fryer === DRAWER.name)).toBe(true);
  });

  test('two whose settings are close lie in one: one cook, each on the table with what it costs', () => {
    const [a, b] = [
      paper(cheese, 'host', { minutes: 12, fryer: OVEN }),
      paper(cheese, 'guest', { minutes: 11, fryer: OVEN }),
    ];
    const otherwise = (): Cooked => ({ ...b.cooked, load: { ...b.cooked.load, racksUsed: 1 }, fresh: 0.8 });
    const plan = planned(eveningWith([a, b], { options: { guest: { with: 'host' } }, otherwise }));
    expect(all(plan, 'cook')).toHaveLength(1);
    const trays = [{ widthMm: 400, depthMm: 300 }];
    const tight = planned(eveningWith([a, b], { options: { guest: { with: 'host' } }, otherwise, trays, bowls: 3 }));
    expect(all(tight, 'cook')).toHaveLength(1);
    expect(plan.table.map((x) => x.dishId).sort()).toEqual(['guest', 'host']);
    expect(plan.table[1].readyMin).toBe(plan.table[0].readyMin);
    expect(plan.warnings.map((w) => plain(w.text))).toContainEqual(
      expect.stringMatching(/guest lies with host, .*costs it about 20 % of its crispness/),
    );
  });

  test('two that are too far apart stay apart, and so does what harms a guest', () => {
    const far = paper(cheese, 'guest', { minutes: 20, fryer: OVEN });
    const host = paper(cheese, 'host', { minutes: 9, fryer: OVEN });
    const options = { guest: { with: 'host' } };
    const plan = planned(eveningWith([host, far], { options, otherwise: () => far.cooked }));
    expect(all(plan, 'cook')).toHaveLength(2);
    expect(plan.warnings.map((w) => plain(w.text)).join()).toMatch(/settings are too far apart/);
    const guests = [{ name: 'Mara', avoidAllergens: ['milk' as const], diets: [] }];
    const near = { ...paper(fish, 'guest', { minutes: 9, fryer: OVEN }) };
    const kept = planned(eveningWith([host, near], { options, guests, otherwise: () => near.cooked }));
    expect(all(kept, 'cook')).toHaveLength(2);
    expect(there.fryer.name).toBe('Oven');
  });
});
