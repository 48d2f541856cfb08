import { grainOf, type GrammarNote, type LayerSpec } from '../coat/index.js';
import type { AirPlan } from '../dish/index.js';
import type { Pantry } from '../foods/index.js';
import { BURNING_FINISH, STARCH_OIL_GM2 } from './constants.js';
import { firstFor, gluingLayer, layer } from './kit.js';
import type { Choice } from './types.js';

/** What a repair may put in, of what the cook eats and has; undefined where nothing is left. */
interface Mending {
  dust: LayerSpec | undefined;
  binder: LayerSpec | undefined;
  crumbs: LayerSpec | undefined;
}

function mendingFor(choice: Choice): Mending {
  const flour = firstFor(choice, 'dust');
  const crumbs = firstFor(choice, 'crumbs');
  return {
    dust: flour ? layer([[flour, 60]]) : undefined,
    binder: gluingLayer(choice),
    crumbs: crumbs ? layer([[crumbs, 60]], { pressed: true }) : undefined,
  };
}

const isCrumb = (pantry: Pantry, spec: LayerSpec): boolean =>
  ['meal', 'fine', 'coarse', 'flake'].includes(grainOf(pantry, spec) ?? '');

const without = <T>(list: readonly (T | undefined)[]): T[] => list.filter((item): item is T => item !== undefined);

/** The layers with one complaint of their grammar mended; as they were when nothing that the cook eats would mend it. */
export function repairLayers(specs: readonly LayerSpec[], { rule, at }: GrammarNote, choice: Choice): LayerSpec[] {
  const { dust, binder, crumbs } = mendingFor(choice);
  const { pantry } = choice;
  const [below, here, above] = [specs.slice(0, at), specs[at], specs.slice(at + 1)];
  switch (rule) {
    case 'dry-on-dry':
      // A dust over crumbs is in the wrong place: it belongs under them.
      if (isCrumb(pantry, specs[at - 1]) && !isCrumb(pantry, here))
        return [...specs.slice(0, at - 1), here, specs[at - 1], ...above];
      return without([...below, binder, here, ...above]);
    case 'no-binder':
      return without([...below, binder, here, ...above]);
    case 'crumbs-on-dry-skin':
      return without([dust, binder, here, ...above]);
    case 'wet-over-crumbs':
      return [...specs.slice(0, at - 1), here, specs[at - 1], ...above];
    case 'wet-last':
      return without([...specs, crumbs]);
    default:
      return [...specs];
  }
}

/** The plan with one complaint mended: its layers, its oil or its temperature. */
export function repairPlan(plan: AirPlan, note: GrammarNote, choice: Choice): AirPlan {
  if (note.rule === 'dry-starch') return { ...plan, oilGm2: STARCH_OIL_GM2 };
  if (note.rule === 'burns-in-finish') {
    return { ...plan, settings: { ...plan.settings, tempC: Math.min(plan.settings.tempC, BURNING_FINISH.aboveC) } };
  }
  return { ...plan, layers: repairLayers(plan.layers, note, choice) };
}
