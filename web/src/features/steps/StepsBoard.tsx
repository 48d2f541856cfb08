import { foodOf, safeMinimum } from '@yellowmist/core';
import { useKitchenQuery } from '../../state/api';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import type { BoardProps } from '../dish/board';
import { selectDesk, useDish } from '../dish/dishSlice';
import { StartCook } from '../dish/StartCook';
import { Unsafe } from '../dish/Unsafe';
import * as texts from './texts';

/** The steps in the order of the work, in the cook's units; a kitchen without a thermometer is told what that means. */
export default function StepsBoard({ air, body }: BoardProps) {
  const food = foodOf(usePantry(), body.dish.foodId);
  const { tell } = useUnits();
  const { id } = useDish(selectDesk);
  const { data: kitchen } = useKitchenQuery();
  const blind = kitchen?.thermometer === false && safeMinimum(food.food.safety) !== null;
  return (
    <>
      {id && <StartCook of={{ dish: { ...body, id } }} />}
      <Unsafe unsafe={air.unsafe} />
      {blind && (
        <p role="note" className="mb-2 border-l-4 border-warning pl-2 text-sm">
          {texts.thisKitchenHasNo}
        </p>
      )}
      <ol className="list-decimal columns-1 gap-10 pl-6 lg:columns-2">
        {air.steps.map((step, k) => (
          <li key={k} className="mb-1.5 break-inside-avoid pl-1">
            {tell(step)}
          </li>
        ))}
      </ol>
    </>
  );
}
