import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Hand } from '@yellowmist/core';
import { writeHere } from './here';

export type UnitSystem = 'metric' | 'us';
export type Theme = 'steam' | 'iron';

export interface Settings {
  units: UnitSystem;
  /** null follows the device. */
  theme: Theme | null;
  /** The hand that writes. */
  writes: Hand;
  /** At the counter: whether timers ring, and whether they are spoken. */
  rings: boolean;
  speaks: boolean;
  /** Where the first steps stand, 1–4; 0 when they are done. */
  step: number;
}

/** The first steps: say it, read the answer, see why, cook it. */
export const STEPS = 4;

const KEY = 'yellowmist.settings';

const stepOf = (stored: unknown): number =>
  Number.isInteger(stored) && Number(stored) >= 0 && Number(stored) <= STEPS ? Number(stored) : 0;

/** What this browser remembers; the defaults when it remembers nothing or may not. */
export function rememberedSettings(): Settings {
  try {
    const text = localStorage.getItem(KEY);
    const stored = JSON.parse(text ?? '{}') as Partial<Settings>;
    return {
      units: stored.units === 'us' ? 'us' : 'metric',
      theme: stored.theme === 'steam' || stored.theme === 'iron' ? stored.theme : null,
      writes: stored.writes === 'left' ? 'left' : 'right',
      rings: stored.rings !== false,
      speaks: stored.speaks === true,
      // Whoever has been here before without them knows the way.
      step: text === null ? 1 : stepOf(stored.step),
    };
  } catch {
    return { units: 'metric', theme: null, writes: 'right', rings: true, speaks: false, step: 0 };
  }
}

export const rememberSettings = (settings: Settings): void => writeHere(KEY, settings);

export const settingsSlice = createSlice({
  name: 'settings',
  initialState: rememberedSettings,
  reducers: {
    unitsSwitched: (state) => {
      state.units = state.units === 'metric' ? 'us' : 'metric';
    },
    themeSet: (state, { payload }: PayloadAction<Theme>) => {
      state.theme = payload;
    },
    writesWith: (state, { payload }: PayloadAction<Hand>) => {
      state.writes = payload;
    },
    ringsSwitched: (state) => {
      state.rings = !state.rings;
    },
    speaksSwitched: (state) => {
      state.speaks = !state.speaks;
    },
    stepped: (state, { payload }: PayloadAction<number>) => {
      state.step = payload;
    },
    /** The first dish is there: the steps go on from its answer. */
    begun: (state) => {
      if (state.step === 1) state.step = 2;
    },
  },
});

export const { unitsSwitched, themeSet, writesWith, ringsSwitched, speaksSwitched, stepped, begun } =
  settingsSlice.actions;
