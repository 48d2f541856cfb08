import { bodyOfDocument, RANGES, withVersion, type Chosen } from '@yellowmist/contract';
import { fingerprint, type AirPlan } from '@yellowmist/core';
import { Link } from 'react-router';
import { problemText, useConversionQuery, useSaveMutation } from '../../state/api';
import * as texts from './texts';

interface Props {
  dish: string;
  /** The plan by which it was cooked, and the day. */
  plan: AirPlan;
  day: string;
}

/** A keeper is kept: the plan that was cooked by becomes a version of the dish with a name, whatever the dish does later. */
export function KeepVersion({ dish, plan, day }: Props) {
  const { data: document } = useConversionQuery(dish);
  const [save, { isLoading, error }] = useSaveMutation();
  if (!document) return null;
  const kept = document.versions.find((v) => fingerprint(v.chosen.plan) === fingerprint(plan));
  if (kept) {
    return (
      <p className="text-sm">
        {texts.keptOn}
        <Link to={`/dish/${dish}`} className="link">
          {texts.bench}
        </Link>
        {texts.asIt(kept.name)}
      </p>
    );
  }
  if (document.versions.length >= RANGES.versions.max)
    return <p className="text-sm">{texts.dishHasVersionsLet(RANGES.versions.max)}</p>;
  const keep = (): void => {
    const chosen: Chosen = { family: document.chosen?.family ?? 'own', by: 'cook', plan };
    const versions = withVersion(document.versions, texts.keeperOf(day), chosen);
    const body = { ...bodyOfDocument(document), versions };
    void save({ id: dish, version: document.version, body });
  };
  return (
    <p className="flex flex-wrap items-center gap-3">
      <button type="button" className="btn h-11" disabled={isLoading} onClick={keep}>
        {texts.keepThisVersionOf}
      </button>
      {error && <span role="alert">{problemText(error)}</span>}
    </p>
  );
}
