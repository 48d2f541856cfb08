import { Trash2 } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import { RANGES } from '@yellowmist/contract';
import { preheatsByHabit, type Fryer, type Preset } from '@yellowmist/core';
import { Check } from '../../ui/Check';
import { NameError, NameField, useNewName } from '../../ui/NewName';
import { NumberField } from '../../ui/NumberField';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

/** How the fryer is used: whether it is preheated, how long its timer runs, and its own programmes. */
export function FryerHabits({ fryer, onChange }: { fryer: Fryer; onChange: (fryer: Fryer) => void }) {
  const { say, set: setTo } = useUnits();
  const presets = fryer.presets ?? [];
  const set = (part: Partial<Fryer>): void => onChange({ ...fryer, ...part });
  return (
    <fieldset className="lg:col-span-3">
      <legend className="font-display font-semibold">{texts.habitsAndProgrammes}</legend>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        <Check
          label={texts.fryerHabitsPreheatedByHabit}
          checked={preheatsByHabit(fryer) ?? false}
          onChange={(preheats) => set({ preheats })}
        />
        <Check
          label={texts.itsTimerEndsBy}
          checked={fryer.timeLimitMin !== undefined}
          onChange={(on) => set({ timeLimitMin: on ? RANGES.airMinutes.max : undefined })}
        />
        {fryer.timeLimitMin !== undefined && (
          <NumberField
            className="w-28"
            label={texts.after}
            value={fryer.timeLimitMin}
            quantity="minutes"
            range={RANGES.timeLimitMin}
            onChange={(timeLimitMin) => set({ timeLimitMin })}
          />
        )}
        <AddPreset
          stepC={fryer.stepC}
          taken={presets.map((p) => p.name)}
          onAdd={(preset) => set({ presets: [...presets, preset] })}
        />
      </div>
      {presets.length > 0 && (
        <ul aria-label={texts.programmes} className="mt-1 flex flex-wrap gap-x-4 text-sm">
          {presets.map((p) => (
            <li key={p.name} className="flex items-center gap-1">
              <b>{p.name}</b> {setTo(p.tempC, fryer.stepC)}, {say(p.minutes, 'minutes')}
              <button
                type="button"
                className="btn btn-ghost btn-square size-8"
                aria-label={texts.forgetProgramme(p.name)}
                onClick={() => set({ presets: presets.filter((q) => q !== p) })}
              >
                <Trash2 aria-hidden className="size-4" />
              </button>
            </li>
          ))}
        </ul>
      )}
    </fieldset>
  );
}

function AddPreset({
  stepC,
  taken,
  onAdd,
}: {
  stepC: number;
  taken: readonly string[];
  onAdd: (preset: Preset) => void;
}) {
  const entry = useNewName(taken, RANGES.presets.max);
  const [tempC, setTempC] = useState(200);
  const [minutes, setMinutes] = useState(15);
  const add = (event: FormEvent): void => {
    event.preventDefault();
    const name = entry.take();
    if (name !== null) onAdd({ name, tempC, minutes });
  };
  return (
    <form noValidate aria-label={texts.anotherProgramme} onSubmit={add} className="flex flex-wrap items-end gap-1">
      <NameField className="w-44" label={texts.programmeAsItsButton} entry={entry} />
      <NumberField
        className="w-24"
        label={texts.at}
        value={tempC}
        quantity="temperature"
        stepC={stepC}
        range={RANGES.fryerTempC}
        onChange={setTempC}
      />
      <NumberField
        className="w-24"
        label={texts.forIt}
        value={minutes}
        quantity="minutes"
        range={RANGES.airMinutes}
        onChange={setMinutes}
      />
      <button type="submit" className="btn btn-sm btn-outline h-9">
        {texts.noteIt}
      </button>
      <NameError entry={entry} />
    </form>
  );
}
