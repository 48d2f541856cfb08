import { skipToken } from '@reduxjs/toolkit/query';
import { useState } from 'react';
import { Navigate, useParams } from 'react-router';
import { problemText, statusOf, useCookQuery } from '../../state/api';
import { useBegunHere } from '../../state/handingOver';
import { rememberedCook } from '../../state/taps';
import { NotHere } from '../../ui/NotHere';
import { Counter } from './Counter';
import * as texts from './texts';

/** One cook. While the server is away, or does not know it yet, it goes on as this browser last knew it. */
export function CookPage() {
  const { id = '' } = useParams();
  return <OneCook key={id} id={id} />;
}

function OneCook({ id }: { id: string }) {
  const begun = useBegunHere(id);
  const [beganHere] = useState(begun);
  const { data, error, isFetching, refetch } = useCookQuery(begun ? skipToken : id);
  const away = error !== undefined && statusOf(error) === undefined;
  const kept = begun || away || (beganHere && isFetching) ? rememberedCook(id) : null;
  const document = data ?? kept;
  // What was entered when it was over has nothing to lead through.
  if (document?.cookedBy) return <Navigate to={`/log/${id}`} replace />;
  if (document) return <Counter key={document.id} document={document} />;
  if (!error) return <p className="p-8">{texts.fetchingCook}</p>;
  return (
    <NotHere what={texts.cook} problem={problemText(error)} to="/cook" toLabel={texts.toAllCooks} onRetry={refetch} />
  );
}
