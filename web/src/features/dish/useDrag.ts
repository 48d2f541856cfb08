import { useAppDispatch } from '../../state/hooks';
import { dragged } from './deskSlice';

/** A slider under a number field of the bench, over `min` … `max`; one drag is one step to undo. */
export function useDrag() {
  const dispatch = useAppDispatch();
  return (min: number, max: number, step: number) => ({
    min,
    max,
    step,
    onDrag: (on: boolean): void => void dispatch(dragged(on)),
  });
}
