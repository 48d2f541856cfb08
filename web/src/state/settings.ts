import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Hand } from '@yellowmist/core';

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
}

const KEY = 'yellowmist.settings';

/** What this browser remembers; the defaults when it remembers nothing or may not. */
export function rememberedSettings(): Settings {
  try {
    const stored = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Settings>;
    return {
      units: stored.units === 'us' ? 'us' : 'metric',
      theme: stored.theme === 'steam' || stored.theme === 'iron' ? stored.theme : null,
      writes: stored.writes === 'left' ? 'left' : 'right',
      rings: stored.rings !== false,
      speaks: stored.speaks === true,
    };
  } catch {
    return { units: 'metric', theme: null, writes: 'right', rings: true, speaks: false };
  }
}

export function rememberSettings(settings: Settings): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(settings));
  } catch {
    // A browser without storage forgets; nothing else is lost.
  }
}

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
  },
});

export const { unitsSwitched, themeSet, writesWith, ringsSwitched, speaksSwitched } = settingsSlice.actions;
