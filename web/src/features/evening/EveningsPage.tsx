import { Link, useNavigate } from 'react-router';
import { isBroken, isWhole, type BrokenDocument, type EveningDocument, type ListedEvening } from '@yellowmist/contract';
import {
  problemText,
  useCopyEveningMutation,
  useCreateEveningMutation,
  useEveningsQuery,
  useRemoveEveningMutation,
  useRestoreEveningMutation,
} from '../../state/api';
import { orTell, tellUndoable } from '../../state/acting';
import { Unreadable } from '../../ui/Unreadable';
import { newEvening, nextSupper } from './next';
import { dayWords } from './when';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

/** All evenings: what is planned, and what was cooked and may be cooked again. */
export function EveningsPage() {
  const { data: evenings, error } = useEveningsQuery();
  const [create, { isLoading }] = useCreateEveningMutation();
  const go = useNavigate();
  const begin = async (): Promise<void> => {
    const { id } = await create(newEvening(Date.now())).unwrap();
    await go(`/evening/${id}`);
  };
  const groups = (['planned', 'done'] as const).map((state) => ({
    state,
    list: (evenings ?? []).filter((e) => isWhole(e) && e.state === state),
  }));
  const unreadable = (evenings ?? []).filter(isBroken);
  return (
    <div className="mx-auto w-full max-w-3xl p-4">
      <div className="flex flex-wrap items-end gap-4">
        <PageHeading className="grow text-3xl">{texts.evenings}</PageHeading>
        <button type="button" className="btn btn-primary h-11" disabled={isLoading} onClick={() => void begin()}>
          {texts.planEvening}
        </button>
      </div>
      <p className="mt-1 text-sm">{texts.severalDishesOnOne}</p>
      {error && <p role="alert">{problemText(error)}</p>}
      {unreadable.length > 0 && (
        <ul aria-label={texts.cannotBeOpenedHere} className="mt-5">
          {unreadable.map((e) => (
            <Row key={e.id} evening={e} />
          ))}
        </ul>
      )}
      {evenings?.length === 0 && <p className="mt-6">{texts.noEveningYetPlan}</p>}
      {groups.map(
        ({ state, list }) =>
          list.length > 0 && (
            <section key={state} aria-label={state === 'planned' ? texts.planned : texts.cooked} className="mt-5">
              <h2 className="text-lg">{state === 'planned' ? texts.planned : texts.cooked}</h2>
              <ul>
                {list.map((e) => (
                  <Row key={e.id} evening={e} />
                ))}
              </ul>
            </section>
          ),
      )}
    </div>
  );
}

function Row({ evening }: { evening: ListedEvening }) {
  const [remove] = useRemoveEveningMutation();
  const [restore] = useRestoreEveningMutation();
  const { id, name } = evening;
  const putAside = async (): Promise<void> => {
    await remove(id).unwrap();
    await tellUndoable(texts.isPutAside(name), texts.bringBack, () => restore(id).unwrap());
  };
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-2">
      {isBroken(evening) ? <ToldBroken evening={evening} /> : <Told evening={evening} />}
      <button
        type="button"
        className="btn btn-ghost h-11"
        aria-label={texts.putAside(name)}
        onClick={() => orTell(putAside())}
      >
        {texts.eveningsPagePutAside}
      </button>
    </li>
  );
}

const NAME = 'block font-display text-lg leading-tight font-bold break-words';

function ToldBroken({ evening: { name, problem } }: { evening: BrokenDocument }) {
  return (
    <div className="min-w-0 grow basis-60">
      <b className={NAME}>{name}</b>
      <Unreadable problem={problem} />
    </div>
  );
}

/** When it is, of what and for whom; and the same once more on another day. */
function Told({ evening: { id, name, dishes, guests, serveAt, timeZone } }: { evening: EveningDocument }) {
  const [copy] = useCopyEveningMutation();
  const go = useNavigate();
  const again = async (): Promise<void> => {
    const made = await copy({ id, serveAt: nextSupper(Date.now(), timeZone) }).unwrap();
    await go(`/evening/${made.id}`);
  };
  return (
    <>
      <Link to={`/evening/${id}`} className="min-w-0 grow basis-60 hover:underline">
        <b className={NAME}>{name}</b>
        <span className="text-sm">
          {dayWords(serveAt, timeZone)}; {dishes.length === 1 ? texts.oneDish : texts.dishesCount(dishes.length)}
          {guests.length > 0 && texts.withGuests(guests.map((g) => g.name).join(', '))}
        </span>
      </Link>
      <button type="button" className="btn btn-ghost h-11" onClick={() => void again()}>
        {texts.onAnotherDay}
      </button>
    </>
  );
}
