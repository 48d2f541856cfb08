import { OVERALL, RANGES, SALTS, type SeenBody } from '@yellowmist/contract';
import { FIELD_SCALES, isFlesh, type Food, type Seen, type SeenField } from '@yellowmist/core';
import { BaldPiece } from './BaldPiece';
import { ColourStrip } from './ColourStrip';
import { OptionalNumber } from './OptionalNumber';
import { Photographs } from './Photographs';
import { Radios } from '../../ui/Radios';
import { AMOUNT_FIELDS, OVERALL_WORDS, toldWord } from './words';
import * as texts from './texts';

interface Props {
  /** Of the cook, and of the dish of it. */
  id: string;
  dish: string;
  seen: SeenBody;
  /** What the counter knows already: it is not asked again. */
  known: Seen;
  food: Food;
  change: (part: Partial<SeenBody>) => void;
}

const options = (field: SeenField) => FIELD_SCALES[field].words.map(({ word }) => ({ value: word, label: word }));

/** How it came out, in the order in which one looks, bites and chews; everything can be left out. */
export function SeenForm({ id, dish, seen, known, food, change }: Props) {
  const word = (field: SeenField, label: string) => (
    <Radios
      label={label}
      value={toldWord(field, seen[field] ?? known[field])}
      options={options(field)}
      // Where no coat is gone there is no place where it is.
      onChange={(value) =>
        change({ [field]: value, ...(field === 'bald' && value === 'none' ? { baldWhere: undefined } : {}) })
      }
    />
  );
  const isPlant = food.food.safety === 'vegetable';
  return (
    <div className="grid gap-3">
      <Radios
        label={texts.howWasIt}
        value={seen.overall}
        options={OVERALL.map((value) => ({ value, label: OVERALL_WORDS[value] }))}
        onChange={(overall) => change({ overall })}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        <ColourStrip
          label={texts.seenFormOnTop}
          value={seen.colourTop}
          onChange={(colourTop) => change({ colourTop })}
        />
        <ColourStrip
          label={texts.underneath}
          value={seen.colourUnder}
          onChange={(colourUnder) => change({ colourUnder })}
        />
        <div className="sm:col-span-2">
          <Photographs id={id} dish={dish} onTake={(side, b) => change({ [side]: Math.round(b * 1000) / 1000 })} />
        </div>
        {word('crunchNow', texts.crustAtOnce)}
        {word('crunchLater', texts.tenMinutesLater)}
      </div>
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-2 xl:grid-cols-3">
        {AMOUNT_FIELDS.map(([field, label]) => (
          <div key={field}>{word(field, label)}</div>
        ))}
      </div>
      {!['none', undefined].includes(toldWord('bald', seen.bald ?? known.bald)) && (
        <BaldPiece value={seen.baldWhere ?? []} onChange={(baldWhere) => change({ baldWhere })} />
      )}
      <div className="flex flex-wrap items-end gap-3">
        <OptionalNumber
          label={texts.seenFormCentre}
          value={seen.centreC ?? known.centreC}
          quantity="temperature"
          range={RANGES.seenCentreC}
          onChange={(centreC) => change({ centreC, ...(centreC === undefined ? { atMin: undefined } : {}) })}
        />
        {(seen.centreC ?? known.centreC) !== undefined && (
          <OptionalNumber
            label={texts.readAfter}
            value={seen.atMin ?? (seen.centreC === undefined ? known.atMin : undefined)}
            quantity="minutes"
            range={RANGES.seenAtMin}
            onChange={(atMin) => change({ atMin, centreC: seen.centreC ?? known.centreC })}
          />
        )}
        {isPlant && word('firmness', texts.inside)}
        {isFlesh(food) && word('juice', texts.inside)}
      </div>
      <div className="flex flex-wrap items-end gap-3">
        {word('bite', texts.crustEats)}
        {word('chew', texts.coatHas)}
        <Radios
          label={texts.salt}
          value={seen.salt}
          options={SALTS.map((value) => ({ value, label: value }))}
          onChange={(salt) => change({ salt })}
        />
      </div>
      <Line
        label={texts.tasteInLine}
        value={seen.taste}
        most={RANGES.tasteLength.max}
        onChange={(taste) => change({ taste })}
      />
    </div>
  );
}

interface LineProps {
  label: string;
  value: string | undefined;
  most: number;
  onChange: (value: string) => void;
}

/** Some words of the cook's own. */
export function Line({ label, value = '', most, onChange }: LineProps) {
  return (
    <label className="block text-sm">
      {label}
      <input
        className="input mt-0.5 block h-11 w-full"
        value={value}
        maxLength={most}
        onChange={(e) => onChange(e.target.value)}
      />
    </label>
  );
}
