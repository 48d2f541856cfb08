import { PLAIN_OILING, type AirPlan, type Fryer } from '../../dish/index.js';
import { ingredient, type Pantry } from '../../foods/index.js';
import { surfaceOilGm2 } from '../../oil/index.js';
import { safeMinimum } from '../../safety/index.js';
import { capitalised, celsius, counted, lowered, setTo, spoken, text, type Text } from '../../units/index.js';
import { LEAST_HANDLING_MIN } from '../constants/index.js';
import type { Pace } from '../pace.js';
import { looksOf } from './looks.js';
import { byHand, cookMinutes, forPieces, type Batch, type Block, type Link, type Part } from './block.js';

const minutesTold = (min: number): string => counted(Math.round(min), 'minute');
const setting = (tempC: number, { stepC }: Fryer): Text => text`${setTo(tempC, stepC)}`;

/** Brushed at the end where the simulation has no second cook: 5 minutes more. Common practice, no source. */
const BRUSHED_MORE_MIN = 5;

/** How a batch is cooked after its first cook: cooled, sauced, cooked on; null where it is not. */
export interface SecondRound {
  sauce: string | null;
  coolMin: number;
  tempC: number;
  minutes: number;
}

/** The second cook of a plan, or of a sauce that is brushed on beside it. */
export function secondRoundOf({ dish, cooked }: Pick<Batch, 'dish' | 'cooked'>): SecondRound | null {
  const { second, settings } = cooked.plan;
  if (second) {
    const sauce = second.sauce ? (dish.beside.find((b) => b.use === 'brushed')?.name ?? 'the sauce') : null;
    return { sauce, coolMin: second.coolMin, tempC: second.tempC, minutes: second.minutes };
  }
  const brushed = dish.beside.find((b) => b.use === 'brushed');
  return brushed ? { sauce: brushed.name, coolMin: 0, tempC: settings.tempC, minutes: BRUSHED_MORE_MIN } : null;
}

/** Lays parts one after the other along the block's clock. */
class Along {
  readonly parts: Part[] = [];
  constructor(public at: number) {}

  hand(kind: Part['kind'], min: number, said: Text, reason: Text, inFryer: boolean): this {
    this.parts.push({ ...byHand(kind, min, said, reason, this.at), inFryer });
    this.at += min;
    return this;
  }

  /** By itself in the fryer. */
  alone(kind: Part['kind'], min: number, said: Text, reason: Text): this {
    this.parts.push({ ...byHand(kind, min, said, reason, this.at), hands: false, inFryer: true });
    this.at += min;
    return this;
  }
}

/** The centre is read where something has to be reached. */
function checkPart(batch: Batch): { said: Text; reason: Text } | null {
  const { food } = batch.dish.food;
  const minimum = safeMinimum(food.safety);
  const { unsafe } = batch.cooked;
  if (minimum) {
    const rest = minimum.restMin > 0 ? `, then ${counted(minimum.restMin, 'minute')} of rest` : '';
    const warn = unsafe
      ? text` Not safe in these minutes: about ${celsius(unsafe.centreC)} only. Cook on until the thermometer says so.`
      : text``;
    return {
      said: text`Check the centre of the thickest piece: ${celsius(minimum.tempC)} or more${rest}.${warn}`,
      reason: text`Safe minimum. ${minimum.source}`,
    };
  }
  return null;
}

const salted = ({ plan }: Batch['cooked'], last: boolean): string =>
  last && (plan.saltedWhen ?? 'at-once') === 'at-once' ? ' Salt them while they are hot.' : '';

/** Where the pieces go when they come out. */
const restWords = (plan: AirPlan): string =>
  plan.afterwards === 'at-once' ? 'straight to the plate' : 'onto a rack, not a plate';

/**
 * One batch: oiled, loaded, cooked, looked at, checked, out; sauced and cooked on where `round` says so. Where its plan
 * preheats, it knows itself heated, too.
 */
export function batchBlock(
  pantry: Pantry,
  batch: Batch,
  pace: Pace,
  after: readonly Link[],
  round: SecondRound | null,
): Block {
  const block = batchFrom(pantry, batch, pace, after, { preheat: false, round });
  const { preheated } = batch.cooked.plan.settings;
  return preheated ? { ...block, heated: batchFrom(pantry, batch, pace, after, { preheat: true, round }) } : block;
}

function batchFrom(
  pantry: Pantry,
  batch: Batch,
  pace: Pace,
  after: readonly Link[],
  { preheat, round }: { preheat: boolean; round: SecondRound | null },
): Block {
  const { dish: d, number, pieces, cooked } = batch;
  const { plan, fryer, load } = cooked;
  const { settings } = plan;
  const oil = surfaceOilGm2(plan) > 0 && plan.oilGm2 > 0 && !plan.making?.frozen;
  const oilMin = oil ? forPieces(pieces, pace.oilPieceS, 0.5) : 0;
  const preheatMin = preheat ? pace.preheatMin : 0;
  const before = Math.max(oilMin, preheatMin);
  const which = whichOf(batch);
  const along = new Along(before - oilMin);
  if (oil) {
    const name = spoken(ingredient(pantry, (plan.oiling ?? PLAIN_OILING).oilId).name);
    along.hand(
      'oil',
      oilMin,
      text`Oil ${counted(pieces, 'piece')} with ${name}, both sides and the edges, on the tray and away from the fryer.`,
      text`Dry crumbs stay pale: fat carries the heat. An oil mist over a hot basket burns.`,
      false,
    );
  }
  along.hand(
    'load',
    forPieces(pieces, pace.loadPieceS, LEAST_HANDLING_MIN),
    text`Load ${which} into ${fryer.name}: ${counted(pieces, 'piece')}, one layer, not touching${load.racksUsed > 1 ? `, on ${counted(load.racksUsed, 'rack')}` : ''}.`,
    text`Crowded pieces steam each other; ${load.piecesPerBatch} lie side by side here.`,
    true,
  );
  const begins = along.at;
  along.alone(
    'cook',
    settings.minutes,
    text`${fryer.name} at ${setting(settings.tempC, fryer)}, ${minutesTold(settings.minutes)}: ${d.name}, ${which}.${cooked.unsafe ? ' Not safe in these minutes: the thermometer decides.' : ''}`,
    text`What the simulation came to in ${fryer.name} for this coat and this size.`,
  );
  const looks = looksOf(cooked, pieces, pace).map((look): Part => ({
    ...byHand('look', look.min, look.said, look.reason, begins + look.atMin),
    inFryer: true,
  }));
  // Two temperatures in one cook: nothing comes out between them.
  if (round && !round.sauce && round.coolMin === 0) cookOn(along, round, fryer);
  else if (round) {
    takeOut(along, batch, pace, false);
    secondRound(along, batch, round, pace);
  }
  const check = checkPart(batch);
  if (check) along.hand('check', pace.checkMin, check.said, check.reason, true);
  takeOut(along, batch, pace, true);
  const preheated: Part[] = preheat
    ? [
        {
          ...byHand(
            'preheat',
            preheatMin,
            text`Preheat ${fryer.name} to ${setting(settings.preheatC ?? settings.tempC, fryer)}, empty.`,
            text`A hot basket sets the coat before it can run. No parchment in it yet.`,
            before - preheatMin,
          ),
          hands: false,
          inFryer: true,
        },
      ]
    : [];
  const parts = [...preheated, ...along.parts, ...looks].sort((a, b) => a.atMin - b.atMin);
  return {
    id: `${d.id}:batch:${number}`,
    dishId: d.id,
    batch: number,
    parts,
    min: along.at,
    fryer: fryer.name,
    fryerMin: [before - preheatMin, along.at],
    ...cookMinutes(parts),
    after: [...after],
    heated: null,
    wait: null,
    group: `${d.id}:batch:${number}`,
    stretches: false,
    dull: false,
    bowls: 0,
    trays: 0,
  };
}

const whichOf = ({ number, of }: Pick<Batch, 'number' | 'of'>): string =>
  of > 1 ? `batch ${number} of ${of}` : 'all of it';

function takeOut(along: Along, batch: Batch, pace: Pace, last: boolean): void {
  const { cooked, pieces } = batch;
  along.hand(
    'unload',
    forPieces(pieces, pace.unloadPieceS, LEAST_HANDLING_MIN),
    text`${capitalised(whichOf(batch))} out of ${cooked.fryer.name}, ${restWords(cooked.plan)}.${salted(cooked, last)}`,
    text`On a plate the underside softens in its own steam.`,
    true,
  );
}

function cookOn(along: Along, round: SecondRound, fryer: Fryer): void {
  along.alone(
    'second',
    round.minutes,
    text`Set ${fryer.name} to ${setting(round.tempC, fryer)} without opening it, ${minutesTold(round.minutes)} more.`,
    text`Two temperatures in one cook, as the plan has it.`,
  );
}

/** Cooled, brushed or tossed, back in, cooked on. */
function secondRound(along: Along, { pieces, cooked }: Batch, round: SecondRound, pace: Pace): void {
  const { fryer } = cooked;
  along.at += round.coolMin;
  if (round.sauce) {
    along.hand(
      'sauce',
      forPieces(pieces, pace.brushPieceS, 0.5),
      text`Brush ${counted(pieces, 'piece')} thinly with ${lowered(round.sauce)}${round.coolMin > 0 ? ', cooled and parted' : ''}.`,
      text`Poured hot and stirred, the coat slides off.`,
      false,
    );
  }
  along.hand(
    'load',
    forPieces(pieces, pace.loadPieceS, LEAST_HANDLING_MIN),
    text`Back into ${fryer.name}, not touching.`,
    text`The sauce sets on them, not between them.`,
    true,
  );
  along.alone(
    'second',
    round.minutes,
    text`${fryer.name} at ${setting(round.tempC, fryer)}, ${minutesTold(round.minutes)} more.`,
    text`The sauce dries and clings; sugar browns early, so look.`,
  );
}

/** The sauced round by itself, after all batches have had their first cook. */
export function roundBlock(batch: Batch, round: SecondRound, pace: Pace, after: readonly Link[]): Block {
  const { dish: d, number, cooked } = batch;
  const along = new Along(0);
  secondRound(along, batch, { ...round, coolMin: 0 }, pace);
  const brushMin = along.parts.find((p) => p.kind === 'sauce')?.min ?? 0;
  takeOut(along, batch, pace, true);
  return {
    id: `${d.id}:round:${number}`,
    dishId: d.id,
    batch: number,
    parts: along.parts,
    min: along.at,
    fryer: cooked.fryer.name,
    fryerMin: [brushMin, along.at],
    ...cookMinutes(along.parts),
    after: [...after],
    heated: null,
    wait: null,
    group: `${d.id}:round:${number}`,
    stretches: false,
    dull: false,
    bowls: 0,
    trays: 0,
  };
}
