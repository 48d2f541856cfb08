import {
  bodyOfDocument,
  RANGES,
  withVersion,
  type Chosen,
  type ConversionBody,
  type ConversionDocument,
  type ExperimentDocument,
  type ExperimentNotes,
} from '@yellowmist/contract';
import { fingerprint, type AirPlan } from '@yellowmist/core';
import { orTell } from '../../state/acting';
import { useConversionQuery, useSaveMutation } from '../../state/api';
import { tell as tellToast } from '../../state/toast';
import { useUnits } from '../../state/useUnits';
import { RankedWays } from '../../draw/RankedWays';
import * as texts from './texts';

interface Props {
  experiment: ExperimentDocument;
  change: (make: (notes: ExperimentNotes) => ExperimentNotes) => Promise<void>;
}

/** What came of it, how sure one may be, what was expected, and the way that is ahead put into the dish. */
export function Found({ experiment, change }: Props) {
  const { tell } = useUnits();
  const { result, planned, note } = experiment;
  const { ways, expects } = planned;
  return (
    <section aria-label={texts.whatCameOfIt} className="border-l-4 border-primary pl-3">
      <p role="status" className="max-w-3xl text-lg">
        {tell(result.parts)}
      </p>
      {result.told > 0 && (
        <RankedWays
          ways={ways.map((way, at) => ({
            mark: way.mark,
            name: way.name,
            first: result.first[at],
            rank: result.meanRank[at]!,
          }))}
          told={result.told}
          title={texts.howOftenEachWay}
        />
      )}
      {/* Before anybody has tasted it would tell the tasters what to find. */}
      {result.told > 0 && (
        <p className="text-sm">
          {expects === null ? texts.simulationHoldsNoneOf : texts.simulationHadHeldFor(ways[expects].name)}
          {result.asExpected === false && texts.yourTableFoundOtherwise}
          {result.asExpected === true && texts.yourTableFoundSame}
        </p>
      )}
      {result.ahead !== null && result.sure !== 'nothing' && <TakeIt experiment={experiment} at={result.ahead} />}
      {result.told + result.alike > 0 && (
        <label className="mt-1 block max-w-xl text-sm print:hidden">
          {texts.whatYouMakeOf}
          <textarea
            className="textarea mt-1 block min-h-11 w-full"
            defaultValue={note}
            maxLength={RANGES.noteLength.max}
            onBlur={(e) => {
              const written = e.currentTarget.value;
              if (written !== note) orTell(change((now) => ({ ...now, note: written })));
            }}
          />
        </label>
      )}
    </section>
  );
}

/** The plan of a way, as the dish is cooked when nothing is compared. */
const asCooked = (plan: AirPlan, { settings: { basketTurned } }: AirPlan): AirPlan => ({
  ...plan,
  settings: { ...plan.settings, basketTurned },
});

/** Puts the way that is ahead into the dish; the one before stays among its versions. */
function TakeIt({ experiment, at }: { experiment: ExperimentDocument; at: number }) {
  const { data: dish } = useConversionQuery(experiment.conversionId);
  const [save, { isLoading }] = useSaveMutation();
  const way = experiment.planned.ways[at];
  if (way.way.what === 'own' || !dish) return null;
  const plan = asCooked(way.plan, experiment.plan);
  if (dish.chosen && fingerprint(dish.chosen.plan) === fingerprint(plan))
    return <p className="text-sm font-bold">{texts.isHowDishIs(way.name)}</p>;
  const take = async (): Promise<void> => {
    await save({ id: dish.id, version: dish.version, body: taken(dish, plan, way.name) }).unwrap();
    tellToast(texts.isMadeWithFrom(dish.name, way.name));
  };
  return (
    <button
      type="button"
      className="btn btn-primary my-1 h-11 print:hidden"
      disabled={isLoading}
      onClick={() => orTell(take())}
    >
      {texts.fromNowOn(way.name)}
    </button>
  );
}

/** The dish made so; how it was before is the last of its versions, and the oldest gives way where there are too many. */
function taken(dish: ConversionDocument, plan: AirPlan, name: string): ConversionBody {
  const { chosen: before, versions, ...body } = bodyOfDocument(dish);
  const chosen: Chosen = { family: 'own', by: 'cook', plan };
  const kept = before ? withVersion(versions, texts.before(name), before) : versions;
  return { ...body, chosen, versions: kept.slice(-RANGES.versions.max) };
}
