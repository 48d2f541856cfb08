import { Link } from 'react-router';
import { ALLERGENS, type Evening } from '@yellowmist/core';
import { DishMark } from '../../draw/DishPatterns';
import { useUnits } from '../../state/useUnits';
import { Unsafe } from '../dish/Unsafe';
import * as texts from './texts';

/** In which order the dishes are coated and why, what is washed between them, and which bowls may be shared. */
export function Order({ order, bowls, dishIds }: Pick<Evening, 'order' | 'bowls'> & { dishIds: readonly string[] }) {
  const { say } = useUnits();
  return (
    <div className="grid gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
      <section aria-label={texts.inThisOrder}>
        <h3 className="text-base">{texts.inThisOrder}</h3>
        <ol>
          {order.map(({ dish, why, wash }) => (
            <li key={dish.id} className="border-b border-base-300 py-1.5">
              {wash.what !== 'nothing' && (
                <p className="my-1 border-l-4 border-warning bg-warning/10 py-1 pl-2 text-sm leading-snug font-semibold">
                  {wash.text}
                </p>
              )}
              <h4 className="leading-tight break-words">
                <DishMark dishIds={dishIds} id={dish.id} />{' '}
                <Link className="inline-block min-h-6 hover:underline" to={`/dish/${dish.id}`}>
                  {dish.name}
                </Link>
              </h4>
              <Unsafe unsafe={dish.unsafe} />
              <p className="text-sm leading-snug">{why}</p>
              <p className="text-xs">
                {dish.allergens.length > 0
                  ? texts.contains(dish.allergens.map((a) => ALLERGENS[a].name).join(', '))
                  : texts.noneOfListedAllergens}
              </p>
            </li>
          ))}
        </ol>
        <p className="mt-2 text-xs leading-snug">{texts.byIngredientsAlonePackets}</p>
      </section>
      <section aria-label={texts.bowlsThatTwoDishes}>
        <h3 className="text-base">{texts.bowlsInCommon}</h3>
        {bowls.length === 0 && <p className="text-sm">{texts.noTwoDishesHave}</p>}
        <ul>
          {bowls.map((b) => (
            <li
              key={`${b.from.id}${b.to.id}${b.name}`}
              className={`mb-2 border-l-4 pl-2 ${b.may ? 'border-success' : 'border-error'}`}
            >
              <h4 className="leading-tight">
                {b.name}:{' '}
                <span className={b.may ? 'text-success' : 'text-error'}>{b.may ? texts.shared : texts.apart}</span>
              </h4>
              <p className="text-sm leading-snug">
                {b.text}
                {b.savesG > 1 && texts.savesAboutThatWould(say(b.savesG, 'mass'))}
              </p>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
