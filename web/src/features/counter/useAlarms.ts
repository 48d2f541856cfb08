import { useEffect, useRef } from 'react';
import { leftSaid } from '@yellowmist/core';
import { useAppSelector } from '../../state/hooks';
import { ring, shake, speak } from './alarms';
import type { CookNow } from './useCook';
import * as texts from './texts';

/** A timer whose time is up rings again so often, ms. */
const AGAIN_MS = 4_000;

/** Rings, speaks and shakes for what cannot wait; the time that is left stands in the window's title. */
export function useAlarms({ rings, live, document: cook, state }: CookNow): void {
  const settings = useAppSelector((s) => s.settings);
  const rung = useRef(new Map<string, number>());
  const urgent = live.steps.filter((s) => s.state === 'ready' && s.step.kind === 'look');
  const due = [...rings.map((t) => t.step), ...urgent.map((s) => s.step)];
  const key = due.map((s) => s.id).join('|');
  useEffect(() => {
    const alarm = (): void => {
      for (const step of due) {
        const at = cook.programme.batches.findIndex((b) => b.key === step.batch);
        const times = rung.current.get(step.id) ?? 0;
        rung.current.set(step.id, times + 1);
        if (settings.rings) ring(Math.max(0, at));
        if (times === 0) shake();
        if (settings.speaks && times % SPOKEN_EVERY === 0) speak(step.head.replace(/ cooks( on)?$/, texts.isReady));
      }
    };
    if (due.length === 0 || state.pausedS !== null) return;
    alarm();
    const again = setInterval(alarm, AGAIN_MS);
    return () => clearInterval(again);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, settings.rings, settings.speaks, state.pausedS]);

  const soonest = live.timers
    .filter((t) => t.step.kind === 'cook' || t.step.kind === 'second')
    .sort((a, b) => a.leftS - b.leftS)[0];
  const title = state.ended
    ? texts.ready(cook.name)
    : soonest
      ? `${leftSaid(soonest.leftS)} ${soonest.step.head.replace(/ cooks( on)?$/, '')}`
      : cook.name;
  useEffect(() => {
    const before = document.title;
    document.title = title;
    return () => {
      document.title = before;
    };
  }, [title]);
}

/** Every so many rings it is said again. */
const SPOKEN_EVERY = 3;
