import type { Clause } from './clauses.js';
import type { Group } from './group.js';
import { bySteps } from './mixing.js';
import { byNeighbours } from './neighbours.js';
import { isOneBowl, sectionKind, type SectionKind } from './sections.js';
import type { Thing } from './things.js';

const saidBy = (kind: SectionKind): Group['said'] =>
  kind === 'marinade' || kind === 'sauce' || kind === 'dip' || kind === 'batter' || kind === 'food' ? kind : null;

/** Things below a heading that is one bowl. */
function bySection(things: readonly Thing[]): Group[] {
  const groups = new Map<string, Group>();
  for (const thing of things) {
    const kind = sectionKind(thing.section);
    if (!isOneBowl(kind)) continue;
    const key = thing.section!;
    const group = groups.get(key) ?? { things: [], said: saidBy(kind), section: key, place: thing.at };
    group.things.push(thing);
    groups.set(key, group);
  }
  return [...groups.values()];
}

/**
 * The things of a recipe sorted into what is mixed together: by headings that are one bowl, by what the steps mix, and by
 * what stands beside what.
 * @param things all that goes into bowls: no food, nothing to fry in, nothing to serve with
 */
export function groupsOf(
  things: readonly Thing[],
  all: readonly Thing[],
  clauses: readonly Clause[],
  foods: readonly Thing[],
): Group[] {
  const sections = bySection(things);
  const grouped = new Set<Thing>([...all.filter((t) => !things.includes(t)), ...sections.flatMap((g) => g.things)]);
  const steps = bySteps(clauses, grouped, things, sections, foods);
  const groups = [...sections, ...steps];
  const inOne = new Set(groups.flatMap((g) => g.things));
  byNeighbours(
    things.filter((t) => !inOne.has(t)),
    all,
    groups,
    foods,
    clauses.filter(({ deed }) => deed === 'dip'),
  );
  return groups.filter((g) => g.things.length > 0);
}
