import type { FormEvent } from 'react';
import { NameError, NameField, useNewName } from './NewName';
import * as texts from './texts';

interface Props {
  label: string;
  /** Names that are given already. */
  taken: readonly string[];
  most: number;
  onAdd: (name: string) => void;
}

/** One more of a list, by a name of its own; what is wrong with the name is said here. */
export function AddByName({ label, taken, most, onAdd }: Props) {
  const entry = useNewName(taken, most);
  const add = (event: FormEvent): void => {
    event.preventDefault();
    const name = entry.take();
    if (name !== null) onAdd(name);
  };
  return (
    <form noValidate onSubmit={add} className="mt-1 flex flex-wrap items-end gap-x-1">
      <NameField className="grow" label={label} entry={entry} />
      <button type="submit" className="btn btn-sm btn-outline h-9">
        {texts.add}
      </button>
      <NameError entry={entry} />
    </form>
  );
}
