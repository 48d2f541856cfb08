import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Controller } from 'react-hook-form';
import { fryerSchema, RANGES } from '@yellowmist/contract';
import {
  BREAD_WORDS,
  HOT_SPOTS,
  offsetOf,
  spotAdvice,
  spotName,
  USUAL_POWER_W,
  type BasketShape,
  type Fryer,
} from '@yellowmist/core';
import { BreadMap } from '../../draw/BreadMap';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { NumberIn } from '../../ui/NumberIn';
import { useLiveForm } from '../../ui/useLiveForm';
import { useUnits } from '../../state/useUnits';
import { FryerHabits } from './FryerHabits';

type Change = (fryer: Fryer) => void;

const KIND_WORDS: Record<Fryer['kind'], string> = {
  drawer: 'drawer fryer',
  'oven-type': 'oven-type fryer',
  lid: 'crisping lid on a pot',
  'fan-oven': 'oven with a fan',
  'still-oven': 'oven without a fan',
};

/** One fryer: its sizes and settings, its bread test, its thermometer. */
export function FryerCard({ fryer, onChange, onRemove }: { fryer: Fryer; onChange: Change; onRemove: () => void }) {
  return (
    <section aria-label={fryer.name} className="border-t-2 border-base-content/60 pt-2">
      <div className="flex items-center gap-2">
        <h2 className="text-xl">
          {fryer.name} <span className="text-base font-normal">{KIND_WORDS[fryer.kind]}</span>
        </h2>
        <button
          type="button"
          className="btn btn-ghost btn-square size-9"
          aria-label={`Remove ${fryer.name}`}
          onClick={onRemove}
        >
          <Trash2 aria-hidden className="size-4" />
        </button>
      </div>
      <div className="grid gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1.2fr)_minmax(0,1fr)]">
        <Settings fryer={fryer} onChange={onChange} />
        <BreadTest fryer={fryer} onChange={onChange} />
        <TemperatureTest fryer={fryer} onChange={onChange} />
        <FryerHabits fryer={fryer} onChange={onChange} />
      </div>
    </section>
  );
}

const SHAPES = [
  { value: 'round', label: 'Round' },
  { value: 'rectangle', label: 'Rectangular' },
] as const;

const reshaped = (basket: BasketShape, kind: BasketShape['kind']): BasketShape => {
  if (basket.kind === kind) return basket;
  return basket.kind === 'round'
    ? { kind: 'rectangle', widthMm: basket.diameterMm, depthMm: basket.diameterMm }
    : { kind: 'round', diameterMm: Math.min(basket.widthMm, basket.depthMm) };
};

function Settings({ fryer, onChange }: { fryer: Fryer; onChange: Change }) {
  const { control, onChanged, wrong } = useLiveForm(fryerSchema, fryer, onChange);
  const length = { control, onChanged, quantity: 'length', range: RANGES.basketMm } as const;
  return (
    <fieldset>
      <legend className="font-display font-semibold">Basket and settings</legend>
      <div className="grid grid-cols-3 gap-x-2 gap-y-1">
        <Controller
          control={control}
          name="basket"
          render={({ field }) => (
            <Choice
              label="Basket"
              value={field.value.kind}
              options={SHAPES}
              onChange={(kind) => {
                field.onChange(reshaped(field.value, kind));
                onChanged();
              }}
            />
          )}
        />
        {fryer.basket.kind === 'round' ? (
          <NumberIn {...length} name="basket.diameterMm" label="Across" />
        ) : (
          <>
            <NumberIn {...length} name="basket.widthMm" label="Wide" />
            <NumberIn {...length} name="basket.depthMm" label="Deep" />
          </>
        )}
        <NumberIn {...{ control, onChanged }} name="racks" label="Racks" quantity="plain" range={RANGES.racks} whole />
        <NumberIn
          {...{ control, onChanged }}
          name="powerW"
          label="Power, W"
          otherwise={USUAL_POWER_W[fryer.kind]}
          quantity="plain"
          range={RANGES.powerW}
        />
        <NumberIn
          {...{ control, onChanged }}
          name="minTempC"
          label="Lowest"
          quantity="temperature"
          range={{ min: RANGES.fryerTempC.min, max: fryer.maxTempC }}
          step={fryer.stepC}
        />
        <NumberIn
          {...{ control, onChanged }}
          name="maxTempC"
          label="Highest"
          quantity="temperature"
          range={{ min: Math.max(RANGES.airTempC.min, fryer.minTempC), max: RANGES.fryerTempC.max }}
          step={fryer.stepC}
        />
        <NumberIn {...{ control, onChanged }} name="stepC" label="Steps of, °C" quantity="plain" range={RANGES.stepC} />
      </div>
      {wrong && (
        <p role="alert" className="text-sm text-error">
          {wrong}
        </p>
      )}
    </fieldset>
  );
}

const EVEN = Array<number>(HOT_SPOTS).fill(2);

/** Nine slices of bread, each rated by its colour: where the basket browns fastest. */
function BreadTest({ fryer, onChange }: { fryer: Fryer; onChange: Change }) {
  const { hotSpots } = fryer;
  const options = BREAD_WORDS.map((label, k) => ({ value: String(k), label }));
  const rate = (at: number, rating: number): void =>
    onChange({ ...fryer, hotSpots: (hotSpots ?? EVEN).map((r, i) => (i === at ? rating : r)) });
  return (
    <fieldset>
      <legend className="font-display font-semibold">Bread test</legend>
      <p className="text-xs leading-snug">
        Lay slices of white bread side by side, 180 °C for about 5 minutes, do not turn. Say how each came out, seen
        from the front.
      </p>
      <div className="flex gap-3">
        <BreadMap basket={fryer.basket} hotSpots={hotSpots} />
        <div>
          <div className="grid grid-cols-3 gap-1">
            {Array.from({ length: HOT_SPOTS }, (_, at) => (
              <Choice
                key={at}
                label={spotName(at)}
                value={String(hotSpots?.[at] ?? 2)}
                options={options}
                onChange={(v) => rate(at, Number(v))}
              />
            ))}
          </div>
          <p role="status" className="mt-1 text-sm">
            {hotSpots
              ? spotAdvice(hotSpots) || 'It browns evenly: no need to turn the basket for that.'
              : 'Not tested: taken to brown evenly.'}
          </p>
          {hotSpots && (
            <button
              type="button"
              className="btn btn-sm h-9"
              onClick={() => onChange({ ...fryer, hotSpots: undefined })}
            >
              Forget the test
            </button>
          )}
        </div>
      </div>
    </fieldset>
  );
}

/** Readings of an oven thermometer against the setting: how far off the thermostat is. */
function TemperatureTest({ fryer, onChange }: { fryer: Fryer; onChange: Change }) {
  const { say } = useUnits();
  const readings = fryer.readings ?? [];
  const [setC, setSetC] = useState(180);
  const [readC, setReadC] = useState(180);
  const take = (next: { setC: number; readC: number }[]): void =>
    onChange({
      ...fryer,
      readings: next,
      offsetC: Math.min(RANGES.offsetC.max, Math.max(RANGES.offsetC.min, offsetOf(next))),
    });
  return (
    <fieldset>
      <legend className="font-display font-semibold">Temperature test</legend>
      <p className="text-xs leading-snug">
        Put an oven thermometer in the empty, hot fryer for ten minutes, and say what it reads. Mitts on.
      </p>
      <div className="flex items-end gap-2">
        <NumberField
          className="w-24"
          label="Set to"
          value={setC}
          quantity="temperature"
          range={RANGES.fryerTempC}
          onChange={setSetC}
        />
        <NumberField
          className="w-24"
          label="It reads"
          value={readC}
          quantity="temperature"
          range={RANGES.fryerTempC}
          onChange={setReadC}
        />
        <button
          type="button"
          className="btn btn-sm h-9"
          disabled={readings.length >= RANGES.readings.max}
          onClick={() => take([...readings, { setC, readC }])}
        >
          Note it
        </button>
      </div>
      <ul aria-label="Readings" className="mt-1 text-sm">
        {readings.map((r, k) => (
          <li key={k} className="flex items-center gap-2">
            set {say(r.setC, 'temperature')}, read {say(r.readC, 'temperature')}
            <button
              type="button"
              className="btn btn-ghost btn-square size-8"
              aria-label={`Forget the reading at ${Math.round(r.setC)}`}
              onClick={() => take(readings.filter((_, i) => i !== k))}
            >
              <Trash2 aria-hidden className="size-4" />
            </button>
          </li>
        ))}
      </ul>
      <p role="status" className="text-sm font-semibold">
        {readings.length === 0
          ? `Taken to be ${fryer.offsetC === 0 ? 'right' : `off by ${fryer.offsetC} K`}.`
          : fryer.offsetC === 0
            ? 'It is what it says.'
            : `Runs ${Math.abs(fryer.offsetC)} °C ${fryer.offsetC > 0 ? 'hotter' : 'cooler'} than it says; every plan reckons with it.`}
      </p>
    </fieldset>
  );
}
