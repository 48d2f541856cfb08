import type { Load } from '../basket/index.js';
import type { Bowl, CoatLayer } from '../coat/index.js';
import type { Afterwards, AirPlan, Dish, Fryer, ReadyPiece } from '../dish/index.js';
import { safeMinimum } from '../safety/index.js';

interface Scene {
  dish: Dish;
  plan: AirPlan;
  fryer: Fryer;
  ready: ReadyPiece;
  load: Load;
  bowls: readonly Bowl[];
  sprayOilG: number;
}

const round = Math.round;
const plural = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`;
const minutes = (m: number): string => plural(round(m), 'minute');

function prepareStep({ dish, ready }: Scene): string {
  const name = ready.food.name.toLowerCase();
  const dry =
    dish.skin === 'wet'
      ? 'pat the surface dry'
      : dish.skin === 'damp'
        ? 'pat them so that they are just damp'
        : 'leave the surface dry';
  const made: Record<Dish['preparation'], string> = {
    raw: `Cut the ${name} into ${plural(dish.count, 'even piece')}; ${dry}.`,
    blanched: `Blanch the ${name}: into boiling water, out when it boils again. Drain, and ${dry}.`,
    frozen: `Keep the ${plural(dish.count, 'piece')} of ${name} frozen until they are coated.`,
    'pre-cooked': `Pre-cook the ${name}, let it cool on a rack 10 minutes, and ${dry}.`,
  };
  return made[dish.preparation];
}

function coatStep(layer: CoatLayer, at: number, total: number): string {
  const name = layer.name.toLowerCase();
  if (layer.wet && layer.batter) return `Dip into the ${name} and let it drip 8 seconds.`;
  if (layer.wet) return `Through the ${name}, and let it drip.`;
  if (at === 0 && total > 1) return `Dust with ${name} on all sides and tap off what is loose.`;
  return `Press into the ${name} until no wet spot shows${at === total - 1 ? ', then lay on a tray or rack' : ''}.`;
}

function oilStep({ sprayOilG, ready }: Scene): string[] {
  if (sprayOilG < 0.5) return [];
  const tsp = sprayOilG / 4.5;
  const spoons =
    tsp < 0.4 ? 'a few fine sprays' : `about ${tsp < 3 ? `${round(tsp * 2) / 2} tsp` : `${round(tsp / 1.5) / 2} tbsp`}`;
  const edges = ready.layers.at(-1)?.grain === 'starch' ? ' until no white shows' : '';
  return [
    `On the tray, away from the fryer, oil both sides and the edges thinly${edges}: ${round(sprayOilG)} g in all, ${spoons}.`,
  ];
}

function loadStep({ load, fryer, plan }: Scene): string {
  const on =
    plan.settings.under === 'parchment'
      ? 'on parchment cut to the food'
      : fryer.racks > 1
        ? `on ${fryer.racks} racks`
        : 'in the basket';
  const tray = plan.settings.waterTray ? ' Beside them a little tray of boiling water.' : '';
  const heat = plan.settings.preheated ? `Preheat ${fryer.name} to ${round(plan.settings.tempC)} °C. ` : '';
  const batches =
    load.batches === 1
      ? 'all at once'
      : `${plural(load.batches, 'batch').replace('batchs', 'batches')} of up to ${load.piecesPerBatch}`;
  return `${heat}Lay the pieces ${on}, one layer, not touching: ${batches}.${tray}`;
}

function cookStep({ plan, load }: Scene): string {
  const { tempC, minutes: total, turnAtMin, swapEveryMin } = plan.settings;
  const turn =
    turnAtMin === null || turnAtMin >= total ? '' : ` Turn after ${minutes(turnAtMin)} with something thin and flat.`;
  const swap =
    load.racksUsed > 1 && swapEveryMin !== null && swapEveryMin < total
      ? ` Swap the racks every ${minutes(swapEveryMin)}.`
      : '';
  return `Cook at ${round(tempC)} °C for ${minutes(total)}${load.batches > 1 ? ' each' : ''}.${turn}${swap} Touch up pale or floury spots with oil.`;
}

function secondSteps({ plan, ready }: Scene): string[] {
  const { second } = plan;
  if (!second) return [];
  const cool =
    second.coolMin > 0 ? `Let it cool ${minutes(second.coolMin)} on a rack and part what has stuck together. ` : '';
  const brush = ready.sauce ? `Brush ${ready.sauce.name.toLowerCase()} on with a light hand. ` : '';
  return [`${cool}${brush}Cook ${minutes(second.minutes)} more at ${round(second.tempC)} °C.`];
}

function endStep({ ready, plan }: Scene): string {
  const minimum = safeMinimum(ready.food.food.safety);
  const check = minimum
    ? `Check the centre of the thickest piece: ${round(minimum.tempC)} °C or more${minimum.restMin ? `, then ${minimum.restMin} minutes of rest` : ''}. `
    : '';
  return `${check}${ENDINGS[plan.afterwards ?? 'rack']}`;
}

const ENDINGS: Record<Afterwards, string> = {
  rack: 'Rest 3–5 minutes on a rack, then salt and serve.',
  'at-once': 'Salt it while it is hot and serve at once; the centre burns the tongue.',
  held: 'Leave it in the switched-off fryer with the drawer a hand open until all is done, then salt and serve.',
};

/** The steps of a plan in the order of the work, in °C and g; the screen turns them into the cook's units. */
export function stepsFor(scene: Scene): string[] {
  const { ready, plan } = scene;
  const rest =
    plan.restMin > 0 ? [`Let the coat rest ${minutes(plan.restMin)}, so that it takes up water and holds.`] : [];
  return [
    prepareStep(scene),
    ...ready.layers.map((layer, at) => coatStep(layer, at, ready.layers.length)),
    ...rest,
    ...oilStep(scene),
    loadStep(scene),
    cookStep(scene),
    ...secondSteps(scene),
    endStep(scene),
  ];
}
