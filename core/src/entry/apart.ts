import { recognise, type Pantry } from '../foods/index.js';

/** What cooks write between bowls, and between the things of one. Common practice, no source. */

/** A new bowl begins here, by the cook's own word. */
const BREAK = /;|\n\s*\n|→|->|\bthen\b|(?<=^|\n|\.\s+)\s*(?:for the\b[^:\n]*:?|[a-z ]{2,24}:)/gi;
/** Things within a bowl. A comma between figures is a decimal. */
const BETWEEN = /\n|,(?!\d)|\s[+/]\s/;
/** A list's own numbers: "1. flour 2. egg". */
const LIST_NUMBERS = /(?<=^|\n)\s*\d{1,2}[.)]\s+|\s+\d{1,2}[.)]\s+(?=[a-z])/gi;

const FIGURES = String.raw`[\d½¼¾⅓⅔⅛][\d./½¼¾⅓⅔⅛]*`;
const WITH_MEASURE = String.raw`\s?(?:g|kg|ml|l|cups?|tbsps?|tsps?|oz|lb)\b`;
/** Before an amount that follows a thing without a comma: "100 ml beer 100 g flour". */
const NEXT_AMOUNT = new RegExp(String.raw`(?<=[a-z])\s+(?=${FIGURES}${WITH_MEASURE})`, 'i');
/** A thing before its amount: "Flour: 1 cup". */
const THING_FIRST = new RegExp(
  String.raw`(?<=^|[\n,;])(\s*)([a-z ]{2,24}):(?=\s*${FIGURES}(?:${WITH_MEASURE})?\s*(?:[,;\n]|$))`,
  'gi',
);
/** A heading says that all of it is one bowl. */
const ONE_BATTER = /\bbatter\b[^:\n]*:/i;

/** The cook's own bowls, as text; all in one where none are told apart, and whether each is a bowl by the cook's own word. */
export function bowlTexts(pantry: Pantry, text: string): { texts: string[]; own: boolean } {
  const tidied = text
    .replace(LIST_NUMBERS, ', ')
    .replace(THING_FIRST, (all, space: string, thing: string) =>
      recognise(pantry, thing)?.beside.length === 0 ? `${space}${thing} ` : all,
    );
  const texts = tidied.split(BREAK).filter((part) => part.trim() !== '');
  return { texts, own: texts.length > 1 || ONE_BATTER.test(text) };
}

/** The things of one bowl, as they were written; at "and" and at amounts they are parted by what they are. */
export const thingTexts = (text: string): string[] =>
  text
    .split(BETWEEN)
    .map((piece) => piece.trim())
    .filter((piece) => /[a-z0-9½¼¾⅓⅔⅛]/i.test(piece));

/** At each amount but the first. */
export const atAmounts = (text: string): string[] => text.split(NEXT_AMOUNT);
