import { bodyOfDocument, type Chosen, type CookDiagnosis } from '@yellowmist/contract';
import { Link } from 'react-router';
import { problemText, useConversionQuery, useSaveMutation } from '../../state/api';
import { useUnits } from '../../state/useUnits';

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
    <section aria-label="One change" className="mt-3 border-l-4 border-primary pl-3">
      <h4 className="text-lg">{later ? 'Or, whatever it was' : 'Next time, one thing'}</h4>
      <p className="text-lg">{tell(proposed.parts)}</p>
      {proposed.byHand ? (
        <p className="text-sm">All else as it is. When this dish is noted again, you are asked whether it was done.</p>
      ) : (
        <div className="mt-1 flex flex-wrap items-center gap-3">
          {document && !isSuccess && (
            <button type="button" className="btn btn-primary h-11" disabled={isLoading} onClick={take}>
              Put it into the plan
            </button>
          )}
          {isSuccess && <span role="status">It is in the plan now.</span>}
          {document ? (
            <Link to={`/dish/${dish}`} className="link flex min-h-11 items-center">
              To the bench
            </Link>
          ) : (
            <span className="text-sm">The dish is not in this kitchen any more.</span>
          )}
          {error && <p role="alert">{problemText(error)}</p>}
        </div>
      )}
    </section>
  );
}
