import type { Clause } from './clauses.js';
import { does, has, type Group } from './group.js';
import type { Thing } from './things.js';

/** Whether a thing goes on with the bowl of the line before it. */
export function goesWith(group: Group, thing: Thing): boolean {
  if (group.said === 'sauce' || group.said === 'dip') {
    if (thing.section !== group.things.at(-1)?.section) return false;
    return (
      thing.section !== null ||
      (['sauce', 'sharp', 'season'].includes(does(thing)) && group.things.some((t) => t.at === thing.at - 1))
    );
  }
  if (group.said === 'filling') return thing.section === group.things.at(-1)?.section && does(thing) !== 'finish';
  switch (does(thing)) {
    case 'season':
    case 'oil':
      return true;
    case 'sharp':
      return has(group, 'glue', 'thin', 'sharp') || group.said === 'marinade';
    case 'sauce':
      return has(group, 'sauce');
    case 'glue':
      return has(group, 'glue', 'thin') && !has(group, 'powder', 'finish');
    case 'thin':
      return has(group, 'glue', 'thin', 'powder') && !has(group, 'finish');
    case 'powder': {
      const crumbs = group.things.some((t) => does(t) === 'finish' && t.item?.dry?.grain !== 'meal');
      return has(group, 'powder', 'finish') && !crumbs && !has(group, 'glue', 'thin');
    }
    case 'finish':
      // Meal is stirred into flour; crumbs are a bowl of their own.
      if (thing.item?.dry?.grain === 'meal' && has(group, 'powder')) return !has(group, 'glue', 'thin');
      return has(group, 'finish') && !has(group, 'glue', 'thin');
    default:
      return false;
  }
}

/** What no heading and no step puts anywhere: with the line before it, or a bowl of its own. */
export function byNeighbours(
  left: readonly Thing[],
  all: readonly Thing[],
  groups: Group[],
  foods: readonly Thing[],
  dips: readonly Clause[],
): void {
  const named = dips.map(({ mentions, words }) => ({ words, sure: mentions.filter((m) => m.things.length === 1) }));
  const dipped = new Set(named.flatMap(({ sure }) => sure.map((m) => m.things[0])));
  /** "Toss with flour and starch": one bowl of both. */
  const together = (a: Thing, b: Thing): boolean =>
    named.some(({ words, sure }) =>
      sure.some(
        (m, k) =>
          sure[k + 1] &&
          (words[sure[k + 1].word - 1] === 'and' || sure[k + 1].word === m.word + 1) &&
          [m, sure[k + 1]].every((x) => [a, b].includes(x.things[0])),
      ),
    );
  // What is dipped into by its own name is a bowl of its own: "flour, then egg, then semolina".
  const apart = (group: Group, thing: Thing): boolean =>
    dipped.has(thing) &&
    has({ things: [thing] }, 'powder', 'finish') &&
    group.things.some((t) => dipped.has(t) && has({ things: [t] }, 'powder', 'finish') && !together(t, thing));
  for (const thing of left) {
    const before = all.slice(0, thing.at).reverse();
    const near = before.map((t) => groups.find((g) => g.things.includes(t)) ?? (foods.includes(t) ? 'food' : null));
    const group = near.find((g) => g !== null) ?? null;
    const same = group !== null && group !== 'food' && !apart(group, thing) && goesWith(group, thing) ? group : null;
    const other = groups.find(
      (g) =>
        g.said === null && does(thing) !== 'season' && does(thing) !== 'oil' && !apart(g, thing) && goesWith(g, thing),
    );
    const into = same ?? other;
    if (into) {
      into.things.push(thing);
      into.near = [...(into.near ?? []), thing];
    } else if (does(thing) === 'season' || does(thing) === 'oil') {
      const ofFood = groups.find((g) => g.said === 'food');
      if (group === 'food' || group === null) {
        if (ofFood) ofFood.things.push(thing);
        else groups.push({ things: [thing], said: 'food', section: thing.section, place: thing.at });
      } else groups.push({ things: [thing], said: 'food', section: thing.section, place: thing.at });
    } else
      groups.push({
        things: [thing],
        said: does(thing) === 'sauce' ? 'dip' : null,
        section: thing.section,
        place: groups.length,
      });
  }
}
