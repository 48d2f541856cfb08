import type { Text } from '@yellowmist/core';
import { useAppSelector } from './hooks';
import { settingIn, textIn, withUnit, type FieldKind } from './units';

/** The cook's units: `say` for a number, `tell` for a sentence of the core, `set` for a fryer's setting. */
export function useUnits() {
  const system = useAppSelector((s) => s.settings.units);
  return {
    system,
    say: (value: number, quantity: FieldKind) => withUnit(value, quantity, system),
    tell: (said: Text) => textIn(said, system),
    set: (tempC: number, stepC: number) => settingIn(tempC, stepC, system),
  };
}
