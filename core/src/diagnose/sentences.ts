import { celsius, grams, millimetres, text, type Text } from '../units/index.js';
import { likelyTold } from './likelihood.js';
import type { CauseKey } from './causes/index.js';
import { SAID } from './constants.js';
import { isDid } from './did.js';
import type { Hypothesis, Posterior } from './posterior.js';
import { wordIn, type Field, type Observation } from './seen.js';
import type { ValueOf } from './values.js';

/** What is said of "none", "some" and "much" of something. */
const amount =
  (none: string, some: string, much: string) =>
  (word: string | undefined): Text =>
    text`${word === 'none' ? none : word === 'some' ? some : much}`;
const yesNo =
  (yes: string, no: string) =>
  (word: string | undefined): Text =>
    text`${word === 'yes' ? yes : no}`;
const whole = (value: number): string => String(Math.round(value));
const times = (value: number): string => (Math.round(value) === 1 ? 'once' : `${whole(value)} times`);

/** How each field is said, by its word or its value. */
const SAID_OF_FIELD: Record<Field, (word: string | undefined, value: number) => Text> = {
  colourTop: (word) => text`the top was ${word ?? ''}`,
  colourUnder: (word) => text`the underside was ${word ?? ''}`,
  centreC: (_, value) => text`the centre was at ${celsius(value)}`,
  bald: amount('the coat stayed on', 'some of the coat came off', 'much of the coat came off'),
  floury: amount('nothing was floury', 'some places were floury', 'many places were floury'),
  soggyUnder: amount('the underside was dry', 'the underside was a little soft', 'the underside was soggy'),
  stuck: amount('it came away clean', 'it stuck in places', 'it stuck fast'),
  ranOff: amount('nothing ran off', 'some of the batter ran off', 'much of the batter ran off'),
  crumbsOff: amount('the crumbs stayed put', 'some crumbs flew off', 'many crumbs flew off'),
  crunchNow: (word) => text`the crust was ${word ?? ''}`,
  crunchLater: (word) => text`ten minutes later it was ${word ?? ''}`,
  firmness: (word) => text`the inside was ${word ?? ''}`,
  juice: (word) => text`the inside was ${word ?? ''}`,
  bite: (word) => text`the crust ate ${word ?? ''}`,
  chew: (word) => text`the coat had ${word === 'tough' ? 'a tough bite' : (word ?? '')}`,
  wetSkin: yesNo('the skin was wet', 'the skin was dry'),
  waterOut: yesNo('the water was taken out first', 'the water was left in'),
  thicknessMm: (_, value) => text`a piece was ${millimetres(value)} thick`,
  startC: (_, value) => text`the food began at ${celsius(value)}`,
  dusted: yesNo('it was dusted', 'it was not dusted'),
  tapped: yesNo('the dust was tapped off', 'the dust was not tapped off'),
  batter: (_, value) => text`the batter had ${whole(value * 100)} % of its liquid`,
  pressed: yesNo('the crumbs were pressed on', 'the crumbs were not pressed on'),
  restMin: (_, value) => text`it rested ${whole(value)} min`,
  oilG: (_, value) => text`${grams(value)} of oil went on`,
  bothSides: yesNo('both sides were oiled', 'one side was oiled'),
  preheated: yesNo('the fryer was hot', 'the fryer was cold'),
  airOffC: (_, value) => text`its air was ${whole(Math.abs(value))} K ${value < 0 ? 'below' : 'above'} the setting`,
  rack: (_, value) => text`it stood on the ${value < 0.5 ? 'lower' : value > 1.5 ? 'upper' : 'middle'} rack`,
  parchment: yesNo('parchment lay under it', 'it lay on the bare basket'),
  piecesAtOnce: (_, value) => text`${whole(value)} pieces lay in at once`,
  openings: (_, value) => text`it was opened ${times(value)} beside turning`,
  turned: yesNo('it was turned', 'it was not turned'),
  turnedAtMin: (_, value) => text`it was turned after ${whole(value)} min`,
  minutes: (_, value) => text`it was in for ${whole(value)} min`,
  burningLater: yesNo('what burns went on at the end', 'what burns was in from the start'),
  sauceGm2: (_, value) => text`the sauce was ${whole(value)} g on each m²`,
  coolMin: (_, value) => text`it cooled ${whole(value)} min before the sauce`,
  onPlate: yesNo('it waited on a plate', 'it waited on a rack'),
};

const capital = ([first, ...rest]: Text): Text =>
  typeof first === 'string' ? [first.charAt(0).toUpperCase() + first.slice(1), ...rest] : [first, ...rest];

/** What was told of a field, as a cook would say it; a word stands for the middle of its values. */
export function toldText({ field, told, from, to }: Observation): Text {
  const value = typeof told === 'number' ? told : (from + to) / 2;
  const word = typeof told === 'string' ? told : wordIn(field, value);
  return SAID_OF_FIELD[field](word, value);
}

/** Fields whose word says it all. */
const BY_WORD: readonly Field[] = [
  'colourTop',
  'colourUnder',
  'crunchNow',
  'crunchLater',
  'firmness',
  'juice',
  'bite',
  'chew',
];

/** What comes out of a field, in as few words as it takes after it was named. */
function inShort(field: Field, value: number): Text {
  const word = wordIn(field, value);
  if (field === 'centreC') return text`${celsius(value)}`;
  return BY_WORD.includes(field) && word !== undefined ? text`${word}` : SAID_OF_FIELD[field](word, value);
}

/** How much one thing that was told speaks for a cause against another, as a logarithm. */
export interface Speaks {
  observation: Observation;
  by: number;
}

/** How likely one thing is to be told of some hypotheses, each by its share. */
function likely(of: readonly Hypothesis[], observation: Observation): number {
  const all = of.reduce((sum, h) => sum + h.share, 0);
  return of.reduce((sum, { values, share }) => {
    const value = values(observation);
    return sum + (share / all) * (value === undefined ? 1 : likelyTold(observation, value));
  }, 0);
}

/** How each thing that was told speaks for or against a cause among all that may have been, the strongest first. */
export function speaksOf({ hypotheses, observations }: Posterior, key: CauseKey): Speaks[] {
  const own = hypotheses.filter(({ cause, share }) => cause.key === key && share > 0);
  const others = hypotheses.filter(({ cause, share }) => cause.key !== key && share > 0);
  if (own.length === 0 || others.length === 0) return [];
  return strongest(
    observations.map((observation) => ({
      observation,
      by: Math.log(likely(own, observation) / likely(others, observation)),
    })),
  );
}

/** How each thing that was seen speaks for one cook against another, the strongest first. */
export function speaksBetween(observations: readonly Observation[], values: ValueOf, other: ValueOf): Speaks[] {
  return strongest(
    observations.flatMap((observation) => {
      const [here, there] = [values(observation), other(observation)];
      if (isDid(observation.field) || here === undefined || there === undefined) return [];
      return [{ observation, by: Math.log(likelyTold(observation, here) / likelyTold(observation, there)) }];
    }),
  );
}

const strongest = (speaks: Speaks[]): Speaks[] => speaks.sort((a, b) => Math.abs(b.by) - Math.abs(a.by));

/**
 * What speaks for a cause and what against it, in sentences.
 * @param values what comes out with the cause; @param planned what the plan comes to
 */
export function saidOf(speaks: readonly Speaks[], values: ValueOf, planned: ValueOf): { for: Text[]; against: Text[] } {
  const said = (observation: Observation, way: 'for' | 'against'): Text => {
    const told = capital(toldText(observation));
    const [with_, without] = [values(observation), planned(observation)];
    if (with_ === undefined || without === undefined) return text`${told}.`;
    const came = inShort(observation.field, with_);
    const meant = inShort(observation.field, without);
    if (way === 'against') return text`${told}; with this, ${came}.`;
    return JSON.stringify(came) === JSON.stringify(meant)
      ? text`${told}, as with this.`
      : text`${told}, as with this; by the plan, ${meant}.`;
  };
  const pick = (way: 'for' | 'against'): Text[] =>
    speaks
      .filter(({ by }) => (way === 'for' ? by > SAID.for : by < -SAID.against))
      .slice(0, SAID.most)
      .map(({ observation }) => said(observation, way));
  return { for: pick('for'), against: pick('against') };
}
