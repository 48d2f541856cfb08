import { Trash2 } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import { RANGES, type Chosen, type ConversionBody } from '@yellowmist/contract';
import { differences, ingredient, planId, type AirResult, type LayerSpec } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { crustCss } from '../../draw/palette';
import { Choice } from '../../ui/Choice';
import { partAmount } from '../../state/units';
import { useUnits } from '../../state/useUnits';
import { useAnswer } from '../../state/useAnswer';
import { usePantryDocument } from '../../state/pantryDocument';
import { usePantry } from '../../state/usePantry';
import { sideTurned } from '../dish/deskSlice';
import { picked, versionForgotten, versionKept } from '../dish/dishSlice';
import { Differences } from '../dish/Differences';
import { Unsafe } from '../dish/Unsafe';
import type { BoardProps } from '../dish/board';
import { FAMILY_NAMES } from '../dish/words';
import * as texts from './texts';

interface Side {
  value: string;
  label: string;
  chosen: Chosen;
}

const ON_BENCH = 'bench';

/** All that can be compared: what lies on the bench, then every named version. */
const sidesOf = (body: ConversionBody, chosen: Chosen): Side[] => [
  { value: ON_BENCH, label: texts.onBenchNow, chosen },
  ...body.versions.map((v) => ({ value: String(v.id), label: v.name, chosen: v.chosen })),
];

/** Named versions of the air side: keep, go back to, forget, and compare any two side by side. */
export default function VersionsBoard({ body }: BoardProps) {
  const chosen = body.chosen!;
  const sides = sidesOf(body, chosen);
  const [left, setLeft] = useState<string | null>(null);
  const [right, setRight] = useState<string | null>(null);
  const pick = (wanted: string | null, otherwise: Side): Side => sides.find((s) => s.value === wanted) ?? otherwise;
  const [a, b] = [pick(left, sides.at(-1)!), pick(right, sides[0])];
  return (
    <div className="grid gap-x-8 gap-y-2 lg:grid-cols-[20rem_1fr]">
      <div>
        <KeepForm body={body} />
        <VersionList body={body} chosen={chosen} />
      </div>
      <section aria-label={texts.compareTwoVersions}>
        {sides.length < 2 ? (
          <p className="text-sm">{texts.keepThisVersionUnder}</p>
        ) : (
          <>
            <div className="flex flex-wrap items-end gap-3">
              <Choice className="w-56" label={texts.compare} value={a.value} options={sides} onChange={setLeft} />
              <Choice className="w-56" label={texts.withIt} value={b.value} options={sides} onChange={setRight} />
            </div>
            <Comparison body={body} a={a} b={b} />
          </>
        )}
      </section>
    </div>
  );
}

function KeepForm({ body }: { body: ConversionBody }) {
  const dispatch = useAppDispatch();
  const [name, setName] = useState('');
  const [error, setError] = useState('');
  const full = body.versions.length >= RANGES.versions.max;
  const keep = (event: FormEvent): void => {
    event.preventDefault();
    const wanted = name.trim();
    if (!wanted) return setError(texts.versionNeedsNameOf(RANGES.nameLength.max));
    if (body.versions.some((v) => v.name === wanted)) return setError(texts.thereIsVersionAlready(wanted));
    dispatch(versionKept(wanted));
    setName('');
    setError('');
  };
  return (
    <form onSubmit={keep} noValidate>
      <label htmlFor="version-name" className="block text-xs">
        {texts.keepWhatLiesOn}
      </label>
      <div className="flex gap-1">
        <input
          id="version-name"
          className={`input h-9 grow ${error ? 'input-error' : ''}`}
          maxLength={RANGES.nameLength.max}
          value={name}
          aria-invalid={error !== ''}
          aria-describedby={error ? 'version-error' : undefined}
          onChange={(e) => {
            setName(e.target.value);
            setError('');
          }}
        />
        <button type="submit" className="btn btn-sm btn-primary h-9" disabled={full}>
          {texts.keep}
        </button>
      </div>
      {error && (
        <p id="version-error" role="alert" className="text-xs text-error">
          {error}
        </p>
      )}
      {full && <p className="text-xs">{texts.versionsAreAllThat(RANGES.versions.max)}</p>}
    </form>
  );
}

function VersionList({ body, chosen }: { body: ConversionBody; chosen: Chosen }) {
  const dispatch = useAppDispatch();
  const { say, set } = useUnits();
  if (body.versions.length === 0) return null;
  return (
    <ul aria-label={texts.namedVersions} className="mt-2">
      {body.versions.map((v) => {
        const { tempC, minutes } = v.chosen.plan.settings;
        const here = planId(v.chosen.plan) === planId(chosen.plan);
        return (
          <li key={v.id} className="flex items-center gap-2 border-t border-base-300 py-1">
            <span className="min-w-0 grow leading-tight">
              <span className="block truncate font-semibold" title={v.name}>
                {v.name}
              </span>
              <span className="block text-xs">
                {set(tempC, body.fryer.stepC)}, {say(minutes, 'minutes')}, {FAMILY_NAMES[v.chosen.family].toLowerCase()}
              </span>
            </span>
            <button
              type="button"
              className="btn btn-sm h-9"
              disabled={here}
              aria-label={texts.layOnBench(v.name)}
              onClick={() => {
                dispatch(picked({ ...v.chosen, by: 'cook' }));
                dispatch(sideTurned('air'));
              }}
            >
              {here ? texts.onBench : texts.take}
            </button>
            <button
              type="button"
              className="btn btn-ghost btn-square size-9"
              aria-label={texts.forget(v.name)}
              onClick={() => dispatch(versionForgotten(v.id))}
            >
              <Trash2 aria-hidden className="size-4" />
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** Both evaluated with this dish and fryer, side by side: layers, amounts, outcomes, and what differs in words. */
function Comparison({ body, a, b }: { body: ConversionBody; a: Side; b: Side }) {
  const { dish, fried, fryer } = body;
  const { own } = usePantryDocument();
  const asked = { dish, fried, fryer, profiles: false, waits: true, own };
  const left = useAnswer('evaluate', { ...asked, plan: a.chosen.plan });
  const right = useAnswer('evaluate', { ...asked, plan: b.chosen.plan });
  const error = left.error || right.error;
  if (error) return <p role="alert">{error}</p>;
  const [from, to] = [left.answer?.air, right.answer?.air];
  if (!from || !to) return <p className="py-2 text-sm">{texts.simulatingBoth}</p>;
  return (
    <>
      <div className="mt-2 grid gap-4 sm:grid-cols-2 xl:grid-cols-3">
        <Column label={a.label} body={body} air={from} />
        <section aria-label={texts.whatChanges} className="sm:order-last sm:col-span-2 xl:order-none xl:col-span-1">
          <h4 className="font-display font-semibold">{texts.whatChangesFromLeft}</h4>
          <Differences changes={differences(from, to)} most={12} none={texts.nothingThatAnybodyWould} />
        </section>
        <Column label={b.label} body={body} air={to} />
      </div>
    </>
  );
}

function Column({ label, body, air }: { label: string; body: ConversionBody; air: AirResult }) {
  const { say, set, system } = useUnits();
  const pantry = usePantry();
  const recipe = ({ portions }: LayerSpec): string =>
    portions.map((p) => ingredient(pantry, p.ingredientId).name).join(', ');
  const { tempC, minutes } = air.plan.settings;
  const { colourTop, crispness, setTime, adhesion } = air.outcomes;
  return (
    <section aria-label={label} className="min-w-0 text-sm">
      <h4 className="truncate font-display font-semibold" title={label}>
        {label}
      </h4>
      <p>
        {texts.restsOfOil(
          set(tempC, body.fryer.stepC),
          say(minutes, 'minutes'),
          say(air.plan.restMin, 'minutes'),
          say(air.sprayOilG, 'mass'),
        )}
      </p>
      <Unsafe unsafe={air.unsafe} brief />
      <p>
        <span
          aria-hidden
          className="inline-block h-3 w-4 rounded-xs border border-base-content/30"
          style={{ background: crustCss(colourTop?.value ?? 0) }}
        />{' '}
        {[colourTop, crispness, setTime, adhesion]
          .map((o) => o?.word)
          .filter(Boolean)
          .join(', ')}
      </p>
      <ol className="mt-1 list-decimal pl-5 leading-snug" aria-label={texts.layersFromSkinOutward}>
        {air.plan.layers.map((layer, at) => {
          const bowl = air.bowls.find((w) => w.visits.includes(at));
          return (
            <li key={at}>
              {recipe(layer)}
              {bowl && bowl.layerAt === at && (
                <span className="block text-xs opacity-90">
                  {texts.inBowl(bowl.parts.map((p) => partAmount(p, system)).join(' + '))}
                </span>
              )}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
