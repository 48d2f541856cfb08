import { ingredient, spoken, type LayerSpec } from '@yellowmist/core';
import { usePantry } from '../../state/usePantry';
import { Choice } from '../../ui/Choice';
import { BowlTyped } from '../dish/entry/BowlTyped';
import * as texts from './texts';

/** Shares of a bowl that a hand divides by eye. */
const SHARES = [
  { value: '0.25', label: texts.aQuarter },
  { value: '0.5', label: texts.half },
  { value: '0.75', label: texts.threeQuarters },
] as const;
type Share = (typeof SHARES)[number]['value'];

/** The one of these that is nearest. */
const nearest = (share: number): Share =>
  SHARES.reduce((best, s) => (Math.abs(Number(s.value) - share) < Math.abs(Number(best.value) - share) ? s : best))
    .value;

/** A part of the bowl made otherwise: what is stirred into it beside, as a recipe writes it. */
export function Divided({ spec, onChange }: { spec: LayerSpec; onChange: (divided: LayerSpec['divided']) => void }) {
  const pantry = usePantry();
  const { divided } = spec;
  if (divided) {
    const names = divided.portions.map((p) => spoken(ingredient(pantry, p.ingredientId).name));
    return (
      <p className="flex flex-wrap items-center gap-2 text-sm">
        <Choice
          className="w-36"
          label={texts.soMuchOfIt}
          hideLabel
          value={nearest(divided.share)}
          options={SHARES}
          onChange={(share) => onChange({ ...divided, share: Number(share) })}
        />
        {texts.withIt(names.join(', '))}
        <button type="button" className="btn btn-sm h-9" onClick={() => onChange(undefined)}>
          {texts.allAlike}
        </button>
      </p>
    );
  }
  return (
    <details>
      <summary className="cursor-pointer text-sm">{texts.halfOfItOtherwise}</summary>
      <BowlTyped
        label={texts.whatIsStirredInto}
        take={texts.divide}
        placeholder={texts.with1TspCayenne}
        onTake={(portions) => onChange({ share: 0.5, portions })}
      />
    </details>
  );
}
