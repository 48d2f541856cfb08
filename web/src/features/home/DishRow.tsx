import { Copy, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import type { ConversionDocument } from '@yellowmist/contract';
import { foodOf } from '@yellowmist/core';
import { problemText, useDuplicateMutation, useRemoveMutation, useRestoreMutation } from '../../state/api';
import { useUnits } from '../../state/useUnits';
import { FAMILY_NAMES } from '../dish/words';
import { DishPicture } from '../dish/DishPicture';

/** One dish: its end state as a picture, where it stands in a sentence, copy and delete with undo. */
export function DishRow({ document }: { document: ConversionDocument }) {
  const { say } = useUnits();
  const [duplicate] = useDuplicateMutation();
  const [remove] = useRemoveMutation();
  const [restore] = useRestoreMutation();
  const { id, name, chosen, dish, fryer, fried } = document;

  const told = (work: Promise<unknown>): void => void work.catch((error: unknown) => toast.error(problemText(error)));
  const putAside = async (): Promise<void> => {
    await remove(id).unwrap();
    toast(`“${name}” is put aside.`, {
      duration: 10_000,
      action: { label: 'Bring it back', onClick: () => told(restore(id).unwrap()) },
    });
  };

  return (
    <li className="flex items-center gap-3 border-b border-base-300 py-2">
      <Link to={`/dish/${id}`} className="w-24 shrink-0" tabIndex={-1} aria-hidden>
        <DishPicture body={document} side={chosen ? 'air' : 'pot'} />
      </Link>
      <div className="min-w-0 grow">
        <h3 className="text-lg leading-tight break-words">
          <Link className="hover:underline" to={`/dish/${id}`}>
            {name}
          </Link>
        </h3>
        <p className="text-sm">
          {dish.count} pieces of {foodOf(dish.foodId).name.toLowerCase()}, fried {say(fried.minutes, 'minutes')} at{' '}
          {say(fried.tempC, 'temperature')}
        </p>
        <p className="text-sm">
          {chosen ? (
            <>
              <b>{FAMILY_NAMES[chosen.family]}</b>, {say(chosen.plan.settings.tempC, 'temperature')} for{' '}
              {say(chosen.plan.settings.minutes, 'minutes')} in {fryer.name}
            </>
          ) : (
            'Not converted yet'
          )}
        </p>
      </div>
      <span className="flex shrink-0">
        <button
          type="button"
          className="btn btn-ghost btn-square size-11"
          aria-label={`Copy ${name}`}
          title="Copy"
          onClick={() => told(duplicate(id).unwrap())}
        >
          <Copy aria-hidden className="size-4" />
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-square size-11"
          aria-label={`Delete ${name}`}
          title="Delete"
          onClick={() => told(putAside())}
        >
          <Trash2 aria-hidden className="size-4" />
        </button>
      </span>
    </li>
  );
}
