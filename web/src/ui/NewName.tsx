import { useState } from 'react';
import { RANGES } from '@yellowmist/contract';
import * as texts from './texts';

/** A name that is being given to something new. */
export interface NewName {
  text: string;
  error: string;
  type: (text: string) => void;
  /** The name, cleared for the next one; null when it cannot be given, which `error` then says. */
  take: () => string | null;
}

/**
 * The name of something new in a list: not empty, and none that is there already.
 * @param most how many the list holds
 */
export function useNewName(taken: readonly string[], most: number): NewName {
  const [text, setText] = useState('');
  const [error, setError] = useState('');
  const refuse = (why: string): null => {
    setError(why);
    return null;
  };
  return {
    text,
    error,
    type: (next) => {
      setText(next);
      setError('');
    },
    take: () => {
      const wanted = text.trim();
      if (!wanted) return refuse(texts.nameEnter1To(RANGES.nameLength.max));
      if (taken.includes(wanted)) return refuse(texts.nameThereIsAlready(wanted));
      if (taken.length >= most) return refuse(texts.ofThemAreAll(most));
      setText('');
      setError('');
      return wanted;
    },
  };
}

export function NameField({ label, entry, className }: { label: string; entry: NewName; className: string }) {
  return (
    <label className={`text-xs ${className}`}>
      {label}
      <input
        className={`input block h-9 w-full ${entry.error ? 'input-error' : ''}`}
        maxLength={RANGES.nameLength.max}
        value={entry.text}
        onChange={(e) => entry.type(e.target.value)}
      />
    </label>
  );
}

export function NameError({ entry }: { entry: NewName }) {
  if (!entry.error) return null;
  return (
    <p role="alert" className="text-sm text-error">
      {entry.error}
    </p>
  );
}
