import { counted, plain, type Text } from '../units/index.js';
import type { CardBowl, CardItem, RecipeCard } from './types.js';

/** Puts a sentence into somebody's units. */
export type Say = (text: Text) => string;

/** "2 tbsp (30 g) soy sauce". */
export const itemWords = ({ amount, name }: CardItem, say: Say = plain): string => `${say(amount)} ${name}`;

/** "Galley, 190 °C, 12 minutes, turned after 6; 2 batches of up to 12". */
export function settingWords({ settings: s }: Pick<RecipeCard, 'settings'>, say: Say = plain): string {
  const turn = s.turnAtMin === null ? '' : `, turned after ${counted(Math.round(s.turnAtMin), 'minute')}`;
  const heat = s.preheat ? `preheated to ${say(s.preheat)}, ` : '';
  const batches = s.batches === 1 ? 'all at once' : `${s.batches} batches of up to ${s.piecesPerBatch}`;
  return `${s.fryer}: ${heat}${say(s.setting)}, ${counted(Math.round(s.minutes), 'minute')}${turn}; ${batches}`;
}

const about = ({ value, off }: { value: number; off: number }, unit: string): string =>
  `${Math.round(value)} ± ${Math.max(1, Math.round(off))} ${unit}`;

/** One person's figures in a line: estimates. */
export const servingWords = ({ perServing: p }: Pick<RecipeCard, 'perServing'>): string =>
  `One of ${p.people}: ${about(p.energyKcal, 'kcal')}, protein ${about(p.proteinG, 'g')}, fat ${about(p.fatG, 'g')}, carbohydrate ${about(p.carbohydrateG, 'g')}, salt ${p.saltG.value.toFixed(1)} g. Estimates, no advice.`;

/** What all ends with. */
export const DEFERS =
  'Cautions never replace the appliance’s manual, local rules, the packets’ labels or a professional’s advice.';

interface Style {
  title: (text: string) => string;
  head: (text: string) => string;
  under: (text: string) => string;
  point: (text: string) => string;
  step: (text: string, number: number) => string;
  /** What would be taken for markup. */
  safe: (text: string) => string;
}

const MARKDOWN: Style = {
  title: (t) => `# ${t}`,
  head: (t) => `\n## ${t}\n`,
  under: (t) => `\n### ${t}\n`,
  point: (t) => `- ${t}`,
  step: (t, n) => `${n}. ${t}`,
  safe: (t) => t.replace(/([\\`*_[\]<>#|])/g, '\\$1'),
};

const PLAIN_TEXT: Style = {
  title: (t) => `${t}\n${'='.repeat(Math.min(60, t.length))}`,
  head: (t) => `\n${t.toUpperCase()}`,
  under: (t) => `\n${t}:`,
  point: (t) => `- ${t}`,
  step: (t, n) => `${n}. ${t}`,
  safe: (t) => t,
};

const bowlLines = ({ name, note, items }: CardBowl, number: number | null, style: Style, say: Say): string[] => [
  style.under(style.safe(`${number === null ? '' : `${number}. `}${name}${note ? ` (${note})` : ''}`)),
  ...items.map((item) => style.point(style.safe(itemWords(item, say)))),
];

function written(card: RecipeCard, style: Style, say: Say): string {
  const { times } = card;
  const safe = (text: string): string => style.safe(text);
  const lines = [
    style.title(safe(card.name)),
    '',
    ...(card.note ? [safe(card.note), ''] : []),
    safe(`For ${card.people}, ${counted(card.pieces, 'piece')}. ${settingWords(card, say)}.`),
    safe(`About ${times.prepMin} minutes before the fryer, ${times.cookMin} in it.`),
    style.head('The food'),
    ...card.food.map((item) => style.point(safe(itemWords(item, say)))),
    ...(card.oil ? [style.point(safe(itemWords(card.oil, say)))] : []),
    ...(card.bowls.length > 0 ? [style.head('Bowls, in the order of dipping')] : []),
    ...card.bowls.flatMap((bowl, k) => bowlLines(bowl, k + 1, style, say)),
    ...(card.beside.length > 0 ? [style.head('Beside the coat')] : []),
    ...card.beside.flatMap((bowl) => bowlLines(bowl, null, style, say)),
    style.head('Steps'),
    ...card.steps.map((step, k) => style.step(safe(say(step)), k + 1)),
    style.head('Before it is served'),
    ...card.checks.map((check) => style.point(safe(say(check)))),
    style.head('Cautions'),
    ...card.cautions.filter((c) => c.about !== 'centre').map((c) => style.point(safe(say(c.text)))),
    '',
    safe(DEFERS),
    '',
    safe(servingWords(card)),
    '',
  ];
  return lines.join('\n').replace(/\n{3,}/g, '\n\n');
}

/** The card as Markdown. @param say whose units it is written in; SI without */
export const cardMarkdown = (card: RecipeCard, say: Say = plain): string => written(card, MARKDOWN, say);

/** The card as plain text. @param say whose units it is written in; SI without */
export const cardText = (card: RecipeCard, say: Say = plain): string => written(card, PLAIN_TEXT, say);
