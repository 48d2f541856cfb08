import { memo } from 'react';
import { RANGES, type RangeName } from '@yellowmist/contract';
import {
  foodOf,
  geometryOf,
  madeReady,
  wayOf,
  waysFor,
  wholeOf,
  type Dish,
  type Pantry,
  type PieceShape,
  type Way,
} from '@yellowmist/core';
import { useAppDispatch } from '../../state/hooks';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import { dishChanged } from '../dish/dishSlice';
import { FOODS, SHAPES, USUAL_SHAPE } from '../dish/options';
import { useDrag } from '../dish/useDrag';

interface Dimension {
  key: string;
  label: string;
  range: RangeName;
}

const THICKNESS: Dimension = { key: 'thicknessMm', label: 'Thickness', range: 'thicknessMm' };

const DIMENSIONS: Record<PieceShape['kind'], readonly Dimension[]> = {
  slab: [
    THICKNESS,
    { key: 'lengthMm', label: 'Length', range: 'lengthMm' },
    { key: 'widthMm', label: 'Width', range: 'lengthMm' },
  ],
  disc: [THICKNESS, { key: 'diameterMm', label: 'Diameter', range: 'lengthMm' }],
  rod: [
    { key: 'diameterMm', label: 'Diameter', range: 'thicknessMm' },
    { key: 'lengthMm', label: 'Length', range: 'lengthMm' },
  ],
  ring: [
    THICKNESS,
    { key: 'outerMm', label: 'Outer diameter', range: 'lengthMm' },
    { key: 'innerMm', label: 'Inner diameter', range: 'lengthMm' },
  ],
  ball: [{ key: 'diameterMm', label: 'Diameter', range: 'thicknessMm' }],
  irregular: [THICKNESS, { key: 'longestMm', label: 'Longest way', range: 'lengthMm' }],
};

/** The dimension that heat has to cross: the one to drag. */
const THROUGH: Record<PieceShape['kind'], string> = {
  slab: 'thicknessMm',
  disc: 'thicknessMm',
  rod: 'diameterMm',
  ring: 'thicknessMm',
  ball: 'diameterMm',
  irregular: 'thicknessMm',
};

const SKINS = [
  { value: 'dry', label: 'Dry' },
  { value: 'damp', label: 'Patted' },
  { value: 'wet', label: 'Wet' },
] as const;

/** A ring's hole must stay smaller than the ring. */
const rangeOf = (shape: PieceShape, { key, range }: Dimension): { min: number; max: number } => {
  if (shape.kind === 'ring' && key === 'innerMm') return { min: RANGES[range].min, max: shape.outerMm - 2 };
  if (shape.kind === 'ring' && key === 'outerMm') return { min: shape.innerMm + 2, max: RANGES[range].max };
  return RANGES[range];
};

/** The ways that suit the food, and the one that the dish has, should the food have been changed since. */
const waysOf = (pantry: Pantry, { foodId, preparation }: Dish): Way[] => [
  ...new Set([...waysFor(foodOf(pantry, foodId)), wayOf(preparation)]),
];

/** Another food: a way of making it ready that does not suit it is dropped. */
const madeOf = (pantry: Pantry, dish: Dish, foodId: string): Partial<Dish> =>
  waysFor(foodOf(pantry, foodId)).some((w) => w.id === dish.preparation)
    ? { foodId }
    : madeReady(pantry, { ...dish, foodId }, 'raw');

/** The food and its cut: the ground that the coat stands on. */
export const PieceForm = memo(function PieceForm({ dish }: { dish: Dish }) {
  const dispatch = useAppDispatch();
  const { say } = useUnits();
  const drag = useDrag();
  const pantry = usePantry();
  const { shape } = dish;
  const food = foodOf(pantry, dish.foodId);
  const { massG } = geometryOf(shape, food.densityKgM3 * (1 - food.food.porosity));
  const change = (part: Partial<Dish>): void => void dispatch(dishChanged(part));
  const values = shape as unknown as Record<string, number>;
  return (
    <section aria-label="Food and cut" className="rounded-box bg-base-200 p-2">
      <div className="grid grid-cols-[3fr_2fr] gap-x-2 gap-y-1">
        <Choice
          label="Food"
          hideLabel
          value={dish.foodId}
          options={FOODS}
          onChange={(foodId) => change(madeOf(pantry, dish, foodId))}
        />
        <Choice
          label="Cut"
          hideLabel
          value={shape.kind}
          options={SHAPES}
          onChange={(kind) => change({ shape: USUAL_SHAPE[kind] })}
        />
      </div>
      <div className="mt-1 grid grid-cols-3 gap-x-2 gap-y-1">
        {DIMENSIONS[shape.kind].map((d) => (
          <NumberField
            key={`${shape.kind}${d.key}`}
            label={d.label}
            value={values[d.key]}
            quantity="length"
            range={rangeOf(shape, d)}
            drag={d.key === THROUGH[shape.kind] ? drag(4, 50, 0.5) : undefined}
            onChange={(v) => change({ shape: { ...shape, [d.key]: v } as PieceShape })}
          />
        ))}
        {shape.kind === 'irregular' && (
          <NumberField
            label="Weight of one"
            value={shape.massG}
            quantity="mass"
            range={RANGES.massG}
            onChange={(v) => change({ shape: { ...shape, massG: v } })}
          />
        )}
        <NumberField
          label="Pieces"
          value={dish.count}
          quantity="plain"
          range={RANGES.count}
          whole
          onChange={(count) => change({ count })}
        />
        <NumberField
          label="Starts at"
          value={dish.startC}
          quantity="temperature"
          range={RANGES.startC}
          onChange={(startC) => change({ startC })}
        />
        <Choice label="Surface" value={dish.skin} options={SKINS} onChange={(skin) => change({ skin })} />
        <Choice
          label="Made ready"
          value={dish.preparation}
          options={waysOf(pantry, dish).map(({ id, label }) => ({ value: id, label }))}
          onChange={(preparation) => change(madeReady(pantry, dish, preparation))}
        />
      </div>
      <Check
        label="Comes frozen, with its coat on"
        checked={dish.readyCoated === true}
        onChange={(on) => change({ readyCoated: on || undefined, ...(on ? madeReady(pantry, dish, 'frozen') : {}) })}
      />
      <Smaller dish={dish} onChange={(smaller) => change({ smaller })} />
      <p className="mt-1 text-xs opacity-85">
        {say(massG, 'mass')} a piece, {say(wholeOf(pantry, { ...dish, preparation: 'raw' }).massG, 'mass')} in all
      </p>
    </section>
  );
});

/** Not all pieces are of one size: how many are smaller, and by how much. */
function Smaller({ dish, onChange }: { dish: Dish; onChange: (smaller: Dish['smaller']) => void }) {
  const { smaller, count } = dish;
  return (
    <div className="mt-1 grid grid-cols-3 items-end gap-x-2">
      <Check
        label="Some smaller"
        checked={smaller !== undefined}
        onChange={(on) => onChange(on ? { count: Math.max(1, Math.round(count / 3)), scale: 0.6 } : undefined)}
      />
      {smaller && (
        <>
          <NumberField
            label="So many of them"
            value={smaller.count}
            quantity="plain"
            range={{ min: 1, max: Math.max(1, count - 1) }}
            whole
            onChange={(n) => onChange({ ...smaller, count: n })}
          />
          <NumberField
            label="Their size, %"
            value={smaller.scale * 100}
            quantity="plain"
            range={{ min: RANGES.smallerScale.min * 100, max: RANGES.smallerScale.max * 100 }}
            onChange={(percent) => onChange({ ...smaller, scale: percent / 100 })}
          />
        </>
      )}
    </div>
  );
}
