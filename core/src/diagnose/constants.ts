/** How what was seen is compared with what is simulated. Each: what it is, @unit, @range in which it may be meant to lie, @source. */

/**
 * Share of the skin that is bald when the coat's hold is `none` is nought, whole when nothing holds; between by this power.
 * @unit share of hold, 1
 * @range none 0.55–0.7; exponent 1–2
 * @source our judgement, by the bands of hold
 */
export const BALD = { from: 0.65, exponent: 1.4 } as const;
/**
 * How far what a cook tells lies off what there was: of browning as a logarithm, of a share (bald, floury, soggy, stuck, run
 * off, blown), of crunch, of firmness, of juice, of the crust's fat, all 0–1, of chew, and of a centre read by hand.
 * @unit log; share; share; share; share; share; 1; K
 * @range 0.1–0.25; 0.04–0.12; 0.06–0.15; 0.06–0.15; 0.04–0.1; 0.01–0.05; 0.1–0.3; 2–5
 * @source our judgement: neighbours tell the same piece one word apart
 */
export const TOLD_OFF = {
  colour: 0.12,
  share: 0.06,
  crunch: 0.08,
  firmness: 0.08,
  juice: 0.05,
  bite: 0.02,
  chew: 0.13,
  centreK: 2.5,
} as const;
/**
 * How far what is told of the doing lies off: a thickness, a batter's liquid, oil, pieces and minutes of a cook as
 * logarithms; a start and the air in K; minutes of a rest or a turn; how often it was opened.
 * @unit log; log; log; log; log; K; K; min; 1
 * @range 0.04–0.1; 0.08–0.2; 0.1–0.25; 0.05–0.15; 0.03–0.08; 1.5–4; 3–6; 0.7–2; 0.7–1.5
 * @source our judgement
 */
export const DID_OFF = {
  thickness: 0.05,
  batter: 0.1,
  oil: 0.13,
  pieces: 0.07,
  length: 0.045,
  startK: 2,
  airK: 3.5,
  minutes: 0.9,
  openings: 0.9,
} as const;
/**
 * What was told of the doing is known to have been otherwise than planned, and not a word or a reading a little off, from so
 * many times on as it usually lies off.
 * @unit 1
 * @range 2–3
 * @source three standard deviations; chosen on failures of the seeds below 60,000: at two, one in nine of them had a false one, at three one in a hundred
 */
export const PLAINLY_OTHERWISE = 3;
/**
 * When it is bitten into again, min after it came out; and with so much of the usual cells each cause is
 * simulated: what the coarse grid is off by is taken from the cook as it was meant.
 * @unit min; 1
 * @range 10; 0.5 or 1
 * @source "ten minutes later" is what people look at, common practice, no source; our choice
 */
export const LOOKED_AT = { laterMin: 10, fine: 0.5 } as const;
/**
 * A number that is told stands for what lies so far about it: of browning as a share of it, of a share, of the crust's fat.
 * @unit share
 * @range 0.05–0.1; 0.02–0.05; 0.005–0.02
 * @source our choice: nobody tells it finer
 */
export const AS_GOOD = { colour: 0.08, share: 0.04, bite: 0.01 } as const;
/**
 * The tail of a normal distribution as a polynomial in 1 ÷ (1 + p z).
 * @unit 1
 * @range –
 * @source Abramowitz and Stegun, Handbook of Mathematical Functions, 26.2.17, from memory
 */
export const NORMAL_TAIL = {
  p: 0.2316419,
  b: [0.31938153, -0.356563782, 1.781477937, -1.821255978, 1.330274429],
} as const;
/**
 * Nothing that is told is less likely than this.
 * @unit share
 * @range 0.0001–0.01
 * @source our choice
 */
export const LEAST_LIKELY = 0.001;
/**
 * A change has helped when less than this share of what was missed is missed again; and made it worse from so many times on.
 * @unit share; 1
 * @range 0.3–0.7; 1.1–1.5
 * @source our choice
 */
export const HELPED = { yes: 0.5, worse: 1.25 } as const;
/**
 * How often a field is simply wrong: another piece was looked at, a wrong button.
 * @unit share
 * @range 0.01–0.06
 * @source our judgement
 */
export const SLIPS = 0.03;
/**
 * How fast this coat browns in this kitchen is not known: one standard deviation of its logarithm, and the points at which
 * it is tried, in standard deviations with their weights.
 * @unit log; 1; share
 * @range 0.08–0.2
 * @source our choice; points of a three-point Gauss–Hermite rule
 */
export const BROWNS_OFF = {
  spread: 0.1,
  points: [
    [-1.732, 1 / 6],
    [0, 2 / 3],
    [1.732, 1 / 6],
  ],
} as const;
/**
 * How likely it is, before anything is seen, that it was none of the causes that are known here.
 * @unit share
 * @range 0.02–0.1
 * @source our judgement
 */
export const NONE_OF_THESE = 0.04;
/**
 * Where something is known to have been done otherwise, that nothing else was amiss is so many times as likely as one
 * hidden cause.
 * @unit 1
 * @range 50–300
 * @source our judgement, two mistakes in one cook are rarer than one; how much rarer was chosen on failures of the seeds below 60,000
 */
export const RARELY_TWO = 160;
/**
 * Between two sizes of a cause that are simulated, these are reckoned, as shares of the way.
 * @unit share
 * @range 0–1
 * @source our choice: what comes out hardly bends between them
 */
export const SIZES_BETWEEN = [0.25, 0.5, 0.75] as const;
/**
 * A cause is ruled out, and not simulated, when what was told of the doing is less likely with it by so much, as a logarithm.
 * @unit 1
 * @range 3–6
 * @source our choice
 */
export const RULED_OUT = 3.5;
/**
 * A difference from what was meant that a cook notices and minds: of browning as a logarithm, of a share, of crunch, of
 * firmness, of juice, of the crust's fat, of chew, and of a centre.
 * @unit log; share; share; share; share; share; 1; K
 * @range 0.2–0.4; 0.08–0.2; 0.1–0.2; 0.1–0.2; 0.05–0.12; 0.01–0.05; 0.2–0.6; 2–6
 * @source our judgement: a word of the cook's, about
 */
export const MINDED = {
  colour: 0.3,
  share: 0.12,
  crunch: 0.14,
  firmness: 0.12,
  juice: 0.08,
  bite: 0.02,
  chew: 0.4,
  centreK: 4,
} as const;
/**
 * What each kind of failure weighs beside the others: a raw centre spoils a dish, a shade of brown does not.
 * @unit 1
 * @range 0.5–4
 * @source our judgement
 */
export const WEIGHS = { centre: 3, bald: 1.2, other: 1 } as const;
/**
 * In what a cook minds: what misses its aim by `at` is a failure, and what is below `unminded` counts nothing; a change
 * cures a failure when none is left, or so little of it, as a share.
 * @unit 1; 1; share
 * @range 0.8–1.2; 0.2–0.5; 0.2–0.4
 * @source our choice
 */
export const CURED = { at: 1, unminded: 0.4, left: 0.3 } as const;
/**
 * A cook calls a failure what misses its aim by what is minded, give or take so much of it; and a good one anyway so often.
 * @unit 1; share
 * @range 0.2–0.6; 0.01–0.1
 * @source our judgement
 */
export const CALLED = { off: 0.35, anyway: 0.03 } as const;
/**
 * Two causes are told apart when the first has this share; below it a test is looked for that does. A test is proposed
 * when it tells at least so much, in bits, for each trouble that it makes.
 * @unit share; bit
 * @range 0.5–0.7; 0.1–0.4
 * @source our choice
 */
export const APART = { clear: 0.6, leastBits: 0.18 } as const;
/**
 * Causes with less than this share are not told, and no more than so many.
 * @unit share; 1
 * @range 0.02–0.06; 3–8
 * @source our choice: nobody reads the rest
 */
export const TOLD_CAUSES = { from: 0.03, most: 6 } as const;
/**
 * Of what was cooked by a packet or another recipe it is so many times likelier than of a plan that nothing else was amiss:
 * it was made for another fryer.
 * @unit 1
 * @range 4–20
 * @source our judgement
 */
export const OTHER_RECIPE = 10;
/**
 * What is said with a word lies so far within its values, as a share of them.
 * @unit share
 * @range 0.1–0.3
 * @source our choice
 */
export const WITHIN_WORD = 0.15;
/**
 * How likely a cause is to be there again in the next cook, where nothing was changed about it.
 * @unit share
 * @range 0.5–0.95
 * @source our judgement: a fryer stays, a slip does not always
 */
export const PERSISTS = 0.8;
/**
 * How much likelier a cause is that this cook has had before: so many times for each cook in which it was certain, halved
 * with every so many days.
 * @unit 1; d
 * @range 0.5–3; 60–365
 * @source our judgement: habits stay
 */
export const HABITS = { each: 1.5, halfLifeDays: 180 } as const;
/**
 * A change is tried under causes from this share on, and no more than so many.
 * @unit share; 1
 * @range 0.03–0.1; 3–6
 * @source our choice
 */
export const TRIED_CAUSES = { from: 0.05, most: 5 } as const;
/**
 * What is tried of the plan itself: hotter or cooler, longer or shorter, and so many times the oil up to what runs off; how
 * much what is left counts beside the chance of a cure, against what was missed.
 * @unit K; share; 1; g/m²; 1; 1
 * @range 5–20; 0.1–0.3; 1.3–2; 25–50; 0.1–0.5; 0.5–2
 * @source our choice
 */
export const CHANGED = {
  byK: [-15, -10, 10, 15],
  byShare: [-0.2, 0.2],
  oilTimes: 1.5,
  mostOilGm2: 36,
  leftCounts: 0.3,
  leastMissed: 1,
} as const;
/**
 * What is told misses its aim when it is off by so much at the least, in what a cook minds.
 * @unit 1
 * @range 0.2–0.8
 * @source our choice
 */
export const COMPLAINED = 0.35;
/**
 * A thing that was told speaks for a cause, or against it, from so much on, as a logarithm of likelihoods; no more than so
 * many are said of each.
 * @unit 1; 1; 1
 * @range 0.1–0.4; 0.3–1; 2–4
 * @source our choice
 */
export const SAID = { for: 0.15, against: 0.5, most: 3 } as const;
