import { useEffect, useRef, useState } from 'react';
import { onTheClock, type Task } from '@yellowmist/core';
import { pinnedAt, sameWork } from './pins';
import { useUnits } from '../../state/useUnits';
import type { TaskMoves } from './MoveTask';
import type { Arranging } from './useHistory';
import type { Planned } from './usePlan';
import * as texts from './texts';

/** Tasks that a hand moves: pinned where they are put; what cannot be is taken back, with the reason. */
export function useMoves(planned: Planned, { edit, withdraw }: Pick<Arranging, 'edit' | 'withdraw'>): TaskMoves {
  const { tell } = useUnits();
  const [refused, setRefused] = useState('');
  /** The last move, until its plan has come. */
  const last = useRef<{ id: string; of: Planned } | null>(null);
  useEffect(() => {
    const moved = last.current;
    if (!moved || moved.of === planned) return;
    last.current = null;
    const against = planned.evening.plan.cannot.find(
      (c) => c.change?.what === 'unpin' && sameWork(c.change.id, moved.id),
    );
    if (!against) return;
    setRefused(texts.itCannotStandThere(tell(onTheClock(against.why, planned.asked.time))));
    withdraw();
    // Only a new plan answers a move.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [planned]);
  const put = (task: Task, fromMin: number | null): void => {
    setRefused('');
    if (fromMin !== null && fromMin + task.toMin - task.fromMin > 0) {
      setRefused(texts.itCannotStandThereTable(planned.clock.time(0)));
      return;
    }
    last.current = { id: task.id, of: planned };
    edit((b) => pinnedAt(b, task.id.replace(/\/\d+$/, ''), fromMin));
  };
  return {
    refused,
    move: (task, fromMin) => put(task, fromMin),
    pin: (task, pinned) => put(task, pinned ? task.fromMin : null),
  };
}
