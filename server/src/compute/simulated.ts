import type { SimulateAnswer, SimulatedCook, SimulatedInAir, SimulateRequest } from '@yellowmist/contract';
import { evaluateAir, evaluateFried, type FriedCook, type FriedResult, type Pantry } from '@yellowmist/core';
import { simulationAnswer } from './answers.js';

/** The oil of a simulated pot matters to nothing that is answered; nor does the pot that an air cook is held against. */
const ANY_OIL = 'rapeseed-oil';
const ANY_POT = { tempC: 180, minutes: 4, medium: 'deep-oil' } as const;

const isInAir = (cook: SimulatedCook): cook is SimulatedInAir => cook.medium === 'air';

/** Simulates one piece, one coat, one cook. */
export function simulated(pantry: Pantry, { dish, layers, cook }: SimulateRequest): SimulateAnswer {
  const inPot = (pot: Pick<FriedCook, 'tempC' | 'minutes' | 'medium'>): FriedResult =>
    evaluateFried({ pantry, dish, fried: { ...pot, layers, oilId: ANY_OIL } });
  if (!isInAir(cook)) {
    return simulationAnswer(inPot(cook), cook.medium === 'pan-oil' ? cook.minutes / 2 : null);
  }
  const { medium: _, fryer, restMin, oilGm2, second, ...settings } = cook;
  const plan = { layers, restMin, oilGm2, second, settings };
  return simulationAnswer(
    evaluateAir({ pantry, dish, fryer }, plan, inPot(ANY_POT), { waits: true }),
    settings.turnAtMin,
  );
}
