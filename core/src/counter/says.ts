import { setTo, text, type Text } from '../units/index.js';
import { WORTH_SAYING_S } from './constants.js';
import type { BatchCorrection, Corrections } from './correct.js';
import type { CookState } from './fold.js';
import type { LivePlan } from './live.js';
import type { CounterBatch, Programme, Saw } from './types.js';

/** What the re-planned cook says of itself, and what to do about what was seen. */

/** Minutes as they are said: "1½ min". */
export function halfMinutes(seconds: number): string {
  const halves = Math.max(1, Math.round(Math.abs(seconds) / 30));
  const whole = Math.floor(halves / 2);
  return `${whole === 0 ? '' : whole}${halves % 2 === 1 ? '½' : ''} min`;
}

export const batchName = (batch: CounterBatch, programme: Programme): string => {
  const dish = programme.dishes.find((d) => d.id === batch.dishId)?.name ?? '';
  return batch.of > 1 ? `${dish}, batch ${batch.number}` : dish;
};

/** Something that the cook is told of the plan. */
export interface CounterSaid {
  /** The same for the same thing: told once. */
  key: string;
  text: Text;
}

/** What a correction changes of a batch: how far ahead or behind it is, when it is done, and another setting. */
function batchSays(
  correction: BatchCorrection,
  batch: CounterBatch,
  programme: Programme,
  doneAt: string | null,
  isIn: boolean,
): CounterSaid[] {
  const { takesS, plannedS, setC, told } = correction;
  if (told === 0) return [];
  const fryer = batch.fryer.name;
  const off = plannedS - takesS;
  const said: CounterSaid[] = [];
  if (Math.abs(off) >= WORTH_SAYING_S) {
    const when = doneAt === null ? '' : ` done at ${doneAt}`;
    const which = batchName(batch, programme);
    said.push({
      key: `${batch.key}:${Math.round(off / 30)}`,
      text: isIn
        ? text`${fryer} is about ${halfMinutes(off)} ${off > 0 ? 'ahead' : 'behind'}: ${which}${when}.`
        : text`${which} will take about ${halfMinutes(off)} ${off > 0 ? 'less' : 'more'} in ${fryer}, by what was seen.`,
    });
  }
  if (setC !== null) {
    said.push({
      key: `${batch.key}:set:${setC}`,
      text: text`Set ${fryer} to ${setTo(setC, batch.fryer.stepC)} for ${batchName(batch, programme)}, not to ${setTo(batch.plan.settings.tempC, batch.fryer.stepC)}: it runs ${correction.belief.mean.offsetK > 0 ? 'hot' : 'cool'}.`,
    });
  }
  return said;
}

/**
 * What is to be said of a cook now, the batches in the fryers first.
 * @param clock a time of the cook's clock as it is shown, "19:04"
 */
export function saysNow(
  programme: Programme,
  state: CookState,
  corrections: Corrections,
  live: LivePlan,
  clock: (s: number) => string,
): CounterSaid[] {
  const open = programme.batches.filter((b) => (state.batches.get(b.key)?.outS ?? null) === null);
  const isIn = (b: CounterBatch): boolean => (state.batches.get(b.key)?.inS ?? null) !== null;
  const of = (b: CounterBatch): CounterSaid[] => {
    const correction = corrections.get(b.key);
    if (!correction) return [];
    const timer = live.timers.filter((t) => t.batch === b.key).at(-1);
    return batchSays(correction, b, programme, timer ? clock(timer.toS) : null, isIn(b));
  };
  const table: CounterSaid[] =
    live.behindS > 0
      ? [
          {
            key: `table:${Math.round(live.behindS / 60)}`,
            text: text`On the table at ${clock(live.tableS)}, about ${halfMinutes(live.behindS)} later than planned.`,
          },
        ]
      : [];
  return [...open.filter(isIn).flatMap(of), ...open.filter((b) => !isIn(b)).flatMap(of), ...table];
}

/** What to do at once about what was seen, and at the next batch. Common practice, no source. */
const ABOUT: Record<Saw, { words: string; now: string; next: string }> = {
  'as-expected': { words: 'As it should be', now: 'Good. Nothing changes.', next: '' },
  paler: { words: 'Paler', now: 'It gets the minutes that it needs; oil what is dry, outside the fryer.', next: '' },
  darker: { words: 'Darker', now: 'It comes out sooner; the centre still decides.', next: '' },
  'soft-under': {
    words: 'Soft underneath',
    now: 'Turn them now, with air between them, and two minutes more.',
    next: 'Next batch: fewer pieces at a time, on the bare basket.',
  },
  torn: {
    words: 'Coat torn',
    now: 'Leave them: what has not set tears again. Dab a little oil on bare spots.',
    next: 'Next batch: rest the coat, turn later, with a thin flat turner.',
  },
  floury: {
    words: 'White, floury spots',
    now: 'Oil these spots outside the fryer: flour without fat stays white.',
    next: 'Next batch: tap off more, and oil all over before it goes in.',
  },
  stuck: {
    words: 'Stuck',
    now: 'Give them two minutes more, then ease them off with something thin.',
    next: 'Next batch: oil the basket while it is cold.',
  },
  ran: {
    words: 'Batter ran',
    now: 'Leave them until it has set, then part them.',
    next: 'Next batch: a little more flour in the batter, and let it drip longer.',
  },
};

export const sawWords = (saw: Saw): string => ABOUT[saw].words;

/** What to do about a sight: at once, and with what is still to come. */
export const aboutSight = (saw: Saw, more: boolean): string[] =>
  [ABOUT[saw].now, more ? ABOUT[saw].next : ''].filter((said) => said !== '');

/** "6 min 30 s", "45 s", "overdue by 20 s". */
export function leftSaid(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  const [min, s] = [Math.floor(whole / 60), whole % 60];
  const said = [min > 0 ? `${min} min` : '', s > 0 || min === 0 ? `${s} s` : ''].filter((p) => p !== '').join(' ');
  return seconds < 0 ? `over by ${said}` : said;
}
