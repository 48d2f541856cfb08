import { useEffect, useId, useRef } from 'react';

interface Props {
  label: string;
  value: string;
  /** The word on the button that takes what is typed. */
  take: string;
  /** Whether what is typed is understood. */
  ready: boolean;
  onType: (text: string) => void;
  onTake: () => void;
  onLeave?: () => void;
  placeholder?: string;
  className?: string;
}

/** A field of words that are read as they are typed, and taken with Enter or its button once they are understood. */
export function Typed({ label, value, take, ready, onType, onTake, onLeave, placeholder, className }: Props) {
  const id = useId();
  // Enter that came before the words were understood is not forgotten.
  const entered = useRef(false);
  useEffect(() => {
    if (!entered.current || !ready) return;
    entered.current = false;
    onTake();
  });
  return (
    <div className={className}>
      <label htmlFor={id} className="block text-xs">
        {label}
      </label>
      <span className="flex gap-1">
        <input
          id={id}
          className="input h-9 w-full"
          value={value}
          maxLength={600}
          placeholder={placeholder}
          autoComplete="off"
          onChange={(e) => {
            entered.current = false;
            onType(e.target.value);
          }}
          onKeyDown={(e) => {
            if (e.key === 'Escape' && onLeave) onLeave();
            if (e.key !== 'Enter') return;
            e.preventDefault();
            if (ready) onTake();
            else entered.current = true;
          }}
        />
        <button type="button" className="btn h-9" disabled={!ready} onClick={onTake}>
          {take}
        </button>
      </span>
    </div>
  );
}
