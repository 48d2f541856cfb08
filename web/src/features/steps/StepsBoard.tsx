import { foodOf, safeMinimum } from '@yellowmist/core';
import { useKitchenQuery } from '../../state/api';
import { useUnits } from '../../state/useUnits';

/** The steps in the order of the work, in the cook's units; a kitchen without a thermometer is told what that means. */
export function Steps({ steps, foodId }: { steps: readonly string[]; foodId: string }) {
  const { tell } = useUnits();
  const { data: kitchen } = useKitchenQuery();
  const blind = kitchen?.thermometer === false && safeMinimum(foodOf(foodId).food.safety) !== null;
  return (
    <>
      {blind && (
        <p role="note" className="mb-2 border-l-4 border-warning pl-2 text-sm">
          This kitchen has no thermometer, and this food has a safe minimum that no eye can see: borrow one. Until then
          cook to the longer end, cut the thickest piece open, and serve nothing that is pink or glassy inside.
        </p>
      )}
      <ol className="list-decimal columns-1 gap-10 pl-6 lg:columns-2">
        {steps.map((step) => (
          <li key={step} className="mb-1.5 break-inside-avoid pl-1">
            {tell(step)}
          </li>
        ))}
      </ol>
    </>
  );
}
