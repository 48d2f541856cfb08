import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { RANGES } from '@yellowmist/contract';
import { BREAD_WORDS, HOT_SPOTS, offsetOf, spotAdvice, spotName, type Fryer } from '@yellowmist/core';
import { BreadMap } from '../../draw/BreadMap';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { useUnits } from '../../state/useUnits';
import { Word } from '../../ui/Word';
import { offText } from './words';
import * as texts from './texts';

type Change = (fryer: Fryer) => void;

/** What the bread is toasted at, °C: common practice, no source. */
const BREAD_C = 180;
const EVEN = Array<number>(HOT_SPOTS).fill(2);

/** Nine slices of bread, each rated by its colour: where the basket browns fastest. */
export function BreadTest({ fryer, onChange }: { fryer: Fryer; onChange: Change }) {
  const { hotSpots } = fryer;
  const { say } = useUnits();
  const options = BREAD_WORDS.map((label, k) => ({ value: String(k), label }));
  const rate = (at: number, rating: number): void =>
    onChange({ ...fryer, hotSpots: (hotSpots ?? EVEN).map((r, i) => (i === at ? rating : r)) });
  return (
    <fieldset>
      <legend className="font-display font-semibold">{texts.breadTest}</legend>
      <p className="text-xs leading-snug">
        {texts.laySlicesOfWhite(say(BREAD_C, 'temperature'))}
        <Word id="hot-spot">{texts.hotSpot}</Word>.
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
            {hotSpots ? spotAdvice(hotSpots) || texts.itBrownsEvenlyNo : texts.notTestedTakenTo}
          </p>
          {hotSpots && (
            <button
              type="button"
              className="btn btn-sm h-9"
              onClick={() => onChange({ ...fryer, hotSpots: undefined })}
            >
              {texts.forgetTest}
            </button>
          )}
        </div>
      </div>
    </fieldset>
  );
}

/** Readings of an oven thermometer against the setting: how far off the thermostat is. */
export function TemperatureTest({ fryer, onChange }: { fryer: Fryer; onChange: Change }) {
  const { say, tell } = useUnits();
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
      <legend className="font-display font-semibold">{texts.temperatureTest}</legend>
      <p className="text-xs leading-snug">{texts.putOvenThermometerIn}</p>
      <div className="flex items-end gap-2">
        <NumberField
          className="w-24"
          label={texts.setTo}
          value={setC}
          quantity="temperature"
          range={RANGES.fryerTempC}
          onChange={setSetC}
        />
        <NumberField
          className="w-24"
          label={texts.itReads}
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
          {texts.noteIt}
        </button>
      </div>
      <ul aria-label={texts.readings} className="mt-1 text-sm">
        {readings.map((r, k) => (
          <li key={k} className="flex items-center gap-2">
            {texts.setRead(say(r.setC, 'temperature'), say(r.readC, 'temperature'))}
            <button
              type="button"
              className="btn btn-ghost btn-square size-8"
              aria-label={texts.forgetReadingAt(Math.round(r.setC))}
              onClick={() => take(readings.filter((_, i) => i !== k))}
            >
              <Trash2 aria-hidden className="size-4" />
            </button>
          </li>
        ))}
      </ul>
      <p role="status" className="text-sm font-semibold">
        {texts.everyPlanReckonsWith(readings.length === 0 ? texts.takenAsIt : texts.it, tell(offText(fryer)))}
      </p>
    </fieldset>
  );
}
