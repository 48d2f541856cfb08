import type { AirSettings, Fryer } from '@yellowmist/core';
import type { ReactNode } from 'react';
import { useAppDispatch } from '../../state/hooks';
import { useUnits } from '../../state/useUnits';
import type { PacketLook } from '../../worker/questions';
import { movedToFryer } from './dishSlice';
import { Unsafe } from './Unsafe';
import * as texts from './texts';

/** A setting as it is read off a fryer: "190 °C, 12 min". */
export function useSetting(): (settings: Pick<AirSettings, 'tempC' | 'minutes'>, fryer: Fryer) => string {
  const { say, set } = useUnits();
  return ({ tempC, minutes }, fryer) => `${set(tempC, fryer.stepC)}, ${say(minutes, 'minutes')}`;
}

/** The setting of a fryer that gives what was meant somewhere else, to be taken. @param children beside the button */
export function GivesMeant({ answer, fryer, children }: { answer: PacketLook; fryer: Fryer; children?: ReactNode }) {
  const dispatch = useAppDispatch();
  const setting = useSetting();
  return (
    <>
      <p className="mt-1 flex flex-wrap items-center gap-2 text-sm">
        <span>
          <b>{setting(answer.plan.settings, fryer)}</b>
          {texts.givesWhatWasMeant}
        </span>
        <button
          type="button"
          className="btn btn-primary h-11"
          onClick={() => dispatch(movedToFryer({ fryer, plan: answer.plan }))}
        >
          {texts.takeIt}
        </button>
        {children}
      </p>
      <Unsafe unsafe={answer.unsafe} brief />
    </>
  );
}
