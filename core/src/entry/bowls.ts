import { functionOf, ingredient, recognise, type CoatFunction, type Pantry, type Portion } from '../foods/index.js';
import { readAmount } from './amount.js';
import { batterCalled } from './coats.js';
import { BATTER_FROM } from './constants.js';
import { onlyDescribes } from './describing.js';
import { readLine, type BowlLine, type LineOptions } from './line.js';

/** What stands in a bowl, by what it does. */
export type BowlKind = 'dust' | 'binder' | 'batter' | 'dredge' | 'finish';

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

/** A new bowl begins here, by the cook's own word. */
const BREAK = /;|\n\s*\n|→|->|\bthen\b|(?<=^|\n)\s*(?:for the\b[^:\n]*:?|[a-z ]{2,24}:)/gi;
/** Things within a bowl. A comma between figures is a decimal. */
const BETWEEN = /\n|,(?!\d)|\s\+\s/;

/** Whether any amount is written. */
const HAS_AMOUNT = /[\d½¼¾⅓⅔⅛]|\b(cup|spoon|tbsp|tsp|splash|handful|dozen)/i;

/** "salt and pepper" is two things, "salt and pepper spice" is one. */
function partsOfLine(pantry: Pantry, typed: string): string[] {
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
function batterLines(typed: string): BowlLine[] | null {
  const { layers } = batterCalled(typed) ?? {};
  if (!layers) return null;
  return layers.flatMap(({ portions }, bowl) =>
    portions.map((portion) => ({ typed, portion, guessed: true as const, of: `${typed} ${bowl}`, likely: [] })),
  );
}

const linesOf = (pantry: Pantry, text: string, options: LineOptions): BowlLine[] => {
  const pieces = text
    .split(BETWEEN)
    .map((piece) => piece.trim())
    .filter((piece) => /[a-z0-9½¼¾⅓⅔⅛]/i.test(piece))
    .filter((piece, at) => at === 0 || !isAside(pantry, piece))
    .flatMap((piece) => partsOfLine(pantry, piece));
  return joinedAmounts(pieces).flatMap(
    (parts) => (!options.foods && parts.length === 1 && batterLines(parts[0])) || [readJoined(pantry, parts, options)],
  );
};

type Does = 'powder' | 'finish' | 'glue' | 'thin' | 'season';
const DOES: Record<CoatFunction, Does> = {
  powder: 'powder',
  finish: 'finish',
  glue: 'glue',
  'thin-liquid': 'thin',
  'sharp-liquid': 'season',
  oil: 'season',
  sauce: 'glue',
  spice: 'season',
  salt: 'season',
  lift: 'season',
  food: 'season',
};
/** Liquids that stir flour into a batter; milk is as often a dip of its own. Common practice, no source. */
const STIRRED = new Set(['water', 'sparkling-water', 'beer', 'gluten-free-beer', 'cider', 'vodka', 'stock']);

class Sorted {
  lines: BowlLine[] = [];
  constructor(private readonly pantry: Pantry) {}

  private doing(line: BowlLine): Does {
    return line.portion ? DOES[functionOf(ingredient(this.pantry, line.portion.ingredientId))] : 'season';
  }
  grams(...kinds: Does[]): number {
    return this.lines.reduce((sum, l) => sum + (kinds.includes(this.doing(l)) ? (l.portion?.grams ?? 0) : 0), 0);
  }
  has(...kinds: Does[]): boolean {
    return this.lines.some((l) => l.portion && kinds.includes(this.doing(l)));
  }
  /** How many things beside salt and spices. */
  get things(): number {
    return this.lines.filter((l) => this.doing(l) !== 'season').length;
  }
  get stirred(): boolean {
    return this.lines.some((l) => l.portion && STIRRED.has(l.portion.ingredientId));
  }
  /** Whether a thing goes into this bowl by what the bowl does, or begins the next. */
  takes(line: BowlLine): boolean {
    const does = this.doing(line);
    if (line.of !== undefined) return this.lines.every((l) => l.of === line.of || this.doing(l) === 'season');
    if (this.lines.some((l) => l.of !== undefined)) return does === 'season';
    if (does === 'season' || this.lines.every((l) => this.doing(l) === 'season')) return true;
    if (this.has('finish')) return does === 'finish';
    if (this.has('glue', 'thin')) return does === 'glue' || does === 'thin';
    return does === 'powder';
  }
  get kind(): BowlKind {
    if (this.has('powder') && this.has('glue', 'thin')) return 'batter';
    if (this.has('glue', 'thin')) return 'binder';
    return this.has('finish') ? 'finish' : 'dust';
  }
  get isWet(): boolean {
    return this.has('glue', 'thin') && !this.has('powder', 'finish');
  }
  get isDust(): boolean {
    return this.has('powder') && !this.has('glue', 'thin', 'finish');
  }
}

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
    if (i + 1 >= bowls.length || !isBatter(bowls[i], bowls[i + 1], bowls[i + 2])) {
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
const sortedBowls = (pantry: Pantry, written: readonly BowlLine[][]): Sorted[] =>
  written.flatMap((lines) => {
    if (lines.length === 0) return [];
    if (written.length === 1 || namesTwice(lines)) return stirred(pantry, inBowls(pantry, lines));
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
function filledUp(pantry: Pantry, written: readonly BowlLine[][]): BowlLine[][] {
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
  const together = sortedBowls(pantry, supposed).filter((bowl) => bowl.things > 1);
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
  const read = text.split(BREAK).map((part) => linesOf(pantry, part, { amounts, foods }));
  const written = foods ? read : filledUp(pantry, read);
  const bowls = sortedBowls(pantry, written);
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
