import { Link } from 'react-router';
import { isBroken, type ListedConversion } from '@yellowmist/contract';

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
        <b className="break-words">“{dish.name}” is not in the plan:</b>{' '}
        {isBroken(dish) ? (
          `it cannot be opened here: ${dish.problem}`
        ) : (
          <>
            it has no air version yet.{' '}
            <Link className="underline" to={`/dish/${dish.id}`}>
              Open it once
            </Link>
            , and one is found.
          </>
        )}
      </span>
      <button type="button" className="btn btn-sm h-11" onClick={() => onLeave(dish.id)}>
        Leave it out
      </button>
    </p>
  ));
}
