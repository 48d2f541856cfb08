import { useState, type FormEvent } from 'react';
import { COMMON_FRYERS, RANGES } from '@yellowmist/contract';
import type { Fryer } from '@yellowmist/core';
import { Choice } from '../../ui/Choice';
import { FryerCard } from './FryerCard';
import { Sprayers } from './Sprayers';
import { useKitchenEdits } from './useKitchen';

const KINDS = COMMON_FRYERS.map((f) => ({ value: f.kind, label: f.name }));

/** The cook's own kitchen: fryers with their sizes, bread test and thermometer, and what oil is put on with. */
export function KitchenPage() {
  const { shown: kitchen, change, problem } = useKitchenEdits();
  return (
    <div className="mx-auto w-full max-w-[84rem] p-4">
      <h1 className="text-2xl">Kitchen</h1>
      <p className="max-w-3xl text-sm">
        Every plan is for one fryer of this kitchen. Two tests with things at hand tell how it differs from others of
        its kind; its own manual comes first in everything.
      </p>
      {problem && (
        <p role="alert" className="mt-2 border-l-4 border-error pl-2 text-sm">
          {problem}
        </p>
      )}
      <AddFryer
        taken={kitchen.fryers.map((f) => f.name)}
        onAdd={(fryer) =>
          void change((k) => ({ ...k, fryers: [...k.fryers.filter((f) => f.name !== fryer.name), fryer] }))
        }
      />
      {kitchen.fryers.length === 0 && (
        <p className="mt-3">No fryer yet: until there is one, plans are for a common one of its kind.</p>
      )}
      <ul className="mt-3 space-y-6">
        {kitchen.fryers.map((fryer) => (
          <li key={fryer.name}>
            <FryerCard
              fryer={fryer}
              onChange={(next) =>
                void change((k) => ({ ...k, fryers: k.fryers.map((f) => (f.name === fryer.name ? next : f)) }))
              }
              onRemove={() => void change((k) => ({ ...k, fryers: k.fryers.filter((f) => f.name !== fryer.name) }))}
            />
          </li>
        ))}
      </ul>
      <Sprayers sprayers={kitchen.sprayers} onChange={(sprayers) => void change((k) => ({ ...k, sprayers }))} />
    </div>
  );
}

/** A fryer by name and kind; sizes are set where it then stands. */
function AddFryer({ taken, onAdd }: { taken: readonly string[]; onAdd: (fryer: Fryer) => void }) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Fryer['kind']>('drawer');
  const [error, setError] = useState('');
  const add = (event: FormEvent): void => {
    event.preventDefault();
    const wanted = name.trim();
    if (!wanted) return setError(`Name: enter 1 to ${RANGES.nameLength.max} letters.`);
    if (taken.includes(wanted)) return setError(`Name: there is a fryer "${wanted}" already.`);
    if (taken.length >= RANGES.fryers.max) return setError(`A kitchen holds ${RANGES.fryers.max} fryers.`);
    onAdd({ ...COMMON_FRYERS.find((f) => f.kind === kind)!, name: wanted });
    setName('');
    setError('');
  };
  return (
    <form noValidate aria-label="Another fryer" onSubmit={add} className="mt-3 flex flex-wrap items-end gap-2">
      <label className="text-xs">
        Name of another fryer
        <input
          className={`input block h-9 w-56 ${error ? 'input-error' : ''}`}
          maxLength={RANGES.nameLength.max}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
      </label>
      <Choice className="w-44" label="Its kind" value={kind} options={KINDS} onChange={setKind} />
      <button type="submit" className="btn btn-primary h-9">
        Add it
      </button>
      {error && (
        <p role="alert" className="text-sm text-error">
          {error}
        </p>
      )}
    </form>
  );
}
