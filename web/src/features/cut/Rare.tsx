import { RANGES, type RangeName } from '@yellowmist/contract';
import { madeReady, type Dish, type PieceShape } from '@yellowmist/core';
import { usePantry } from '../../state/usePantry';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { Also } from './Also';
import { SHAPES, USUAL_SHAPE } from '../dish/options';
import * as texts from './texts';

interface Dimension {
  key: string;
  label: string;
  range: RangeName;
}

/** Lengths of a piece beside its thickness. */
const DIMENSIONS: Record<PieceShape['kind'], readonly Dimension[]> = {
  slab: [
    { key: 'lengthMm', label: texts.length, range: 'lengthMm' },
    { key: 'widthMm', label: texts.width, range: 'lengthMm' },
  ],
  disc: [{ key: 'diameterMm', label: texts.diameter, range: 'lengthMm' }],
  rod: [{ key: 'lengthMm', label: texts.length, range: 'lengthMm' }],
  ring: [
    { key: 'outerMm', label: texts.outerDiameter, range: 'lengthMm' },
    { key: 'innerMm', label: texts.innerDiameter, range: 'lengthMm' },
  ],
  ball: [],
  irregular: [{ key: 'longestMm', label: texts.longestWay, range: 'lengthMm' }],
};

/** A ring's hole must stay smaller than the ring. */
const rangeOf = (shape: PieceShape, { key, range }: Dimension): { min: number; max: number } => {
  if (shape.kind === 'ring' && key === 'innerMm') return { min: RANGES[range].min, max: shape.outerMm - 2 };
  if (shape.kind === 'ring' && key === 'outerMm') return { min: shape.innerMm + 2, max: RANGES[range].max };
  return RANGES[range];
};

interface Props {
  dish: Dish;
  onChange: (part: Partial<Dish>) => void;
}

/** What is rarely changed of a piece: its exact sizes, its start, smaller ones, bought frozen. */
export function Rare({ dish, onChange }: Props) {
  const pantry = usePantry();
  const { shape } = dish;
  const values = shape as unknown as Record<string, number>;
  const reshape = (to: PieceShape): void => onChange({ shape: to, bought: undefined });
  return (
    <details>
      <summary className="cursor-pointer text-sm">{texts.exactSizesAndWhat}</summary>
      <div className="mt-1 grid grid-cols-2 gap-x-2 gap-y-1">
        <Choice
          label={texts.shape}
          value={shape.kind}
          options={SHAPES}
          onChange={(kind) => reshape(USUAL_SHAPE[kind])}
        />
        {DIMENSIONS[shape.kind].map((d) => (
          <NumberField
            key={`${shape.kind}${d.key}`}
            label={d.label}
            value={values[d.key]}
            quantity="length"
            range={rangeOf(shape, d)}
            onChange={(v) => reshape({ ...shape, [d.key]: v } as PieceShape)}
          />
        ))}
        {shape.kind === 'irregular' && (
          <NumberField
            label={texts.weightOfOne}
            value={shape.massG}
            quantity="mass"
            range={RANGES.massG}
            onChange={(v) => reshape({ ...shape, massG: v })}
          />
        )}
        <NumberField
          label={texts.startsAt}
          value={dish.startC}
          quantity="temperature"
          range={RANGES.startC}
          onChange={(startC) => onChange({ startC })}
        />
        <NumberField
          label={texts.leftBare}
          value={(dish.bareShare ?? 0) * 100}
          quantity="plain"
          range={{ min: 0, max: RANGES.bareShare.max * 100 }}
          onChange={(percent) => onChange({ bareShare: percent > 0 ? percent / 100 : undefined })}
        />
      </div>
      <Check
        label={texts.comesFrozenWithIts}
        checked={dish.readyCoated === true}
        onChange={(on) => onChange({ readyCoated: on || undefined, ...(on ? madeReady(pantry, dish, 'frozen') : {}) })}
      />
      {!dish.also && <Smaller dish={dish} onChange={(smaller) => onChange({ smaller })} />}
      <Also dish={dish} onChange={(also) => onChange({ also, ...(also && { smaller: undefined }) })} />
    </details>
  );
}

/** Not all pieces are of one size: how many are smaller, and by how much. */
function Smaller({ dish, onChange }: { dish: Dish; onChange: (smaller: Dish['smaller']) => void }) {
  const { smaller, count } = dish;
  return (
    <div className="mt-1 grid grid-cols-3 items-end gap-x-2">
      <Check
        label={texts.someSmaller}
        checked={smaller !== undefined}
        onChange={(on) => onChange(on ? { count: Math.max(1, Math.round(count / 3)), scale: 0.6 } : undefined)}
      />
      {smaller && (
        <>
          <NumberField
            label={texts.soManyOfThem}
            value={smaller.count}
            quantity="plain"
            range={{ min: 1, max: Math.max(1, count - 1) }}
            whole
            onChange={(n) => onChange({ ...smaller, count: n })}
          />
          <NumberField
            label={texts.theirSize}
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
