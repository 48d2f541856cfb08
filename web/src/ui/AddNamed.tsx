import { useState, type FormEvent } from 'react';
import { RANGES } from '@yellowmist/contract';
import { Choice, type Option } from './Choice';

interface Props<K extends string> {
  /** Name of the form, for a screen reader. */
  title: string;
  nameLabel: string;
  kindLabel: string;
  kinds: readonly Option<K>[];
  /** Names that are given already. */
  taken: readonly string[];
  most: number;
  onAdd: (name: string, kind: K) => void;
}

/** Something of the kitchen is added by a name of its own and its kind; what is wrong with the name is said here. */
export function AddNamed<K extends string>({ title, nameLabel, kindLabel, kinds, taken, most, onAdd }: Props<K>) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<K>(kinds[0].value);
  const [error, setError] = useState('');
  const add = (event: FormEvent): void => {
    event.preventDefault();
    const wanted = name.trim();
    if (!wanted) return setError(`Name: enter 1 to ${RANGES.nameLength.max} letters.`);
    if (taken.includes(wanted)) return setError(`Name: there is a "${wanted}" already.`);
    if (taken.length >= most) return setError(`A kitchen holds ${most} of them.`);
    onAdd(wanted, kind);
    setName('');
    setError('');
  };
  return (
    <form noValidate aria-label={title} onSubmit={add} className="mt-3 flex flex-wrap items-end gap-2">
      <label className="text-xs">
        {nameLabel}
        <input
          className={`input block h-9 w-56 ${error ? 'input-error' : ''}`}
          maxLength={RANGES.nameLength.max}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
      </label>
      <Choice className="w-44" label={kindLabel} value={kind} options={kinds} onChange={setKind} />
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
