import { useId, useState } from 'react';
import { ingredient, type LayerSpec } from '@yellowmist/core';
import { usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { usePantry } from '../../state/usePantry';

/** Half of a bowl. */
const HALF = 0.5;

/** Half of the bowl made otherwise: what is stirred into it beside, as a recipe writes it. */
export function Divided({ spec, onChange }: { spec: LayerSpec; onChange: (divided: LayerSpec['divided']) => void }) {
  const id = useId();
  const pantry = usePantry();
  const { own } = usePantryDocument();
  const [typed, setTyped] = useState('');
  const { answer } = useAnswer('bowl', typed.trim() === '' ? null : { text: typed, own });
  const portions = answer?.reading.lines.flatMap((l) => (l.portion ? [l.portion] : [])) ?? [];
  const ready = portions.length > 0 && answer?.reading.doubts.length === 0;
  const take = (): void => {
    if (!ready) return;
    onChange({ share: HALF, portions });
    setTyped('');
  };
  if (spec.divided) {
    const names = spec.divided.portions.map((p) => ingredient(pantry, p.ingredientId).name.toLowerCase());
    return (
      <p className="flex flex-wrap items-center gap-2 text-sm">
        Half of it with {names.join(', ')}
        <button type="button" className="btn btn-sm h-9" onClick={() => onChange(undefined)}>
          All alike
        </button>
      </p>
    );
  }
  return (
    <details>
      <summary className="cursor-pointer text-sm">Half of it otherwise</summary>
      <label htmlFor={id} className="block text-xs">
        What is stirred into one half
      </label>
      <span className="flex gap-1">
        <input
          id={id}
          className="input h-9 w-full"
          value={typed}
          maxLength={200}
          placeholder="1 tsp cayenne, ½ tsp cumin"
          autoComplete="off"
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter') take();
          }}
        />
        <button type="button" className="btn btn-sm h-9" disabled={!ready} onClick={take}>
          Divide
        </button>
      </span>
    </details>
  );
}
