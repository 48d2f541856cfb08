import { Archive, ArchiveRestore, Copy, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { bodyOfDocument, isBroken, type ListedConversion, type ListedDish } from '@yellowmist/contract';
import { orTell, tellUndoable } from '../../state/acting';
import {
  useDuplicateMutation,
  useLazyConversionQuery,
  useRemoveMutation,
  useRestoreMutation,
  useSaveMutation,
} from '../../state/api';
import { useFoodName } from '../../state/useFoodName';
import { useUnits } from '../../state/useUnits';
import { FAMILY_NAMES } from '../dish/words';
import { UnsafeOf } from '../dish/Unsafe';
import { DishPicture } from '../dish/DishPicture';
import { Unreadable } from '../../ui/Unreadable';
import * as texts from './texts';

/** One dish: its end state as a picture, where it stands in a sentence, copy and delete with undo. */
export function DishRow({ listed }: { listed: ListedConversion }) {
  const { id, name } = listed;
  const broken = isBroken(listed);
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-2 sm:flex-nowrap">
      {!broken && (
        <Link to={`/dish/${id}`} className="w-24 shrink-0" tabIndex={-1} aria-hidden>
          <DishPicture body={listed} side={listed.chosen ? 'air' : 'pot'} />
        </Link>
      )}
      <div className="min-w-0 grow max-sm:basis-48">
        <h3 className="text-lg leading-tight break-words">
          {broken ? (
            name
          ) : (
            <Link className="inline-block min-h-6 hover:underline" to={`/dish/${id}`}>
              {name}
            </Link>
          )}
        </h3>
        {broken ? <Unreadable problem={listed.problem} /> : <Told document={listed} />}
      </div>
      <Acts listed={listed} />
    </li>
  );
}

/** How it is fried, and what it has become. */
function Told({ document: { chosen, dish, fryer, fried, note, tags = [] } }: { document: ListedDish }) {
  const { say, set } = useUnits();
  const nameOf = useFoodName();
  return (
    <>
      <p className="text-sm">
        {texts.piecesOfFriedAt(
          dish.count,
          nameOf(dish.foodId).toLowerCase(),
          say(fried.minutes, 'minutes'),
          say(fried.tempC, 'temperature'),
        )}
      </p>
      <p className="text-sm">
        {chosen ? (
          <>
            <b>{FAMILY_NAMES[chosen.family]}</b>
            {texts.forIn(
              set(chosen.plan.settings.tempC, fryer.stepC),
              say(chosen.plan.settings.minutes, 'minutes'),
              fryer.name,
            )}
          </>
        ) : (
          texts.notConvertedYet
        )}
      </p>
      {(note || tags.length > 0) && (
        <p className="line-clamp-2 text-sm break-words">
          {note && <i>{note}</i>} {tags.map((tag) => `#${tag}`).join(' ')}
        </p>
      )}
      {chosen && <UnsafeOf body={{ dish, fried, fryer, chosen }} />}
    </>
  );
}

const ACT = 'btn btn-ghost btn-square size-11 sm:size-9';

function Acts({ listed }: { listed: ListedConversion }) {
  const { id, name } = listed;
  const broken = isBroken(listed);
  const [save] = useSaveMutation();
  const [whole] = useLazyConversionQuery();
  const [duplicate] = useDuplicateMutation();
  const [remove] = useRemoveMutation();
  const [restore] = useRestoreMutation();
  const putAside = async (): Promise<void> => {
    await remove(id).unwrap();
    await tellUndoable(texts.isPutAside(name), texts.bringItBack, () => restore(id).unwrap());
  };
  const away = broken ? false : listed.archived === true;
  const putAway = async (): Promise<void> => {
    // The list knows nothing of the versions that were kept.
    const document = await whole(id).unwrap();
    await save({ id, version: document.version, body: { ...bodyOfDocument(document), archived: !away } }).unwrap();
  };
  return (
    <span className="flex shrink-0 max-sm:w-full max-sm:justify-end sm:flex-col">
      {!broken && (
        <button
          type="button"
          className={ACT}
          aria-label={away ? texts.takeOutAgain(name) : texts.putAway(name)}
          title={away ? texts.takeItOutAgain : texts.dishRowPutAway}
          onClick={() => orTell(putAway())}
        >
          {away ? <ArchiveRestore aria-hidden className="size-4" /> : <Archive aria-hidden className="size-4" />}
        </button>
      )}
      {!broken && (
        <button
          type="button"
          className={ACT}
          aria-label={texts.copy(name)}
          title={texts.dishRowCopy}
          onClick={() => orTell(duplicate(id).unwrap())}
        >
          <Copy aria-hidden className="size-4" />
        </button>
      )}
      <button
        type="button"
        className={ACT}
        aria-label={texts.deleteIt(name)}
        title={texts.dishRowDelete}
        onClick={() => orTell(putAside())}
      >
        <Trash2 aria-hidden className="size-4" />
      </button>
    </span>
  );
}
