import type { AirResult } from '@yellowmist/core';
import { BowlPicture } from '../../draw/BowlPicture';
import { oilAmount, partAmount } from '../../ui/units';
import { useUnits } from '../../ui/useUnits';
import { ForkTest } from './ForkTest';

/** The bowls in the order of dipping, left to right up to the tray, with what to measure into each. */
export function Bowls({ air, count }: { air: AirResult; count: number }) {
  const { system, say } = useUnits();
  const { load } = air;
  return (
    <ol className="flex gap-1 overflow-x-auto pb-1" aria-label="Bowls in the order of dipping">
      {air.bowls.map((bowl) => {
        const layer = air.layers[bowl.layerAt];
        return (
          <li key={bowl.layerAt} className="flex w-60 shrink-0 flex-col">
            <div className="px-3">
              <BowlPicture layer={layer} />
            </div>
            <div className="px-3 pt-1">
              <h3 className="leading-tight">
                {bowl.layerAt + 1}. {bowl.name}
              </h3>
              <ul className="text-sm">
                {bowl.parts.map((part) => (
                  <li key={part.ingredientId} className="flex justify-between gap-2">
                    <span>{part.name}</span>
                    <b className="whitespace-nowrap">{partAmount(part, system)}</b>
                  </li>
                ))}
              </ul>
              <p className="mt-1 text-xs opacity-85">
                {layer.wet ? 'Wet hand.' : 'Dry hand.'} {say(bowl.onFoodG, 'mass')} stay on the food; the rest is what a
                bowl needs to be worked in.
              </p>
              {layer.batter && <ForkTest bowl={bowl} standMin={air.plan.layers[bowl.layerAt]?.standMin ?? 0} />}
            </div>
          </li>
        );
      })}
      <li className="w-60 shrink-0 px-3">
        <div className="mb-1 h-14 border-b-4 border-base-content" aria-hidden />
        <h3 className="leading-tight">The tray</h3>
        <p className="text-sm">
          {air.plan.restMin > 0 && `Rests ${Math.round(air.plan.restMin)} min. `}
          {air.sprayOilG >= 0.5 ? (
            <>
              Then <b>{oilAmount(air.sprayOilG, system)} of oil</b> on both sides of all {count} pieces, away from the
              hot basket.
            </>
          ) : (
            'No oil.'
          )}
        </p>
        <p className="mt-1 text-sm">
          <b>
            {load.batches} {load.batches === 1 ? 'batch' : 'batches'}
          </b>{' '}
          of up to {load.piecesPerBatch} pieces, by area.
        </p>
      </li>
    </ol>
  );
}
