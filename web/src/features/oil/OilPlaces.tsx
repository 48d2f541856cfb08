import { RANGES, type ConversionBody } from '@yellowmist/contract';
import {
  LANDS,
  mlAsSpoons,
  OIL_G_PER_ML,
  PLAIN_OILING,
  strokesFor,
  wholeOf,
  type AirPlan,
  type AirResult,
  type OilAmount,
  type OilPlace,
  type Oiling,
} from '@yellowmist/core';
import { useKitchenQuery } from '../../state/api';
import { useAppDispatch } from '../../state/hooks';
import { CardTable } from '../../ui/CardTable';
import { NumberField } from '../../ui/NumberField';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import { planChanged } from '../dish/dishSlice';
import * as texts from './texts';

const PLACES: Record<OilPlace, { label: string; when: string }> = {
  rub: { label: texts.rubbedOnFood, when: texts.beforeCoat },
  crumbs: { label: texts.inCoatsBowls, when: texts.whenTheyAreMixed },
  spray: { label: texts.onBothSidesAnd, when: texts.onTrayAfterRest },
  basket: { label: texts.onBasketOrRack, when: texts.whileItIsCold },
  'touch-up': { label: texts.onPaleSpots, when: texts.atHalfTime },
};
const ORDER = Object.keys(PLACES) as OilPlace[];

/** Oil by place and time: what is used up in g, ml, spoons and strokes of the kitchen's own sprayer. */
export function OilPlaces({ plan, air, body }: { plan: AirPlan; air: AirResult; body: ConversionBody }) {
  const { say } = useUnits();
  const shown = ORDER.map((place) => air.oil.find((o) => o.place === place) ?? emptyAt(place));
  const total = shown.reduce((sum, o) => sum + o.usedG, 0);
  const strokes = useStrokes(plan.oiling?.tool ?? PLAIN_OILING.tool);
  const spoons = (o: { usedG: number; ml: number }): string => (o.usedG > SOME_G ? mlAsSpoons(o.ml) : '–');
  const totalOnFood = shown.reduce((sum, o) => sum + o.onFoodG, 0);
  return (
    <CardTable
      heads={[
        texts.whereAndWhen,
        texts.usedForAll(body.dish.count),
        texts.inSpoons,
        ...(strokes ? [strokes.heading] : []),
        texts.landsOnFood,
      ]}
      rows={shown.map((o) => ({
        key: o.place,
        cells: [
          <>
            {PLACES[o.place].label}{' '}
            <span className="block text-xs">
              {o.place === 'touch-up' && o.atMin !== null ? texts.after(say(o.atMin, 'minutes')) : PLACES[o.place].when}
            </span>
          </>,
          <Used amount={o} plan={plan} air={air} body={body} />,
          <span className="whitespace-nowrap">{spoons(o)}</span>,
          ...(strokes
            ? [
                <span className="whitespace-nowrap">
                  {SPRAYED.includes(o.place) && o.usedG > SOME_G ? strokes.count(o.usedG) : '–'}
                </span>,
              ]
            : []),
          o.onFoodG > SOME_G ? say(o.onFoodG, 'grams') : '–',
        ],
      }))}
      foot={[
        texts.inAll,
        `${say(total, 'grams')} (${(total / OIL_G_PER_ML).toFixed(0)} ml)`,
        spoons({ usedG: total, ml: total / OIL_G_PER_ML }),
        ...(strokes ? [null] : []),
        say(totalOnFood, 'grams'),
      ]}
    />
  );
}

/** Less oil than this, g, is none. */
const SOME_G = 0.01;
const SPRAYED: readonly OilPlace[] = ['spray', 'basket', 'touch-up'];

const emptyAt = (place: OilPlace): OilAmount => ({ place, atMin: null, onFoodG: 0, usedG: 0, ml: 0 });

/** How the kitchen's own sprayer of this kind counts oil; null for a brush, or when none was weighed. */
function useStrokes(tool: Oiling['tool']): { heading: string; count: (usedG: number) => string } | null {
  const { data } = useKitchenQuery();
  const sprayer = data?.sprayers.find((s) => s.kind === tool && s.gPerStroke !== null);
  if (!sprayer || tool === 'brush') return null;
  const unit = tool === 'can' ? 'seconds' : 'strokes';
  return {
    heading: `${sprayer.name}`,
    count: (usedG) => `${strokesFor(usedG, sprayer.gPerStroke!)} ${unit}`,
  };
}

/** The amount that is used up, to be changed where it is the cook's to choose. */
function Used({ amount, plan, air, body }: { amount: OilAmount; plan: AirPlan; air: AirResult; body: ConversionBody }) {
  const dispatch = useAppDispatch();
  const { say } = useUnits();
  const oiling = plan.oiling ?? PLAIN_OILING;
  const pantry = usePantry();
  const { areaM2 } = wholeOf(pantry, body.dish);
  const lands = LANDS[oiling.tool];
  const { place, usedG } = amount;
  if (place === 'crumbs') return <span>{usedG > 0.01 ? say(usedG, 'grams') : texts.none}</span>;
  const oil = (part: Partial<Oiling>): void => void dispatch(planChanged({ oiling: { ...oiling, ...part } }));
  const perM2 = { rub: areaM2, spray: areaM2 / lands, 'touch-up': areaM2 / 2 / lands, basket: air.load.batches }[place];
  const most = (place === 'basket' ? RANGES.basketOilG.max : RANGES.oilGm2.max) * perM2;
  const change = (grams: number): void => {
    const value = Math.min(grams, most) / perM2;
    if (place === 'spray') dispatch(planChanged({ oilGm2: value }));
    else if (place === 'rub') oil({ rubGm2: value });
    else if (place === 'touch-up') oil({ touchUpGm2: value });
    else oil({ basketG: value });
  };
  return (
    <NumberField
      className="w-24"
      label={`${PLACES[place].label}, g`}
      hideLabel
      value={usedG}
      quantity="grams"
      range={{ min: 0, max: Math.floor(most) }}
      onChange={change}
    />
  );
}
