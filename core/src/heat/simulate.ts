import { brushWith, copyCooking, oilAll, rubWithOil, startCooking, touchUp, type Cooking } from './cooking.js';
import { soakInOil } from './oiling.js';
import { PORES_FILLED_WITH_OIL, SAUCE_C, STANDING_MIN, STANDING_SAMPLE_S } from './constants/index.js';
import type { CookInput, SecondCook, SimulateOptions, Waiting } from './input.js';
import { isOily } from './media.js';
import { makeRecorder } from './recorder.js';
import { restingTray, standingPlace } from './room.js';
import { runIn, type RunOptions } from './run.js';
import type { CookSeries, StandingSeries } from './series.js';

/**
 * Simulates heat, water, setting, browning and softening of one coated piece through rest and cook, a second cook under
 * a sauce where there is one, and its waiting afterwards. Pure; allocates before its time loops and not in them.
 * Inputs are trusted: check them at the door.
 * @returns the series over the cook (the rest before it is simulated and not recorded), with how it waits beside it
 */
export function simulate(input: CookInput, options: SimulateOptions = {}): CookSeries {
  const { fine = 1, longSteps = false, untilColour: darkest = Infinity, otherOilsGm2 = [] } = options;
  const { second } = input;
  const cook = startCooking(input, fine);
  const quiet = (): boolean => true;
  rubWithOil(cook, input.rubGm2 ?? 0);
  runIn(cook, restingTray(), input.restMin * 60, { fine: 1, quick: false, standing: false, onStep: quiet });
  oilAll(cook, input.oilGm2, otherOilsGm2);
  cook.flows.inJ = cook.flows.outJ = cook.flows.outKg = 0;

  const minutes = input.minutes + (second ? second.coolMin + second.minutes : 0);
  const recorder = makeRecorder(cook, minutes, input.medium.sampleS, options.profiles ?? false, otherOilsGm2);
  const recordFrom = (beforeS: number) => ({
    fine,
    quick: longSteps || fine < 1,
    standing: false,
    onStep: (timeS: number): boolean => {
      if (!recorder.due(beforeS + timeS)) return true;
      recorder.sample(cook, beforeS + timeS);
      return browner(cook) <= darkest;
    },
  });
  input.medium.begin();
  input.medium.surround(0, 0, cook.around);
  recorder.sample(cook, 0);
  runIn(cook, input.medium, input.minutes * 60, touchedUp(cook, recordFrom(0)));
  if (second) {
    const brought = runSecond(cook, second, input.minutes * 60, recordFrom);
    recorder.addIn(brought.kg, brought.heatJ);
  }
  const series = recorder.finish(cook);
  series.waiting = (options.waiting ?? []).map((w) => waitThrough(cook, w));
  return series;
}

/** The same run, with oil put on the face that lies up once its time has come. */
function touchedUp(cook: Cooking, options: RunOptions): RunOptions {
  const { touchUp: more } = cook.input;
  if (!more || more.gm2 <= 0) return options;
  let done = false;
  return {
    ...options,
    onStep: (timeS) => {
      if (!done && timeS >= more.atMin * 60) {
        done = true;
        touchUp(cook, more.gm2);
      }
      return options.onStep(timeS);
    },
  };
}

/** The colour of the browner face, with the oil with which that is palest. */
function browner({ sides }: Cooking): number {
  const [a, b] = [sides[0].face, sides[1].face];
  let palest = Math.max(a.colour, b.colour);
  for (let k = 0; k < a.shades.length; k++) palest = Math.min(palest, Math.max(a.shades[k].colour, b.shades[k].colour));
  return palest;
}

/** Cools, sauces and cooks again. Returns the water and heat that the sauce brought. */
function runSecond(
  cook: Cooking,
  second: SecondCook,
  startS: number,
  recordFrom: (beforeS: number) => RunOptions,
): { kg: number; heatJ: number } {
  const coolS = second.coolMin * 60;
  runIn(cook, standingPlace('rack'), coolS, { ...recordFrom(startS), standing: true });
  const brought = second.sauce ? brushWith(cook, second.sauce, SAUCE_C) : { kg: 0, heatJ: 0 };
  runIn(cook, second.medium, second.minutes * 60, recordFrom(startS + coolS));
  return brought;
}

/** Lets a copy of the cooked piece wait for half an hour. */
function waitThrough(cooked: Cooking, waiting: Waiting): StandingSeries {
  const cook = copyCooking(cooked);
  if (isOily(cooked.around)) soakInOil(cook.body, PORES_FILLED_WITH_OIL);
  const minutes = waiting.minutes ?? STANDING_MIN;
  const recorder = makeRecorder(cook, minutes, STANDING_SAMPLE_S, false);
  if (waiting.sauce) {
    const { kg, heatJ } = brushWith(cook, waiting.sauce, SAUCE_C);
    recorder.addIn(kg, heatJ);
  }
  recorder.sample(cook, 0);
  runIn(cook, standingPlace(waiting.place), minutes * 60, {
    fine: 1,
    quick: false,
    standing: true,
    onStep: (timeS) => {
      if (recorder.due(timeS)) recorder.sample(cook, timeS);
      return true;
    },
  });
  return { place: waiting.place, sauced: waiting.sauce !== null, series: recorder.finish(cook) };
}
