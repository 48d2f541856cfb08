import { Trash2 } from 'lucide-react';
import { useState, type FormEvent, type ReactNode } from 'react';
import { RANGES, type KitchenBody, type RangeName } from '@yellowmist/contract';
import { writesWith } from '../../state/settings';
import { useAppDispatch, useAppSelector } from '../../state/hooks';
import { Check } from '../../ui/Check';
import { Choice } from '../../ui/Choice';
import { NameError, NameField, useNewName } from '../../ui/NewName';
import { NumberField } from '../../ui/NumberField';
import { WRITING } from '../dish/options';
import type { FieldKind } from '../../state/units';
import { useUnits } from '../../state/useUnits';
import * as texts from './texts';

/** What else is at hand: bowls to dip from, trays to rest on, a thermometer, and the hand that writes. */
export function Vessels({
  kitchen,
  onChange,
}: {
  kitchen: KitchenBody;
  onChange: (part: Partial<KitchenBody>) => void;
}) {
  const dispatch = useAppDispatch();
  const writes = useAppSelector((s) => s.settings.writes);
  const { say } = useUnits();
  const { bowls, trays } = kitchen;
  return (
    <section aria-label={texts.bowlsTraysAndHands} className="mt-6 border-t-2 border-base-content/60 pt-2">
      <h2 className="text-xl">{texts.bowlsTraysAndHands}</h2>
      <div className="grid gap-x-8 gap-y-3 lg:grid-cols-[1fr_1fr_14rem]">
        <Named
          title={texts.bowlsAndDeepPlates}
          none={texts.noneYetBowlsAre}
          items={bowls.map((b) => ({ name: b.name, text: texts.acrossMl(say(b.diameterMm, 'length'), b.ml) }))}
          sizes={[
            { label: texts.across, quantity: 'length', range: 'vesselMm', usual: 200 },
            { label: texts.holdsMl, quantity: 'plain', range: 'vesselMl', usual: 1000 },
          ]}
          onAdd={(name, [diameterMm, ml]) => onChange({ bowls: [...bowls, { name, diameterMm, ml }] })}
          onRemove={(name) => onChange({ bowls: bowls.filter((b) => b.name !== name) })}
        />
        <Named
          title={texts.traysAndRacksTo}
          none={texts.noneYet}
          items={trays.map((t) => ({
            name: t.name,
            text: texts.byWidthMm(say(t.widthMm, 'length'), say(t.depthMm, 'length')),
          }))}
          sizes={[
            { label: texts.wide, quantity: 'length', range: 'vesselMm', usual: 400 },
            { label: texts.deep, quantity: 'length', range: 'vesselMm', usual: 300 },
          ]}
          onAdd={(name, [widthMm, depthMm]) => onChange({ trays: [...trays, { name, widthMm, depthMm }] })}
          onRemove={(name) => onChange({ trays: trays.filter((t) => t.name !== name) })}
        />
        <div className="space-y-2">
          <Check
            label={texts.thermometerForCentre}
            checked={kitchen.thermometer}
            onChange={(thermometer) => onChange({ thermometer })}
          />
          {!kitchen.thermometer && (
            <p className="border-l-4 border-warning pl-2 text-sm">{texts.poultryMincedMeatAnd}</p>
          )}
          <Choice
            label={texts.iWriteWith}
            value={writes}
            options={WRITING}
            onChange={(hand) => dispatch(writesWith(hand))}
          />
        </div>
      </div>
    </section>
  );
}

interface Size {
  label: string;
  quantity: FieldKind;
  range: RangeName;
  usual: number;
}

/** A list of named things with two sizes each, and the form that adds one. */
function Named({
  title,
  none,
  items,
  sizes,
  onAdd,
  onRemove,
}: {
  title: string;
  none: string;
  items: readonly { name: string; text: ReactNode }[];
  sizes: readonly [Size, Size];
  onAdd: (name: string, sizes: [number, number]) => void;
  onRemove: (name: string) => void;
}) {
  const entry = useNewName(
    items.map((i) => i.name),
    RANGES.vessels.max,
  );
  const [values, setValues] = useState<[number, number]>([sizes[0].usual, sizes[1].usual]);
  const add = (event: FormEvent): void => {
    event.preventDefault();
    const name = entry.take();
    if (name !== null) onAdd(name, values);
  };
  return (
    <section aria-label={title}>
      <h3 className="font-display text-base font-semibold">{title}</h3>
      {items.length === 0 && <p className="text-sm">{none}</p>}
      <ul>
        {items.map((item) => (
          <li key={item.name} className="flex items-center gap-2 border-b border-base-300 text-sm">
            <span className="grow py-1">
              <b>{item.name}</b> {item.text}
            </span>
            <button
              type="button"
              className="btn btn-ghost btn-square size-9"
              aria-label={texts.removeItem(item.name)}
              onClick={() => onRemove(item.name)}
            >
              <Trash2 aria-hidden className="size-4" />
            </button>
          </li>
        ))}
      </ul>
      <form noValidate aria-label={texts.addTo(title)} onSubmit={add} className="mt-1 flex flex-wrap items-end gap-1">
        <NameField className="w-40" label={texts.name} entry={entry} />
        {sizes.map((size, k) => (
          <NumberField
            key={size.label}
            className="w-24"
            label={size.label}
            value={values[k]}
            quantity={size.quantity}
            range={RANGES[size.range]}
            onChange={(v) => setValues(([a, b]) => (k === 0 ? [v, b] : [a, v]))}
          />
        ))}
        <button type="submit" className="btn btn-sm btn-outline h-9">
          {texts.addIt}
        </button>
        <NameError entry={entry} />
      </form>
    </section>
  );
}
