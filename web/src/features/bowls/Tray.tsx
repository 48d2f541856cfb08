import { counted, strokesFor, traysFor, type AirResult, type Dish } from '@yellowmist/core';
import { useKitchenQuery } from '../../state/api';
import { oilAmount } from '../../state/units';
import { useUnits } from '../../state/useUnits';
import { Word } from '../../ui/Word';
import * as texts from './texts';

/** Where the coated pieces rest and are oiled. */
export function Tray({ air, dish }: { air: AirResult; dish: Dish }) {
  const { count } = dish;
  const { system } = useUnits();
  const { data: kitchen } = useKitchenQuery();
  const { load, plan } = air;
  const strokes = (kitchen?.sprayers ?? []).flatMap(({ name, kind, gPerStroke }) => {
    if (gPerStroke === null) return [];
    const count = strokesFor(air.sprayOilG, gPerStroke);
    return [texts.ofThe(count, kind === 'can' ? texts.seconds : texts.strokes, name.toLowerCase())];
  });
  return (
    <>
      <svg viewBox="0 0 200 92" className="w-full" aria-hidden>
        <path d="M6 78 h188 l-6 10 h-176 z" className="fill-base-300 stroke-base-content" strokeWidth="2" />
        {[28, 64, 100, 136, 172].map((x) => (
          <path
            key={x}
            d={`M${x - 13} 77 q2 -15 13 -15 t13 15 z`}
            fill="#d8a95c"
            className="stroke-base-content"
            strokeWidth="1.2"
          />
        ))}
      </svg>
      <h3 className="leading-tight">{texts.theTray}</h3>
      <p className="text-sm">
        {plan.restMin > 0 && (
          <>
            <Word id="rest">{texts.rests}</Word>
            {texts.minOneLayer(Math.round(plan.restMin))}
          </>
        )}
        {air.sprayOilG >= 0.5 ? (
          <>
            {texts.then}
            <b>{texts.ofOil(oilAmount(air.sprayOilG, system))}</b>
            {texts.onBothSidesOf(count)}
            {strokes.length > 0 && `: ${strokes.join(texts.or)}`}.
          </>
        ) : (
          texts.noOil
        )}
      </p>
      {kitchen && kitchen.trays.length > 0 && (
        <p className="mt-1 text-sm">{traysFor(air.footprint, count, kitchen.trays)}</p>
      )}
      <p className="mt-1 text-sm">
        <b>{counted(load.batches, 'batch', 'batches')}</b>
        {texts.ofUpToPieces(load.piecesPerBatch)}
      </p>
    </>
  );
}
