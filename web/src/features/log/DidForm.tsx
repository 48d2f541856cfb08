import { RANGES, type SeenBody } from '@yellowmist/contract';
import { FIELD_SCALES, type Did, type DidField, type WeighedDish } from '@yellowmist/core';
import type { FieldKind } from '../../state/units';
import { OptionalNumber } from './OptionalNumber';
import { Radios } from '../../ui/Radios';
import { Line } from './SeenForm';
import { DID_WORDS } from './words';
import * as texts from './texts';

interface Props {
  seen: SeenBody;
  /** What applies to this dish at all, as the plan has it. */
  planned: Did;
  /** What the counter knows already: it is not asked again. */
  known: Did;
  change: (part: Partial<SeenBody>) => void;
}

const NUMBERS: readonly (readonly [DidField, string, FieldKind])[] = [
  ['minutes', texts.inFryer, 'minutes'],
  ['openings', texts.openedBesideTurningTimes, 'plain'],
  ['piecesAtOnce', texts.piecesAtOnce, 'plain'],
  ['restMin', texts.coatRested, 'minutes'],
  ['oilG', texts.oilOfBatchWeighed, 'oil'],
  ['thicknessMm', texts.thicknessMeasured, 'length'],
  ['airOffC', texts.airBeyondItsSetting, 'plain'],
];

const RACKS = [
  { value: 2, label: texts.upperRack },
  { value: 1, label: texts.theMiddle },
  { value: 0, label: texts.lowerOne },
];

const range = (field: DidField): { min: number; max: number } => {
  const [min, max] = FIELD_SCALES[field].range;
  return { min, max };
};

/** What was done, where it is known: first what is quickly said, then what was measured. */
export function DidForm({ seen, planned, known, change }: Props) {
  const did = seen.did ?? {};
  const shown = { ...known, ...did };
  const set = (field: DidField, value: number | boolean | undefined): void => {
    const { [field]: _, ...rest } = did;
    change({ did: value === undefined ? rest : { ...rest, [field]: value } });
  };
  const yesNo = (Object.keys(DID_WORDS) as DidField[]).filter((field) => planned[field] !== undefined);
  return (
    <div className="grid gap-3">
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2 xl:grid-cols-3">
        {yesNo.map((field) => (
          <Radios
            key={field}
            label={DID_WORDS[field]!}
            value={shown[field] === undefined ? undefined : shown[field] ? 'yes' : 'no'}
            options={[
              { value: 'yes', label: 'yes' },
              { value: 'no', label: 'no' },
            ]}
            onChange={(value) => set(field, value === undefined ? undefined : value === 'yes')}
          />
        ))}
        {planned.rack !== undefined && (
          <Radios
            label={texts.pieceThatIsTold}
            value={typeof shown.rack === 'number' ? shown.rack : undefined}
            options={RACKS}
            onChange={(rack) => set('rack', rack)}
          />
        )}
      </div>
      <div className="flex flex-wrap items-end gap-3">
        {NUMBERS.filter(([field]) => planned[field] !== undefined).map(([field, label, quantity]) => (
          <OptionalNumber
            key={field}
            label={label}
            value={typeof shown[field] === 'number' ? shown[field] : undefined}
            quantity={quantity}
            range={range(field)}
            onChange={(value) => set(field, value)}
            className="w-40"
          />
        ))}
      </div>
      <WeighedFields weighed={seen.weighed ?? {}} onChange={(weighed) => change({ weighed })} />
      <Line
        label={texts.whatWasDoneOtherwise}
        value={seen.otherwise}
        most={RANGES.noteLength.max}
        onChange={(otherwise) => change({ otherwise })}
      />
    </div>
  );
}

const WEIGHED = [
  ['rawG', texts.allPiecesBeforeCoating],
  ['coatedG', texts.andCoated],
  ['leftG', texts.leftInLastBowl],
] as const;

/** What was weighed of the coating: from it is learned how much sticks in this kitchen. */
function WeighedFields({ weighed, onChange }: { weighed: WeighedDish; onChange: (weighed: WeighedDish) => void }) {
  const { rawG, coatedG } = weighed;
  const lighter = rawG !== undefined && coatedG !== undefined && coatedG <= rawG;
  return (
    <fieldset>
      <legend className="text-sm">{texts.weighedWhileCoatingTeaches}</legend>
      <div className="flex flex-wrap items-end gap-3">
        {WEIGHED.map(([field, label]) => (
          <OptionalNumber
            key={field}
            label={label}
            value={weighed[field]}
            quantity="grams"
            range={RANGES.weighedG}
            onChange={(value) => {
              const { [field]: _, ...rest } = weighed;
              onChange(value === undefined ? rest : { ...rest, [field]: value });
            }}
            className="w-44"
          />
        ))}
      </div>
      {lighter && (
        <p role="alert" className="text-sm text-error">
          {texts.coatedTheyWeighMore}
        </p>
      )}
    </fieldset>
  );
}
