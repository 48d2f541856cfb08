import { skipToken } from '@reduxjs/toolkit/query';
import {
  isPlanned,
  RANGES,
  type ConversionBody,
  type ConversionDocument,
  type StartExperimentRequest,
} from '@yellowmist/contract';
import { fingerprint, TASTED, type AirPlan, type ComparedWay, type Suits, type Tasted } from '@yellowmist/core';
import { type FormEvent } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { problemText, useConversionQuery, usePlanExperimentMutation } from '../../state/api';
import { requestOf, usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { useTyped } from '../../state/typed';
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

/** A comparison as it is being thought out. */
interface Planned {
  what?: string;
  ways: ComparedWay[];
  own: string;
  asks: Tasted;
  laying: 'mixed' | 'halves';
  tasters: string;
}

const NOTHING_PLANNED: Planned = { ways: [], own: '', asks: 'crisper', laying: 'mixed', tasters: '' };

function PlanForm({ dish, plan }: { dish: ConversionDocument; plan: AirPlan }) {
  const go = useNavigate();
  const [begin, { isLoading, error }] = usePlanExperimentMutation();
  const { answer: suits } = useAnswer('comparisons', {
    ...requestOf(dish as ConversionBody, usePantryDocument()),
    plan,
  });
  const [planned, type, handedOver] = useTyped<Planned>(`comparison.${dish.id}`, NOTHING_PLANNED);
  const { what, ways, own, asks, laying, tasters } = planned;
  const change = (part: Partial<Planned>): void => type({ ...planned, ...part });
  const ownNames = namesIn(own);
  const all: ComparedWay[] = what === OWN ? ownNames.map((says) => ({ what: 'own', says })) : ways;
  const enough = all.length >= RANGES.ways.min && all.length <= RANGES.ways.max;
  const names = namesIn(tasters);
  const pick = (next: string): void => {
    // The first of many, each unlike the others.
    const first = (suits?.find((s) => s.id === next)?.ways ?? []).slice(0, RANGES.ways.max).map((w) => w.way);
    change({ what: next, ways: first });
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
    if (!made.data) return;
    handedOver();
    await go(`/experiment/${made.data.id}`);
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
              {what === s.id && s.id === OWN && <OwnWays typed={own} onChange={(typed) => change({ own: typed })} />}
              {what === s.id && s.ways.length > 2 && (
                <Among suits={s} ways={ways} onChange={(picked) => change({ ways: picked })} />
              )}
            </div>
          ))}
        </fieldset>
        <Radios
          label={texts.whatTastersAreAsked}
          value={asks}
          options={TASTED.map((value) => ({ value, label: ASKS[value].question }))}
          onChange={(next) => change({ asks: next ?? asks })}
        />
        {all.length === 2 && (
          <Radios
            label={texts.howTheyLie}
            value={laying}
            options={[
              { value: 'mixed', label: texts.amongEachOtherFairest },
              { value: 'halves', label: texts.inTwoHalvesBasket },
            ]}
            onChange={(next) => change({ laying: next ?? laying })}
          />
        )}
        <label className="block max-w-xl text-sm">
          {texts.whoTastesWithCommas}
          <input
            className="input mt-1 block h-11 w-full"
            value={tasters}
            onChange={(e) => change({ tasters: e.target.value })}
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
  // As they were picked, also before the page was loaded anew.
  const picked = ways.map(fingerprint);
  const takesPart = (way: ComparedWay): boolean => picked.includes(fingerprint(way));
  return (
    <fieldset className="mb-2 border-l-4 border-primary pl-3">
      <legend className="sr-only">{texts.whichTakePart}</legend>
      <div className="flex flex-wrap gap-x-4">
        {suits.ways.map(({ way, name }) => (
          <Check
            key={name}
            label={name}
            checked={takesPart(way)}
            onChange={(on) => onChange(suits.ways.map((w) => w.way).filter((w) => (w === way ? on : takesPart(w))))}
          />
        ))}
      </div>
    </fieldset>
  );
}
