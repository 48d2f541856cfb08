import {
  OWN_PREFIX,
  KNOWN,
  type Hand,
  type Ingredient,
  type Pantry,
  type PieceShape,
  type ShapeKind,
} from '@yellowmist/core';
import type { Option } from '../../ui/Choice';

const GROUPS: Record<Ingredient['group'], string> = {
  food: 'Food',
  flour: 'Flours',
  starch: 'Starches',
  crumb: 'Crumbs and finishes',
  binder: 'Binders',
  liquid: 'Liquids',
  fat: 'Oils and fats',
  sauce: 'Sauces',
  seasoning: 'Salt and spice',
  leavening: 'Leavening',
};

const byName = (a: Ingredient, b: Ingredient): number => a.name.localeCompare(b.name);

export const FOODS: readonly Option<string>[] = KNOWN.shelf
  .filter((i) => i.food)
  .sort(byName)
  .map(({ id, name, origin }) => ({
    value: id,
    label: name,
    group:
      origin === 'none'
        ? 'Vegetables, mushrooms, soy'
        : origin === 'fish'
          ? 'Fish and seafood'
          : 'Meat, cheese, fillings',
  }));

/** Every coat ingredient on the shelf, the kitchen's own first; what is never used is left out unless it is `kept`. */
export const ingredientOptions = (pantry: Pantry, never: readonly string[], kept: string): readonly Option<string>[] =>
  pantry.shelf
    .filter((i) => !i.food && (i.id === kept || !never.includes(i.id)))
    .sort((a, b) => Number(b.id.startsWith(OWN_PREFIX)) - Number(a.id.startsWith(OWN_PREFIX)))
    .map(({ id, name, group }) => ({
      value: id,
      label: name,
      group: id.startsWith(OWN_PREFIX) ? 'Your own' : GROUPS[group],
    }));

export const OILS: readonly Option<string>[] = KNOWN.shelf
  .filter((i) => i.roles.includes('frying-oil'))
  .map((i) => ({
    value: i.id,
    label: i.name,
  }));

export const SAUCES: readonly Option<string>[] = KNOWN.shelf
  .filter((i) => i.roles.includes('sauce'))
  .map((i) => ({
    value: i.id,
    label: i.name,
  }));

export const SHAPES: readonly Option<ShapeKind>[] = [
  { value: 'slab', label: 'Slab' },
  { value: 'disc', label: 'Round slice' },
  { value: 'rod', label: 'Rod' },
  { value: 'ring', label: 'Ring' },
  { value: 'ball', label: 'Ball' },
  { value: 'irregular', label: 'Irregular' },
];

/** A usual piece of each shape, to start from when the shape is changed. */
export const USUAL_SHAPE: Record<ShapeKind, PieceShape> = {
  slab: { kind: 'slab', lengthMm: 90, widthMm: 50, thicknessMm: 14 },
  disc: { kind: 'disc', diameterMm: 60, thicknessMm: 10 },
  rod: { kind: 'rod', diameterMm: 22, lengthMm: 60 },
  ring: { kind: 'ring', outerMm: 80, innerMm: 60, thicknessMm: 12 },
  ball: { kind: 'ball', diameterMm: 30 },
  irregular: { kind: 'irregular', longestMm: 60, thicknessMm: 18, massG: 20 },
};

export const WRITING: readonly Option<Hand>[] = [
  { value: 'right', label: 'the right hand' },
  { value: 'left', label: 'the left hand' },
];
