import { recognise, type Pantry } from '../foods/index.js';
import { readAmount } from '../entry/index.js';
import {
  BULLET,
  clean,
  firstWord,
  headingOf,
  HEATS,
  isBareHeading,
  isIngredient,
  isSentence,
  isStep,
  listedIn,
  NUMBERED,
  regionOf,
  servingsIn,
  STARTS_AMOUNT,
  startsWithVerb,
  TIMES,
  VERBS,
  words,
  YIELD,
  type Region,
} from './lineLooks.js';
import { sectionKind } from './sections.js';
import type { RecipeText, WrittenLine } from './types.js';

/** "Batter mix (120 g flour, 1 tsp salt)": a label with its list in brackets. */
const BRACKETED = /^([A-Za-z][A-Za-z &’'-]{1,34})\s*\(([^()]{6,})\)$/;
/** "Batter: 1 cup flour, 1 cup beer": the label before a list. */
const LABELLED = /^([A-Za-z][A-Za-z &’'()-]{1,34}):\s+(.{3,})$/;

/** A point of a list with more words that begins with a deed is a step. */
const LONG_POINT_WORDS = 7;

/** A title of more words is a story. */
const MOST_TITLE_WORDS = 20;

class Splitting {
  region: Region = 'top';
  section: string | null = null;
  readonly out: RecipeText = { title: '', servings: null, ingredients: [], steps: [], headings: [], notUsed: [] };

  constructor(private readonly pantry: Pantry) {}

  private step(text: string): void {
    this.out.steps.push({ text, section: this.region === 'method' ? this.section : null });
  }

  private things(text: string, section: string | null): void {
    for (const part of listedIn(this.pantry, text)) this.out.ingredients.push({ text: part, section });
  }

  private heading(text: string): void {
    this.out.headings.push(text);
    const region = regionOf(text);
    if (region) {
      this.region = region;
      this.section = null;
      return;
    }
    this.section = text;
    if (this.region === 'top' || this.region === 'notes') this.region = 'ingredients';
  }

  /** A label with what it holds on one line; whether it was one. */
  private labelled(text: string): boolean {
    const inBrackets = BRACKETED.exec(text);
    const listed =
      inBrackets && sectionKind(inBrackets[1]) !== 'food' && listedIn(this.pantry, inBrackets[2]).length > 1;
    const found = listed ? inBrackets : LABELLED.exec(text);
    if (!found) return false;
    const [, label, rest] = found;
    const region = regionOf(label);
    if (region === 'notes') {
      this.out.notUsed.push(text);
      return true;
    }
    if (region === 'method') {
      this.region = 'method';
      this.step(rest);
      this.out.headings.push(label);
      return true;
    }
    // "Apples: 3, peeled" is a thing with its amount behind it.
    const thing = recognise(this.pantry, label);
    if (
      thing &&
      thing.beside.length === 0 &&
      sectionKind(label) === 'food' &&
      !recognise(this.pantry, readAmount(rest).words)
    ) {
      if (this.region === 'top') this.region = 'ingredients';
      this.out.ingredients.push({ text, section: this.section });
      return true;
    }
    if (isIngredient(this.pantry, rest) || listedIn(this.pantry, rest).length > 1) {
      this.out.headings.push(label);
      if (this.region === 'top') this.region = 'ingredients';
      this.things(rest, region === 'ingredients' ? null : label);
      return true;
    }
    return false;
  }

  /** "Onion bhaji – 3 onions, sliced": a title with the first thing behind it. */
  private titled(text: string): boolean {
    const found = /^([A-Za-z][^\d:–—]{2,40}?)\s*(?::|–|—|\s-)\s+(.{4,})$/.exec(text);
    if (!found || this.out.title !== '' || regionOf(found[1]) || sectionKind(found[1]) !== 'food') return false;
    if (!/\d|½/.test(found[2]) || !isIngredient(this.pantry, found[2]) || !recognise(this.pantry, found[2]))
      return false;
    this.out.title = found[1].trim();
    this.region = 'ingredients';
    this.things(found[2], null);
    return true;
  }

  line(raw: string, next: string, before: string): void {
    const bulleted = BULLET.test(raw);
    const bareNumber = /^\s*\d{1,2}\s+(?=[A-Z][a-z]+\s)/;
    const numbered = NUMBERED.test(raw) || (bareNumber.test(raw) && VERBS.has(firstWord(raw.replace(bareNumber, ''))));
    const text = clean(raw.replace(BULLET, '').replace(/^\s*step\s+\d+\s*[:.-]?\s*$/i, ''));
    if (!/[\p{L}\p{N}]/u.test(text)) return;
    if (YIELD.test(text) && words(text) <= 8) {
      this.out.servings ??= servingsIn(text);
      this.out.headings.push(text);
      return;
    }
    if (TIMES.test(text) && words(text) <= 10) {
      this.out.headings.push(text);
      return;
    }
    const unnumbered = numbered ? text.replace(NUMBERED, '').replace(bareNumber, '') : text;
    const bare = this.out.title !== '' && this.region !== 'method' && isBareHeading(this.pantry, text, before, next);
    const label = bulleted && /:$/.test(text) && words(text) <= 6 ? text.slice(0, -1) : null;
    const heading = bulleted || numbered ? label : (headingOf(raw, text) ?? (bare ? text : null));
    if (heading !== null && (this.out.title !== '' || regionOf(heading) || !/^\s*#\s/.test(raw))) {
      if (this.out.title === '' && !regionOf(heading) && !/:$/.test(text)) this.out.title = heading;
      else this.heading(heading);
      return;
    }
    if (!bulleted && !numbered && this.titled(text)) return;
    if (this.out.title === '' && !bulleted && !numbered && this.isTitle(text, next)) {
      this.out.title = text;
      return;
    }
    if (this.region === 'notes') {
      this.out.notUsed.push(text);
      return;
    }
    if (!numbered && this.labelled(text)) return;
    this.sorted(unnumbered, numbered, bulleted);
  }

  private isTitle(text: string, next: string): boolean {
    if (this.out.ingredients.length > 0 || this.out.steps.length > 0) return false;
    if (
      words(text) > MOST_TITLE_WORDS ||
      /\.$/.test(text) ||
      (/[!?]$/.test(text) && words(text) > 6) ||
      STARTS_AMOUNT.test(text)
    )
      return false;
    return next.trim() === '' || !startsWithVerb(text) || words(text) < 5;
  }

  private sorted(text: string, numbered: boolean, bulleted: boolean): void {
    const thing = isIngredient(this.pantry, text);
    if (this.region === 'method') {
      const listed = bulleted ? words(text) <= 12 : words(text) <= 9 && !/[.!]$/.test(text);
      const bare = words(text) <= 4 && !/[.!]$/.test(text);
      if (thing && !numbered && listed && (STARTS_AMOUNT.test(text) || bare)) this.things(text, this.section);
      else this.step(text);
      return;
    }
    const step = isStep(text);
    if (numbered && step) {
      this.region = 'method';
      this.section = null;
      this.step(text);
      return;
    }
    if (this.region === 'ingredients') {
      const heats = HEATS.test(text) && recognise(this.pantry, text) === null;
      if (heats || (step && !thing && (!bulleted || words(text) > LONG_POINT_WORDS))) {
        this.region = 'method';
        this.section = null;
        this.step(text);
      } else this.things(text, this.section);
      return;
    }
    if (thing) {
      this.region = 'ingredients';
      this.things(text, null);
      return;
    }
    if (step && this.out.ingredients.length > 0) this.step(text);
    else this.out.notUsed.push(text);
  }
}

/** A row of a Markdown table as a line: "| flour | 200 g |" as "flour, 200 g"; the line under its head is nothing. */
function rowOfTable(line: string): string {
  if (!/^\s*\|.*\|\s*$/.test(line)) return line;
  if (/^[\s|:-]+$/.test(line)) return '';
  return line
    .split('|')
    .map((cell) => cell.trim())
    .filter((cell) => cell !== '')
    .join(', ');
}

/** A prose without a list: what is told as cooking are steps. */
function asProse(text: RecipeText): RecipeText {
  if (text.ingredients.length > 0) return text;
  const told = text.notUsed.filter((t) => isSentence(t) || startsWithVerb(t));
  return {
    ...text,
    steps: [...told.map((t): WrittenLine => ({ text: t, section: null })), ...text.steps],
    notUsed: text.notUsed.filter((t) => !told.includes(t)),
  };
}

/**
 * A recipe in plain words or Markdown, taken apart: title, servings, lines of ingredients under their headings, steps.
 * Every line of the text stands somewhere in it.
 */
export function recipeInText(pantry: Pantry, text: string): RecipeText {
  const lines = text
    .replace(/\r\n?/g, '\n')
    // What stands in brackets on a line of its own belongs to the line above.
    .replace(/(?<=\S)\n[ \t]*(?=\([^)\n]*\)[ \t]*(\n|$))/g, ' ')
    .split('\n')
    .map(rowOfTable);
  const splitting = new Splitting(pantry);
  lines.forEach((line, at) => splitting.line(line, lines[at + 1] ?? '', lines[at - 1] ?? ''));
  return asProse(splitting.out);
}
