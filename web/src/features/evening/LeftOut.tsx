import { Link } from 'react-router';
import { isBroken, type ListedConversion } from '@yellowmist/contract';
import * as texts from './texts';

/** Dishes of the evening that are not in its plan, why, and what helps. */
export function LeftOut({
  dishes,
  onLeave,
}: {
  dishes: readonly ListedConversion[];
  onLeave: (dishId: string) => void;
}) {
  return dishes.map((dish) => (
    <p
      key={dish.id}
      role="alert"
      className="mb-2 flex flex-wrap items-center gap-x-3 border-l-4 border-error bg-error/10 px-2 py-1"
    >
      <span className="min-w-0 grow basis-80 leading-snug">
        <b className="break-words">{texts.isNotInPlan(dish.name)}</b>{' '}
        {isBroken(dish) ? (
          texts.itCannotBeOpened(dish.problem)
        ) : (
          <>
            {texts.itHasNoAir}
            <Link className="underline" to={`/dish/${dish.id}`}>
              {texts.openItOnce}
            </Link>
            {texts.andOneIsFound}
          </>
        )}
      </span>
      <button type="button" className="btn btn-sm h-11" onClick={() => onLeave(dish.id)}>
        {texts.leaveItOut}
      </button>
    </p>
  ));
}
