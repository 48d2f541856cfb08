import { madeReady, readyPiece, type AirPlan, type Dish } from '../dish/index.js';
import { foodOf, type Food, type Preparation } from '../foods/index.js';
import { prepare, wayMinutes, wayOf, waysFor, wayWords } from '../prep/index.js';
import { differences, type Difference } from './compare.js';
import { COST, PREP_COST } from './constants.js';
import { evaluateAir } from './evaluate.js';
import { shortfallOf } from './likeness.js';
import { retimed } from './search.js';
import type { AirResult, ConvertRequest, FriedResult } from './types.js';

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
export function waterChoices(foodId: string): WaterChoice[] {
  const food = foodOf(foodId);
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

/** Minutes with a cloth, and with a kettle and a tray. */
const PAT_MIN = 2;
const TRAY_MIN = 3;

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

interface Asked {
  request: ConvertRequest;
  fried: FriedResult;
  current: AirResult;
}

/** The dish and plan as the cook has them already. */
function isNow({ dish }: ConvertRequest, current: AirResult, choice: WaterChoice): boolean {
  return (
    dish.preparation === choice.preparation &&
    current.plan.settings.waterTray === choice.tray &&
    (dish.skin === 'wet') === (madeReady(dish, choice.preparation, choice.pat).skin === 'wet')
  );
}

function scored(
  { request, fried, current }: Asked,
  choice: WaterChoice,
): { way: WaterWay; result: AirResult; score: number } {
  const now = isNow(request, current, choice);
  const dish = now ? request.dish : madeReady(request.dish, choice.preparation, choice.pat);
  const settings = { ...current.plan.settings, waterTray: choice.tray };
  const plan = retimed({ ...request, dish }, fried, { ...current.plan, settings, laying: undefined });
  const result = evaluateAir(dish, plan, request.fryer, fried);
  const food = foodOf(dish.foodId);
  const wayMin = wayMinutes(food, dish.shape, choice.preparation, dish.prepMin ?? null);
  const { handsMin: hands, waitMin: waits } = wayOf(choice.preparation);
  const handsMin =
    hands +
    (choice.tray ? TRAY_MIN : 0) +
    (choice.pat && prepare(dish.foodId, dish.shape, choice.preparation).skin === 'wet' ? PAT_MIN : 0);
  const waitMin = waits + wayMin;
  const { waterLost } = prepare(dish.foodId, dish.shape, choice.preparation, dish.prepMin ?? null);
  const rawG = readyPiece({ ...dish, preparation: 'raw', prepMin: undefined }, []).piece.massG;
  const way: WaterWay = {
    ...choice,
    ...words(choice, food),
    now,
    handsMin,
    waitMin,
    wayMin,
    skin: dish.skin,
    startC: dish.startC,
    firmness: food.food.safety === 'vegetable' ? readyPiece(dish, []).startFirmness : null,
    waterLostG: (waterLost * rawG * food.per100g.waterG) / 100,
    minutes: now ? current.plan.settings.minutes : plan.settings.minutes,
    works: now ? current.works : result.works,
    changed: { dish, plan },
    costs: now ? [] : noted(current, result),
  };
  const fair = Object.values(result.outcomes).filter((o) => o.band === 'fair').length;
  const score =
    result.likeness -
    shortfallOf(result.outcomes, result.layers) -
    COST.perMinute * plan.settings.minutes -
    PREP_COST.perFair * fair -
    PREP_COST.perHandsMin * handsMin -
    PREP_COST.perWaitMin * Math.min(PREP_COST.longestMin, waitMin);
  return { way, result, score };
}

/**
 * Every way of dealing with the food's water, each with its own minutes in this fryer, the one that is worth its work,
 * and what leaving it out costs. What works goes before what does not.
 * @param current the plan on the bench, evaluated
 */
export function waterAdvice(request: ConvertRequest, fried: FriedResult, current: AirResult): WaterAdvice {
  const all = waterChoices(request.dish.foodId).map((choice) => scored({ request, fried, current }, choice));
  const best = all.reduce(better);
  const [first] = all;
  return {
    ways: all.map((s) => s.way),
    best: best.way.id,
    skipping: best === first ? [] : noted(best.result, first.result),
  };
}

type Scored = ReturnType<typeof scored>;

const better = (a: Scored, b: Scored): Scored => {
  if (a.way.works !== b.way.works) return a.way.works ? a : b;
  return b.score > a.score ? b : a;
};
