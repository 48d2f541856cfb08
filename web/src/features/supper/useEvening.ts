import { useEffect, useMemo, useState } from 'react';
import { isBroken, type ConversionDocument, type ListedDish, type SupperBody } from '@yellowmist/contract';
import { pantryOf, supperDish, supperOf, type Label, type Supper, type SupperDish } from '@yellowmist/core';
import { useConversionsQuery } from '../../state/api';
import { useAppDispatch } from '../../state/hooks';
import { questions } from '../../state/questions';
import { watch } from '../../state/useAnswer';
import { usePantryDocument } from '../../state/pantryDocument';

const questionOf = ({ dish, fried, fryer, chosen }: ConversionDocument, own: Label[]) => ({
  dish,
  fried,
  fryer,
  plan: chosen!.plan,
  profiles: false,
  waits: true,
  own,
});

interface Simulated {
  key: string;
  dishes: SupperDish[] | null;
  error: string;
}

/** The evening of the chosen dishes, each simulated; null while that goes on. */
export function useEvening(body: SupperBody): { supper: Supper | null; error: string } {
  const dispatch = useAppDispatch();
  const listed = useConversionsQuery().data;
  const { own } = usePantryDocument();
  const cooked = useMemo(
    () =>
      (listed ?? []).filter((d): d is ListedDish => !isBroken(d) && d.chosen !== null && body.dishIds.includes(d.id)),
    [listed, body.dishIds],
  );
  const key = JSON.stringify(cooked.map(({ id, version }) => [id, version]));
  const [simulated, setSimulated] = useState<Simulated>({ key: '', dishes: null, error: '' });
  useEffect(() => {
    let current = true;
    const asked = cooked.map((d) => dispatch(questions.endpoints.evaluate.initiate(questionOf(d, own))));
    const leave = asked.map((running) => watch(running as never));
    const pantry = pantryOf(own);
    Promise.all(asked.map((running) => running.unwrap()))
      .then((answers) =>
        cooked.map((d, k) => supperDish(d.id, d.name, { pantry, dish: d.dish, fryer: d.fryer }, answers[k].air!)),
      )
      .then(
        (dishes) => current && setSimulated({ key, dishes, error: '' }),
        (failure: { message?: string }) => current && setSimulated({ key, dishes: null, error: failure.message ?? '' }),
      );
    return () => {
      current = false;
      leave.forEach((go) => go());
    };
    // What is cooked is all in the key.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, own, dispatch]);
  const supper = useMemo(
    () => (simulated.key === key && simulated.dishes ? supperOf(simulated.dishes, body.guests) : null),
    [simulated, key, body.guests],
  );
  if (cooked.length === 0) return { supper: supperOf([], body.guests), error: '' };
  return { supper, error: simulated.key === key ? simulated.error : '' };
}
