import { Link } from 'react-router';
import { ALLERGENS, type SharedBowl, type Supper, type Turn } from '@yellowmist/core';
import { FryerLanes } from '../../draw/FryerLanes';
import { useUnits } from '../../state/useUnits';
import { Unsafe } from '../dish/Unsafe';

/** The evening as it comes out: the fryers' lanes, the order with its reasons, and the bowls. */
export function Evening({ supper }: { supper: Supper }) {
  const { say } = useUnits();
  const { order, queues, bowls, hungry } = supper;
  if (order.length === 0)
    return <p>Choose a dish on the left: what fries first, what may share a bowl and what must not.</p>;
  return (
    <>
      {hungry.map((guest) => (
        <p key={guest.name} role="alert" className="mb-2 border-l-4 border-error pl-2 font-semibold">
          Nothing here is for {guest.name}, by its ingredients. Convert one of the dishes within what {guest.name} eats.
        </p>
      ))}
      <section aria-label="The fryers through the evening">
        <h2 className="text-lg">The fryers through the evening</h2>
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Lanes of the fryers">
          <div className="min-w-[40rem]">
            <FryerLanes queues={queues} say={(m) => say(m, 'minutes')} />
          </div>
        </div>
      </section>
      <div className="mt-3 grid gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
        <section aria-label="In this order">
          <h2 className="text-lg">In this order</h2>
          <ol>
            {order.map((turn, at) => (
              <TurnRow key={turn.dish.id} turn={turn} number={at + 1} />
            ))}
          </ol>
        </section>
        <Bowls bowls={bowls} />
      </div>
      <p className="mt-3 text-xs leading-snug">
        By the ingredients alone: the packets’ labels decide, and for a severe allergy what a professional or the guest
        says. Heat takes no allergen away. Hands are washed after raw meat and fish, every time.
      </p>
    </>
  );
}

function TurnRow({ turn, number }: { turn: Turn; number: number }) {
  const { say } = useUnits();
  const { dish, why, wash } = turn;
  const { batches, piecesPerBatch } = dish.load;
  return (
    <li>
      {wash.what !== 'nothing' && (
        <p className="my-1 border-l-4 border-warning bg-warning/10 py-1 pl-2 text-sm leading-snug font-semibold">
          {wash.text}
        </p>
      )}
      <div className="flex gap-3 border-b border-base-300 py-1.5">
        <span aria-hidden className="w-7 shrink-0 text-right font-display text-2xl leading-7 font-semibold">
          {number}
        </span>
        <div className="min-w-0">
          <h3 className="leading-tight break-words">
            <Link className="hover:underline" to={`/dish/${dish.id}`}>
              {dish.name}
            </Link>
          </h3>
          <p className="text-sm">
            {dish.fryer.name}: {batches === 1 ? 'one batch' : `${batches} batches of up to ${piecesPerBatch}`},{' '}
            {say(dish.batchMin, 'minutes')}
            {batches > 1 ? ' each' : ''}
          </p>
          <Unsafe unsafe={dish.unsafe} />
          <p className="text-sm leading-snug">{why}</p>
          <p className="text-xs">
            {dish.allergens.length > 0
              ? `Contains ${dish.allergens.map((a) => ALLERGENS[a].name).join(', ')}.`
              : 'None of the listed allergens.'}
          </p>
        </div>
      </div>
    </li>
  );
}

function Bowls({ bowls }: { bowls: readonly SharedBowl[] }) {
  const { say } = useUnits();
  return (
    <section aria-label="Bowls that two dishes have in common">
      <h2 className="text-lg">Bowls in common</h2>
      {bowls.length === 0 && <p className="text-sm">No two dishes have a bowl in common: each has its own row.</p>}
      <ul>
        {bowls.map((b) => (
          <li
            key={`${b.from.id}${b.to.id}${b.name}`}
            className={`mb-2 border-l-4 pl-2 ${b.may ? 'border-success' : 'border-error'}`}
          >
            <h3 className="text-base leading-tight">
              {b.name}: <span className={b.may ? 'text-success' : 'text-error'}>{b.may ? 'shared' : 'apart'}</span>
            </h3>
            <p className="text-sm leading-snug">
              {b.text}
              {b.savesG > 1 && ` Saves about ${say(b.savesG, 'mass')} that would be left over.`}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
