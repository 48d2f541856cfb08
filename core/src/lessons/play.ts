import { layoutOf } from '../basket/index.js';
import { readyPiece } from '../dish/index.js';
import { foodOf, type Pantry } from '../foods/index.js';
import { evaluateAir, evaluateFried, lotOf } from '../plan/index.js';
import { lessonOf } from './registry.js';
import type { LessonId, Played, Scene, Shown, Values } from './types.js';

function show(pantry: Pantry, scene: Scene): Shown {
  const { plan, dish, fryer, waits } = scene;
  const asked = { pantry, ...scene };
  const fried = evaluateFried(asked, { profiles: plan === null });
  const foodMm = readyPiece(pantry, dish, []).piece.heightM * 1000;
  const shared = { scene, fried, food: foodOf(pantry, dish.foodId), foodMm };
  if (!plan) return { ...shared, air: null, layout: null };
  const air = evaluateAir(asked, plan, fried, { profiles: true, waits });
  const lot = lotOf(pantry, readyPiece(pantry, dish, plan.layers), dish);
  return { ...shared, air, layout: layoutOf(lot, air.load, fryer, plan.laying) };
}

/** What the cooks of a lesson come to, and what is said of them. */
export function playLesson(pantry: Pantry, id: LessonId, values: Values): Played {
  const lesson = lessonOf(id);
  const shown = lesson.scenes(values).map((scene) => show(pantry, scene));
  return { shown, said: lesson.said(shown, values) };
}
