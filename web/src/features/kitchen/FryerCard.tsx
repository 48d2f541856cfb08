import { Trash2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Controller } from 'react-hook-form';
import { fryerSchema, RANGES } from '@yellowmist/contract';
import { preheatsByHabit, spotAdvice, USUAL_POWER_W, type BasketShape, type Fryer } from '@yellowmist/core';
import { FryerDrawing } from '../../draw/FryerDrawing';
import { Choice } from '../../ui/Choice';
import { NumberIn } from '../../ui/NumberIn';
import { useLiveForm } from '../../ui/useLiveForm';
import { useUnits } from '../../state/useUnits';
import { FryerHabits } from './FryerHabits';
import { BreadTest, TemperatureTest } from './FryerTests';
import { offText } from './words';
import * as texts from './texts';

type Change = (fryer: Fryer) => void;

const KIND_WORDS: Record<Fryer['kind'], string> = {
  drawer: texts.drawerFryer,
  'oven-type': texts.ovenTypeFryer,
  lid: texts.crispingLidOnPot,
  'fan-oven': texts.ovenWithFan,
  'still-oven': texts.ovenWithoutFan,
};

/** One fryer: its sizes and settings, its bread test, its thermometer. */
export function FryerCard({ fryer, onChange, onRemove }: { fryer: Fryer; onChange: Change; onRemove: () => void }) {
  const { tell } = useUnits();
  return (
    <section aria-label={fryer.name} className="border-t-2 border-base-content/60 pt-2">
      <div className="flex items-center gap-2">
        <h2 className="text-xl">
          {fryer.name} <span className="text-base font-normal">{KIND_WORDS[fryer.kind]}</span>
        </h2>
        <button
          type="button"
          className="btn btn-ghost btn-square size-9"
          aria-label={texts.remove(fryer.name)}
          onClick={onRemove}
        >
          <Trash2 aria-hidden className="size-4" />
        </button>
      </div>
      <div className="grid gap-x-8 gap-y-2 md:grid-cols-[17rem_minmax(0,1fr)]">
        <Drawn fryer={fryer} onChange={onChange} />
        <div className="space-y-1">
          {fryer.practice && <p className="border-l-4 border-primary pl-2">{texts.practiceFryerItIs}</p>}
          <p className="text-lg">{useSentence(fryer)}</p>
          <Part name={texts.inNumbers}>
            <Settings fryer={fryer} onChange={onChange} />
          </Part>
          <Part
            name={texts.breadTest}
            says={fryer.hotSpots ? spotAdvice(fryer.hotSpots) || texts.brownsEvenly : texts.notMadeYet}
          >
            <BreadTest fryer={fryer} onChange={onChange} />
          </Part>
          <Part name={texts.temperatureTest} says={fryer.readings?.length ? tell(offText(fryer)) : texts.notMadeYet}>
            <TemperatureTest fryer={fryer} onChange={onChange} />
          </Part>
          <Part name={texts.programmesAndHabits}>
            <FryerHabits fryer={fryer} onChange={onChange} />
          </Part>
        </div>
      </div>
    </section>
  );
}

/** One part of what is known of a fryer: what it says in a line, and more when it is opened. */
function Part({ name, says, children }: { name: string; says?: string; children: ReactNode }) {
  return (
    <details className="border-t border-base-300 py-1.5">
      <summary className="min-h-8 cursor-pointer">
        <b>{name}</b>
        {says && <span className="text-sm">: {says}</span>}
      </summary>
      <div className="pt-1 pl-4">{children}</div>
    </details>
  );
}

/** "A round basket of 200 mm, set from 80 °C to 200 °C in steps of 5." */
function useSentence({ basket, racks, minTempC, maxTempC, stepC, preheats, kind }: Fryer): string {
  const { say, tell } = useUnits();
  const size =
    basket.kind === 'round'
      ? texts.roundBasketOf(say(basket.diameterMm, 'length'))
      : texts.ofBy(
          racks > 1 ? texts.racks(racks) : texts.aBasket,
          say(basket.widthMm, 'length'),
          say(basket.depthMm, 'length'),
        );
  const range = texts.setFromToIn(
    say(minTempC, 'temperature'),
    say(maxTempC, 'temperature'),
    tell([{ kind: 'difference', value: stepC }]),
  );
  return `${size}, ${range}${preheatsByHabit({ kind, preheats }) ? texts.preheatedByHabit : ''}.`;
}

/** The fryer drawn, and its sizes changed on the drawing. */
function Drawn({ fryer, onChange }: { fryer: Fryer; onChange: Change }) {
  const { say } = useUnits();
  const [held, setHeld] = useState<BasketShape | null>(null);
  return (
    <div>
      <FryerDrawing
        basket={held ?? fryer.basket}
        racks={fryer.racks}
        hotSpots={fryer.hotSpots}
        range={RANGES.basketMm}
        say={(mm) => say(mm, 'length')}
        title={texts.fromAbove(fryer.name)}
        onSize={(basket, done) => {
          setHeld(done ? null : basket);
          if (done) onChange({ ...fryer, basket });
        }}
      />
      <p className="text-xs">{texts.dragGripsOrMove}</p>
    </div>
  );
}

const SHAPES = [
  { value: 'round', label: texts.round },
  { value: 'rectangle', label: texts.rectangular },
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
      <legend className="font-display font-semibold">{texts.basketAndSettings}</legend>
      <div className="grid grid-cols-3 gap-x-2 gap-y-1">
        <Controller
          control={control}
          name="basket"
          render={({ field }) => (
            <Choice
              label={texts.basket}
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
          <NumberIn {...length} name="basket.diameterMm" label={texts.across} />
        ) : (
          <>
            <NumberIn {...length} name="basket.widthMm" label={texts.wide} />
            <NumberIn {...length} name="basket.depthMm" label={texts.deep} />
          </>
        )}
        <NumberIn
          {...{ control, onChanged }}
          name="racks"
          label={texts.fryerCardRacks}
          quantity="plain"
          range={RANGES.racks}
          whole
        />
        <NumberIn
          {...{ control, onChanged }}
          name="powerW"
          label={texts.powerW}
          otherwise={USUAL_POWER_W[fryer.kind]}
          quantity="plain"
          range={RANGES.powerW}
        />
        <NumberIn
          {...{ control, onChanged }}
          name="minTempC"
          label={texts.lowest}
          quantity="temperature"
          range={{ min: RANGES.fryerTempC.min, max: fryer.maxTempC }}
          step={fryer.stepC}
        />
        <NumberIn
          {...{ control, onChanged }}
          name="maxTempC"
          label={texts.highest}
          quantity="temperature"
          range={{ min: Math.max(RANGES.airTempC.min, fryer.minTempC), max: RANGES.fryerTempC.max }}
          step={fryer.stepC}
        />
        <NumberIn
          {...{ control, onChanged }}
          name="stepC"
          label={texts.stepsOfC}
          quantity="plain"
          range={RANGES.stepC}
        />
      </div>
      {wrong && (
        <p role="alert" className="text-sm text-error">
          {wrong}
        </p>
      )}
    </fieldset>
  );
}
