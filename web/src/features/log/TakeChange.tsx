import { bodyOfDocument, type Chosen, type CookDiagnosis } from '@yellowmist/contract';
import { Link } from 'react-router';
import { problemText, useConversionQuery, useSaveMutation } from '../../state/api';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

interface Props {
  dish: string;
  proposed: NonNullable<CookDiagnosis['change']>;
  /** A question stands before it. */
  later: boolean;
}

/** The one change, and taking it: a plan is laid into the dish, what is done by hand is asked about next time. */
export function TakeChange({ dish, proposed, later }: Props) {
  const { tell } = useUnits();
  const { data: document } = useConversionQuery(dish);
  const [save, { isSuccess, error, isLoading }] = useSaveMutation();
  const take = (): void => {
    if (!document) return;
    const { version } = document;
    const chosen: Chosen = { family: document.chosen?.family ?? 'own', by: 'cook', plan: proposed.plan };
    void save({ id: dish, version, body: { ...bodyOfDocument(document), chosen } });
  };
  return (
    <section aria-label={texts.oneChange} className="mt-3 border-l-4 border-primary pl-3">
      <h4 className="text-lg">{later ? texts.orWhateverItWas : texts.nextTimeOneThing}</h4>
      <p className="text-lg">{tell(proposed.parts)}</p>
      {proposed.byHand ? (
        <p className="text-sm">{texts.allElseAsIt}</p>
      ) : (
        <div className="mt-1 flex flex-wrap items-center gap-3">
          {document && !isSuccess && (
            <button type="button" className="btn btn-primary h-11" disabled={isLoading} onClick={take}>
              {texts.putItIntoPlan}
            </button>
          )}
          {isSuccess && <span role="status">{texts.itIsInPlan}</span>}
          {document ? (
            <Link to={`/dish/${dish}`} className="link flex min-h-11 items-center">
              {texts.toBench}
            </Link>
          ) : (
            <span className="text-sm">{texts.dishIsNotIn}</span>
          )}
          {error && <p role="alert">{problemText(error)}</p>}
        </div>
      )}
    </section>
  );
}
