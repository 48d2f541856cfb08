import { RANGES, type ConversionBody } from '@yellowmist/contract';
import { foodOf, wayMinutes, wayOf, type AirPlan, type WaterAdvice, type WaterWay } from '@yellowmist/core';
import { useAppDispatch } from '../../app/store';
import { NumberField } from '../../ui/NumberField';
import { useUnits } from '../../ui/useUnits';
import { askWater } from '../../worker/core';
import { dishChanged, schoolTaken } from '../bench/benchSlice';
import { Differences } from '../bench/Differences';
import { useAsked } from '../bench/useAsked';
import { requestOf } from '../bench/useConversion';
import { usePantry } from '../pantry/usePantry';

/** The food's water before the coat: every way that suits it with what it does and costs, and the one worth its work. */
export function WaterBoard({ body, plan }: { body: ConversionBody; plan: AirPlan }) {
  const request = requestOf(body, usePantry());
  const { answer, error } = useAsked(JSON.stringify([request, plan]), () => askWater(request, plan));
  if (error) return <p role="alert">{error}</p>;
  if (!answer) return <p className="text-sm">Simulating every way to make it ready…</p>;
  return (
    <div className="grid gap-x-8 gap-y-3 lg:grid-cols-[17rem_minmax(0,1fr)]">
      <Advice advice={answer} body={body} />
      <Ways advice={answer} />
    </div>
  );
}

const inHours = (minutes: number): string =>
  minutes < 90 ? `${Math.round(minutes)} min` : `${Math.round(minutes / 60)} h`;

/** What the model would do, why, and what leaving it out costs. */
function Advice({ advice, body }: { advice: WaterAdvice; body: ConversionBody }) {
  const dispatch = useAppDispatch();
  const best = advice.ways.find((w) => w.id === advice.best)!;
  const { dish } = body;
  const { minutes: range, label } = wayOf(dish.preparation);
  return (
    <section aria-label="Advice on the water">
      <h3 className="text-base">{best.now ? 'Good as it is' : 'Worth the work'}</h3>
      <p className="leading-snug">
        <b>{best.label}.</b> {best.reason}
      </p>
      {!best.now && <Take way={best} primary />}
      {advice.skipping.length > 0 && (
        <>
          <h4 className="mt-2 text-sm font-semibold">Leaving it out costs</h4>
          <Differences changes={advice.skipping} most={4} />
        </>
      )}
      {range && (
        <NumberField
          className="mt-2 w-40"
          label={`${label}, for`}
          value={wayMinutes(foodOf(dish.foodId), dish.shape, dish.preparation, dish.prepMin ?? null)}
          quantity="minutes"
          range={{ min: Math.max(RANGES.prepMin.min, range.min), max: range.max }}
          onChange={(prepMin) => dispatch(dishChanged({ prepMin }))}
        />
      )}
      <p className="mt-2 text-xs leading-snug">
        Blanching and roasting are simulated like the cook itself; pressing, salting and soaking follow common practice.
        Raw meat and fish wait in the refrigerator, and what touched them is thrown away.
      </p>
    </section>
  );
}

function Take({ way, primary = false }: { way: WaterWay; primary?: boolean }) {
  const dispatch = useAppDispatch();
  return (
    <button
      type="button"
      className={`btn btn-sm h-9 ${primary ? 'btn-primary mt-1' : 'btn-outline'}`}
      aria-label={`Take: ${way.label}`}
      onClick={() => dispatch(schoolTaken(way.changed))}
    >
      Take
    </button>
  );
}

const SKIN_WORDS = { dry: 'dry', damp: 'damp', wet: 'wet' } as const;

/** All ways in a table, the least work first; the one on the bench is marked. */
function Ways({ advice }: { advice: WaterAdvice }) {
  const { say } = useUnits();
  const judged = advice.ways.some((w) => w.firmness !== null);
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-sm">
        <thead>
          <tr className="border-b-2 border-base-content/50 text-left text-xs [&>th]:px-2 [&>th]:py-1 [&>th]:font-semibold">
            <th>Way</th>
            <th>Work and wait</th>
            <th>Water lost</th>
            {judged && <th>Firmness left</th>}
            <th>Coated at</th>
            <th>In the fryer</th>
            <th>What it changes</th>
            <th>
              <span className="sr-only">Take it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {advice.ways.map((way) => (
            <tr
              key={way.id}
              className={`border-b border-base-300 align-top [&>td]:px-2 [&>td]:py-1.5 ${way.now ? 'bg-primary/15' : ''}`}
            >
              <td className="w-52">
                <span className="font-semibold">{way.label}</span>
                {way.id === advice.best && <span className="ml-1 text-xs font-semibold text-success">advised</span>}
                <span className="block text-xs leading-snug">{way.does}</span>
              </td>
              <td className="whitespace-nowrap">
                {way.handsMin + way.waitMin === 0 ? (
                  'none'
                ) : (
                  <>
                    {way.handsMin > 0 && `${way.handsMin} min of work`}
                    {way.waitMin > 0 && <span className="block text-xs">and {inHours(way.waitMin)} of waiting</span>}
                  </>
                )}
              </td>
              <td className="whitespace-nowrap">
                {Math.abs(way.waterLostG) < 0.05
                  ? 'none'
                  : `${say(Math.abs(way.waterLostG), 'mass')} a piece${way.waterLostG < 0 ? ' taken up' : ''}`}
                <span className="block text-xs">skin {SKIN_WORDS[way.skin]}</span>
              </td>
              {judged && (
                <td>
                  <Firmness share={way.firmness ?? 1} />
                </td>
              )}
              <td className="whitespace-nowrap">{say(way.startC, 'temperature')}</td>
              <td className={`whitespace-nowrap ${way.works ? 'font-semibold' : 'text-error'}`}>
                {say(way.minutes, 'minutes')}
                {!way.works && <span className="block text-xs">fails</span>}
              </td>
              <td className="min-w-44">
                {way.now ? (
                  <span className="text-xs">This is what lies on the bench.</span>
                ) : (
                  <Differences changes={way.costs} most={3} />
                )}
              </td>
              <td>{!way.now && <Take way={way} />}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Firmness as a bar that gets shorter as the vegetable gets softer. */
function Firmness({ share }: { share: number }) {
  const percent = Math.round(share * 100);
  return (
    <span className="flex items-center gap-1 whitespace-nowrap">
      <span aria-hidden className="inline-block h-2.5 w-14 border border-base-content/60">
        <span className="block h-full bg-base-content/70" style={{ width: `${percent}%` }} />
      </span>
      {percent} %
    </span>
  );
}
