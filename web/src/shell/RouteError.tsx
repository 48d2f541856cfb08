import { Link, useRouteError } from 'react-router';
import { PageHeading } from '../ui/PageHeading';
import * as texts from './texts';

/** A page broke: what is saved is safe, and there is a way on. */
export function RouteError() {
  const error = useRouteError();
  const detail = error instanceof Error ? error.message : texts.somethingUnexpected;
  return (
    <main className="mx-auto max-w-xl p-8">
      <PageHeading className="text-3xl">{texts.thisPageFellApart}</PageHeading>
      <p className="mt-3">{texts.everythingThatWasSaved(detail)}</p>
      <Link className="btn btn-primary mt-6" to="/" reloadDocument>
        {texts.backToDishes}
      </Link>
    </main>
  );
}

export function LostPage() {
  return (
    <div className="mx-auto max-w-xl p-8">
      <PageHeading className="text-3xl">{texts.thereIsNothingAt}</PageHeading>
      <Link className="btn btn-primary mt-6" to="/">
        {texts.backToDishes}
      </Link>
    </div>
  );
}
