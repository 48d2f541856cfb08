import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { RANGES } from '@yellowmist/contract';
import { ALLERGENS, ALLERGEN_IDS, DIETS, type Guest } from '@yellowmist/core';
import { AddByName } from '../../ui/AddByName';
import { Check } from '../../ui/Check';
import { DIET_WORDS } from '../dish/words';
import * as texts from './texts';

const toggled = <T,>(list: readonly T[], item: T): T[] =>
  list.includes(item) ? list.filter((i) => i !== item) : [...list, item];

const wishes = ({ diets, avoidAllergens }: Guest): string => {
  const words = [
    ...diets.map((d) => DIET_WORDS[d].toLowerCase()),
    ...avoidAllergens.map((a) => texts.no(ALLERGENS[a].name)),
  ];
  return words.length > 0 ? words.join(', ') : texts.nothingSaidYet;
};

/** Who at the table does not eat everything, and what. */
export function Guests({ guests, onChange }: { guests: readonly Guest[]; onChange: (guests: Guest[]) => void }) {
  const [open, setOpen] = useState('');
  const set = (guest: Guest): void => onChange(guests.map((g) => (g.name === guest.name ? guest : g)));
  return (
    <section aria-label={texts.whoDoesNotEat}>
      <h2 className="text-lg">{texts.whoDoesNotEat}</h2>
      <ul>
        {guests.map((guest) => (
          <li key={guest.name} className="border-b border-base-300 py-1">
            <div className="flex items-center gap-1">
              <button
                type="button"
                className="min-h-11 grow text-left leading-tight"
                aria-expanded={open === guest.name}
                onClick={() => setOpen(open === guest.name ? '' : guest.name)}
              >
                <b>{guest.name}</b>
                <span className="block text-xs">{wishes(guest)}</span>
              </button>
              <button
                type="button"
                className="btn btn-ghost btn-square size-9"
                aria-label={texts.remove(guest.name)}
                onClick={() => onChange(guests.filter((g) => g !== guest))}
              >
                <Trash2 aria-hidden className="size-4" />
              </button>
            </div>
            {open === guest.name && (
              <fieldset className="grid grid-cols-2 gap-x-2 pb-2">
                <legend className="text-xs font-semibold">{texts.eatsAndAvoids(guest.name)}</legend>
                {DIETS.map((d) => (
                  <Check
                    key={d}
                    label={DIET_WORDS[d]}
                    checked={guest.diets.includes(d)}
                    onChange={() => set({ ...guest, diets: toggled(guest.diets, d) })}
                  />
                ))}
                {ALLERGEN_IDS.map((a) => (
                  <Check
                    key={a}
                    label={texts.noAllergens(ALLERGENS[a].name)}
                    checked={guest.avoidAllergens.includes(a)}
                    onChange={() => set({ ...guest, avoidAllergens: toggled(guest.avoidAllergens, a) })}
                  />
                ))}
              </fieldset>
            )}
          </li>
        ))}
      </ul>
      <AddByName
        label={texts.nameOfGuest}
        taken={guests.map((g) => g.name)}
        most={RANGES.guests.max}
        onAdd={(name) => {
          onChange([...guests, { name, avoidAllergens: [], diets: [] }]);
          setOpen(name);
        }}
      />
    </section>
  );
}
