import { Redo2, Undo2 } from 'lucide-react';
import * as texts from './texts';

interface Props {
  /** Whether there is a step back, and one forward. */
  back: boolean;
  forward: boolean;
  onUndo: () => void;
  onRedo: () => void;
}

/** One step back and one forward. */
export function UndoRedo({ back, forward, onUndo, onRedo }: Props) {
  const steps = [
    { label: texts.undo, keys: 'Ctrl+Z', Icon: Undo2, on: back, go: onUndo },
    { label: texts.redo, keys: 'Ctrl+Shift+Z', Icon: Redo2, on: forward, go: onRedo },
  ];
  return steps.map(({ label, keys, Icon, on, go }) => (
    <button
      key={label}
      type="button"
      className="btn btn-ghost btn-square size-11"
      aria-label={label}
      title={`${label} (${keys})`}
      disabled={!on}
      onClick={go}
    >
      <Icon aria-hidden className="size-5" />
    </button>
  ));
}
