import { schoolsFor, type AirPlan, type SchoolId } from '@yellowmist/core';
import type { ConversionBody } from '@yellowmist/contract';
import { useAppDispatch } from '../../state/hooks';
import { useAnswer } from '../../state/useAnswer';
import { requestOf, usePantryDocument } from '../../state/pantryDocument';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import type { BoardProps } from '../dish/board';
import { schoolTaken } from '../dish/dishSlice';
import { Differences } from '../dish/Differences';
import * as texts from './texts';

/** Where cooks disagree: both sides with their reasons, and what each would cost this dish by the model. */
export default function SchoolsBoard({ body, plan }: BoardProps) {
  const pantry = usePantry();
  const { limits } = requestOf(body, usePantryDocument());
  const schools = schoolsFor({ pantry, dish: body.dish, plan, fryer: body.fryer, limits });
  return (
    <div>
      <p className="mb-1 text-sm">{texts.whereCooksDisagreeFor}</p>
      <ul className="columns-1 gap-8 md:columns-2 xl:columns-3">
        {schools.map(({ id, question }) => (
          <li key={id} className="mb-3 break-inside-avoid">
            <Question body={body} plan={plan} schoolId={id} title={question} />
          </li>
        ))}
      </ul>
    </div>
  );
}

function Question({
  body,
  plan,
  schoolId,
  title,
}: {
  body: ConversionBody;
  plan: AirPlan;
  schoolId: SchoolId;
  title: string;
}) {
  const dispatch = useAppDispatch();
  const { tell } = useUnits();
  const { answer, error } = useAnswer('school', { ...requestOf(body, usePantryDocument()), plan, schoolId });
  return (
    <fieldset>
      <legend className="font-display font-semibold">{title}</legend>
      {error && <p role="alert">{error}</p>}
      {!answer && !error && <p className="text-xs">{texts.simulatingBothSides}</p>}
      {answer?.sides.map((side) => (
        <label
          key={side.id}
          className={`flex gap-2 border-l-4 py-1 pl-2 ${side.now ? 'border-primary bg-primary/15' : 'border-base-300'}`}
        >
          <input
            type="radio"
            className="radio radio-sm mt-0.5"
            name={`school-${schoolId}`}
            checked={side.now}
            onChange={() => side.changed && dispatch(schoolTaken(side.changed))}
          />
          <span className="min-w-0">
            <span className="block text-sm leading-tight font-semibold">{tell(side.label)}</span>
            <span className="block text-xs leading-snug">{side.reason}</span>
            {(!side.now || side.costs.length > 0) && <Differences changes={side.costs} most={3} />}
          </span>
        </label>
      ))}
    </fieldset>
  );
}
