import { PLAIN_OILING, touchUpMin } from '../../dish/index.js';
import { joined, text, type Text } from '../../units/index.js';
import { LOOK_S } from '../constants/index.js';
import type { Pace } from '../pace.js';
import type { Batch } from './block.js';

/** The drawer open while a batch cooks. */

const lookMin = (seconds: number): number => Math.min(LOOK_S.most, Math.max(LOOK_S.least, seconds)) / 60;

/** A look, at a minute of the cook. */
export interface Look {
  atMin: number;
  min: number;
  said: Text;
  reason: Text;
}

/** What hands do while a batch cooks, at minutes of its cook: turns, swaps, looks, touch-ups. */
export function looksOf({ plan, load, fryer: { name: fryer } }: Batch['cooked'], pieces: number, pace: Pace): Look[] {
  const { settings, oiling = PLAIN_OILING } = plan;
  const racks = load.racksUsed;
  const { minutes, turnAtMin, swapEveryMin, looks, basketTurned } = settings;
  const found: Look[] = [];
  const touched = oiling.touchUpGm2 > 0;
  const oil = touched ? ' Oil what is white or dry, outside the fryer.' : '';
  if (turnAtMin !== null && turnAtMin > 0 && turnAtMin < minutes) {
    found.push({
      atMin: turnAtMin,
      min: lookMin(pieces * pace.turnPieceS + (touched ? LOOK_S.least : 0)),
      said: text`In ${fryer}: turn them with something thin and flat${basketTurned ? ', and the basket round' : ''}.${oil}`,
      reason: text`The underside gets less air; tongs would tear a coat that is not yet firm.`,
    });
  } else if (touched || basketTurned) {
    found.push({
      atMin: touchUpMin(settings),
      min: lookMin(LOOK_S.least),
      said: text`In ${fryer}: look${basketTurned ? ', and turn the basket round' : ''}.${oil}`,
      reason: text`What stays white at half time stays white.`,
    });
  }
  if (racks > 1 && swapEveryMin !== null) {
    for (let atMin = swapEveryMin; atMin < minutes - 1; atMin += swapEveryMin) {
      found.push({
        atMin,
        min: lookMin(LOOK_S.least),
        said: text`In ${fryer}: swap the upper and the lower rack.`,
        reason: text`The upper one browns first.`,
      });
    }
  }
  for (let k = 1; k <= looks; k++) {
    found.push({
      atMin: (minutes * k) / (looks + 1),
      min: lookMin(LOOK_S.least),
      said: text`${fryer}: open, look, and shut.`,
      reason: text`This plan was simulated with a look here.`,
    });
  }
  return merged(found.sort((a, b) => a.atMin - b.atMin));
}

/** Looks that would overlap are one. */
function merged(looks: readonly Look[]): Look[] {
  return looks.reduce<Look[]>((kept, look) => {
    const last = kept.at(-1);
    if (!last || look.atMin >= last.atMin + last.min) return [...kept, look];
    return [...kept.slice(0, -1), { ...last, said: joined(last.said, ' ', look.said) }];
  }, []);
}
