import { findIngredients, ingredient, type Ingredient } from '@yellowmist/core';
import { usePantryDocument } from '../../state/pantryDocument';
import { usePantry } from '../../state/usePantry';
import { FindChoice, type Findable } from '../../ui/FindChoice';

interface Props {
  label: string;
  value: string;
  onChange: (ingredientId: string) => void;
  /** Which come into question; anything of a coat without. */
  fits?: (item: Ingredient) => boolean;
  className?: string;
  /** Its label is seen. */
  labelled?: boolean;
}

/** An oil to fry, rub or spray with. */
export const isFryingOil = (item: Ingredient): boolean => item.roles.includes('frying-oil');

/** What is in the house counts as used before. */
const IN_THE_HOUSE = 1;

/** An ingredient by any word that cooks have for it; what is in the house first, what is never used left out. */
export function IngredientChoice({ label, value, onChange, fits = () => true, className, labelled = false }: Props) {
  const pantry = usePantry();
  const { never, have } = usePantryDocument();
  const find = (typed: string): Findable[] =>
    findIngredients(pantry, typed, {
      fits: (i) => i.food === undefined && (i.id === value || !never.includes(i.id)) && fits(i),
      used: new Map(have.map((id) => [id, IN_THE_HOUSE])),
    }).map((i) => ({ value: i.id, label: i.name }));
  return (
    <FindChoice
      className={className}
      label={label}
      hideLabel={!labelled}
      value={{ value, label: ingredient(pantry, value).name }}
      find={find}
      onChange={onChange}
    />
  );
}
