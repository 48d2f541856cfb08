import { combineReducers, createSlice, current, type PayloadAction } from '@reduxjs/toolkit';
import type { Middleware, UnknownAction } from '@reduxjs/toolkit';
import undoable, { ActionCreators, excludeAction, newHistory, type StateWithHistory } from 'redux-undo';
import { withVersion, type Chosen, type ConversionBody } from '@yellowmist/contract';
import {
  fingerprint,
  planId,
  type AirPlan,
  type AirSettings,
  type Alternative,
  type Dish,
  type FriedCook,
  type Fryer,
  type LayerSpec,
  type Limits,
  preheatsByHabit,
  usualMostMinutes,
} from '@yellowmist/core';
import { useAppSelector } from '../../state/hooks';
import { lazyMiddleware, rootReducer, type RootState } from '../../state/store';
import { deskReducer, laidOut, type Desk, type SaveState, type Side } from './deskSlice';

/** What was saved of a body is the same as another: told by what they hold. */
export const sameBody = (a: ConversionBody, b: ConversionBody): boolean => fingerprint(a) === fingerprint(b);

/** What the choice needs to know of an air version that the search found. */
export type Found = Pick<Alternative, 'family' | 'plan' | 'likeness' | 'works'>;

/** Two coats that are this close in likeness are as good as each other: the one on the bench stays. */
const AS_GOOD = 0.03;

function preferred(found: readonly Found[], family: string | undefined): Found | undefined {
  const [best] = found;
  const same = found.find((f) => f.family === family);
  return same && same.works === best.works && same.likeness > best.likeness - AS_GOOD ? same : best;
}

const ownPlan = (state: ConversionBody, change: (plan: AirPlan) => void): void => {
  if (!state.chosen) return;
  change(state.chosen.plan);
  state.chosen.family = 'own';
  state.chosen.by = 'cook';
};

/** Another fryer brings its own highest temperature, and its habit of preheating. */
const takenTo = (state: ConversionBody, fryer: Fryer): void => {
  const other = state.fryer.name !== fryer.name;
  // What one fryer did by its habit, another that has none does not.
  const without = preheatsByHabit(state.fryer) ? false : state.limits.preheat;
  // Minutes that the cook has chosen stay.
  if (state.limits.maxMinutes === usualMostMinutes(state.fryer)) state.limits.maxMinutes = usualMostMinutes(fryer);
  state.fryer = fryer;
  state.limits.maxTempC = fryer.maxTempC;
  if (other) state.limits.preheat = preheatsByHabit(fryer) ?? without;
};

/** The dish on the bench; null until one is opened. Every change is a step that can be undone. */
const bodySlice = createSlice({
  name: 'dish/body',
  initialState: null as ConversionBody | null,
  reducers: {
    renamed: (state, { payload }: PayloadAction<string>) => {
      if (state) state.name = payload;
    },
    noted: (state, { payload }: PayloadAction<string>) => {
      if (state) state.note = payload;
    },
    dishChanged: (state, { payload }: PayloadAction<Partial<Dish>>) => {
      if (state) Object.assign(state.dish, payload);
    },
    friedChanged: (state, { payload }: PayloadAction<Partial<Omit<FriedCook, 'layers'>>>) => {
      if (state) Object.assign(state.fried, payload);
    },
    fryerChanged: (state, { payload }: PayloadAction<Fryer>) => {
      if (!state) return;
      takenTo(state, payload);
    },
    limitsChanged: (state, { payload }: PayloadAction<Partial<Limits>>) => {
      if (state) Object.assign(state.limits, payload);
    },
    layersChanged: (state, { payload }: PayloadAction<{ side: Side; layers: LayerSpec[] }>) => {
      if (!state) return;
      if (payload.side === 'pot') state.fried.layers = payload.layers;
      else ownPlan(state, (plan) => void (plan.layers = payload.layers));
    },
    planChanged: (
      state,
      {
        payload,
      }: PayloadAction<Partial<Pick<AirPlan, 'oilGm2' | 'oiling' | 'restMin' | 'second' | 'station' | 'laying'>>>,
    ) => {
      if (state) ownPlan(state, (plan) => void Object.assign(plan, payload));
    },
    settingsChanged: (state, { payload }: PayloadAction<Partial<AirSettings>>) => {
      if (state) ownPlan(state, (plan) => void Object.assign(plan.settings, payload));
    },
    picked: (state, { payload }: PayloadAction<Chosen>) => {
      if (state) state.chosen = payload;
    },
    /** A side of a question: it may change how the food goes in as well as the plan, in one step. */
    schoolTaken: (state, { payload }: PayloadAction<{ dish: Dish; plan: AirPlan }>) => {
      if (!state?.chosen) return;
      state.dish = payload.dish;
      state.chosen = { family: 'own', by: 'cook', plan: payload.plan };
    },
    /** Moved to another fryer, with the plan that fits there. */
    movedToFryer: (state, { payload }: PayloadAction<{ fryer: Fryer; plan: AirPlan }>) => {
      if (!state) return;
      takenTo(state, payload.fryer);
      state.chosen = { family: 'own', by: 'cook', plan: payload.plan };
    },
    /** Keeps the air version on the bench under a name. */
    versionKept: (state, { payload }: PayloadAction<string>) => {
      if (!state?.chosen) return;
      state.versions = withVersion(state.versions, payload, state.chosen);
    },
    versionForgotten: (state, { payload }: PayloadAction<number>) => {
      if (state) state.versions = state.versions.filter((v) => v.id !== payload);
    },
    /** What was changed here before, and not saved: one step, which can be undone. */
    recovered: (_, { payload }: PayloadAction<ConversionBody>) => payload,
    /** The search found some (best first), and the cook had neither chosen nor read what lies there: no step of theirs. */
    searchFound: (state, { payload }: PayloadAction<Found[]>) => {
      if (!state || state.chosen?.by === 'cook') return;
      const best = preferred(payload, state.chosen?.family);
      if (!best) return;
      const same = state.chosen?.family === best.family && planId(current(state).chosen!.plan) === planId(best.plan);
      if (!same) state.chosen = { family: best.family, by: 'search', plan: best.plan };
    },
  },
});

const STEPS_KEPT = 200;

/** An action of the bench that belongs to a drag. */
type Dragged = UnknownAction & { meta?: { drag?: number } };

/** Marks what is changed while something is dragged, so that one drag is one step to undo. */
export const dragMiddleware: Middleware<object, { dish?: { desk: Desk } }> = (store) => (next) => (action) => {
  const drag = store.getState().dish?.desk.drag ?? null;
  const ours = drag !== null && (action as UnknownAction).type?.startsWith(bodySlice.name);
  return next(ours ? { ...(action as UnknownAction), meta: { drag } } : action);
};

const stepwise = undoable(bodySlice.reducer, {
  limit: STEPS_KEPT,
  filter: excludeAction([bodySlice.actions.searchFound.type]),
  syncFilter: true,
  groupBy: (action: Dragged) => action.meta?.drag ?? null,
});

type BodyHistory = StateWithHistory<ConversionBody | null>;

export const dishReducer = combineReducers({
  body: (state: BodyHistory | undefined, action: UnknownAction): BodyHistory =>
    laidOut.match(action) ? newHistory([], action.payload.body, []) : stepwise(state, action),
  desk: deskReducer,
});

export type DishState = ReturnType<typeof dishReducer>;

declare module '../../state/store' {
  interface LazySlices {
    dish: DishState;
  }
}

rootReducer.inject({ reducerPath: 'dish', reducer: dishReducer });
lazyMiddleware.addMiddleware(dragMiddleware as never);

/** The dish as it lies on the bench; null until one is opened. */
export const selectBody = ({ body }: DishState): ConversionBody | null => body.present;
export const selectDesk = ({ desk }: DishState): Desk => desk;
/** Whether a hand drags something of it. */
export const selectDragged = ({ desk }: DishState): boolean => desk.held;
export const selectSide = ({ desk }: DishState): Side => desk.side;
export const selectSteps = ({ body }: DishState): { back: number; forward: number } => ({
  back: body.past.length,
  forward: body.future.length,
});
/** How saving stands: what was changed since the last save waits. */
export const selectSave = ({ body, desk }: DishState): SaveState =>
  desk.save === 'saved' && body.present !== desk.saved ? 'waiting' : desk.save;

const NOTHING = dishReducer(undefined, { type: 'dish/none' });

/** The dish on the bench and whether a hand drags something of it, out of what the page keeps. */
export const onBench = {
  body: (state: RootState): ConversionBody | null => selectBody(state.dish ?? NOTHING),
  isHeld: (state: RootState): boolean => selectDragged(state.dish ?? NOTHING),
};

/** Something of the dish on the bench. */
export const useDish = <T>(select: (dish: DishState) => T): T =>
  useAppSelector((state) => select(state.dish ?? NOTHING));

export const {
  renamed,
  noted,
  dishChanged,
  friedChanged,
  fryerChanged,
  limitsChanged,
  layersChanged,
  planChanged,
  settingsChanged,
  picked,
  schoolTaken,
  movedToFryer,
  versionKept,
  versionForgotten,
  searchFound,
  recovered,
} = bodySlice.actions;
export const { undo, redo } = ActionCreators;
