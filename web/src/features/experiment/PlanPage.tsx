import { skipToken } from '@reduxjs/toolkit/query';
import {
  isPlanned,
  RANGES,
  type ConversionBody,
  type ConversionDocument,
  type StartExperimentRequest,
} from '@yellowmist/contract';
import { TASTED, type AirPlan, type ComparedWay, type Suits, type Tasted } from '@yellowmist/core';
import { useState, type FormEvent } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { problemText, useConversionQuery, usePlanExperimentMutation } from '../../state/api';
import { requestOf, usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { Check } from '../../ui/Check';
import { NotHere } from '../../ui/NotHere';
import { Radios } from '../../ui/Radios';
import { ASKS, namesIn } from './words';
import { PageHeading } from '../../ui/PageHeading';
import { BackLink } from '../../ui/BackLink';
import * as texts from './texts';

const OWN = 'own';

/** A fair comparison is begun: what is compared, what is asked, who tastes. */
export function PlanPage() {
  const [search] = useSearchParams();
  const id = search.get('dish');
  const { data: dish, error } = useConversionQuery(id ?? skipToken);
  if (!id || error)
    return (
      <NotHere
        what={texts.dish}
        problem={error ? problemText(error) : texts.comparisonBeginsWithDish}
        to="/"
        toLabel={texts.toDishes}
      />
    );
  if (!dish) return <p className="p-4">{texts.openingDish}</p>;
  return isPlanned(dish) ? (
    <PlanForm dish={dish} plan={dish.chosen.plan} />
  ) : (
    <NotHere
      what={texts.airVersion}
      problem={texts.hasNoneYetOpen(dish.name)}
      to={`/dish/${dish.id}`}
      toLabel={texts.toBench}
    />
  );
}

function PlanForm({ dish, plan }: { dish: ConversionDocument; plan: AirPlan }) {
  const go = useNavigate();
  const [begin, { isLoading, error }] = usePlanExperimentMutation();
  const { answer: suits } = useAnswer('comparisons', {
    ...requestOf(dish as ConversionBody, usePantryDocument()),
    plan,
  });
  const [what, setWhat] = useState<string>();
  const [ways, setWays] = useState<ComparedWay[]>([]);
  const [own, setOwn] = useState('');
  const [asks, setAsks] = useState<Tasted>('crisper');
  const [laying, setLaying] = useState<'mixed' | 'halves'>('mixed');
  const [tasters, setTasters] = useState('');
  const ownNames = namesIn(own);
  const all: ComparedWay[] = what === OWN ? ownNames.map((says) => ({ what: 'own', says })) : ways;
  const enough = all.length >= RANGES.ways.min && all.length <= RANGES.ways.max;
  const names = namesIn(tasters);
  const pick = (next: string): void => {
    setWhat(next);
    // The first of many, each unlike the others.
    setWays((suits?.find((s) => s.id === next)?.ways ?? []).slice(0, RANGES.ways.max).map((w) => w.way));
  };
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const request: StartExperimentRequest = {
      conversionId: dish.id,
      ways: all,
      asks,
      laying: all.length === 2 ? laying : 'mixed',
      tasters: names,
    };
    const made = await begin(request);
    if (made.data) await go(`/experiment/${made.data.id}`);
  };
  return (
    <div className="mx-auto w-full max-w-4xl p-4">
      <BackLink to={`/dish/${dish.id}`} label={dish.name} />
      <PageHeading className="text-3xl">{texts.whichIsBetter}</PageHeading>
      <p className="mt-1 max-w-2xl">{texts.twoToFourWays(dish.fryer.name)}</p>
      <form className="mt-4 grid gap-5" onSubmit={(e) => void submit(e)}>
        <fieldset>
          <legend className="text-lg font-bold">{texts.whatDoYouWant}</legend>
          {!suits && <p className="text-sm">{texts.lookingAtCoat}</p>}
          {[...(suits ?? []), { id: OWN, says: texts.somethingOfMyOwn, ways: [] }].map((s) => (
            <div key={s.id}>
              <label className="flex min-h-11 items-center gap-3">
                <input
                  type="radio"
                  name="what"
                  className="radio radio-sm"
                  checked={what === s.id}
                  onChange={() => pick(s.id)}
                />
                {s.says}
              </label>
              {what === s.id && s.id === OWN && <OwnWays typed={own} onChange={setOwn} />}
              {what === s.id && s.ways.length > 2 && <Among suits={s} ways={ways} onChange={setWays} />}
            </div>
          ))}
        </fieldset>
        <Radios
          label={texts.whatTastersAreAsked}
          value={asks}
          options={TASTED.map((value) => ({ value, label: ASKS[value].question }))}
          onChange={(next) => setAsks(next ?? asks)}
        />
        {all.length === 2 && (
          <Radios
            label={texts.howTheyLie}
            value={laying}
            options={[
              { value: 'mixed', label: texts.amongEachOtherFairest },
              { value: 'halves', label: texts.inTwoHalvesBasket },
            ]}
            onChange={(next) => setLaying(next ?? laying)}
          />
        )}
        <label className="block max-w-xl text-sm">
          {texts.whoTastesWithCommas}
          <input
            className="input mt-1 block h-11 w-full"
            value={tasters}
            onChange={(e) => setTasters(e.target.value)}
          />
        </label>
        {error && (
          <p role="alert" className="border-l-4 border-error pl-2">
            {problemText(error)}
          </p>
        )}
        <div className="flex flex-wrap items-center gap-3">
          <button type="submit" className="btn btn-primary h-11" disabled={!enough || isLoading}>
            {isLoading ? texts.layingItOut : texts.layItOut}
          </button>
          <span role="status" className="text-sm">
            {what && !enough && texts.twoToFourWaysBy(all.length)}
          </span>
        </div>
      </form>
    </div>
  );
}

/** Ways in the cook's own words. */
function OwnWays({ typed, onChange }: { typed: string; onChange: (typed: string) => void }) {
  return (
    <label className="mb-2 block max-w-xl border-l-4 border-primary pl-3 text-sm">
      {texts.waysWithCommasBetween}
      <input
        className="input mt-1 block h-11 w-full"
        value={typed}
        placeholder={texts.crumbsOfOldLoaf}
        onChange={(e) => onChange(e.target.value)}
      />
      <span className="block">{texts.yellowmistCannotSimulateThese}</span>
    </label>
  );
}

/** Which of several take part. */
function Among({
  suits,
  ways,
  onChange,
}: {
  suits: Pick<Suits, 'ways'>;
  ways: readonly ComparedWay[];
  onChange: (ways: ComparedWay[]) => void;
}) {
  return (
    <fieldset className="mb-2 border-l-4 border-primary pl-3">
      <legend className="sr-only">{texts.whichTakePart}</legend>
      <div className="flex flex-wrap gap-x-4">
        {suits.ways.map(({ way, name }) => (
          <Check
            key={name}
            label={name}
            checked={ways.includes(way)}
            onChange={(on) => onChange(suits.ways.map((w) => w.way).filter((w) => (w === way ? on : ways.includes(w))))}
          />
        ))}
      </div>
    </fieldset>
  );
}
