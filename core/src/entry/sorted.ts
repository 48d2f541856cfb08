import { functionOf, ingredient, type CoatFunction, type Pantry } from '../foods/index.js';
import type { BowlLine } from './line.js';

/** What stands in a bowl, by what it does. */
export type BowlKind = 'dust' | 'binder' | 'batter' | 'dredge' | 'finish';

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

/** Things that stand in one bowl, and what that makes of it. */
export class Sorted {
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
  /** Nothing but liquids that stir flour into a batter, and what seasons them. */
  get onlyStirs(): boolean {
    return this.stirred && this.lines.every((l) => this.doing(l) === 'season' || STIRRED.has(l.portion!.ingredientId));
  }
  get isDust(): boolean {
    return this.has('powder') && !this.has('glue', 'thin', 'finish');
  }
}
