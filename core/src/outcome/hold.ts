import { PULL, RESTED, SAUCE_PULL, SET_LEVEL, SKIN_HOLD, UNDUSTED_HOLD } from './constants.js';
import type { Outcome } from './types.js';
import {
  because,
  faces,
  facesOf,
  inWords,
  largeIsGood,
  minutesUntil,
  outcomeOf,
  percent,
  valueOf,
  type Judged,
} from './view.js';

const setMinutes = (j: Judged): number | null => minutesUntil(j.series, j.at, 'setFootUp', 'setFootDown', SET_LEVEL);

/** Minutes until the coat's foot has set on both faces; Infinity when it has not. */
export function setTime(j: Judged): Outcome {
  const minutes = setMinutes(j);
  if (minutes !== null) return outcomeOf('setTime', minutes, 'min', 'good', `set after ${inWords(minutes)}`);
  const coated = j.ready.layers.length > 0;
  const glue = j.ready.layers.some((l) => l.wet);
  return outcomeOf('setTime', Infinity, 'min', coated ? 'poor' : 'good', coated ? 'not set' : 'no coat', () =>
    glue
      ? [
          'The foot of the coat never sets: it stays too cool or dries before it can gel.',
          'Cook hotter or longer, or make the coat thinner.',
        ]
      : [
          'Nothing in this coat sets: there is no wet layer with egg or starch to gel.',
          'Put a binder under the dry layer.',
        ],
  );
}

/** What pulls a coat off, each 0–1, and what the cook can do about it. */
interface Pull {
  share: number;
  text: string;
  move: string;
}

/** Share of the coat's foot that had not set when the piece was turned, on the face that was slower. */
function unsetAtTurn(j: Judged): number {
  if (!j.air || j.turnAtMin === null) return 0;
  const at = Math.min(j.at, Math.round((j.turnAtMin * 60) / j.series.sampleS));
  return 1 - Math.min(...facesOf(j.series, at, 'setFoot'));
}

function pullsOn(j: Judged): Pull[] {
  const { food, piece } = j.ready;
  const waterGm2 = (piece.massG * food.per100g.waterG) / 100 / piece.areaM2;
  const steamGm2 = valueOf(j, 'foodWaterLost') * waterGm2;
  const unset = unsetAtTurn(j);
  const pulls: Pull[] = [
    {
      share: Math.min(PULL.most, steamGm2 / PULL.steamGm2),
      text: `${Math.round(steamGm2)} g of steam per m² pushes through the coat.`,
      move: 'Dry, salt or pre-cook the food; cook shorter.',
    },
  ];
  if (unset > 0) {
    pulls.push({
      share: PULL.torn * unset,
      text: `Turned after ${inWords(j.turnAtMin ?? 0)}, before the coat had set (${percent(1 - unset)} of its foot): the tongs take it along.`,
      move: 'Turn later, with something thin and flat.',
    });
  }
  const second = j.air?.second;
  if (second?.sauce && second.coolMin < SAUCE_PULL.coolMin) {
    pulls.push({
      share: SAUCE_PULL.share * (1 - second.coolMin / SAUCE_PULL.coolMin),
      text: `The sauce goes on ${second.coolMin < 0.5 ? 'at once' : `after ${inWords(second.coolMin)}`}: the hot coat is still soft and slides in it.`,
      move: 'Let it rest 3–5 minutes on a rack, then brush or toss lightly.',
    });
  }
  if (second?.sauce && second.sauceGm2 > SAUCE_PULL.heavyGm2) {
    pulls.push({
      share: SAUCE_PULL.share * Math.min(1, second.sauceGm2 / SAUCE_PULL.heavyGm2 - 1),
      text: `${Math.round(second.sauceGm2)} g of sauce per m² is more than a coat carries.`,
      move: 'Brush a thin coat on, or sauce only half and serve the rest beside it.',
    });
  }
  return pulls;
}

/** Pulls below this are not told. */
const WORTH_TELLING = 0.12;

/** Whether the coat stays on when the piece is lifted, 0–1: what holds it against what pulls. */
export function adhesion(j: Judged): Outcome | undefined {
  const { layers, food } = j.ready;
  if (layers.length === 0) return undefined;
  const weakest = layers.reduce((a, b) => (b.grip < a.grip ? b : a));
  const { grip } = weakest;
  const gelled = Math.min(...faces(j, 'setFoot'));
  const glued = layers.some((l) => l.wet) ? gelled : Math.max(0.5, gelled);
  const undusted = layers[0].wet && food.food.skin === 'smooth';
  const rested = j.air ? RESTED.least + (1 - RESTED.least) * Math.min(1, j.restMin / RESTED.fullMin) : 1;
  const key = undusted ? UNDUSTED_HOLD : 1;
  const hold = grip ** 0.7 * (PULL.unset + (1 - PULL.unset) * glued) * SKIN_HOLD[food.food.skin] * key * rested;
  const pulls = pullsOn(j);
  const value = Math.min(1, Math.max(0, hold - pulls.reduce((sum, p) => sum + p.share, 0)));
  const band = largeIsGood(value, { good: 0.65, fair: 0.45 });
  const word = { good: 'stays on', fair: 'holds if handled gently', poor: 'peels' }[band];
  const outcome = outcomeOf('adhesion', value, 'share', band, word);
  if (band === 'good') return outcome;
  const add = (text: string, move: string): void => void outcome.reasons.push(because('adhesion', band, text, move));
  if (weakest === layers[0] && j.ready.skin === 'wet') {
    add(
      `The skin of ${food.name.toLowerCase()} is wet: free water under the ${weakest.name.toLowerCase()} keeps it from gripping.`,
      'Pat it dry on all sides first.',
    );
  } else if (grip < 0.7) {
    add(
      `${weakest.name} grips only ${percent(grip)} of what it lies on: nothing wet holds it there.`,
      'Put a binder under it, or dust a damp skin.',
    );
  }
  for (const { share, text, move } of pulls) if (share > WORTH_TELLING) add(text, move);
  if (undusted) {
    add(
      `The skin of ${food.name.toLowerCase()} is smooth and there is no dust on it to take up its water.`,
      'Dust it with flour or starch first.',
    );
  }
  if (outcome.reasons.length === 0) {
    add(
      `The glue of the coat is weak: it rested ${inWords(j.restMin)} and ${percent(glued)} of its foot has set.`,
      'Let the coat rest 5–10 minutes before it is cooked.',
    );
  }
  return outcome;
}
