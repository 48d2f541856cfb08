import { combineReducers, configureStore, type UnknownAction } from '@reduxjs/toolkit';
import { PLAIN_AIR } from '@yellowmist/core';
import {
  COMMON_FRYERS,
  exampleConversion,
  FORMATS,
  formatNumber,
  type Chosen,
  type ConversionDocument,
} from '@yellowmist/contract';
import { dragged, laidOut, typed } from './deskSlice';
import {
  dishChanged,
  dishReducer,
  dragMiddleware,
  fryerChanged,
  layersChanged,
  limitsChanged,
  picked,
  redo,
  renamed,
  searchFound,
  selectDragged,
  settingsChanged,
  undo,
  type Found,
} from './dishSlice';

const document: ConversionDocument = {
  ...exampleConversion(),
  id: 'a',
  format: formatNumber(FORMATS.conversion),
  version: 3,
  createdAt: '',
  updatedAt: '',
};
const chosen = (by: Chosen['by'], tempC: number): Chosen => ({
  family: 'starch-shell',
  by,
  plan: {
    layers: [{ portions: [{ ingredientId: 'egg', grams: 50 }] }],
    restMin: 5,
    oilGm2: 10,
    settings: { ...PLAIN_AIR, tempC, minutes: 10, preheated: false, turnAtMin: null, under: 'basket' },
    second: null,
  },
});

const found = (family: Found['family'], tempC: number, likeness: number): Found => ({
  family,
  likeness,
  works: true,
  plan: chosen('search', tempC).plan,
});

const bench = () => {
  const store = configureStore({ reducer: dishReducer });
  store.dispatch(laidOut(document));
  return { store, dish: () => store.getState().body.present!, desk: () => store.getState().desk };
};

describe('the bench', () => {
  test('a dish that was just laid out is saved, and has no steps', () => {
    const { store, desk } = bench();
    expect(desk().saved).toBe(store.getState().body.present);
    expect(store.getState().body.past).toHaveLength(0);
  });

  test('twenty steps are undone and redone', () => {
    const { store, dish } = bench();
    for (let count = 1; count <= 20; count++) store.dispatch(dishChanged({ count }));
    for (let i = 0; i < 20; i++) store.dispatch(undo());
    expect(dish().dish.count).toBe(document.dish.count);
    for (let i = 0; i < 20; i++) store.dispatch(redo());
    expect(dish().dish.count).toBe(20);
  });

  test('another fryer brings its habits, and what the cook has chosen stays', () => {
    const { store, dish } = bench();
    const [drawer, oven] = ['drawer', 'fan-oven'].map((kind) => COMMON_FRYERS.find((f) => f.kind === kind)!);
    store.dispatch(fryerChanged(oven));
    expect(dish().limits).toMatchObject({ preheat: true, maxMinutes: 40, maxTempC: oven.maxTempC });
    store.dispatch(fryerChanged(drawer));
    expect(dish().limits).toMatchObject({ preheat: false, maxMinutes: 24, maxTempC: drawer.maxTempC });
    store.dispatch(limitsChanged({ maxMinutes: 30 }));
    store.dispatch(fryerChanged(oven));
    expect(dish().limits.maxMinutes).toBe(30);
  });

  test('the search gives way to the cook, and is no step to undo', () => {
    const { store, dish } = bench();
    store.dispatch(searchFound([found('starch-shell', 180, 0.8)]));
    expect(dish().chosen?.plan.settings.tempC).toBe(180);
    expect(store.getState().body.past).toHaveLength(0);
    store.dispatch(picked(chosen('cook', 170)));
    store.dispatch(searchFound([found('starch-shell', 190, 0.8)]));
    expect(dish().chosen?.plan.settings.tempC).toBe(170);
  });

  test('of two that are as good as each other, the one on the bench stays', () => {
    const { store, dish } = bench();
    store.dispatch(searchFound([found('starch-shell', 180, 0.8)]));
    store.dispatch(searchFound([found('dust-egg-crumbs', 190, 0.81), found('starch-shell', 185, 0.8)]));
    expect(dish().chosen).toMatchObject({ family: 'starch-shell', plan: { settings: { tempC: 185 } } });
    store.dispatch(searchFound([found('dust-egg-crumbs', 190, 0.95), found('starch-shell', 185, 0.8)]));
    expect(dish().chosen?.family).toBe('dust-egg-crumbs');
  });

  test('a change by hand makes the plan the cook’s own', () => {
    const { store, dish } = bench();
    store.dispatch(searchFound([found('starch-shell', 180, 0.8)]));
    store.dispatch(settingsChanged({ tempC: 185 }));
    expect(dish().chosen).toMatchObject({ family: 'own', by: 'cook' });
    store.dispatch(layersChanged({ side: 'pot', layers: [] }));
    expect(dish().fried.layers).toEqual([]);
    expect(dish().chosen?.plan.layers).toHaveLength(1);
  });

  test('a hand that drags holds the page to its picture, and one that types does not', () => {
    const held = (...actions: UnknownAction[]): boolean =>
      selectDragged(actions.reduce(dishReducer, dishReducer(undefined, laidOut(document))));
    expect(held(dragged(true))).toBe(true);
    expect(held(dragged(true), dragged(false))).toBe(false);
    expect(held(typed(true), renamed('Leeks'))).toBe(false);
  });

  test('one drag is one step to undo, two drags are two', () => {
    const store = configureStore({
      reducer: combineReducers({ dish: dishReducer }),
      middleware: (defaults) => defaults().concat(dragMiddleware),
    });
    const thickness = (): number =>
      (store.getState().dish.body.present!.dish.shape as { thicknessMm: number }).thicknessMm;
    const drag = (...to: number[]): void => {
      store.dispatch(dragged(true));
      for (const thicknessMm of to)
        store.dispatch(dishChanged({ shape: { kind: 'slab', lengthMm: 80, widthMm: 50, thicknessMm } }));
      store.dispatch(dragged(false));
    };
    store.dispatch(laidOut(document));
    drag(10, 12, 14, 18);
    drag(20, 24);
    expect(thickness()).toBe(24);
    store.dispatch(undo());
    expect(thickness()).toBe(18);
    store.dispatch(undo());
    expect(store.getState().dish.body.present!.dish.shape).toEqual(document.dish.shape);
    store.dispatch(redo());
    store.dispatch(redo());
    expect(thickness()).toBe(24);
  });
});
