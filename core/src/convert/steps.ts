import type { Load } from '../basket/index.js';
import type { Bowl, CoatLayer } from '../coat/index.js';
import {
  PLAIN_OILING,
  type Afterwards,
  type AirPlan,
  type Dish,
  type Fryer,
  type Preset,
  type ReadyPiece,
} from '../dish/index.js';
import { foodOf, ingredient } from '../foods/index.js';
import type { OilAmount, OilPlace } from '../oil/index.js';
import { wayMinutes, wayOf, wayWords } from '../prep/index.js';
import { safeMinimum } from '../safety/index.js';

interface Scene {
  dish: Dish;
  plan: AirPlan;
  fryer: Fryer;
  ready: ReadyPiece;
  load: Load;
  bowls: readonly Bowl[];
  oil: readonly OilAmount[];
}

const round = Math.round;
const plural = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`;
const minutes = (m: number): string => plural(round(m), 'minute');

const DRIED: Record<Dish['skin'], string> = {
  wet: 'Drain it and pat off what runs',
  damp: 'Pat it so that it is just damp',
  dry: 'Its surface is dry when the coat goes on',
};

function prepareSteps({ dish, ready }: Scene): string[] {
  const cut = `Cut the ${ready.food.name.toLowerCase()} into ${plural(dish.count, 'even piece')}.`;
  if (dish.preparation === 'raw') return [`${cut} ${DRIED[dish.skin]}.`];
  const food = foodOf(dish.foodId);
  const { label, does } = wayWords(dish.preparation, food);
  const spent = wayOf(dish.preparation).minutes;
  const took = wayMinutes(food, dish.shape, dish.preparation, dish.prepMin ?? null);
  const time = spent ? `, ${plural(took < 10 ? round(took * 2) / 2 : round(took), 'minute')} ${spent.where}` : '';
  return [`${cut} ${label}${time}: ${does.charAt(0).toLowerCase()}${does.slice(1)} ${DRIED[dish.skin]}.`];
}

function coatStep(layer: CoatLayer, at: number, total: number): string {
  const name = layer.name.toLowerCase();
  if (layer.wet && layer.batter) return `Dip into the ${name} and let it drip 8 seconds.`;
  if (layer.wet) return `Through the ${name}, and let it drip.`;
  if (at === 0 && total > 1) return `Dust with ${name} on all sides and tap off what is loose.`;
  return `Press into the ${name} until no wet spot shows${at === total - 1 ? ', then lay on a tray or rack' : ''}.`;
}

const TSP_ML = 4.93;

/** "7 g, about 1½ tsp": what is used up, in the spoon that a cook reaches for. */
function usedOil({ usedG, ml }: OilAmount): string {
  const tsp = ml / TSP_ML;
  const spoons = tsp < 3 ? `${round(tsp * 2) / 2} tsp` : `${round((tsp / 3) * 2) / 2} tbsp`;
  return tsp < 0.4 ? `${usedG.toFixed(1)} g, a few fine sprays` : `${round(usedG)} g, about ${spoons}`;
}

const oilAt = ({ oil }: Scene, place: OilPlace): OilAmount | undefined =>
  oil.find((o) => o.place === place && o.usedG >= 0.3);

const oilName = ({ plan }: Scene): string => ingredient((plan.oiling ?? PLAIN_OILING).oilId).name.toLowerCase();

function rubStep(scene: Scene): string[] {
  const rub = oilAt(scene, 'rub');
  return rub ? [`Rub all pieces with ${oilName(scene)}: ${usedOil(rub)}.`] : [];
}

function oilStep(scene: Scene): string[] {
  const spray = oilAt(scene, 'spray');
  if (!spray) return [];
  const edges = scene.ready.layers.at(-1)?.grain === 'starch' ? ' until no white shows' : '';
  const brushed = scene.plan.oiling?.tool === 'brush';
  return [
    `On the tray, away from the fryer, ${brushed ? 'dab' : 'spray'} both sides and the edges thinly with ${oilName(scene)}${edges}: ${usedOil(spray)} in all${brushed ? '' : '; about half of a mist lands beside the food'}.`,
  ];
}

function basketOil(scene: Scene): string {
  const basket = oilAt(scene, 'basket');
  return basket
    ? `Oil the cold ${scene.fryer.racks > 1 ? 'racks' : 'basket'}: ${usedOil(basket)} for all batches. `
    : '';
}

function loadStep(scene: Scene): string {
  const { load, fryer, plan } = scene;
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
  return `${basketOil(scene)}${heat}Lay the pieces ${on}, one layer, not touching: ${batches}.${tray}`;
}

function cookStep(scene: Scene): string {
  const { plan, load } = scene;
  const { tempC, minutes: total, turnAtMin, swapEveryMin } = plan.settings;
  const turn =
    turnAtMin === null || turnAtMin >= total ? '' : ` Turn after ${minutes(turnAtMin)} with something thin and flat.`;
  const swap =
    load.racksUsed > 1 && swapEveryMin !== null && swapEveryMin < total
      ? ` Swap the racks every ${minutes(swapEveryMin)}.`
      : '';
  const round180 = plan.settings.basketTurned ? ' Turn the basket round at half time: it browns unevenly.' : '';
  const more = oilAt(scene, 'touch-up');
  const touch = more
    ? `After ${minutes(more.atMin ?? 0)} lift the pieces out onto the tray and touch up what lies up with oil: ${usedOil(more)}.`
    : 'Touch up pale or floury spots with oil, on the tray and not over the hot basket.';
  return `Cook at ${round(tempC)} °C for ${minutes(total)}${load.batches > 1 ? ' each' : ''}.${turn}${round180}${swap} ${touch}`;
}

/** A programme so near is worth starting from, °C and min. */
const NEAR = { c: 15, min: 6 } as const;

/** How the plan is set on this very fryer: the nearest of its programmes, and a timer that ends too soon. */
function settingStep({ plan, fryer }: Scene): string[] {
  const { tempC, minutes: total } = plan.settings;
  const off = (p: Preset): number => Math.abs(p.tempC - tempC) / NEAR.c + Math.abs(p.minutes - total) / NEAR.min;
  const near = [...(fryer.presets ?? [])]
    .filter((p) => Math.abs(p.tempC - tempC) <= NEAR.c && Math.abs(p.minutes - total) <= NEAR.min)
    .sort((a, b) => off(a) - off(b))[0];
  const programme = !near
    ? ''
    : off(near) === 0
      ? `${fryer.name}’s programme “${near.name}” is just that. `
      : `${fryer.name}’s programme “${near.name}” is the nearest (${round(near.tempC)} °C, ${minutes(near.minutes)}): begin with it, and set ${round(tempC)} °C and ${minutes(total)}. `;
  const limit =
    fryer.timeLimitMin !== undefined && total > fryer.timeLimitMin
      ? `Its timer ends after ${minutes(fryer.timeLimitMin)}: set it again for the ${minutes(total - fryer.timeLimitMin)} that are left.`
      : '';
  return programme || limit ? [`${programme}${limit}`.trim()] : [];
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
    ...prepareSteps(scene),
    ...rubStep(scene),
    ...ready.layers.map((layer, at) => coatStep(layer, at, ready.layers.length)),
    ...rest,
    ...oilStep(scene),
    loadStep(scene),
    ...settingStep(scene),
    cookStep(scene),
    ...secondSteps(scene),
    endStep(scene),
  ];
}
