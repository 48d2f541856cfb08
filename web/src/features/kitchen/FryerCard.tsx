import { Trash2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Controller } from 'react-hook-form';
import { fryerSchema, RANGES } from '@yellowmist/contract';
import { spotAdvice, USUAL_POWER_W, type BasketShape, type Fryer } from '@yellowmist/core';
import { FryerDrawing } from '../../draw/FryerDrawing';
import { Choice } from '../../ui/Choice';
import { NumberIn } from '../../ui/NumberIn';
import { useLiveForm } from '../../ui/useLiveForm';
import { useUnits } from '../../state/useUnits';
import { FryerHabits } from './FryerHabits';
import { BreadTest, TemperatureTest } from './FryerTests';
import { offText } from './offText';

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
          aria-label={`Remove ${fryer.name}`}
          onClick={onRemove}
        >
          <Trash2 aria-hidden className="size-4" />
        </button>
      </div>
      <div className="grid gap-x-8 gap-y-2 md:grid-cols-[17rem_minmax(0,1fr)]">
        <Drawn fryer={fryer} onChange={onChange} />
        <div className="space-y-1">
          {fryer.practice && (
            <p className="border-l-4 border-primary pl-2">
              A practice fryer: it is simulated, and really runs hot or cool, fast or slow, in a way that only its probe
              and what you see tell. Cook in it like in any other.
            </p>
          )}
          <p className="text-lg">{useSentence(fryer)}</p>
          <Part name="In numbers">
            <Settings fryer={fryer} onChange={onChange} />
          </Part>
          <Part
            name="Bread test"
            says={fryer.hotSpots ? spotAdvice(fryer.hotSpots) || 'browns evenly' : 'not made yet'}
          >
            <BreadTest fryer={fryer} onChange={onChange} />
          </Part>
          <Part name="Temperature test" says={fryer.readings?.length ? tell(offText(fryer)) : 'not made yet'}>
            <TemperatureTest fryer={fryer} onChange={onChange} />
          </Part>
          <Part name="Programmes and habits">
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
function useSentence({ basket, racks, minTempC, maxTempC, stepC, preheats }: Fryer): string {
  const { say, tell } = useUnits();
  const size =
    basket.kind === 'round'
      ? `A round basket of ${say(basket.diameterMm, 'length')}`
      : `${racks > 1 ? `${racks} racks` : 'A basket'} of ${say(basket.widthMm, 'length')} by ${say(basket.depthMm, 'length')}`;
  const range = `set from ${say(minTempC, 'temperature')} to ${say(maxTempC, 'temperature')} in steps of ${tell([{ kind: 'difference', value: stepC }])}`;
  return `${size}, ${range}${preheats ? ', preheated by habit' : ''}.`;
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
        title={`${fryer.name} from above`}
        onSize={(basket, done) => {
          setHeld(done ? null : basket);
          if (done) onChange({ ...fryer, basket });
        }}
      />
      <p className="text-xs">Drag the grips, or move them with the arrow keys.</p>
    </div>
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
