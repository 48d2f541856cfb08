import { useAppSelector } from '../shell/store';
import { sentenceIn, withUnit, type Quantity } from '../ui/units';

/** The cook's units: `say` for a number, `tell` for a sentence of the core. */
export function useUnits() {
  const system = useAppSelector((s) => s.settings.units);
  return {
    system,
    say: (value: number, quantity: Quantity) => withUnit(value, quantity, system),
    tell: (text: string) => sentenceIn(text, system),
  };
}
