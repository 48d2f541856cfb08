import { counted, kelvins, text, type Text } from '../units/index.js';
import type { FryerOff } from './joint.js';
import type { LearnedFryer } from './learned.js';
import { SAID_FROM } from './constants.js';

const percent = (log: number): number => Math.round(100 * Math.abs(Math.exp(log) - 1));

/** "runs 9 ± 4 °C hot": null where it is as its page says, as far as anybody can tell. */
function thermostat({ offsetK }: FryerOff, off: FryerOff): Text | null {
  if (Math.abs(offsetK) < SAID_FROM.kelvin) return null;
  const which = offsetK > 0 ? 'hotter' : 'cooler';
  return text`${kelvins(Math.abs(offsetK))} ± ${kelvins(off.offsetK)} ${which} than its setting`;
}

function share(log: number, off: number, more: string, less: string): Text | null {
  if (percent(log) < SAID_FROM.percent) return null;
  return text`${percent(log)} ± ${percent(off)} % ${log > 0 ? more : less}`;
}

/** What was learned of a fryer, in a sentence: "Galley runs 9 ± 4 °C hotter than its setting, by 6 cooks." */
export function saidOfFryer(name: string, { belief: { mean }, spread, taught }: LearnedFryer): Text {
  const by = counted(taught.length, 'cook');
  if (taught.length === 0) return text`Nothing was learned of ${name} yet.`;
  const runs = thermostat(mean, spread);
  const air = share(mean.airLog, spread.airLog, 'stronger', 'weaker');
  const lower = share(mean.lowerLog, spread.lowerLog, 'faster', 'slower');
  const browns = share(mean.browningLog, spread.browningLog, 'faster', 'slower');
  const parts = [
    ...(runs ? [text`runs ${runs}`] : [text`keeps its setting within ${kelvins(spread.offsetK)}`]),
    ...(air ? [text`blows ${air} than its kind`] : []),
    ...(browns ? [text`browns ${browns}`] : []),
    ...(lower ? [text`on its lower rack ${lower} than above`] : []),
  ];
  const listed = parts.reduce((said, part, k) =>
    k === 0 ? part : k === parts.length - 1 ? text`${said} and ${part}` : text`${said}, ${part}`,
  );
  return text`${name} ${listed}, by ${by}.`;
}
