import { unmade, type AirPlan } from '../../dish/index.js';
import type { Portion } from '../../foods/index.js';
import type { AirResult } from '../../plan/index.js';
import { counted, grams, listed, setTo, text } from '../../units/index.js';
import type { Change } from './change.js';

/** What is done to the food before any coat that is not done today. */
export function foodChanges({ plan }: AirResult, food: string): Change[] {
  const { making } = plan;
  const out: Change[] = [];
  if (making?.halved) {
    const said = text`Cut the ${food} flat through the middle, so that each piece is half as thick.`;
    // Where a hand has laid the thin pieces, the thick ones would not lie.
    out.push({ id: 'halved', text: said, without: { ...unmade(plan, 'halved'), laying: undefined } });
  }
  if (making?.patted) {
    out.push({ id: 'patted', text: text`Pat the ${food} dry with a cloth.`, without: unmade(plan, 'patted') });
  }
  return out;
}

const total = ({ settings, second }: AirPlan): number => settings.minutes + (second?.minutes ?? 0);

/** The plan in one go at the temperature that it begins with. */
const atOneTemperature = (plan: AirPlan): AirPlan => ({
  ...plan,
  second: null,
  settings: { ...plan.settings, minutes: total(plan) },
});

/** The plan with what is scattered on later back in its finish. */
const inFinish = (plan: AirPlan, later: readonly Portion[]): AirPlan => ({
  ...unmade(plan, 'later'),
  layers: plan.layers.map((l, at) =>
    at === plan.layers.length - 1 ? { ...l, portions: [...l.portions, ...later] } : l,
  ),
});

/** What is done to the coated pieces and in the fryer beyond laying them in: rest, freezer, oil, turning, parchment, heat. */
export function cookChanges({ plan, sprayOilG, stepC }: AirResult, names: (id: string) => string): Change[] {
  const { settings, restMin, oilGm2, making, second } = plan;
  const withSettings = (more: Partial<AirPlan['settings']>): AirPlan => ({
    ...plan,
    settings: { ...settings, ...more },
  });
  const out: Change[] = [];
  if (restMin > 0) {
    const said = text`Let the coated pieces rest ${counted(Math.round(restMin), 'minute')}.`;
    out.push({ id: 'rest', text: said, without: { ...plan, restMin: 0 } });
  }
  if (making?.frozen) {
    const said = text`Freeze the coated pieces hard, and put them in frozen.`;
    out.push({ id: 'frozen', text: said, without: unmade(plan, 'frozen') });
  }
  if (making?.later?.length) {
    out.push({
      id: 'later',
      text: text`Keep the ${listed(making.later.map((p) => names(p.ingredientId)))} out of the finish, and scatter it over the hot pieces.`,
      without: inFinish(plan, making.later),
    });
  }
  if (oilGm2 > 0) {
    const said = text`Spray about ${grams(sprayOilG, 0)} of oil over all of them.`;
    out.push({ id: 'spray', text: said, without: { ...plan, oilGm2: 0 } });
  }
  if (settings.under === 'parchment') {
    const said = text`Lay them on oiled parchment until the coat has set.`;
    out.push({ id: 'parchment', text: said, without: withSettings({ under: 'basket' }) });
  }
  if (settings.preheatC !== undefined && settings.preheatC > settings.tempC) {
    const said = text`Preheat to ${setTo(settings.preheatC, stepC)}, and turn it down when they go in.`;
    out.push({ id: 'hotter-start', text: said, without: withSettings({ preheatC: undefined }) });
  }
  if (settings.turnAtMin !== null) {
    const said = text`Turn them after ${counted(Math.round(settings.turnAtMin), 'minute')}.`;
    out.push({ id: 'turn', text: said, without: withSettings({ turnAtMin: null }) });
  }
  if (second && !second.sauce && second.coolMin === 0) {
    const said = text`Begin at ${setTo(settings.tempC, stepC)}, and set it to ${setTo(second.tempC, stepC)} after ${counted(settings.minutes, 'minute')}.`;
    out.push({ id: 'two-temperatures', text: said, without: atOneTemperature(plan) });
  }
  return out;
}
