import { cutTold, soldAs } from '../cut/index.js';
import { PLAIN_OILING, type Afterwards, type AirPlan, type Dish, type Fryer, type Preset } from '../dish/index.js';
import { foodOf, ingredient, totalGrams, type Food } from '../foods/index.js';
import type { OilAmount, OilPlace } from '../oil/index.js';
import { wayMinutes, wayOf, wayWords } from '../prep/index.js';
import { safeMinimum } from '../safety/index.js';
import {
  celsius,
  counted,
  grams,
  joined,
  listed,
  lowered,
  mass,
  mlAsSpoons,
  mlToVolume,
  spoken,
  text,
  type Text,
} from '../units/index.js';
import { finishingSteps, marinadeSteps, sauceSteps } from './besideSteps.js';
import { alsoCentre, alsoStep } from './alsoSteps.js';
import { coatSteps, mixSteps } from './coatSteps.js';
import { leftoverStep } from './leftovers.js';
import { minutes, round, setting, type Told } from './told.js';

/** How the skin comes to be as it is when the coat goes on; a frozen piece is dusted as it comes out. */
function driedTo({ skin, preparation }: Dish): string {
  if (preparation === 'frozen') {
    return skin === 'wet'
      ? 'Knock off loose ice and coat it at once, before it thaws'
      : 'Wipe off the frost with a cloth and coat it at once, before it thaws';
  }
  return {
    wet: 'Drain it and pat off what runs',
    damp: 'Pat it so that it is just damp',
    dry: 'Its surface is dry when the coat goes on',
  }[skin];
}

/** "30 pieces of courgette, rounds. Ends off, then even slices": by the cut that was chosen, where one was. */
function cutUp({ bought, count }: Dish, food: Food, flat: string): string {
  const name = spoken(food.name);
  const chosen = bought && soldAs(food).cuts.find((c) => c.id === bought.cut);
  if (!chosen) return `Cut the ${name} into ${counted(count, 'even piece')}${flat}.`;
  return `Prepare ${counted(count, 'piece')} of ${name}${cutTold(food, chosen.id)}${flat}. ${chosen.how}`;
}

function prepareStep({ pantry, dish, plan, ready }: Told): Text {
  const flat = plan.making?.halved ? ', each cut flat through the middle' : '';
  const cut = cutUp(dish, ready.food, flat);
  if (dish.readyCoated)
    return text`Take ${counted(dish.count, 'piece')} of the frozen ${lowered(ready.food.name)} out of the packet; do not let them thaw.`;
  if (dish.preparation === 'raw') return text`${cut} ${driedTo(dish)}.`;
  const food = foodOf(pantry, dish.foodId);
  const { label, does } = wayWords(dish.preparation, food);
  const spent = wayOf(dish.preparation).minutes;
  const took = wayMinutes(food, dish.shape, dish.preparation, dish.prepMin ?? null);
  const time = spent ? `, ${counted(took < 10 ? round(took * 2) / 2 : round(took), 'minute')} ${spent.where}` : '';
  return text`${cut} ${label}${time}: ${lowered(does)} ${driedTo(dish)}.`;
}

/** A mist of less than so many teaspoons is told in sprays. */
const FEW_SPRAYS_TSP = 0.4;
/** Less oil than this is not told, g. */
const LEAST_OIL_G = 0.3;

/** "7 g, about 1½ tsp": what is used up, in the spoon that a cook reaches for. */
function usedOil({ usedG, ml }: OilAmount): Text {
  const tsp = mlToVolume(ml, 'tsp');
  if (tsp < FEW_SPRAYS_TSP) return text`${grams(usedG)}, a few fine sprays`;
  return text`${mass(round(usedG))}, about ${mlAsSpoons(ml)}`;
}

const oilAt = ({ oil }: Told, place: OilPlace): OilAmount | undefined =>
  oil.find((o) => o.place === place && o.usedG >= LEAST_OIL_G);

const oilName = ({ pantry, plan }: Told): string =>
  lowered(ingredient(pantry, (plan.oiling ?? PLAIN_OILING).oilId).name);

function rubStep(told: Told): Text[] {
  const rub = oilAt(told, 'rub');
  return rub ? [text`Rub all pieces with ${oilName(told)}: ${usedOil(rub)}.`] : [];
}

function oilStep(told: Told): Text[] {
  const spray = oilAt(told, 'spray');
  if (!spray) return [];
  const edges = told.ready.layers.at(-1)?.grain === 'starch' ? ' until no white shows' : '';
  const brushed = told.plan.oiling?.tool === 'brush';
  return [
    text`On the tray, away from the fryer, ${brushed ? 'dab' : 'spray'} both sides and the edges thinly with ${oilName(told)}${edges}: ${usedOil(spray)} in all${brushed ? '' : '; about half of a mist lands beside the food'}.`,
  ];
}

function basketOil(told: Told): Text {
  const basket = oilAt(told, 'basket');
  return basket
    ? text`Oil the cold ${told.fryer.racks > 1 ? 'racks' : 'basket'}: ${usedOil(basket)} for all batches. `
    : [];
}

function loadStep(told: Told): Text {
  const { load, fryer, plan } = told;
  const on =
    plan.settings.under === 'parchment'
      ? 'on parchment cut to the food'
      : fryer.racks > 1
        ? `on ${fryer.racks} racks`
        : 'in the basket';
  const tray = plan.settings.waterTray ? ' Beside them a little tray of boiling water.' : '';
  const { preheated, preheatC, tempC } = plan.settings;
  const heat = preheated ? text`Preheat ${fryer.name} to ${setting(preheatC ?? tempC, fryer)}. ` : [];
  const batches =
    load.batches === 1 ? 'all at once' : `${counted(load.batches, 'batch', 'batches')} of up to ${load.piecesPerBatch}`;
  return text`${basketOil(told)}${heat}Lay the pieces ${on}, one layer, not touching: ${batches}.${tray}`;
}

function cookStep(told: Told): Text {
  const { plan, load, fryer } = told;
  const { tempC, minutes: total, turnAtMin, swapEveryMin } = plan.settings;
  const turn =
    turnAtMin === null || turnAtMin >= total ? '' : ` Turn after ${minutes(turnAtMin)} with something thin and flat.`;
  const swap =
    load.racksUsed > 1 && swapEveryMin !== null && swapEveryMin < total
      ? ` Swap the racks every ${minutes(swapEveryMin)}.`
      : '';
  const round180 = plan.settings.basketTurned ? ' Turn the basket round at half time: it browns unevenly.' : '';
  const more = oilAt(told, 'touch-up');
  const touch = more
    ? text`After ${minutes(more.atMin ?? 0)} lift the pieces out onto the tray and touch up what lies up with oil: ${usedOil(more)}.`
    : text`Touch up pale or floury spots with oil, on the tray and not over the hot basket.`;
  const down =
    plan.settings.preheated && (plan.settings.preheatC ?? tempC) > tempC
      ? 'Set it down at once when they are in. '
      : '';
  return text`${down}Cook at ${setting(tempC, fryer)} for ${minutes(total)}${load.batches > 1 ? ' each' : ''}.${turn}${round180}${swap} ${touch}`;
}

/** A programme so near is worth starting from, °C and min. */
const NEAR = { c: 15, min: 6 } as const;

/** The nearest of the fryer's own programmes that is worth starting from, and how far off it is. */
function nearestPreset({ settings }: AirPlan, { presets = [] }: Fryer): { preset: Preset; off: number } | undefined {
  const [c, min] = [
    (p: Preset): number => Math.abs(p.tempC - settings.tempC),
    (p: Preset): number => Math.abs(p.minutes - settings.minutes),
  ];
  return presets
    .filter((p) => c(p) <= NEAR.c && min(p) <= NEAR.min)
    .map((preset) => ({ preset, off: c(preset) / NEAR.c + min(preset) / NEAR.min }))
    .sort((a, b) => a.off - b.off)[0];
}

/** How the plan is set on this very fryer: the nearest of its programmes, and a timer that ends too soon. */
function settingStep({ plan, fryer }: Told): Text[] {
  const { tempC, minutes: total } = plan.settings;
  const near = nearestPreset(plan, fryer);
  const parts: Text[] = [];
  if (near?.off === 0) parts.push(text`${fryer.name}’s programme “${near.preset.name}” is just that.`);
  else if (near) {
    parts.push(
      text`${fryer.name}’s programme “${near.preset.name}” is the nearest (${setting(near.preset.tempC, fryer)}, ${minutes(near.preset.minutes)}): begin with it, and set ${setting(tempC, fryer)} and ${minutes(total)}.`,
    );
  }
  if (fryer.timeLimitMin !== undefined && total > fryer.timeLimitMin) {
    parts.push(
      text`Its timer ends after ${minutes(fryer.timeLimitMin)}: set it again for the ${minutes(total - fryer.timeLimitMin)} that are left.`,
    );
  }
  return parts.length > 0 ? [joined(...parts.flatMap((part, i) => (i === 0 ? [part] : [' ', part])))] : [];
}

/** A second cook so short only warms the sauce: the pieces are tossed in it. */
const TOSSED_UP_TO_MIN = 3;

function secondSteps({ plan, ready, fryer }: Told): Text[] {
  const { second } = plan;
  if (!second) return [];
  if (!ready.sauce && second.coolMin === 0) {
    return [
      text`Then set it to ${setting(second.tempC, fryer)} without opening it, and cook ${minutes(second.minutes)} more.`,
    ];
  }
  const cool =
    second.coolMin > 0 ? `Let it cool ${minutes(second.coolMin)} on a rack and part what has stuck together. ` : '';
  const how = second.minutes < TOSSED_UP_TO_MIN ? 'Toss it lightly in' : 'Brush it thinly with';
  const sauce = ready.sauce ? `${how} ${lowered(ready.sauce.name)}. ` : '';
  return [text`${cool}${sauce}Cook ${minutes(second.minutes)} more at ${setting(second.tempC, fryer)}.`];
}

/** What the centre must come to, and, where these minutes do not bring it there, that they do not. */
function centreStep({ ready, unsafe }: Told): Text[] {
  const minimum = safeMinimum(ready.food.food.safety);
  if (!minimum) return [];
  const rest = minimum.restMin ? `, then ${counted(minimum.restMin, 'minute')} of rest` : '';
  const check = text`Check the centre of the thickest piece: ${celsius(minimum.tempC)} or more${rest}.`;
  return [
    ...(unsafe
      ? [
          text`Not safe in these minutes: the centre comes to about ${celsius(unsafe.centreC)} only. Cook on until the thermometer says ${celsius(minimum.tempC)}, or cut it thinner.`,
        ]
      : []),
    check,
  ];
}

/** When it is salted, and how it waits until it is eaten. */
function endStep({ saltedWhen = 'at-once', afterwards = 'rack' }: AirPlan): string {
  const salt = {
    'at-once': 'Salt it the moment it comes out, while it still holds salt.',
    'after-rest': 'Salt it after the rest: less of it sticks, and it is tasted first.',
    'in-bowls': 'No salt is scattered: what is in the bowls has to do.',
  }[saltedWhen];
  const rest = {
    rack: 'Rest 3–5 minutes on a rack, and serve.',
    'at-once': 'Serve at once; the centre burns the tongue.',
    held: 'Leave it in the switched-off fryer, a hand open, until all is done; then serve.',
  }[afterwards];
  return saltedWhen === 'after-rest' && afterwards === 'rack'
    ? `Rest 3–5 minutes on a rack. ${salt} Serve.`
    : `${salt} ${rest}`;
}

const SAUCED: Record<Afterwards, string> = {
  rack: 'Rest it 3–5 minutes on a rack, so that the sauce sets; taste before you salt, and serve.',
  'at-once': 'Taste before you salt, and serve at once; the sauce burns the tongue.',
  held: 'Leave it in the switched-off fryer, a hand open, until all is done; taste before you salt, and serve.',
};

/** What was kept out of the finish goes on hot, as much as would have been in it. */
function laterStep({ plan, pantry, ready, dish }: Told): Text[] {
  const later = plan.making?.later ?? [];
  const finish = plan.layers.at(-1);
  const laid = ready.layers.at(-1);
  if (later.length === 0 || !finish || !laid) return [];
  const names = listed(later.map((p) => spoken(ingredient(pantry, p.ingredientId).name)));
  const share = totalGrams(later) / totalGrams(finish.portions);
  const all = share * laid.pickUpGm2 * ready.piece.areaM2 * dish.count;
  return [
    text`Scatter ${mass(round(all))} of ${names} over the pieces while they are hot, and let it melt for a minute.`,
  ];
}

/** What seasons the pieces when they are done: they are tasted before they are salted. */
const isSalty = ({ use }: Told['beside'][number]): boolean => ['tossed', 'brushed', 'spice-salt'].includes(use);

/** The steps of a plan in the order of the work. */
export function stepsFor(told: Told): Text[] {
  const { ready, plan } = told;
  const frozen = plan.making?.frozen
    ? [
        text`Freeze the coated pieces hard on a tray, two hours at least, and put them into the fryer frozen: the coat sets before the inside melts.`,
      ]
    : [];
  const rest =
    plan.restMin > 0 ? [text`Let the coat rest ${minutes(plan.restMin)}, so that it takes up water and holds.`] : [];
  const { beside } = told;
  return [
    prepareStep(told),
    ...alsoStep(told),
    ...marinadeSteps(beside, told),
    ...rubStep(told),
    ...sauceSteps(beside, 'ahead'),
    ...mixSteps(told),
    ...coatSteps(told),
    ...rest,
    ...frozen,
    ...oilStep(told),
    loadStep(told),
    ...settingStep(told),
    cookStep(told),
    ...sauceSteps(beside, 'while-it-cooks'),
    ...secondSteps(told),
    ...alsoCentre(told),
    ...centreStep(told),
    ...laterStep(told),
    ...finishingSteps(beside, told),
    text`${ready.sauce || beside.some(isSalty) ? SAUCED[plan.afterwards ?? 'rack'] : endStep(plan)}`,
    ...leftoverStep(told),
  ];
}
