import { ArrowDown, ArrowUp, CopyPlus, Lock, LockOpen, Replace, Split, Trash2 } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { RANGES } from '@yellowmist/contract';
import {
  batterNotes,
  consistencyOf,
  flowOfLayer,
  ingredient,
  totalGrams,
  type CoatLayer,
  type LayerSpec,
} from '@yellowmist/core';
import { Check } from '../../ui/Check';
import { NumberField } from '../../ui/NumberField';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import {
  canSplit,
  dredgedTwice,
  pairAt,
  splitLayer,
  withLayer,
  withNewPortion,
  withoutPortion,
  withPortion,
} from '../dish/layerEdits';
import { IngredientChoice } from '../dish/IngredientChoice';
import { Divided } from './Divided';
import { Substitutes } from './Substitutes';
import { Word } from '../../ui/Word';
import * as texts from './texts';

interface Props {
  layers: readonly LayerSpec[];
  at: number;
  layer: CoatLayer | undefined;
  /** Ingredients that every air version must hold. */
  keep: readonly string[];
  /** Whether another ingredient can be tried out in the air. */
  inAir: boolean;
  onChange: (layers: LayerSpec[]) => void;
  onKeep: (ingredientId: string) => void;
  onMove: (to: number) => void;
}

/** What is in one layer and how it is put on: the recipe's amounts; the bowls say how much of it the pieces take. */
export function LayerEditor({ layers, at, layer, keep, inAir, onChange, onKeep, onMove }: Props) {
  const [swapping, setSwapping] = useState<number | null>(null);
  const pantry = usePantry();
  const { say } = useUnits();
  const spec = layers[at];
  const wet = layer?.wet ?? false;
  const powdery = layer?.grain === 'powder' || layer?.grain === 'starch';
  const full = layers.length >= RANGES.layers.max;
  return (
    <div className="space-y-2 bg-base-200 p-2">
      {spec.portions.map((portion, k) => {
        const { name } = ingredient(pantry, portion.ingredientId);
        const kept = keep.includes(portion.ingredientId);
        return (
          <div key={k}>
            <div className="flex items-start gap-1">
              <IngredientChoice
                className="grow"
                label={texts.ingredient(k + 1)}
                value={portion.ingredientId}
                onChange={(ingredientId) => onChange(withPortion(layers, at, k, { ingredientId }))}
              />
              <NumberField
                className="w-20 shrink-0"
                label={texts.inRecipe(name)}
                hideLabel
                value={portion.grams}
                quantity="mass"
                range={RANGES.grams}
                onChange={(grams) => onChange(withPortion(layers, at, k, { grams }))}
              />
            </div>
            <div className="flex justify-end">
              {inAir && (
                <Act
                  label={texts.whatCouldStandIn(name)}
                  text={texts.swap}
                  expanded={swapping === k}
                  onClick={() => setSwapping(swapping === k ? null : k)}
                >
                  <Replace aria-hidden className="size-4" />
                </Act>
              )}
              <Act
                label={kept ? texts.mayGoAgain(name) : texts.keepInEveryAir(name)}
                text={kept ? texts.kept : texts.keep}
                pressed={kept}
                onClick={() => onKeep(portion.ingredientId)}
              >
                {kept ? <Lock aria-hidden className="size-4" /> : <LockOpen aria-hidden className="size-4" />}
              </Act>
              <Act
                label={texts.takeOut(name)}
                disabled={spec.portions.length === 1}
                onClick={() => onChange(withoutPortion(layers, at, k))}
              >
                <Trash2 aria-hidden className="size-4" />
              </Act>
            </div>
            {swapping === k && (
              <Substitutes
                key={portion.ingredientId}
                at={at}
                ingredientId={portion.ingredientId}
                onDone={() => setSwapping(null)}
              />
            )}
          </div>
        );
      })}
      <p className="text-xs">{texts.togetherAsYourRecipe(say(totalGrams(spec.portions), 'mass'))}</p>
      <div className="flex flex-wrap gap-x-1">
        <button
          type="button"
          className="btn btn-ghost btn-sm h-9"
          disabled={spec.portions.length >= RANGES.portions.max}
          onClick={() => onChange(withNewPortion(layers, at, wet ? 'corn-starch' : 'salt'))}
        >
          {texts.addIngredient}
        </button>
        <Act label={texts.moveOutward} disabled={at === layers.length - 1} onClick={() => onMove(at + 1)}>
          <ArrowUp aria-hidden className="size-4" />
        </Act>
        <Act label={texts.moveTowardSkin} disabled={at === 0} onClick={() => onMove(at - 1)}>
          <ArrowDown aria-hidden className="size-4" />
        </Act>
        <Act
          label={texts.splitLighterIngredientInto}
          disabled={full || !canSplit(pantry, spec)}
          onClick={() => onChange(splitLayer(pantry, layers, at))}
        >
          <Split aria-hidden className="size-4" />
        </Act>
        <Act
          label={texts.doubleDredgeThisAnd}
          text={texts.twice}
          disabled={layers.length + 2 > RANGES.layers.max || pairAt(pantry, layers, at) === null}
          onClick={() => onChange(dredgedTwice(pantry, layers, at))}
        >
          <CopyPlus aria-hidden className="size-4" />
        </Act>
      </div>
      <HowItGoesOn layers={layers} at={at} layer={layer} powdery={powdery} onChange={onChange} />
      <Divided spec={spec} onChange={(divided) => onChange(withLayer(layers, at, { divided }))} />
    </div>
  );
}

/** Pressing, tapping, dripping, standing: the hand's part of a layer. */
function HowItGoesOn({
  layers,
  at,
  layer,
  powdery,
  onChange,
}: Pick<Props, 'layers' | 'at' | 'layer' | 'onChange'> & { powdery: boolean }) {
  const pantry = usePantry();
  const spec = layers[at];
  if (!layer?.wet) {
    return (
      <>
        {powdery && (
          <Check
            label={texts.surplusTappedOff}
            checked={!spec.untapped}
            onChange={(tapped) => onChange(withLayer(layers, at, { untapped: !tapped }))}
          />
        )}
        <Check
          label={powdery ? texts.leftToClumpIn : texts.pressedOnWithPalm}
          checked={Boolean(powdery ? spec.clumped : spec.pressed)}
          onChange={(on) => onChange(withLayer(layers, at, powdery ? { clumped: on } : { pressed: on }))}
        />
      </>
    );
  }
  return (
    <>
      {layer.batter && (
        <>
          <p className="text-xs">
            {texts.onThe}
            <Word id="fork">{texts.fork}</Word>
            {texts.it(consistencyOf(flowOfLayer(pantry, spec)).forkTest)}
          </p>
          <ul className="list-disc pl-4 text-xs">
            {batterNotes(pantry, spec).map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
          <Check
            label={texts.beatenSmoothNotFolded}
            checked={spec.beaten ?? false}
            onChange={(beaten) => onChange(withLayer(layers, at, { beaten }))}
          />
        </>
      )}
      <div className="flex items-end gap-2">
        <NumberField
          className="w-28"
          label={texts.dripsFor}
          value={spec.drainS ?? 8}
          quantity="seconds"
          range={RANGES.drainS}
          onChange={(drainS) => onChange(withLayer(layers, at, { drainS }))}
        />
        {layer.batter && (
          <NumberField
            className="w-28"
            label={texts.hasStoodFor}
            value={spec.standMin ?? 0}
            quantity="minutes"
            range={RANGES.standMin}
            onChange={(standMin) => onChange(withLayer(layers, at, { standMin }))}
          />
        )}
      </div>
    </>
  );
}

/** A small act on a layer or ingredient: an icon, with a word where there is room. */
function Act({
  label,
  text,
  disabled = false,
  pressed,
  expanded,
  onClick,
  children,
}: {
  label: string;
  text?: string;
  disabled?: boolean;
  pressed?: boolean;
  expanded?: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      className={`btn btn-sm h-9 min-w-9 gap-1 px-2 disabled:opacity-30 ${pressed || expanded ? 'btn-neutral' : 'btn-ghost'}`}
      aria-label={label}
      title={label}
      disabled={disabled}
      aria-pressed={pressed}
      aria-expanded={expanded}
      onClick={onClick}
    >
      {children}
      {text && <span className="font-normal">{text}</span>}
    </button>
  );
}
