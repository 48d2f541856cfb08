import { ingredient, spoken, type LayerSpec } from '@yellowmist/core';
import { usePantry } from '../../state/usePantry';
import { Choice } from '../../ui/Choice';
import { BowlTyped } from '../dish/entry/BowlTyped';

/** Shares of a bowl that a hand divides by eye. */
const SHARES = [
  { value: '0.25', label: 'A quarter' },
  { value: '0.5', label: 'Half' },
  { value: '0.75', label: 'Three quarters' },
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
          label="So much of it"
          hideLabel
          value={nearest(divided.share)}
          options={SHARES}
          onChange={(share) => onChange({ ...divided, share: Number(share) })}
        />
        with {names.join(', ')}
        <button type="button" className="btn btn-sm h-9" onClick={() => onChange(undefined)}>
          All alike
        </button>
      </p>
    );
  }
  return (
    <details>
      <summary className="cursor-pointer text-sm">Half of it otherwise</summary>
      <BowlTyped
        label="What is stirred into one half"
        take="Divide"
        placeholder="1 tsp cayenne, ½ tsp cumin"
        onTake={(portions) => onChange({ share: 0.5, portions })}
      />
    </details>
  );
}
