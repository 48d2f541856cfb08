import { text, type Text } from '../units/index.js';
import { APART } from './constants.js';
import { type Field, FIELD_SCALES, type Observation } from './seen.js';
import type { CauseKey } from './causes/index.js';
import type { Hypothesis, Posterior } from './posterior.js';
import type { RankedCause } from './ranked.js';

/** Something to look after that tells causes apart. */
export interface PartingTest {
  /** The field that it fills. */
  field: Field;
  text: Text;
  /** It can be answered now, from memory; or it is looked after next time. */
  when: 'now' | 'next time';
  /** The two likeliest causes that it tells apart. */
  parts: CauseKey[];
}

interface Asking {
  text: Text;
  when: PartingTest['when'];
  /** How much trouble it is, 1 = a look. */
  trouble: number;
}

const now = (said: Text): Asking => ({ text: said, when: 'now', trouble: 1 });
const next = (trouble: number, said: Text): Asking => ({ text: said, when: 'next time', trouble });

/** How each field is looked after. What is not among them is no test: it is what the cook sees anyway. */
const ASKED: Partial<Record<Field, Asking>> = {
  turned: now(text`Were the pieces turned?`),
  turnedAtMin: now(text`After how many minutes were they turned?`),
  minutes: now(text`How many minutes was it in?`),
  openings: now(text`How often was it opened?`),
  piecesAtOnce: now(text`How many pieces lay in the basket at once?`),
  preheated: now(text`Was the fryer hot when it went in?`),
  restMin: now(text`How long did the coated pieces lie before they went in?`),
  dusted: now(text`Was there flour under the binder?`),
  tapped: now(text`Was the flour tapped off?`),
  pressed: now(text`Were the crumbs pressed on?`),
  parchment: now(text`Was there parchment under it?`),
  wetSkin: now(text`Was the skin wet when the first bowl came?`),
  waterOut: now(text`Was the water taken out of the food first, as planned?`),
  bothSides: now(text`Did the oil go on both sides?`),
  onPlate: now(text`Did it wait on a plate?`),
  rack: now(text`On which rack did it stand?`),
  coolMin: now(text`How long did it cool before the sauce?`),
  burningLater: now(text`Did sugar, cheese and spice go on at the end only?`),
  sauceGm2: next(2, text`Weigh the sauce bowl before and after brushing.`),
  oilG: next(1.5, text`Weigh the oil bottle before and after spraying.`),
  thicknessMm: next(1.5, text`Measure one piece across with a ruler.`),
  batter: next(1.5, text`Drop a spoon of the batter on a plate: it should spread as the bowls say.`),
  startC: next(2, text`Put a thermometer into a piece before it is coated.`),
  airOffC: next(2.5, text`Let an oven thermometer lie in the empty fryer at its setting for ten minutes.`),
  centreC: next(1.5, text`Put a thermometer into the middle of a piece when it comes out.`),
};

const log2 = (x: number): number => (x > 0 ? Math.log2(x) : 0);

/** How uncertain the cause is, bits, where each hypothesis has this weight. */
function entropy(hypotheses: readonly Hypothesis[], weights: readonly number[]): number {
  const whole = weights.reduce((sum, w) => sum + w, 0);
  if (whole <= 0) return 0;
  const of = new Map<CauseKey, number>();
  hypotheses.forEach(({ cause }, k) => of.set(cause.key, (of.get(cause.key) ?? 0) + weights[k] / whole));
  return -[...of.values()].reduce((sum, p) => sum + p * log2(p), 0);
}

/** What a reading of `field` is expected to tell of the cause, bits. */
function tells(field: Field, hypotheses: readonly Hypothesis[]): number {
  const { scaled, off } = FIELD_SCALES[field];
  const values = hypotheses.map(({ values: of }) => of({ field }));
  const shares = hypotheses.map((h) => h.share);
  const whole = shares.reduce((sum, s) => sum + s, 0);
  const after = hypotheses.reduce((sum, { share }, k) => {
    const read = values[k];
    if (read === undefined) return sum + (share / whole) * entropy(hypotheses, shares);
    const weights = values.map((v, j) =>
      v === undefined ? shares[j] : shares[j] * Math.exp(-(((scaled(v) - scaled(read)) / off) ** 2) / 4),
    );
    return sum + (share / whole) * entropy(hypotheses, weights);
  }, 0);
  return entropy(hypotheses, shares) - after;
}

/** Hypotheses with less than this share tell nothing of a test. */
const COUNTS_FROM = 0.004;

/**
 * The cheapest reading that tells the likeliest causes apart: what it is expected to tell, for its trouble. Null where the
 * first cause is clear, or nothing tells them apart.
 */
export function testFor({ hypotheses, observations }: Posterior, ranked: readonly RankedCause[]): PartingTest | null {
  const [first, second] = ranked;
  if (!second || first.share >= APART.clear || first.known) return null;
  const told = new Set(observations.map((o: Observation) => o.field));
  const likely = hypotheses.filter(({ share }) => share >= COUNTS_FROM);
  const best = (Object.entries(ASKED) as [Field, Asking][])
    .filter(([field]) => !told.has(field))
    .map(([field, asked]) => ({ field, asked, worth: tells(field, likely) / asked.trouble }))
    .sort((a, b) => b.worth - a.worth)
    .at(0);
  if (!best || best.worth < APART.leastBits) return null;
  const { field, asked } = best;
  return { field, text: asked.text, when: asked.when, parts: [first.key, second.key] };
}
