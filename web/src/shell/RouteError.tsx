import { Link, useRouteError } from 'react-router';
import { PageHeading } from '../ui/PageHeading';

/** A page broke: what is saved is safe, and there is a way on. */
export function RouteError() {
  const error = useRouteError();
  const detail = error instanceof Error ? error.message : 'Something unexpected.';
  return (
    <main className="mx-auto max-w-xl p-8">
      <PageHeading className="text-3xl">This page fell apart</PageHeading>
      <p className="mt-3">Everything that was saved is safe. What broke: {detail}</p>
      <Link className="btn btn-primary mt-6" to="/" reloadDocument>
        Back to the dishes
      </Link>
    </main>
  );
}

export function LostPage() {
  return (
    <div className="mx-auto max-w-xl p-8">
      <PageHeading className="text-3xl">There is nothing at this address</PageHeading>
      <Link className="btn btn-primary mt-6" to="/">
        Back to the dishes
      </Link>
    </div>
  );
}
