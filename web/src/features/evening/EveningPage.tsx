import { useHotkeys } from 'react-hotkeys-hook';
import { useParams } from 'react-router';
import type { EveningBody } from '@yellowmist/contract';
import type { Change } from '@yellowmist/core';
import { problemText } from '../../state/api';
import { useEveningEdits } from '../../state/documents';
import { Check } from '../../ui/Check';
import { NotHere } from '../../ui/NotHere';
import { SaveNote } from '../../ui/SaveNote';
import { UndoRedo } from '../../ui/UndoRedo';
import { taken, withDishes } from './changes';
import { Dishes } from './Dishes';
import { EveningName } from './EveningName';
import { Guests } from './Guests';
import { Hands } from './Hands';
import { LeftOut } from './LeftOut';
import { Plan } from './Plan';
import { useHistory } from './useHistory';
import { usePlan } from './usePlan';
import { When } from './When';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

/** One evening: what is on the table when, and the work that leads there. */
export function EveningPage() {
  const { id = '' } = useParams();
  const { shown, change, note, known, error } = useEveningEdits(id);
  if (known) return <Arrange key={id} id={id} body={shown} change={change} note={note} />;
  if (!error) return <p className="p-8">{texts.fetchingEvening}</p>;
  return <NotHere what={texts.evening} problem={problemText(error)} to="/evening" toLabel={texts.toEvenings} />;
}

type Props = Pick<ReturnType<typeof useEveningEdits>, 'change' | 'note'> & { id: string; body: EveningBody };

function Arrange({ id, body, change, note }: Props) {
  const arranging = useHistory(body, change);
  const { edit, undo, redo, canUndo, canRedo } = arranging;
  const { planned, leftOut, current, progress, error } = usePlan(body);
  useHotkeys('mod+z', undo, { preventDefault: true }, [undo]);
  useHotkeys('mod+shift+z', redo, { preventDefault: true }, [redo]);
  const take = (made: Change): void => edit((b) => taken(b, made));
  return (
    <div className="mx-auto grid w-full max-w-[90rem] gap-x-6 gap-y-4 p-4 lg:grid-cols-[18rem_minmax(0,1fr)] lg:grid-rows-[auto_1fr]">
      <div className="min-w-0">
        <PageHeading className="sr-only">{body.name}</PageHeading>
        <EveningName key={body.name} name={body.name} onChange={(name) => edit((b) => ({ ...b, name }))} />
        <div className="flex flex-wrap items-center">
          <UndoRedo back={canUndo} forward={canRedo} onUndo={undo} onRedo={redo} />
          <SaveNote {...note} />
        </div>
      </div>
      <div className="min-w-0 lg:row-span-2">
        {error && (
          <p role="alert" className="border-l-4 border-error pl-2 font-semibold">
            {error}
          </p>
        )}
        {body.dishes.length === 0 && <p className="text-lg">{texts.chooseDishesOfEvening}</p>}
        <LeftOut dishes={leftOut} onLeave={(dishId) => take({ what: 'leave-out', dishId })} />
        {progress && !current && (
          <p role="status" className="flex items-center gap-2 text-sm">
            <progress aria-hidden className="progress w-32" value={progress.done} max={progress.of} />
            {texts.ofIt(
              progress.what === 'dishes' ? texts.simulatingDishes : texts.tryingSchedules,
              progress.done,
              progress.of,
            )}
          </p>
        )}
        {planned && <Plan id={id} body={body} planned={planned} stale={!current} arranging={arranging} take={take} />}
      </div>
      <div className="min-w-0 space-y-4">
        <When body={body} edit={edit} />
        <Dishes dishes={body.dishes} onChange={(dishes) => edit((b) => withDishes(b, dishes))} />
        <Hands cooks={body.cooks} onChange={(cooks) => edit((b) => ({ ...b, cooks }))} />
        <Guests guests={body.guests} onChange={(guests) => edit((b) => ({ ...b, guests }))} />
        <Check
          label={texts.itHasBeenCooked}
          checked={body.state === 'done'}
          onChange={(on) => edit((b) => ({ ...b, state: on ? 'done' : 'planned' }))}
        />
      </div>
    </div>
  );
}
