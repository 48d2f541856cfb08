import { OUT_OF_COLD, COAT_WAITS_MIN } from './constants/index.js';
import { celsius, counted, text } from '../units/index.js';
import { isSoft } from './crisp.js';
import { servedBy } from '../supper/index.js';
import { mostOutMin, rawWaits } from './schedule/objective.js';
import { coatedRaw } from './tasks/batches.js';
import type { Found } from './schedule/search.js';
import { traysFor } from './tasks/network.js';
import type { EveningAsked, Warning } from './types.js';

/** What there is to know of a plan, the gravest first. */
export function warningsOf(asked: EveningAsked, { network, places, compiled, schedule, table }: Found): Warning[] {
  const { dishes, guests } = asked;
  const found: Warning[] = [];
  for (const { dish, cooked } of network.batches.filter((b) => b.number === 1)) {
    const { unsafe } = cooked;
    if (!unsafe) continue;
    found.push({
      about: 'unsafe',
      dishId: dish.id,
      text: text`${dish.name}: not safe in these minutes. The centre comes to about ${celsius(unsafe.centreC)}, and must reach ${celsius(unsafe.minimumC)}. Cook on until the thermometer says so, or open it and change its plan.`,
    });
  }
  for (const guest of guests) {
    if (dishes.some((d) => servedBy(d, [guest]).length > 0)) continue;
    found.push({
      about: 'guest',
      dishId: null,
      text: text`Nothing here is for ${guest.name}, by its ingredients. Convert one of the dishes within what ${guest.name} eats.`,
    });
  }
  const waits = rawWaits(places, compiled, schedule).map((w, k) => ({ ...w, dish: network.batches[k].dish }));
  const most = mostOutMin(asked.roomC);
  for (const d of dishes) {
    const out = Math.max(0, ...waits.filter((w) => w.dish.id === d.id).map((w) => w.outMin));
    if (coatedRaw(d) && out > most) {
      found.push({
        about: 'cold',
        dishId: d.id,
        text: text`${d.name} would be out of the cold for ${Math.round(out)} minutes before it is cooked: ${most} are the most${asked.roomC >= OUT_OF_COLD.hotC ? ' in a kitchen this hot' : ''}. Put what waits back into the refrigerator.`,
      });
    }
    const stood = Math.max(
      0,
      ...table.filter((b) => b.dishId === d.id && b.how !== 'held').map((b) => b.eatenMin - b.readyMin),
    );
    if (stood > most) {
      found.push({
        about: 'cold',
        dishId: d.id,
        text: text`${d.name} would stand cooked for ${Math.round(stood)} minutes: hot food is kept at ${celsius(OUT_OF_COLD.hotFoodC)} or more, or eaten within ${most}.`,
      });
    }
    const wet = Math.max(0, ...waits.filter((w) => w.dish.id === d.id).map((w) => w.wetMin));
    if (wet > COAT_WAITS_MIN + TOLD_WET_MIN) {
      found.push({
        about: 'coat',
        dishId: d.id,
        text: text`The coat of ${d.name} waits ${Math.round(wet)} minutes on its tray and goes wet. Coat it later, or let another pair of hands coat.`,
      });
    }
    const soft = table.filter((b) => b.dishId === d.id && isSoft(b.crispness, b.ifFresh));
    if (soft.length > 0) {
      const waited = Math.max(...soft.map((b) => b.eatenMin - b.readyMin));
      found.push({
        about: 'soft',
        dishId: d.id,
        text: text`${d.name}: ${soft.length === 1 ? `batch ${soft[0].batch} is` : `${counted(soft.length, 'batch', 'batches')} are`} soft by the time it is eaten, after ${Math.round(waited)} minutes on the rack.`,
      });
    }
  }
  const earliest = [...table].sort((a, b) => a.eatenMin - b.eatenMin)[0];
  const apart = Math.max(...table.map((b) => b.eatenMin)) - earliest.eatenMin;
  if (apart > asked.togetherMin + TOLD_OVER_MIN) {
    const early = dishes.find((d) => d.id === earliest.dishId)!;
    found.push({
      about: 'together',
      dishId: early.id,
      text: text`${early.name} is on the table ${Math.round(apart)} minutes before the last dish: waiting would cost it its crust.`,
    });
  }
  found.push(...vesselWarnings(asked));
  return found;
}

/** A dish that needs more bowls or trays than the kitchen has said that it has. */
function vesselWarnings({ dishes, bowls, trays }: EveningAsked): Warning[] {
  return dishes.flatMap((d): Warning[] => {
    const found: Warning[] = [];
    if (bowls > 0 && d.bowls.length > bowls) {
      found.push({
        about: 'bowls',
        dishId: d.id,
        text: text`${d.name} takes ${d.bowls.length} bowls, and the kitchen page has ${bowls}: take plates or pie dishes for the rest.`,
      });
    }
    const largest = Math.max(0, ...trays.map((t) => t.widthMm * t.depthMm));
    if (largest > 0 && d.groundMm2 > largest * trays.length && traysFor(d, trays) === trays.length) {
      found.push({
        about: 'trays',
        dishId: d.id,
        text: text`The coated pieces of ${d.name} do not all lie on the kitchen’s trays side by side: take a board as well.`,
      });
    }
    return found;
  });
}

/** What is off by less than this is not told of, min. */
const TOLD_OVER_MIN = 1.5;
/** A coat that waits longer than it should by less than this is not told of, min. */
const TOLD_WET_MIN = 5;
