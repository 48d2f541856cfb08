import { memo } from 'react';
import { RANGES, type ConversionBody } from '@yellowmist/contract';
import { wholeOf, type AirPlan, type AirSettings, type Fryer } from '@yellowmist/core';
import { Link } from 'react-router';
import { usePantry } from '../../state/usePantry';
import { useAppDispatch } from '../../state/hooks';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { fryerChanged, planChanged, settingsChanged } from '../dish/dishSlice';
import { SecondForm } from './SecondForm';
import { useDrag } from '../dish/useDrag';
import { useLearnedSaid } from '../dish/LearnedSaid';
import { useFryers } from '../dish/useFryers';
import * as texts from './texts';

const UNDER = [
  { value: 'basket', label: texts.basket },
  { value: 'rack', label: texts.raisedRack },
  { value: 'parchment', label: texts.parchment },
] as const;

/** By what the fryer is other than its page says, where that is used. */
function LearnedLine({ fryer }: { fryer: Fryer }) {
  const said = useLearnedSaid();
  if (!fryer.learned) return null;
  return (
    <p className="order-last col-span-2 text-sm">
      {texts.it(said(fryer))}
      <Link to="/kitchen" className="link">
        {texts.whatTheyTaught}
      </Link>
      .
    </p>
  );
}

/** The fryer, and how the air version is cooked in it. */
export const AirForm = memo(function AirForm({ body, plan }: { body: ConversionBody; plan: AirPlan }) {
  const dispatch = useAppDispatch();
  const { fryer } = body;
  const fryers = useFryers(fryer);
  const { settings } = plan;
  const { areaM2 } = wholeOf(usePantry(), body.dish);
  const set = (part: Partial<AirSettings>): void => void dispatch(settingsChanged(part));
  const temperatures = temperaturesOf(fryer);
  const { basket } = fryer;
  const size = (part: Record<string, number>): void =>
    void dispatch(fryerChanged({ ...fryer, basket: { ...basket, ...part } as Fryer['basket'] }));
  return (
    <section aria-label={texts.inAirFryer} className="grid grid-cols-2 gap-x-2 gap-y-1">
      <Choice
        label={texts.fryer}
        value={fryer.name}
        options={fryers.map((f) => ({ value: f.name, label: f.name }))}
        onChange={(name) => dispatch(fryerChanged(fryers.find((f) => f.name === name) ?? fryer))}
      />
      <LearnedLine fryer={fryer} />
      {basket.kind === 'round' ? (
        <NumberField
          label={texts.basketAcross}
          value={basket.diameterMm}
          quantity="length"
          range={RANGES.basketMm}
          onChange={(diameterMm) => size({ diameterMm })}
        />
      ) : (
        <div className="grid grid-cols-2 gap-1">
          <NumberField
            label={texts.basket}
            value={basket.widthMm}
            quantity="length"
            range={RANGES.basketMm}
            onChange={(widthMm) => size({ widthMm })}
          />
          <NumberField
            label={texts.by}
            value={basket.depthMm}
            quantity="length"
            range={RANGES.basketMm}
            onChange={(depthMm) => size({ depthMm })}
          />
        </div>
      )}
      <NumberField
        label={texts.oilOnAllPieces}
        value={plan.oilGm2 * areaM2}
        quantity="oil"
        range={{ min: 0, max: RANGES.oilGm2.max * areaM2 }}
        onChange={(grams) => dispatch(planChanged({ oilGm2: Math.min(RANGES.oilGm2.max, grams / areaM2) }))}
      />
      <NumberField
        label={texts.coatRests}
        value={plan.restMin}
        quantity="minutes"
        range={RANGES.restMin}
        onChange={(restMin) => dispatch(planChanged({ restMin }))}
      />
      <Choice label={texts.underFood} value={settings.under} options={UNDER} onChange={(under) => set({ under })} />
      {settings.turnAtMin === null ? (
        <span />
      ) : (
        <NumberField
          label={texts.turnedAfter}
          value={settings.turnAtMin}
          quantity="minutes"
          range={{ min: 1, max: settings.minutes }}
          onChange={(turnAtMin) => set({ turnAtMin })}
        />
      )}
      <Check
        label={texts.turnedOnce}
        checked={settings.turnAtMin !== null}
        onChange={(on) => set({ turnAtMin: on ? Math.round(settings.minutes * 0.55) : null })}
      />
      <Check label={texts.preheated} checked={settings.preheated} onChange={(preheated) => set({ preheated })} />
      <Check
        label={texts.trayOfBoilingWater}
        checked={settings.waterTray}
        onChange={(waterTray) => set({ waterTray })}
      />
      <NumberField
        label={texts.openedToLookTimes}
        value={settings.looks}
        quantity="plain"
        range={RANGES.looks}
        whole
        onChange={(looks) => set({ looks })}
      />
      {fryer.hotSpots && (
        <Check
          label={texts.basketTurnedRound}
          checked={settings.basketTurned ?? false}
          onChange={(basketTurned) => set({ basketTurned })}
        />
      )}
      {fryer.racks > 1 && (
        <>
          <Check
            label={texts.racksSwapped}
            checked={settings.swapEveryMin !== null}
            onChange={(on) => set({ swapEveryMin: on ? 5 : null })}
          />
          {settings.swapEveryMin === null ? (
            <span />
          ) : (
            <NumberField
              label={texts.every}
              value={settings.swapEveryMin}
              quantity="minutes"
              range={RANGES.swapEveryMin}
              onChange={(swapEveryMin) => set({ swapEveryMin })}
            />
          )}
        </>
      )}
      <SecondForm
        plan={plan}
        areaM2={areaM2}
        beside={body.dish.beside ?? []}
        temperatures={temperatures}
        stepC={fryer.stepC}
      />
    </section>
  );
});

const temperaturesOf = (fryer: Fryer): { min: number; max: number } => ({
  min: Math.max(RANGES.airTempC.min, fryer.minTempC),
  max: Math.min(RANGES.airTempC.max, fryer.maxTempC),
});

/** How hot and how long it is cooked in air: what is tried out most. */
export const AirHeat = memo(function AirHeat({ fryer, settings }: { fryer: Fryer; settings: AirSettings }) {
  const dispatch = useAppDispatch();
  const drag = useDrag();
  const set = (part: Partial<AirSettings>): void => void dispatch(settingsChanged(part));
  const temperatures = temperaturesOf(fryer);
  return (
    <section aria-label={texts.heatOfAirFryer} className="grid grid-cols-2 gap-x-2">
      <NumberField
        label={texts.setTo}
        value={settings.tempC}
        quantity="temperature"
        range={temperatures}
        stepC={fryer.stepC}
        drag={drag(150, 220, 1)}
        onChange={(tempC) => set({ tempC })}
      />
      <NumberField
        label={texts.forIt}
        value={settings.minutes}
        quantity="minutes"
        range={RANGES.airMinutes}
        drag={drag(3, 35, 0.5)}
        onChange={(minutes) =>
          set({ minutes, turnAtMin: settings.turnAtMin === null ? null : Math.min(settings.turnAtMin, minutes) })
        }
      />
    </section>
  );
});
