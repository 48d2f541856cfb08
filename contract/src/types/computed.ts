import type { AirSettings, Dish, Fryer, LayerSpec, OilMedium, SecondPlan } from '@yellowmist/core';

/** A cook in oil to be simulated. */
export interface SimulatedInOil {
  medium: OilMedium;
  tempC: number;
  minutes: number;
}

/** A cook in air to be simulated. */
export interface SimulatedInAir extends AirSettings {
  medium: 'air';
  fryer: Fryer;
  oilGm2: number;
  restMin: number;
  second: SecondPlan | null;
}

export type SimulatedCook = SimulatedInOil | SimulatedInAir;

export interface SimulateRequest {
  dish: Dish;
  layers: LayerSpec[];
  cook: SimulatedCook;
}

/** An error of the API (RFC 9457), naming the fields that are wrong and what is allowed. */
export interface Problem {
  type: string;
  title: string;
  status: number;
  detail: string;
  errors?: FieldError[];
  /** With 409: the version that is stored now. */
  currentVersion?: number;
}

export interface FieldError {
  /** Path of the field, "dish.shape.thicknessMm". */
  field: string;
  message: string;
}

/** A recipe to be read: one of a text, a page, or JSON. */
export interface ReadRecipeRequest {
  /** Plain words or Markdown. */
  text?: string;
  html?: string;
  /** A document of schema.org, or a dish of Yellowmist; as JSON or as its text. */
  json?: unknown;
}

/** How a converted dish is written out. */
export const RECIPE_FORMS = ['json-ld', 'markdown', 'text', 'yellowmist'] as const;
export type RecipeForm = (typeof RECIPE_FORMS)[number];
