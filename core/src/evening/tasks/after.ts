import { ALLERGENS } from '../../foods/index.js';
import { SOIL_WORDS, soilOf, type Guest } from '../../supper/index.js';
import { WARMED } from '../../advice/index.js';
import { counted, joined, listed, lowered, setTo, text, type Text } from '../../units/index.js';
import { CRISP_AGAIN_MIN, LEAST_HANDLING_MIN } from '../constants/index.js';
import type { Pace } from '../pace.js';
import type { Cooked, EveningDish } from '../types.js';
import { byHand, cookMinutes, forPieces, single, type Block, type Link, type Part } from './block.js';

/** What is done when the pieces are cooked. */

/** All pieces of a dish together in the hot fryer for two minutes. */
export function againBlock(d: EveningDish, cooked: Cooked, pieces: number, pace: Pace, after: readonly Link[]): Block {
  const { fryer, plan } = cooked;
  const loadMin = forPieces(pieces, pace.loadPieceS, LEAST_HANDLING_MIN) / 2;
  const outMin = forPieces(pieces, pace.unloadPieceS, LEAST_HANDLING_MIN) / 2;
  const inFryer = { inFryer: true };
  const parts = [
    {
      ...byHand(
        'load',
        loadMin,
        text`All ${counted(pieces, 'piece')} of ${d.name} back into ${fryer.name}, heaped as they come.`,
        text`The early batches have softened on the rack; two minutes together dry them again.`,
      ),
      ...inFryer,
    },
    {
      ...byHand(
        'second',
        CRISP_AGAIN_MIN,
        text`${fryer.name} at ${setTo(plan.settings.tempC, fryer.stepC)}, ${counted(CRISP_AGAIN_MIN, 'minute')}: all of ${d.name} together.`,
        text`Simulated as a short second cook after the wait.`,
        loadMin,
      ),
      hands: false,
      ...inFryer,
    },
    {
      ...byHand(
        'unload',
        outMin,
        text`Out, and straight on to the table.`,
        text`What is crisped again softens sooner.`,
        loadMin + CRISP_AGAIN_MIN,
      ),
      ...inFryer,
    },
  ];
  const min = loadMin + CRISP_AGAIN_MIN + outMin;
  return {
    ...single(`${d.id}:again`, d, parts[0], after),
    parts,
    min,
    fryer: fryer.name,
    fryerMin: [0, min],
    ...cookMinutes(parts),
  };
}

/** What goes on or over the hot pieces, and in which words. */
function finishWords(d: EveningDish): { said: Text[]; batches: boolean; melts: boolean } {
  const said: Text[] = [];
  let batches = false;
  let melts = false;
  for (const bowl of d.beside) {
    const name = lowered(bowl.name);
    if (bowl.use === 'tossed') {
      said.push(text`Toss each batch lightly in ${name}, off the heat.`);
      batches = true;
    } else if (bowl.use === 'spice-salt') said.push(text`Scatter ${name} over, and toss once.`);
    else if (bowl.use === 'topping') {
      const cheese = bowl.parts.some((p) => /cheese|parmesan|mozzarella|gouda|cheddar/i.test(p.name));
      melts ||= cheese;
      said.push(
        cheese
          ? text`Lay ${name} on, and back into the switched-off fryer until it melts.`
          : text`Scatter ${name} over.`,
      );
    }
  }
  if ((d.cooked.plan.making?.later ?? []).length > 0)
    said.push(text`Scatter what was kept out of the finish over the hot pieces.`);
  if (d.cooked.plan.saltedWhen === 'after-rest') said.push(text`Salt it, now that it has rested.`);
  return { said, batches, melts };
}

/** Sauce, spice salt, topping; nothing where the dish has none. */
export function finishBlocks(
  d: EveningDish,
  { fryer }: Cooked,
  batches: number,
  pace: Pace,
  after: readonly Link[],
): Block[] {
  const { said, batches: perBatch, melts } = finishWords(d);
  if (said.length === 0) return [];
  const min = pace.tossMin * (perBatch ? batches : 1) + (melts ? WARMED.cheeseMin : 0);
  const words = joined(...said.flatMap((s, k) => (k === 0 ? [s] : [' ', s])));
  const reason = melts
    ? 'Cheese in the crumbs burns; here it only melts.'
    : 'Sauce and salt last: a crust waits badly in them.';
  const part = { ...byHand('finish', min, words, text`${reason}`), inFryer: melts };
  const inFryer = melts ? { fryer: fryer.name, fryerMin: [0, min] as const } : {};
  return [single(`${d.id}:finish`, d, part, after, inFryer)];
}

/** Buns in the hot fryer when the dish is out of it. */
export function bunsBlock(d: EveningDish, cooked: Cooked, pace: Pace, after: readonly Link[]): Block {
  const { fryer } = cooked;
  const tempC = Math.min(fryer.maxTempC, WARMED.bunsC);
  const part = {
    ...byHand(
      'warm',
      pace.warmMin,
      text`Warm the buns in ${fryer.name}, ${setTo(tempC, fryer.stepC)}, ${counted(Math.round(pace.warmMin), 'minute')}.`,
      text`The fryer is hot anyway; longer, they dry.`,
    ),
    inFryer: true,
  };
  return single(`${d.id}:buns`, d, part, after, { fryer: fryer.name, fryerMin: [0, pace.warmMin] });
}

export function serveBlock(d: EveningDish, { unsafe: raw }: Cooked, pace: Pace, after: readonly Link[]): Block {
  const dips = d.beside.filter((b) => b.use === 'dip').map((b) => lowered(b.name));
  const beside = dips.length > 0 ? ` with ${listed(dips)} beside` : '';
  const unsafe = raw ? ' Only if the thermometer has said that its centre is safe.' : '';
  return single(
    `${d.id}:serve`,
    d,
    byHand(
      'serve',
      pace.serveMin,
      text`Serve ${d.name}${beside}.${unsafe}`,
      text`Crisp on a rack or on paper; never covered.`,
    ),
    after,
  );
}

/** Hands, board and tongs, right after a raw coat. */
export const washPart = (d: EveningDish, pace: Pace): Part =>
  byHand(
    'wash',
    pace.washHandsMin,
    text`Wash hands, board and tongs: ${SOIL_WORDS[soilOf(d)]} was on them.`,
    text`The next thing that these hands take is cooked, or somebody else’s.`,
  );

/** The bowls of dishes before, for this one. */
export const washBowls = (d: EveningDish, from: readonly EveningDish[], pace: Pace, after: readonly Link[]): Block =>
  single(
    `${d.id}:wash-bowls`,
    d,
    byHand(
      'wash',
      pace.washBowlsMin,
      text`Wash up the bowls of ${listed(from.map((f) => f.name))} for ${d.name}.`,
      text`The kitchen page has no more bowls than these.`,
    ),
    after,
  );

/** Everything that touched another dish, before one for a guest who must not eat of it. */
export function washAll(
  d: EveningDish,
  found: readonly { from: EveningDish; guest: Guest; allergens: readonly (keyof typeof ALLERGENS)[] }[],
  pace: Pace,
  after: readonly Link[],
): Block {
  const what = found.map(({ from, guest, allergens }) => {
    const names = allergens.length > 0 ? listed(allergens.map((a) => ALLERGENS[a].name)) : 'what is not eaten';
    return `${names} of ${from.name} for ${guest.name}`;
  });
  return single(
    `${d.id}:wash-all`,
    d,
    byHand(
      'wash',
      pace.washAllMin,
      text`Wash basket, tray, tongs, brush and hands with soap. Fresh bowls and fresh parchment.`,
      text`${listed(what)}: no heat takes an allergen away.`,
    ),
    after,
  );
}
