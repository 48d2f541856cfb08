import { Lock, X } from 'lucide-react';
import { ALLERGENS, ingredient, type Fryer, type Limits } from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import { limitsChanged } from '../dish/dishSlice';
import { DIET_WORDS } from '../dish/words';
import * as texts from './texts';

interface Held {
  key: string;
  text: string;
  open: Partial<Limits>;
}

/** What every air version has to keep to, each of which can be let go again. */
export function Locks({ limits, fryer }: { limits: Limits; fryer: Fryer }) {
  const dispatch = useAppDispatch();
  const { set } = useUnits();
  const pantry = usePantry();
  const { maxTempC, stepC } = fryer;
  const without = <T,>(list: readonly T[], item: T): T[] => list.filter((i) => i !== item);
  const held: Held[] = [
    ...(limits.keep ?? []).map((id) => ({
      key: `keep-${id}`,
      text: texts.withIt(ingredient(pantry, id).name.toLowerCase()),
      open: { keep: without(limits.keep ?? [], id) },
    })),
    ...limits.diets.map((d) => ({
      key: d,
      text: DIET_WORDS[d].toLowerCase(),
      open: { diets: without(limits.diets, d) },
    })),
    ...limits.avoidAllergens.map((a) => ({
      key: a,
      text: texts.no(ALLERGENS[a].name),
      open: { avoidAllergens: without(limits.avoidAllergens, a) },
    })),
    ...(limits.maxTempC < maxTempC
      ? [{ key: 'heat', text: texts.atMost(set(limits.maxTempC, stepC)), open: { maxTempC } }]
      : []),
  ];
  if (held.length === 0) {
    return <span className="text-sm opacity-85">{texts.nothingIsLockedKeep}</span>;
  }
  return (
    <ul aria-label={texts.locked} className="flex flex-wrap gap-1">
      {held.map(({ key, text, open }) => (
        <li key={key}>
          <button
            type="button"
            className="btn btn-sm h-9 gap-1 bg-base-100 font-normal"
            aria-label={texts.letGo(text)}
            onClick={() => dispatch(limitsChanged(open))}
          >
            <Lock aria-hidden className="size-3.5" />
            {text}
            <X aria-hidden className="size-3.5" />
          </button>
        </li>
      ))}
    </ul>
  );
}
