import { joiResolver } from '@hookform/resolvers/joi';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { RANGES, weighingSchema, type Sprayer, type Weighing } from '@yellowmist/contract';
import { counted, gramsPerStroke, learnedStroke, type StrokesWeighed } from '@yellowmist/core';
import { AddNamed } from '../../ui/AddNamed';
import { NumberIn } from '../../ui/NumberIn';
import { ScalePanel } from './ScalePanel';
import { Word } from '../../ui/Word';
import * as texts from './texts';

const KINDS = [
  { value: 'pump', label: texts.pumpBottle },
  { value: 'can', label: texts.propellantCan },
  { value: 'brush', label: texts.brush },
] as const;

const UNIT: Record<Sprayer['kind'], string> = { pump: 'stroke', can: 'second', brush: 'stroke' };

/** What oil is put on with; a sprayer is weighed before and after ten strokes, so that oil can be counted in strokes. */
export function Sprayers({
  sprayers,
  onChange,
}: {
  sprayers: readonly Sprayer[];
  onChange: (sprayers: Sprayer[]) => void;
}) {
  return (
    <section aria-label={texts.sprayersAndBrushes} className="mt-6 border-t-2 border-base-content/60 pt-2">
      <h2 className="text-xl">{texts.sprayersAndBrushes}</h2>
      <p className="max-w-3xl text-sm">
        {texts.oilGoesOnOutside}
        <Word id="pump">{texts.stroke}</Word>
        {texts.givesIsWeighedHere}
      </p>
      <AddNamed
        title={texts.anotherSprayer}
        nameLabel={texts.nameOfAnotherOne}
        kindLabel={texts.itIs}
        kinds={KINDS}
        taken={sprayers.map((s) => s.name)}
        most={RANGES.fryers.max}
        onAdd={(name, kind) => onChange([...sprayers, { name, kind, gPerStroke: null }])}
      />
      <ul className="mt-2 grid gap-x-8 gap-y-3 lg:grid-cols-2">
        {sprayers.map((sprayer) => (
          <li key={sprayer.name} className="border-t border-base-300 pt-1">
            <Calibration
              sprayer={sprayer}
              onChange={(next) => onChange(sprayers.map((s) => (s.name === sprayer.name ? next : s)))}
              onRemove={() => onChange(sprayers.filter((s) => s.name !== sprayer.name))}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

function Calibration({
  sprayer,
  onChange,
  onRemove,
}: {
  sprayer: Sprayer;
  onChange: (sprayer: Sprayer) => void;
  onRemove: () => void;
}) {
  const { control, setValue, handleSubmit, formState } = useForm<Weighing>({
    defaultValues: { beforeG: 250, afterG: 248, strokes: 10 },
    resolver: joiResolver(weighingSchema),
  });
  const [onScale, setOnScale] = useState(false);
  const unit = UNIT[sprayer.kind];
  const strokes = useWatch({ control, name: 'strokes' });
  const [wrong] = Object.values(formState.errors) as { message?: string }[];
  const weighings = sprayer.weighings ?? [];
  const learned = learnedStroke(sprayer.kind, weighings);
  const put = (all: StrokesWeighed[]): void =>
    onChange({ ...sprayer, weighings: all, gPerStroke: learnedStroke(sprayer.kind, all)?.is ?? null });
  const reckon = handleSubmit(({ beforeG, afterG, strokes }) =>
    put(
      [...weighings, { grams: gramsPerStroke(beforeG, afterG, strokes) * strokes, strokes }].slice(
        -RANGES.weighings.max,
      ),
    ),
  );
  return (
    <>
      <div className="flex items-center gap-2">
        <p className="grow">
          <b>{sprayer.name}</b>
          {sprayer.gPerStroke === null
            ? sprayer.kind === 'brush'
              ? texts.oilIsCountedIn
              : texts.notWeighedYet
            : `: ${sprayer.gPerStroke.toFixed(2)} g a ${unit}${learned ? texts.by(learned.off.toFixed(2), counted(weighings.length, 'weighing')) : ''}`}
        </p>
        <button
          type="button"
          className="btn btn-ghost btn-square size-9"
          aria-label={texts.removeSprayer(sprayer.name)}
          onClick={onRemove}
        >
          <Trash2 aria-hidden className="size-4" />
        </button>
      </div>
      {sprayer.kind !== 'brush' && (
        <div className="flex flex-wrap items-end gap-2">
          <NumberIn
            className="w-24"
            control={control}
            name="beforeG"
            label={texts.weighsBefore}
            quantity="grams"
            range={RANGES.scaleG}
          />
          <NumberIn
            className="w-24"
            control={control}
            name="afterG"
            label={texts.andAfter}
            quantity="grams"
            range={RANGES.scaleG}
          />
          <NumberIn
            className="w-24"
            control={control}
            name="strokes"
            label={`${unit}s`}
            quantity="plain"
            range={RANGES.strokes}
            whole
          />
          <button type="button" className="btn btn-sm h-9" onClick={() => void reckon()}>
            {texts.reckon}
          </button>
          <button
            type="button"
            className="btn btn-sm btn-outline h-9"
            aria-pressed={onScale}
            onClick={() => setOnScale(!onScale)}
          >
            {onScale ? texts.withoutScale : texts.useKitchenScale}
          </button>
        </div>
      )}
      {weighings.length > 0 && (
        <button type="button" className="btn btn-ghost btn-sm h-9" onClick={() => put(weighings.slice(0, -1))}>
          {texts.takeBackLastWeighing}
        </button>
      )}
      {onScale && (
        <ScalePanel
          strokes={strokes}
          unit={unit}
          onBefore={(grams) => setValue('beforeG', grams)}
          onAfter={(grams) => {
            setValue('afterG', grams);
            void reckon();
          }}
        />
      )}
      {wrong?.message && (
        <p role="alert" className="text-sm text-error">
          {wrong.message}
        </p>
      )}
    </>
  );
}
