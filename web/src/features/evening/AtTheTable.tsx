import type { AtTable } from '@yellowmist/core';
import { DishMark } from '../../draw/DishPatterns';
import { useUnits } from '../../state/useUnits';
import { lasting } from './words';
import * as texts from './texts';

/** °C of a centre below which a piece is called lukewarm, and cold. */
const WARM_C = 50;
const COLD_C = 30;

const warmth = (centreC: number): string => (centreC >= WARM_C ? 'hot' : centreC >= COLD_C ? 'lukewarm' : 'cold');

function crispWords({ crispness, ifFresh }: AtTable): string {
  const left = crispness / Math.max(1e-6, ifFresh);
  if (left > 0.93) return texts.asCrispAsFresh;
  if (left > 0.8) return texts.nearlyAsCrispAs;
  if (left >= 0.6) return texts.stillCrisp;
  return left > 0.3 ? 'soft' : 'limp';
}

interface Props {
  table: readonly AtTable[];
  dishIds: readonly string[];
  nameOf: (dishId: string | null) => string;
  time: (min: number) => string;
}

/** How every batch stands when it is eaten, and why. */
export function AtTheTable({ table, dishIds, nameOf, time }: Props) {
  const { say } = useUnits();
  return (
    <div className="overflow-x-auto">
      <table className="table-sm table">
        <caption className="sr-only">{texts.howEveryBatchStands}</caption>
        <thead className="text-base-content">
          <tr>
            <th scope="col">{texts.batch}</th>
            <th scope="col">{texts.cooked}</th>
            <th scope="col">{texts.waits}</th>
            <th scope="col">{texts.whenItIsEaten}</th>
          </tr>
        </thead>
        <tbody>
          {[...table]
            .sort((a, b) => a.readyMin - b.readyMin)
            .map((b) => (
              <tr key={`${b.dishId}${b.batch}`}>
                <th scope="row" className="font-normal">
                  <DishMark dishIds={dishIds} id={b.dishId} /> {nameOf(b.dishId)}
                  {table.filter((o) => o.dishId === b.dishId).length > 1 && texts.batchBatch(b.batch)}
                  {texts.pieces(b.pieces)}
                </th>
                <td className="tabular-nums">
                  {time(b.readyMin)}, {b.fryer}
                </td>
                <td>
                  {lasting(b.eatenMin - b.readyMin)}
                  {b.how === 'crisped again'
                    ? texts.thenTwoMinutesTogether
                    : b.how === 'held'
                      ? texts.inSwitchedOffFryer
                      : texts.onRack}
                </td>
                <td>
                  <b>{crispWords(b)}</b>
                  {texts.inside(warmth(b.centreC), say(b.centreC, 'temperature'))}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
    </div>
  );
}
