import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

export type UnitSystem = 'metric' | 'us';
export type Theme = 'steam' | 'iron';

export interface Settings {
  units: UnitSystem;
  /** null follows the device. */
  theme: Theme | null;
}

const KEY = 'yellowmist.settings';

/** What this browser remembers; the defaults when it remembers nothing or may not. */
export function rememberedSettings(): Settings {
  try {
    const stored = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Settings>;
    return {
      units: stored.units === 'us' ? 'us' : 'metric',
      theme: stored.theme === 'steam' || stored.theme === 'iron' ? stored.theme : null,
    };
  } catch {
    return { units: 'metric', theme: null };
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
  },
});

export const { unitsSwitched, themeSet } = settingsSlice.actions;
