import { Trash2 } from 'lucide-react';
import { RANGES } from '@yellowmist/contract';
import type { Cook, TaskKind } from '@yellowmist/core';
import { AddByName } from '../../ui/AddByName';
import { Check } from '../../ui/Check';
import * as texts from './texts';

/** What a pair of hands may leave to others, in groups that a cook thinks in. */
const DUTIES: { label: string; kinds: TaskKind[] }[] = [
  { label: texts.theKnife, kinds: ['cut', 'prepare'] },
  { label: texts.bowlsAndCoating, kinds: ['mix', 'coat', 'sauce'] },
  { label: texts.hotFryer, kinds: ['load', 'look', 'unload', 'check', 'oil', 'second'] },
  { label: texts.washingUp, kinds: ['wash'] },
];

/** Who cooks, and what each leaves to others. */
export function Hands({ cooks, onChange }: { cooks: readonly Cook[]; onChange: (cooks: Cook[]) => void }) {
  const leave = (cook: Cook, kinds: TaskKind[], on: boolean): void => {
    const leaves = [...(cook.leaves ?? []).filter((k) => !kinds.includes(k)), ...(on ? kinds : [])];
    onChange(cooks.map((c) => (c === cook ? { name: c.name, ...(leaves.length > 0 && { leaves }) } : c)));
  };
  return (
    <section aria-label={texts.pairsOfHands}>
      <h2 className="text-lg">{texts.hands}</h2>
      <ul>
        {cooks.map((cook) => (
          <li key={cook.name} className="flex items-start border-b border-base-300">
            <details className="min-w-0 grow">
              <summary className="min-h-11 cursor-pointer py-2">
                <b className="break-words">{cook.name}</b>{' '}
                <span className="text-xs">
                  {cook.leaves
                    ? texts.leaves(
                        DUTIES.filter((d) => d.kinds.every((k) => cook.leaves!.includes(k)))
                          .map((d) => d.label)
                          .join(', '),
                      )
                    : texts.doesAll}
                </span>
              </summary>
              <fieldset className="pb-2">
                <legend className="text-xs font-semibold">{texts.leavesToOthers(cook.name)}</legend>
                <div className="grid grid-cols-2 gap-x-2">
                  {DUTIES.map(({ label, kinds }) => (
                    <Check
                      key={label}
                      label={label}
                      checked={kinds.every((k) => cook.leaves?.includes(k))}
                      onChange={(on) => leave(cook, kinds, on)}
                    />
                  ))}
                </div>
              </fieldset>
            </details>
            {cooks.length > 1 && (
              <button
                type="button"
                className="btn btn-ghost btn-square size-11"
                aria-label={texts.without(cook.name)}
                onClick={() => onChange(cooks.filter((c) => c !== cook))}
              >
                <Trash2 aria-hidden className="size-4" />
              </button>
            )}
          </li>
        ))}
      </ul>
      <AddByName
        label={texts.onePairOfHands}
        taken={cooks.map((c) => c.name)}
        most={RANGES.cooks.max}
        onAdd={(name) => onChange([...cooks, { name }])}
      />
    </section>
  );
}
