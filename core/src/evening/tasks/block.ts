import type { Text } from '../../units/index.js';
import type { Cooked, EveningDish, Task, TaskKind } from '../types.js';

export type PlaceKind = NonNullable<Task['takes']['place']>;

/** A stretch of a block: what is done in it, and what it takes up. */
export interface Part {
  kind: TaskKind;
  text: Text;
  reason: Text;
  /** Minutes from the block's beginning, and how long. */
  atMin: number;
  min: number;
  hands: boolean;
  inFryer: boolean;
  place: PlaceKind | null;
}

/** What must be over before a block begins, and how long before. */
export interface Link {
  id: string;
  leastMin: number;
}

/** Work that is begun and goes through as it stands: its parts follow each other at fixed minutes. */
export interface Block {
  /** Stable: the same work of the same dish has the same id on every plan. */
  id: string;
  dishId: string | null;
  batch: number | null;
  parts: Part[];
  min: number;
  /** The fryer that it takes, and the minutes of the block between which it does. */
  fryer: string | null;
  fryerMin: readonly [number, number];
  /** Minutes of the block at which its pieces begin to go in, and at which their last cook is over; 0 where nothing is cooked. */
  loadMin: number;
  cookedMin: number;
  after: Link[];
  /** The same where the fryer has to be heated first; null where it never has. */
  heated: Block | null;
  /** A wait that follows it by itself, shown as a task: a rest, a marinade. */
  wait: { kind: TaskKind; text: Text; reason: Text; min: number; place: PlaceKind | null } | null;
  /** Stretches of one group are shown as one task where they touch. */
  group: string;
  /** May be laid down and taken up again between two stretches. */
  stretches: boolean;
  /** Dull work that may be done early, when hands are free. */
  dull: boolean;
  /** Bowls and trays that it puts into use, for whoever counts them. */
  bowls: number;
  trays: number;
}

/** A batch of an evening: so many pieces of a dish in one fryer. */
export interface Batch {
  dish: EveningDish;
  /** Number within its dish, from 1, and of how many. */
  number: number;
  of: number;
  pieces: number;
  cooked: Cooked;
  /** Raw flesh or raw egg is in it: it is out of the cold only so long. */
  raw: boolean;
}

/** A part with hands on it. */
export const byHand = (kind: TaskKind, min: number, text: Text, reason: Text, atMin = 0): Part => ({
  kind,
  text,
  reason,
  atMin,
  min,
  hands: true,
  inFryer: false,
  place: null,
});

/** When pieces go in, and when their last cook is over, among parts of a block. */
export const cookMinutes = (parts: readonly Part[]): Pick<Block, 'loadMin' | 'cookedMin'> => ({
  loadMin: parts.find((p) => p.kind === 'load')?.atMin ?? 0,
  cookedMin: Math.max(0, ...parts.flatMap((p) => (p.kind === 'cook' || p.kind === 'second' ? [p.atMin + p.min] : []))),
});

/** A block of one part. */
export function single(
  id: string,
  dish: Pick<EveningDish, 'id'> | null,
  part: Part,
  after: readonly Link[],
  more: Partial<Block> = {},
): Block {
  return {
    id,
    dishId: dish?.id ?? null,
    batch: null,
    parts: [part],
    min: part.min,
    fryer: null,
    fryerMin: [0, 0],
    loadMin: 0,
    cookedMin: 0,
    after: [...after],
    heated: null,
    wait: null,
    group: id,
    stretches: false,
    dull: false,
    bowls: 0,
    trays: 0,
    ...more,
  };
}

/**
 * The same work in stretches of no more than `stretchMin`, each after the one before, so that hands are free between them.
 * @returns the stretches in their order; the last has the block's own id, so that links to it hold
 */
export function stretched(block: Block, stretchMin: number): Block[] {
  const [part, ...rest] = block.parts;
  const n = Math.max(1, Math.ceil(part.min / stretchMin - SAME_LENGTH));
  if (n === 1) return [block];
  const min = part.min / n;
  const shift = part.min - min;
  const tail = rest.map((p) => ({ ...p, atMin: p.atMin - shift }));
  const idOf = (k: number): string => (k === n - 1 ? block.id : `${block.id}/${k + 1}`);
  return Array.from({ length: n }, (_, k) => ({
    ...block,
    id: idOf(k),
    parts: [{ ...part, min }, ...(k === n - 1 ? tail : [])],
    min: k === n - 1 ? block.min - shift : min,
    after: k === 0 ? block.after : [{ id: idOf(k - 1), leastMin: 0 }],
    wait: k === n - 1 ? block.wait : null,
  }));
}

/** Lengths that differ by less are one, in stretches. */
const SAME_LENGTH = 1e-9;

/** A block with another part right after its last. */
export const followedBy = (block: Block, part: Part): Block => ({
  ...block,
  parts: [...block.parts, { ...part, atMin: block.min }],
  min: block.min + part.min,
});

/** Minutes of `pieces` at so many seconds each, at least `leastMin`. */
export const forPieces = (pieces: number, secondsEach: number, leastMin: number): number =>
  Math.max(leastMin, (pieces * secondsEach) / 60);
