import type { Pantry } from '../foods/index.js';
import { capitalised, counted, moment, text, type Text } from '../units/index.js';
import { isSoft } from './crisp.js';
import { crispLost } from './schedule/standing.js';
import type { Found } from './schedule/search.js';
import { scheduled } from './scheduled.js';
import type { Block } from './tasks/block.js';
import type { Cannot, Change, EveningAsked, EveningDish, TaskKind } from './types.js';

/** What cannot be done as it was asked, and the cheapest change that would do. */

/** Share of the usual search that a change is tried with. Our choice. */
const TRIAL_EFFORT = 0.06;

/** A change with the evening as it would be asked then, and how much it asks of the cook, the least first. */
interface Trial {
  change: Change;
  asked: EveningAsked;
  said: Text;
  trouble: number;
}

const withOption = (asked: EveningAsked, d: EveningDish, more: object): EveningAsked => ({
  ...asked,
  options: { ...asked.options, [d.id]: { ...asked.options[d.id], ...more } },
});

/** Changes that may help: another fryer, sauces or freezing ahead, one pair of hands more, a dish left out. */
function trialsOf(asked: EveningAsked): Trial[] {
  const { dishes, fryers, options, cooks } = asked;
  const found: Trial[] = [];
  for (const d of dishes) {
    const wish = options[d.id] ?? {};
    const mine = wish.fryer ?? d.fryer.name;
    for (const f of fryers) {
      if (f.name === mine || wish.ahead?.includes('frozen') || mine === 'both') continue;
      found.push({
        change: { what: 'fryer', dishId: d.id, fryer: f.name },
        asked: withOption(asked, d, { fryer: f.name }),
        said: text`${f.name} for ${d.name}`,
        trouble: 1,
      });
      if (d.cooked.load.batches > 1 && mine === d.fryer.name) {
        found.push({
          change: { what: 'fryer', dishId: d.id, fryer: 'both' },
          asked: withOption(asked, d, { fryer: 'both' }),
          said: text`${d.name} in ${d.fryer.name} and ${f.name} at once`,
          trouble: 2,
        });
      }
    }
    if (d.beside.length > 0 && !wish.ahead?.includes('sauces')) {
      found.push({
        change: { what: 'ahead', dishId: d.id, ahead: [...(wish.ahead ?? []), 'sauces'] },
        asked: withOption(asked, d, { ahead: [...(wish.ahead ?? []), 'sauces'] }),
        said: text`The sauces of ${d.name} made ahead`,
        trouble: 1,
      });
    }
  }
  found.push({
    change: { what: 'cooks', cooks: cooks.length + 1 },
    asked: { ...asked, cooks: [...cooks, { name: `Hands ${cooks.length + 1}` }] },
    said: text`One pair of hands more`,
    trouble: 1.5,
  });
  if (dishes.length > 1) {
    for (const d of dishes) {
      found.push({
        change: { what: 'leave-out', dishId: d.id },
        asked: { ...asked, dishes: dishes.filter((other) => other.id !== d.id) },
        said: text`Without ${d.name}`,
        trouble: 6,
      });
    }
  }
  return found;
}

const firstOf = ({ schedule }: Found): number => schedule.begins.reduce((least, b) => Math.min(least, b), 0);

/** What keeps the evening from beginning later: a fryer with many batches, or hands. */
function bottleneck(asked: EveningAsked, found: Found): Text {
  const { network, compiled, schedule } = found;
  const span = -firstOf(found);
  const fryers = [...new Set(network.batches.map((b) => b.cooked.fryer.name))].map((name) => {
    const mine = network.batches.filter((b) => b.cooked.fryer.name === name);
    const busy = compiled.blocks.reduce((sum, b) => sum + (b.fryer === name ? b.fryerMin[1] - b.fryerMin[0] : 0), 0);
    return { name, batches: mine.length, busy };
  });
  const hands = compiled.blocks.reduce(
    (sum, b, at) => sum + b.parts.reduce((s, p, k) => s + (schedule.hands[at][k] >= 0 ? p.min : 0), 0),
    0,
  );
  const [fullest] = fryers.sort((a, b) => b.busy - a.busy);
  return fullest.busy > hands / asked.cooks.length
    ? text`${fullest.name} needs ${counted(fullest.batches, 'batch', 'batches')}, ${Math.round(fullest.busy)} of the ${Math.round(span)} minutes`
    : text`there are ${Math.round(hands)} minutes of work for ${counted(asked.cooks.length, 'pair')} of hands`;
}

/** The changes that are tried: not all of a large evening, those with the least trouble first. */
const fewest = (trials: readonly Trial[]): Trial[] =>
  [...trials].sort((a, b) => a.trouble - b.trouble).slice(0, MOST_TRIALS);
const MOST_TRIALS = 14;

/** Changes that give a soft dish's fryer more room: it moves, or one that is cooked with it does. */
function roomier(asked: EveningAsked, { table }: Found): Trial[] {
  const soft = new Set(table.filter((b) => isSoft(b.crispness, b.ifFresh)).map((b) => b.fryer));
  const near = new Set(table.filter((b) => soft.has(b.fryer)).map((b) => b.dishId));
  return trialsOf(asked)
    .filter(({ change }) => change.what === 'fryer' && near.has(change.dishId))
    .sort((a, b) => a.trouble - b.trouble)
    .slice(0, MOST_FRYERS_TRIED);
}
const MOST_FRYERS_TRIED = 3;

/** Food that would be out of the cold, or stand cooked, beyond the limit: what would bring it within. */
function notSafely(asked: EveningAsked, pantry: Pantry, { worth, network }: Found): Cannot[] {
  if (worth.cold <= 0) return [];
  const cooked = new Set(network.batches.map((b) => b.cooked.fryer.name));
  const tried = [...trialsOf(asked)]
    .filter(({ change }) => change.what !== 'ahead')
    .sort((a, b) => Number(b.change.what === 'cooks') - Number(a.change.what === 'cooks') || a.trouble - b.trouble)
    .slice(0, MOST_FRYERS_TRIED)
    .map((trial) => ({ trial, cold: scheduled(trial.asked, pantry, { effort: TRIAL_EFFORT }).found.worth.cold }))
    .sort((a, b) => a.cold - b.cold || a.trial.trouble - b.trial.trouble);
  const [best] = tried;
  const helps = best !== undefined && best.cold < worth.cold;
  return [
    {
      why: text`Not safely in one evening: food is out of the cold, or stands cooked, for longer than it may. ${counted(network.batches.length, 'batch', 'batches')} in ${counted(cooked.size, 'fryer')} are too many.`,
      cheapest: helps
        ? text`${best.trial.said} ${best.cold === 0 ? 'brings all of it within the limit' : 'helps most'}.`
        : text`Cook fewer dishes, or serve them one after the other.`,
      change: helps ? best.trial.change : null,
    },
  ];
}

/** Minutes of being late that one step of trouble is worth: nobody leaves a dish out for ten minutes. Our choice. */
const TROUBLE_MIN = 6;

/** The cheapest change: how late the table still is with it, and what it asks of the cook. */
function cheapestInTime(asked: EveningAsked, pantry: Pantry): { trial: Trial; lateMin: number } | null {
  const tried = fewest(trialsOf(asked)).map((trial) => {
    const { found } = scheduled(trial.asked, pantry, { effort: TRIAL_EFFORT });
    return { trial, lateMin: Math.max(0, -firstOf(found) - (asked.tableInMin ?? 0)) };
  });
  const cost = ({ trial, lateMin }: (typeof tried)[number]): number => lateMin + TROUBLE_MIN * trial.trouble;
  const best = tried.sort((a, b) => cost(a) - cost(b))[0];
  return best ?? null;
}

/** What a block is called in a sentence: "the coat of Okra in cornmeal". */
function calledIn(asked: EveningAsked, { parts, dishId }: Block): string {
  const name = asked.dishes.find((d) => d.id === dishId)?.name;
  return `${BLOCK_WORDS[parts[0].kind] ?? parts[0].kind}${name === undefined ? '' : ` of ${name}`}`;
}
const BLOCK_WORDS: Partial<Record<TaskKind, string>> = {
  cut: 'the cutting',
  prepare: 'the making ready',
  mix: 'the mixing',
  sauce: 'the sauce',
  coat: 'the coating',
  oil: 'the batch',
  preheat: 'the batch',
  load: 'the batch',
  wash: 'the washing up',
  finish: 'the finish',
  warm: 'the warming',
  serve: 'the serving',
};

/** Pins that nothing else can give way to. */
function brokenPins(asked: EveningAsked, { compiled, schedule }: Found): Cannot[] {
  const { blocks, pinned } = compiled;
  const told = new Set<number>();
  const isPinned = (at: number): boolean => at >= 0 && !Number.isNaN(pinned[at]);
  return [...schedule.broken]
    .sort((a, b) => b.byMin - a.byMin)
    .flatMap(({ from, to, byMin }): Cannot[] => {
      const at = isPinned(from) ? from : to;
      if (!isPinned(at) || told.has(at)) return [];
      told.add(at);
      const mine = asked.pins.find((p) => p.id.split('#')[0] === blocks[at].group)?.id ?? blocks[at].id;
      const min = Math.max(1, Math.round(byMin));
      const why =
        to < 0
          ? text`It would be over ${counted(min, 'minute')} after the table.`
          : at === from
            ? text`${capitalised(calledIn(asked, blocks[to]))} has to begin ${counted(min, 'minute')} before this would be over.`
            : text`It would begin ${counted(min, 'minute')} before ${calledIn(asked, blocks[from])} is over.`;
      return [{ why, cheapest: text`Let it go where it fits.`, change: { what: 'unpin', id: mine } }];
    });
}

/**
 * What of an evening cannot be, and the nearest that can: a table that is too soon, pins that break an order, pieces that
 * would be soft where another fryer would keep them crisp.
 */
export function cannotOf(asked: EveningAsked, pantry: Pantry, found: Found, lateMin: number): Cannot[] {
  const all = brokenPins(asked, found);
  if (lateMin > LATE_MIN) {
    const best = cheapestInTime(asked, pantry);
    const helps = best && best.lateMin < lateMin - LATE_MIN;
    all.push({
      why: text`Not before ${moment(Math.ceil(lateMin))}: ${bottleneck(asked, found)}.`,
      cheapest: helps
        ? text`${best.trial.said} brings it to ${moment(best.lateMin < LATE_MIN ? 0 : Math.ceil(best.lateMin))}.`
        : text`Eat at ${moment(Math.ceil(lateMin))}.`,
      change: helps ? best.trial.change : { what: 'later', byMin: Math.ceil(lateMin) },
    });
    return all;
  }
  all.push(...notSafely(asked, pantry, found));
  const soft = crispLost(found.table);
  if (soft.softPieces > 0) {
    const better = roomier(asked, found)
      .map((trial) => ({
        trial,
        lost: crispLost(scheduled(trial.asked, pantry, { effort: TRIAL_EFFORT }).found.table),
      }))
      .sort((a, b) => a.lost.softPieces - b.lost.softPieces || a.lost.lost - b.lost.lost)[0];
    if (better && better.lost.softPieces < soft.softPieces) {
      all.push({
        why: text`${counted(soft.softPieces, 'piece')} would be soft when they are eaten.`,
        cheapest: text`${better.trial.said} leaves ${better.lost.softPieces === 0 ? 'none' : better.lost.softPieces} of them soft.`,
        change: better.trial.change,
      });
    }
  }
  return all;
}
/** Less than this is in time, min. */
const LATE_MIN = 0.75;
