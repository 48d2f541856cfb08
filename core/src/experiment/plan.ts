import { layoutOf, spotFactor, spotFactorTurned, type Footprint, type Laid } from '../basket/index.js';
import { bowlsFor, recipesOf, type Bowl } from '../coat/index.js';
import { dishAs, readyPiece, wholeOf, type AirPlan, type BasketShape, type Dish } from '../dish/index.js';
import type { Allergen } from '../foods/index.js';
import { evaluateAir, loadFor, lotOf, type AirResult, type Asked, type FriedResult } from '../plan/index.js';
import { capitalised, counted, listed, Refusal, setTo, text, type Text } from '../units/index.js';
import { EXPECTED_AHEAD, FAIR_WITHIN_PERCENT, WAYS_AT_ONCE } from './constants.js';
import { hotPercent, laidFairly, laidInHalves, type PlaceOnRack } from './lay.js';
import type { Tasted } from './result.js';
import { planBy, wayName, type ComparedWay } from './ways.js';

/** What is to be compared. */
export interface ToCompare {
  ways: readonly ComparedWay[];
  asks: Tasted;
  /** Pieces among each other, or two halves that change places as the basket is turned round. */
  laying: 'mixed' | 'halves';
  /** Draws the lots; the same seed plans the same. */
  seed: number;
}

/** One way of a comparison, measured out. */
export interface PlannedWay {
  way: ComparedWay;
  /** Its letter on basket and tray. */
  mark: string;
  name: string;
  plan: AirPlan;
  pieces: number;
  /** Oil to spray onto its pieces, both sides, g. */
  sprayOilG: number;
  allergens: Allergen[];
  unsafe: AirResult['unsafe'];
  /** What the simulation expects of it in what is asked, 0–1; null where it cannot know. */
  expected: number | null;
}

/** A piece where it lies, and which way it was made; null where it is not compared. */
export type MarkedPiece = Laid & { way: number | null };

/** A bowl, and the ways whose pieces go through it. */
export interface ComparedBowl {
  ways: number[];
  bowl: Bowl;
}

/** A fair comparison in one batch. */
export interface PlannedExperiment {
  ways: PlannedWay[];
  /** In the order of dipping; what is alike in several ways is mixed once. */
  bowls: ComparedBowl[];
  asks: Tasted;
  laying: 'mixed' | 'halves';
  /** Pieces of the batch that are not compared. */
  over: number;
  basket: BasketShape;
  racks: MarkedPiece[][];
  footprints: Footprint[][];
  /** By how much the fastest way browns faster than the slowest by its places alone, %: so laid, and in halves or parts side by side. */
  hotPercent: number;
  sidePercent: number;
  /** Whether a bread test says where it is hot. */
  tested: boolean;
  fair: boolean;
  /** The way that the simulation holds for the best; null where it sees no difference, or cannot know. */
  expects: number | null;
  steps: Text[];
}

const WAY_LETTERS = 'ABCD';

/** Pieces of one kind, so many of them. */
const only = ({ also: _a, smaller: _s, ...dish }: Dish, count: number): Dish => ({ ...dish, count });

const expectedOf = ({ outcomes, likeness }: AirResult, asks: Tasted): number | null =>
  asks === 'crisper'
    ? (outcomes.crispness?.value ?? null)
    : asks === 'holds'
      ? (outcomes.adhesion?.value ?? null)
      : asks === 'again'
        ? likeness
        : null;

/** The one that lies clearly ahead of all others. */
function bestOf(expected: readonly (number | null)[]): number | null {
  if (expected.some((e) => e === null)) return null;
  const inOrder = expected.map((e, way) => ({ e: e!, way })).sort((a, b) => b.e - a.e);
  return inOrder[0].e - inOrder[1].e >= EXPECTED_AHEAD ? inOrder[0].way : null;
}

/** What goes into the bowls of all ways: a bowl that is alike in several is mixed once, for the pieces of all of them. */
function sharedBowls({ pantry, dish }: Asked, planned: readonly PlannedWay[]): ComparedBowl[] {
  const layersOf = planned.map(({ plan }) => readyPiece(pantry, dishAs(dish, plan), plan.layers, plan.second).layers);
  const groups = new Map<string, { ways: number[]; at: number }>();
  layersOf.forEach((layers, way) =>
    recipesOf(layers).forEach((visits, at) => {
      const recipe = layers[visits[0]].portions.map(({ ingredientId, grams }) => [
        ingredientId,
        Number(grams.toFixed(6)),
      ]);
      const key = JSON.stringify([at, visits, recipe]);
      const known = groups.get(key);
      if (known) known.ways.push(way);
      else groups.set(key, { ways: [way], at });
    }),
  );
  return [...groups.values()]
    .sort((a, b) => a.at - b.at || a.ways[0] - b.ways[0])
    .map(({ ways, at }) => {
      const pieces = ways.reduce((sum, way) => sum + planned[way].pieces, 0);
      const { areaM2 } = wholeOf(pantry, { ...dishAs(dish, planned[ways[0]].plan), count: pieces });
      const all = bowlsFor(layersOf[ways[0]], areaM2, pieces, planned[ways[0]].plan.station);
      return { ways, bowl: all[at] };
    });
}

/** As ways would lie if each had a part of the basket for itself, from left to right. */
function sideBySide(places: readonly PlaceOnRack[], ways: number): (number | null)[] {
  const inOrder = places.map((_, at) => at).sort((a, b) => places[a].xMm - places[b].xMm);
  const each = Math.floor(places.length / ways);
  const way = places.map((): number | null => null);
  inOrder.slice(0, each * ways).forEach((at, k) => (way[at] = Math.floor(k / each)));
  return way;
}

/**
 * Plans a fair comparison of two to four ways in one batch: who lies where, what goes into every bowl, what is expected.
 * @throws Refusal where a way does not suit the plan, two are the same, or the batch has too few pieces
 */
export function planExperiment(asked: Asked, plan: AirPlan, given: ToCompare, fried: FriedResult): PlannedExperiment {
  const { ways, laying, asks, seed } = given;
  const dish = only(asked.dish, asked.dish.count);
  const request = { ...asked, dish };
  const base = laying === 'halves' ? { ...plan, settings: { ...plan.settings, basketTurned: true } } : plan;
  const plans = ways.map((way) => planBy(request, base, way));
  checked(request, given, plans);

  const made = dishAs(dish, base);
  const ready = readyPiece(asked.pantry, made, base.layers, base.second);
  const occasion = { ...request, dish: made };
  const load = loadFor(occasion, ready, base.laying);
  const { racks, footprints } = layoutOf(lotOf(asked.pantry, ready, made), load, asked.fryer, base.laying);
  const factorAt = base.settings.basketTurned ? spotFactorTurned : spotFactor;
  const places = racks.flatMap((rack, at) =>
    rack.map(({ piece, xMm, yMm }): PlaceOnRack => ({
      rack: at,
      piece,
      xMm,
      yMm,
      factor: factorAt(asked.fryer, xMm, yMm),
    })),
  );
  const each = Math.floor(places.length / ways.length);
  if (each === 0)
    throw new Refusal(
      `A batch of this dish is ${counted(places.length, 'piece')}: ${ways.length} ways need at least ${ways.length}. Cut it smaller, or compare fewer.`,
    );
  const way = laying === 'halves' ? laidInHalves(places, seed) : laidFairly(places, ways.length, seed);
  const hot = hotPercent(places, way, ways.length);
  const marked = placesBack(racks, way);
  const cooked = plans.map((own) => evaluateAir({ ...request, dish: only(dish, places.length) }, own, fried));
  const planned = ways.map((own, at): PlannedWay => {
    const pieces = way.filter((w) => w === at).length;
    return {
      way: own,
      mark: WAY_LETTERS[at],
      name: wayName(asked, own),
      plan: plans[at],
      pieces,
      sprayOilG: (cooked[at].sprayOilG * pieces) / places.length,
      allergens: cooked[at].allergens,
      unsafe: cooked[at].unsafe,
      expected: expectedOf(cooked[at], asks),
    };
  });
  const known = !ways.some((w) => w.what === 'own');
  return {
    ways: planned,
    bowls: sharedBowls(request, planned),
    asks,
    laying,
    over: way.filter((w) => w === null).length,
    basket: asked.fryer.basket,
    racks: marked,
    footprints,
    hotPercent: hot,
    sidePercent: hotPercent(places, sideBySide(places, ways.length), ways.length),
    tested: asked.fryer.hotSpots !== undefined,
    fair: hot <= FAIR_WITHIN_PERCENT,
    expects: known ? bestOf(planned.map((p) => p.expected)) : null,
    steps: stepsOf(asked, base, planned, laying),
  };
}

function checked(asked: Asked, { ways, laying }: ToCompare, plans: readonly AirPlan[]): void {
  const { least, most } = WAYS_AT_ONCE;
  if (ways.length < least || ways.length > most)
    throw new Refusal(`A comparison has ${least} to ${most} ways, and not ${ways.length}.`);
  if (laying === 'halves' && ways.length !== 2)
    throw new Refusal('Only two ways lie in halves; lay more among each other.');
  const names = ways.map((way) => wayName(asked, way));
  const twice = names.find((name, at) => names.indexOf(name) !== at);
  if (twice !== undefined) throw new Refusal(`Two of the ways are the same: “${twice}”.`);
  ways.forEach((a, i) =>
    ways.slice(0, i).forEach((b, j) => {
      if (a.what !== 'own' && b.what !== 'own' && JSON.stringify(plans[i]) === JSON.stringify(plans[j]))
        throw new Refusal(`“${names[j]}” and “${names[i]}” come to the same in this dish.`);
    }),
  );
}

/** The lots of a flat list of places, put back on their racks. */
function placesBack(racks: readonly (readonly Laid[])[], way: readonly (number | null)[]): MarkedPiece[][] {
  let at = 0;
  return racks.map((rack) => rack.map((piece) => ({ ...piece, way: way[at++] })));
}

function stepsOf(
  { fryer }: Asked,
  { settings }: AirPlan,
  ways: readonly PlannedWay[],
  laying: ToCompare['laying'],
): Text[] {
  const marks = ways.map((w) => w.mark).join(', ');
  const many = ways.map((w) => `${w.pieces} ${w.mark}`).join(', ');
  const turned = settings.turnAtMin === null ? '' : ` Turn the pieces where they lie after ${settings.turnAtMin} min.`;
  const round = laying === 'halves' ? ' Turn the basket round by half after half the time.' : '';
  return [
    text`Mark the tray ${marks}, and coat ${many}: each on its own part.`,
    ...otherwise(ways),
    text`Lay them as on the picture, and leave the order alone.`,
    text`All together: ${setTo(settings.tempC, fryer.stepC)}, ${counted(settings.minutes, 'minute')}.${turned}${round}`,
    text`Take them out onto the marked tray, each to its letter.`,
    text`Whoever does not taste gives each letter its code, and serves them in the order of the list.`,
  ];
}

/** What is done otherwise before the basket, way by way: pieces patted, coats rested, and what only the cook knows. */
function otherwise(ways: readonly PlannedWay[]): Text[] {
  const said = (of: (way: PlannedWay) => string): string =>
    capitalised(listed(ways.map((way) => `${way.mark} ${of(way)}`)));
  const differs = (of: (way: PlannedWay) => unknown): boolean => new Set(ways.map(of)).size > 1;
  const own = ways.filter(({ way }) => way.what === 'own');
  return [
    ...(differs(({ plan }) => plan.making?.patted ?? false)
      ? [text`${said(({ plan }) => (plan.making?.patted ? 'is patted dry first' : 'is left as it is'))}.`]
      : []),
    ...(differs(({ plan }) => plan.restMin)
      ? [
          text`Coat the one that rests longest first: ${said(({ plan: { restMin } }) =>
            restMin === 0 ? 'goes in at once' : `rests ${counted(restMin, 'minute')}`,
          )}.`,
        ]
      : []),
    ...own.map(({ mark, name }) => text`${mark} is yours to make: ${name}.`),
  ];
}
