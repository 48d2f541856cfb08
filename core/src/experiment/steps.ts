import type { AirPlan } from '../dish/index.js';
import type { Asked } from '../plan/index.js';
import { capitalised, counted, listed, setTo, text, type Text } from '../units/index.js';
import type { PlannedWay, ToCompare } from './types.js';

/** What is done one after the other, from the tray to the codes. */
export function stepsOf(
  { fryer }: Asked,
  { settings }: AirPlan,
  ways: readonly PlannedWay[],
  laying: ToCompare['laying'],
): Text[] {
  const marks = ways.map((w) => w.mark).join(', ');
  const many = ways.map((w) => `${w.pieces} ${w.mark}`).join(', ');
  const turned = settings.turnAtMin === null ? '' : ` Turn the pieces where they lie after ${settings.turnAtMin} min.`;
  const round = laying === 'halves' ? ' Turn the basket round by half after half the time.' : '';
  return [
    text`Mark the tray ${marks}, and coat ${many}: each on its own part.`,
    ...otherwise(ways),
    text`Lay them as on the picture, and leave the order alone.`,
    text`All together: ${setTo(settings.tempC, fryer.stepC)}, ${counted(settings.minutes, 'minute')}.${turned}${round}`,
    text`Take them out onto the marked tray, each to its letter.`,
    text`Whoever does not taste gives each letter its code, and serves them in the order of the list.`,
  ];
}

/** What is done otherwise before the basket, way by way: pieces patted, coats rested, and what only the cook knows. */
function otherwise(ways: readonly PlannedWay[]): Text[] {
  const said = (of: (way: PlannedWay) => string): string =>
    capitalised(listed(ways.map((way) => `${way.mark} ${of(way)}`)));
  const differs = (of: (way: PlannedWay) => unknown): boolean => new Set(ways.map(of)).size > 1;
  const own = ways.filter(({ way }) => way.what === 'own');
  return [
    ...(differs(({ plan }) => plan.making?.patted ?? false)
      ? [text`${said(({ plan }) => (plan.making?.patted ? 'is patted dry first' : 'is left as it is'))}.`]
      : []),
    ...(differs(({ plan }) => plan.restMin)
      ? [
          text`Coat the one that rests longest first: ${said(({ plan: { restMin } }) =>
            restMin === 0 ? 'goes in at once' : `rests ${counted(restMin, 'minute')}`,
          )}.`,
        ]
      : []),
    ...own.map(({ mark, name }) => text`${mark} is yours to make: ${name}.`),
  ];
}
