import { useState, type FormEvent } from 'react';
import { Choice, type Option } from './Choice';
import { NameError, NameField, useNewName } from './NewName';
import * as texts from './texts';

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
  const entry = useNewName(taken, most);
  const [kind, setKind] = useState<K>(kinds[0].value);
  const add = (event: FormEvent): void => {
    event.preventDefault();
    const name = entry.take();
    if (name !== null) onAdd(name, kind);
  };
  return (
    <form noValidate aria-label={title} onSubmit={add} className="mt-3 flex flex-wrap items-end gap-2">
      <NameField className="w-56" label={nameLabel} entry={entry} />
      <Choice className="w-72 max-w-full" label={kindLabel} value={kind} options={kinds} onChange={setKind} />
      <button type="submit" className="btn btn-primary h-9">
        {texts.addIt}
      </button>
      <NameError entry={entry} />
    </form>
  );
}
