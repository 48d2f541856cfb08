import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { problemText, useConversionQuery } from '../../app/api';
import { useAppDispatch, useAppSelector } from '../../app/store';
import { Bench } from './Bench';
import { laidOut } from './benchSlice';

/** Opens the dish of the address and lays it on the bench. */
export function BenchPage() {
  const { id = '' } = useParams();
  const dispatch = useAppDispatch();
  const { data, error, refetch } = useConversionQuery(id);
  const onBench = useAppSelector((s) => s.bench.desk.id);
  useEffect(() => {
    if (data?.id === id) dispatch(laidOut(data));
  }, [data, id, dispatch]);

  if (error) {
    return (
      <div className="mx-auto max-w-xl p-8">
        <h1 className="text-3xl">This dish is not here</h1>
        <p className="mt-3">{problemText(error)}</p>
        <p className="mt-6 flex gap-3">
          <button type="button" className="btn" onClick={() => void refetch()}>
            Try again
          </button>
          <Link className="btn btn-primary" to="/">
            To the dishes
          </Link>
        </p>
      </div>
    );
  }
  if (onBench !== id) return <p className="p-8">Laying out the dish…</p>;
  return <Bench key={id} />;
}
