import { configureStore } from '@reduxjs/toolkit';
import { exampleConversion, type Chosen, type ConversionDocument } from '@yellowmist/contract';
import {
  benchReducer,
  dishChanged,
  laidOut,
  layersChanged,
  picked,
  redo,
  searchPicked,
  settingsChanged,
  undo,
} from './benchSlice';

const document: ConversionDocument = {
  ...exampleConversion(),
  id: 'a',
  format: 1,
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
    settings: { tempC, minutes: 10, preheated: false, turnAtMin: null, under: 'basket' },
  },
});

const bench = () => {
  const store = configureStore({ reducer: benchReducer });
  store.dispatch(laidOut(document));
  return { store, dish: () => store.getState().dish.present!, desk: () => store.getState().desk };
};

describe('the bench', () => {
  test('a dish that was just laid out is saved, and has no steps', () => {
    const { store, desk } = bench();
    expect(desk().saved).toBe(store.getState().dish.present);
    expect(store.getState().dish.past).toHaveLength(0);
  });

  test('twenty steps are undone and redone', () => {
    const { store, dish } = bench();
    for (let count = 1; count <= 20; count++) store.dispatch(dishChanged({ count }));
    for (let i = 0; i < 20; i++) store.dispatch(undo());
    expect(dish().dish.count).toBe(document.dish.count);
    for (let i = 0; i < 20; i++) store.dispatch(redo());
    expect(dish().dish.count).toBe(20);
  });

  test('the search gives way to the cook, and is no step to undo', () => {
    const { store, dish } = bench();
    store.dispatch(searchPicked(chosen('search', 180)));
    expect(dish().chosen?.plan.settings.tempC).toBe(180);
    expect(store.getState().dish.past).toHaveLength(0);
    store.dispatch(picked(chosen('cook', 170)));
    store.dispatch(searchPicked(chosen('search', 190)));
    expect(dish().chosen?.plan.settings.tempC).toBe(170);
  });

  test('a change by hand makes the plan the cook’s own', () => {
    const { store, dish } = bench();
    store.dispatch(searchPicked(chosen('search', 180)));
    store.dispatch(settingsChanged({ tempC: 185 }));
    expect(dish().chosen).toMatchObject({ family: 'own', by: 'cook' });
    store.dispatch(layersChanged({ side: 'pot', layers: [] }));
    expect(dish().fried.layers).toEqual([]);
    expect(dish().chosen?.plan.layers).toHaveLength(1);
  });
});
