import { capitalised, type Evening } from '@yellowmist/core';
import { DishMark } from '../../draw/DishPatterns';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

/** What is bought where, for which dish. */
export function Shopping({ shopping }: Pick<Evening, 'shopping'>) {
  const { tell } = useUnits();
  if (shopping.length === 0) return <p>{texts.everythingIsInHouse}</p>;
  return (
    <div className="columns-[18rem] gap-8">
      {shopping.map(({ shop, items }) => (
        <section key={shop} aria-label={capitalised(shop)} className="mb-3 break-inside-avoid">
          <h3 className="text-base">{capitalised(shop)}</h3>
          <ul>
            {items.map((item) => (
              <li key={item.id} className="flex gap-2 border-b border-base-300 py-1 text-sm">
                <span aria-hidden className="mt-0.5 size-4 shrink-0 rounded-xs border border-current" />
                <span>
                  <b>{capitalised(item.name)}</b>: {tell(item.amount)}
                  <span className="block text-xs">{texts.forDishes(item.for.join(', '))}</span>
                </span>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

/** What is measured into each bowl, dish by dish. */
export function Measuring({ measuring, dishIds }: Pick<Evening, 'measuring'> & { dishIds: readonly string[] }) {
  const { tell } = useUnits();
  return (
    <div className="columns-[20rem] gap-8">
      {measuring.map(({ dishId, name, rows }) => (
        <section key={dishId} aria-label={name} className="mb-3 break-inside-avoid">
          <h3 className="text-base">
            <DishMark dishIds={dishIds} id={dishId} /> {name}
          </h3>
          <dl className="text-sm">
            {rows.map((row, k) => (
              <div key={k} className="border-b border-base-300 py-1">
                <dt className="font-semibold">{row.bowl}</dt>
                <dd>{tell(row.parts)}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}
