import { functionOf, ingredient, recognise, type Pantry, type Portion } from '../foods/index.js';
import { readAmount } from './amount.js';
import { atAmounts, bowlTexts, thingTexts } from './apart.js';
import { batterCalled } from './coats.js';
import { BATTER_FROM } from './constants.js';
import { onlyDescribes } from './describing.js';
import { readLine, type BowlLine, type LineOptions } from './line.js';
import { Sorted, type BowlKind } from './sorted.js';

export type { BowlKind };

/** A bowl as it was written: its lines in the order they were typed. */
export interface WrittenBowl {
  kind: BowlKind;
  lines: BowlLine[];
  portions: Portion[];
}

/** What was understood of the words. */
export interface BowlsReading {
  bowls: WrittenBowl[];
  /** Every thing that was typed, in order, in a bowl or asked about; none is dropped. */
  lines: BowlLine[];
  /** Lines that have to be answered before the bowls are whole. */
  doubts: BowlLine[];
}

/** Whether any amount is written. */
const HAS_AMOUNT = /[\d½¼¾⅓⅔⅛]|\b(cup|spoon|tbsp|tsp|splash|handful|dozen)/i;

/** "salt and pepper" is two things, "salt and pepper spice" is one; "100 ml beer 100 g flour" lacks a comma. */
function partsOfLine(pantry: Pantry, typed: string): string[] {
  const measured = atAmounts(typed);
  if (measured.length > 1 && measured.every((part) => recognise(pantry, readAmount(part).words)))
    return measured.flatMap((part) => partsOfLine(pantry, part));
  if (!/ (and|&|plus|with) /i.test(typed)) return [typed];
  const whole = recognise(pantry, readAmount(typed).words);
  if (whole && whole.beside.length === 0) return [typed];
  const parts = typed.split(/ (?:and|&|plus|with) /i);
  const isThing = (part: string): boolean =>
    batterCalled(part) !== undefined || recognise(pantry, readAmount(part).words) !== null;
  return parts.every(isThing) ? parts : [typed];
}

/** Words that say how, and not what: they belong to the thing before them. */
const isAside = (pantry: Pantry, typed: string): boolean => {
  const { quantity, words } = readAmount(typed);
  return quantity === null && recognise(pantry, words) === null && onlyDescribes(words);
};

/** A line that says how much and not of what belongs to the next: "1/3 cup + 1 tbsp flour". */
function joinedAmounts(pieces: string[]): string[][] {
  const groups: string[][] = [];
  let waiting: string[] = [];
  for (const piece of pieces) {
    const { quantity, words } = readAmount(piece);
    if (quantity !== null && words === '') waiting.push(piece);
    else {
      groups.push([...waiting, piece]);
      waiting = [];
    }
  }
  return groups;
}

/** A thing whose amount is written in two parts: both of the same. */
function readJoined(pantry: Pantry, parts: string[], options: LineOptions): BowlLine {
  const last = parts[parts.length - 1];
  if (parts.length === 1) return readLine(pantry, last, options);
  const { words } = readAmount(last);
  const lines = [...parts.slice(0, -1).map((part) => `${part} ${words}`), last].map((part) =>
    readLine(pantry, part, { ...options, amounts: true }),
  );
  const [first] = lines;
  const grams = lines.reduce((sum, { portion }) => sum + (portion?.grams ?? 0), 0);
  return { ...first, typed: parts.join(' + '), portion: first.portion && { ...first.portion, grams } };
}

/** What a batter that is called by its name is usually made of, bowl by bowl; null where the words name none. */
function batterLines(pantry: Pantry, typed: string): BowlLine[] | null {
  const { layers } = batterCalled(typed) ?? {};
  if (!layers) return spicedBatter(pantry, typed);
  return layers.flatMap(({ portions }, bowl) =>
    portions.map((portion) => ({ typed, portion, guessed: true as const, of: `${typed} ${bowl}`, likely: [] })),
  );
}

/** "cajun batter": the usual one, with that spice in it. */
function spicedBatter(pantry: Pantry, typed: string): BowlLine[] | null {
  const spice = /^(.*\S)\s+batter$/i.exec(typed.trim())?.[1];
  if (spice === undefined) return null;
  const line = readLine(pantry, spice, { amounts: false });
  if (!line.portion || !line.guessed || functionOf(ingredient(pantry, line.portion.ingredientId)) !== 'spice')
    return null;
  return [...batterLines(pantry, 'batter')!, line].map((each) => ({ ...each, typed, of: `${typed} 0` }));
}

const linesOf = (pantry: Pantry, text: string, options: LineOptions): BowlLine[] => {
  const pieces = thingTexts(text)
    .filter((piece, at) => at === 0 || !isAside(pantry, piece))
    .flatMap((piece) => partsOfLine(pantry, piece));
  return joinedAmounts(pieces).flatMap(
    (parts) =>
      (!options.foods && parts.length === 1 && batterLines(pantry, parts[0])) || [readJoined(pantry, parts, options)],
  );
};

/** Things sorted into bowls in the order of dipping, by what each does. */
function inBowls(pantry: Pantry, lines: readonly BowlLine[]): Sorted[] {
  const bowls: Sorted[] = [];
  for (const line of lines.filter((l) => l.portion)) {
    const last = bowls[bowls.length - 1];
    if (last?.takes(line)) last.lines.push(line);
    else {
      const next = new Sorted(pantry);
      next.lines.push(line);
      bowls.push(next);
    }
  }
  return bowls;
}

/** Flour and a liquid beside each other that a cook stirs into one batter. */
function isBatter(dust: Sorted, wet: Sorted, next: Sorted | undefined): boolean {
  if (!dust.isDust || !wet.isWet || next?.isDust) return false;
  const liquid = wet.grams('glue', 'thin');
  if (liquid < BATTER_FROM * dust.grams('powder')) return false;
  return wet.stirred && (next === undefined || wet.grams('thin') > wet.grams('glue'));
}

/** Flour and liquid that make a batter, stirred together; an egg that stands before it goes in. */
function stirred(pantry: Pantry, bowls: Sorted[]): Sorted[] {
  const out: Sorted[] = [];
  for (let i = 0; i < bowls.length; i++) {
    const next = bowls[i + 1];
    // "100 ml beer, 100 g flour": nobody dips into beer. Flour before an egg is a dust all the same.
    const turnedRound =
      next !== undefined && bowls[i].onlyStirs && !bowls[i + 2]?.isWet && isBatter(next, bowls[i], undefined);
    if (next === undefined || (!turnedRound && !isBatter(bowls[i], next, bowls[i + 2]))) {
      out.push(bowls[i]);
      continue;
    }
    const batter = new Sorted(pantry);
    const before = out[out.length - 1];
    if (before?.isWet) out.pop();
    batter.lines = [...(before?.isWet ? before.lines : []), ...bowls[i].lines, ...bowls[i + 1].lines];
    out.push(batter);
    i++;
  }
  return out;
}

const summed = (lines: readonly BowlLine[]): Portion[] => {
  const grams = new Map<string, number>();
  for (const { portion } of lines) {
    if (portion) grams.set(portion.ingredientId, (grams.get(portion.ingredientId) ?? 0) + portion.grams);
  }
  return [...grams].map(([ingredientId, g]) => ({ ingredientId, grams: g }));
};

/** Powder after a wet bowl is a dredge; meal or crumbs before one are a dust. */
function kindAt(bowl: Sorted, at: number, of: number): BowlKind {
  if (at > 0 && bowl.kind === 'dust') return 'dredge';
  return at === 0 && of > 1 && bowl.kind === 'finish' ? 'dust' : bowl.kind;
}

/** A thing that is named twice in one breath stands in two bowls: "flour, egg, flour". */
const namesTwice = (lines: readonly BowlLine[]): boolean => {
  const ids = lines.flatMap((l) => (l.portion ? [l.portion.ingredientId] : []));
  return new Set(ids).size < ids.length;
};

/** Lines, segment by segment, sorted into bowls; in segments of the cook's own each is a bowl unless it names a thing twice. */
const sortedBowls = (pantry: Pantry, written: readonly BowlLine[][], own: boolean): Sorted[] =>
  written.flatMap((lines) => {
    if (lines.length === 0) return [];
    if (!own || namesTwice(lines)) return stirred(pantry, inBowls(pantry, lines));
    const bowl = new Sorted(pantry);
    bowl.lines = lines.filter((l) => l.portion);
    return bowl.lines.length > 0 ? [bowl] : [];
  });

/** Which of the usual amounts is taken where nothing is said. */
const USUAL = 1;

/**
 * Lines of which nothing is said but what they are: what has a bowl of its own is taken as a bowl usually holds, as its
 * amount changes nothing of the coat ("flour, 2 eggs, 1 cup crumbs"); what is stirred with others is still asked about.
 */
function filledUp(pantry: Pantry, written: readonly BowlLine[][], own: boolean): BowlLine[][] {
  const filled = new Map<BowlLine, BowlLine>();
  const supposed = written.map((lines) =>
    lines.map((line) => {
      if (line.doubt !== 'how-much') return line;
      const { ingredientId, grams } = line.likely[USUAL];
      const usual: BowlLine = {
        typed: line.typed,
        portion: { ingredientId, grams: grams! },
        guessed: true,
        likely: [],
      };
      filled.set(usual, line);
      return usual;
    }),
  );
  const together = sortedBowls(pantry, supposed, own).filter((bowl) => bowl.things > 1);
  const shared = new Set(together.flatMap((bowl) => bowl.lines));
  return supposed.map((lines) => lines.map((line) => (shared.has(line) && filled.get(line)) || line));
}

/**
 * The bowls that a cook writes in one field: "½ cup flour, 1 tsp salt, 2 eggs, splash of water, 1½ cups crumbs" as a dust,
 * a binder and a finish. A semicolon, an empty line, "then" or "for the batter:" begins a new bowl by the cook's own word;
 * otherwise what each thing does decides: flour and a liquid that is stirred are a batter, flour and egg are two bowls.
 * Nothing that was typed is dropped: each line stands in a bowl or is asked about.
 * @param foods see `LineOptions`: for what stands beside the coat
 */
export function readBowls(
  pantry: Pantry,
  text: string,
  { foods = false }: Pick<LineOptions, 'foods'> = {},
): BowlsReading {
  const amounts = HAS_AMOUNT.test(text);
  const { texts, own } = bowlTexts(pantry, text);
  const read = texts.map((part) => linesOf(pantry, part, { amounts, foods }));
  const written = foods ? read : filledUp(pantry, read, own);
  const bowls = sortedBowls(pantry, written, own);
  const lines = written.flat();
  return {
    bowls: bowls.map((bowl, at) => ({
      kind: kindAt(bowl, at, bowls.length),
      lines: bowl.lines,
      portions: summed(bowl.lines),
    })),
    lines,
    doubts: lines.filter((l) => l.doubt !== undefined),
  };
}
