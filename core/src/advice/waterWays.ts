import { dishAs, madeReady, readyPiece, unmade, type AirPlan, type Dish } from '../dish/index.js';
import { foodOf, type Food, type Preparation } from '../foods/index.js';
import { prepare, wayMinutes, wayOf, waysFor, wayWords } from '../prep/index.js';
import { evaluateAir, type AirResult, type Asked, type FriedResult } from '../plan/index.js';
import { retimed, worthOf } from '../search/index.js';
import { differences, type Difference } from './compare.js';
import { PREP_COST } from './constants.js';

/** Dealing with the food's water before the coat: every way that suits it, simulated through to the plate. */

/** What can be done: a way of making it ready, a cloth or none, and the little tray of boiling water in the basket. */
export interface WaterChoice {
  id: string;
  preparation: Preparation;
  pat: boolean;
  tray: boolean;
}

/** One way with what it does to this dish. */
export interface WaterWay extends WaterChoice {
  label: string;
  does: string;
  reason: string;
  /** The dish and plan are so now. */
  now: boolean;
  /** Minutes of work, and of waiting, the way's own minutes among them. */
  handsMin: number;
  waitMin: number;
  /** Minutes of pressing, salting, boiling …; 0 where it has none. */
  wayMin: number;
  skin: Dish['skin'];
  startC: number;
  /** Share of the raw firmness when it is coated; null where firmness is not what is judged. */
  firmness: number | null;
  /** Water that a piece loses before it is coated, g; negative where it takes some up. */
  waterLostG: number;
  /** In the fryer, minutes searched anew. */
  minutes: number;
  works: boolean;
  changed: { dish: Dish; plan: AirPlan };
  /** Against the plan on the bench. */
  costs: Difference[];
}

export interface WaterAdvice {
  ways: WaterWay[];
  /** Id of the way that the model would take. */
  best: string;
  /** What leaving it out costs: the food as it comes against the best way. Empty where that is the best. */
  skipping: Difference[];
}

/** Every choice that a food offers, the least work first. */
export function waterChoices(food: Food): WaterChoice[] {
  const bare: WaterChoice[] = food.food.comesWet
    ? [{ id: 'as-it-comes', preparation: 'raw', pat: false, tray: false }]
    : [];
  const dense = food.food.safety === 'vegetable' && food.food.firmness > 0.5;
  return [
    ...bare,
    ...waysFor(food).map((w): WaterChoice => ({ id: w.id, preparation: w.id, pat: true, tray: false })),
    ...(dense ? [{ id: 'water-tray', preparation: 'raw', pat: true, tray: true } as const] : []),
  ];
}

/** Minutes with a cloth, and with a kettle and a tray. Common practice, no source. */
const WORK_MIN = { pat: 2, tray: 3 } as const;

const words = ({ id, preparation }: WaterChoice, food: Food): Pick<WaterWay, 'label' | 'does' | 'reason'> => {
  if (id === 'as-it-comes') {
    return {
      label: 'As it comes, wet',
      does: 'Nothing.',
      reason: 'Nothing glues to a wet skin: what it saves is a cloth.',
    };
  }
  if (id === 'water-tray') {
    return {
      label: 'A tray of boiling water',
      does: 'Put a little tray of boiling water into the basket beside the food.',
      reason: 'It steams a dense vegetable in the first minutes of the cook, and holds the coat back from browning.',
    };
  }
  return food.food.comesWet && preparation === 'raw'
    ? {
        label: 'Patted dry',
        does: 'Pat it on all sides with a cloth.',
        reason: 'The dust takes up a damp skin’s water, and drowns on a wet one.',
      }
    : wayWords(preparation, food);
};

/** What differs for whoever eats it: what sticks to the hands is told elsewhere. */
const noted = (a: AirResult, b: AirResult): Difference[] => differences(a, b).filter((d) => d.about !== 'waste');

/** The plan on the bench, evaluated, and the request and pot that it answers. */
interface OnBench {
  request: Asked;
  fried: FriedResult;
  current: AirResult;
}

/** The dish and plan as the cook has them already: patted dry by themselves, or by the plan. */
function isNow({ pantry, dish }: Asked, { plan }: AirResult, choice: WaterChoice): boolean {
  return (
    dish.preparation === choice.preparation &&
    plan.settings.waterTray === choice.tray &&
    (dishAs(dish, plan).skin === 'wet') === (madeReady(pantry, dish, choice.preparation, choice.pat).skin === 'wet')
  );
}

/** The dish made ready in one way, with its plan's minutes searched anew, cooked through. */
function cookedThrough({ request, fried, current }: OnBench, choice: WaterChoice): { dish: Dish; result: AirResult } {
  const dish = madeReady(request.pantry, request.dish, choice.preparation, choice.pat);
  // What the plan wants patted stays wet where no cloth is taken.
  const asMade = current.plan.making?.patted && !choice.pat ? unmade(current.plan, 'patted') : current.plan;
  const settings = { ...asMade.settings, waterTray: choice.tray };
  const there = { ...request, dish };
  const plan = retimed(there, fried, { ...asMade, settings, laying: undefined });
  return { dish, result: evaluateAir(there, plan, fried) };
}

interface Scored {
  way: WaterWay;
  result: AirResult;
  score: number;
}

function scored(bench: OnBench, choice: WaterChoice): Scored {
  const { request, current } = bench;
  const now = isNow(request, current, choice);
  const { dish, result } = now ? { dish: request.dish, result: current } : cookedThrough(bench, choice);
  const food = foodOf(request.pantry, dish.foodId);
  const { preparation, pat, tray } = choice;
  const wayMin = wayMinutes(food, dish.shape, preparation, dish.prepMin ?? null);
  const { skin, waterLost } = prepare(food, dish.shape, preparation, dish.prepMin ?? null);
  const { handsMin: hands, waitMin: waits } = wayOf(preparation);
  const handsMin = hands + (tray ? WORK_MIN.tray : 0) + (pat && skin === 'wet' ? WORK_MIN.pat : 0);
  const waitMin = waits + wayMin;
  const rawG = readyPiece(request.pantry, { ...dish, preparation: 'raw', prepMin: undefined }, []).piece.massG;
  const way: WaterWay = {
    ...choice,
    ...words(choice, food),
    now,
    handsMin,
    waitMin,
    wayMin,
    skin: dishAs(dish, result.plan).skin,
    startC: dish.startC,
    firmness: food.food.safety === 'vegetable' ? readyPiece(request.pantry, dish, []).startFirmness : null,
    waterLostG: (waterLost * rawG * food.per100g.waterG) / 100,
    minutes: result.plan.settings.minutes,
    works: result.works,
    changed: { dish, plan: result.plan },
    costs: now ? [] : noted(current, result),
  };
  return { way, result, score: scoreOf(result, bench, handsMin, waitMin) };
}

function scoreOf(result: AirResult, { request, fried }: OnBench, handsMin: number, waitMin: number): number {
  const fair = Object.values(result.outcomes).filter((o) => o.band === 'fair').length;
  return (
    worthOf(result, fried, request.fryer) -
    PREP_COST.perFair * fair -
    PREP_COST.perHandsMin * handsMin -
    PREP_COST.perWaitMin * Math.min(PREP_COST.longestMin, waitMin)
  );
}

/**
 * Every way of dealing with the food's water, each with its own minutes in this fryer, the one that is worth its work,
 * and what leaving it out costs. What works goes before what does not.
 * @param current the plan on the bench, evaluated
 */
export function waterAdvice(request: Asked, fried: FriedResult, current: AirResult): WaterAdvice {
  const all = waterChoices(foodOf(request.pantry, request.dish.foodId)).map((choice) =>
    scored({ request, fried, current }, choice),
  );
  const best = all.reduce(better);
  const [first] = all;
  return {
    ways: all.map((s) => s.way),
    best: best.way.id,
    skipping: best === first ? [] : noted(best.result, first.result),
  };
}

const better = (a: Scored, b: Scored): Scored => {
  if (a.way.works !== b.way.works) return a.way.works ? a : b;
  return b.score > a.score ? b : a;
};
