import { PLAIN_STATION, type Station } from '../../coat/index.js';
import { counted, lowered, text } from '../../units/index.js';
import { isRawFlesh } from '../../supper/index.js';
import { COAT_BY, COAT_SHARE } from '../constants/index.js';
import type { Pace } from '../pace.js';
import type { EveningDish } from '../types.js';
import { washPart } from './after.js';
import { byHand, followedBy, forPieces, single, type Batch, type Block, type Link } from './block.js';

/** How long a piece takes through so many bowls, against three of them by hand. */
export const coatShare = (bowls: number, { handling }: Station): number =>
  (COAT_SHARE.first + COAT_SHARE.more * (Math.max(1, bowls) - 1)) * COAT_BY[handling];

/** Seconds that one piece takes through all bowls, by their number and what goes into them. */
export const coatSeconds = (d: EveningDish, pace: Pace): number =>
  pace.coatPieceS * coatShare(d.layers.length, d.cooked.plan.station ?? PLAIN_STATION);

const HOW = {
  hands: 'one hand dry, one wet',
  fork: 'with a fork',
  shaker: 'in the box',
  tossed: 'all at once, tossed',
};

/** Coating the pieces of one batch, and the rest that follows by itself. */
export function coatBlocks(batch: Batch, pace: Pace, after: readonly Link[], trays: number): Block[] {
  const { dish: d, number, of, pieces } = batch;
  if (d.dish.readyCoated || d.layers.length === 0) return [];
  const { handling } = d.cooked.plan.station ?? PLAIN_STATION;
  const row = d.layers.map((l) => lowered(l.name)).join(', ');
  const which = of > 1 ? ` for batch ${number}` : '';
  const seconds = coatSeconds(d, pace);
  const part = byHand(
    'coat',
    forPieces(pieces, seconds, 0.5),
    text`Coat ${counted(pieces, 'piece')}${which}, ${HOW[handling]}: ${row}. Onto the tray, not touching.`,
    text`About ${Math.round(seconds)} s a piece through ${counted(d.layers.length, 'layer')}${isRawFlesh(d) ? '; what touched it is thrown away' : ''}.`,
  );
  const { restMin } = batch.cooked.plan;
  const wait =
    restMin > 0
      ? {
          kind: 'rest' as const,
          text: text`Let the coat rest ${counted(Math.round(restMin), 'minute')}.`,
          reason: text`It takes up water and sets, and stays on when it is turned.`,
          min: restMin,
          place: null,
        }
      : null;
  const coat = single(`${d.id}:coat:${number}`, d, part, after, { batch: number, wait, trays, stretches: true });
  return [isRawFlesh(d) ? followedBy(coat, washPart(d, pace)) : coat];
}
