import { grams, lowered, text, type Text } from '../units/index.js';
import { moreIsBetter } from './compare.js';
import {
  BANDS,
  GRIP,
  PULL,
  RESTED,
  SAUCE_PULL,
  SET_LEVEL,
  SHORTFALL,
  SKIN_HOLD,
  UNDUSTED_HOLD,
  WORTH_TELLING,
  NOTICED,
} from './constants/index.js';
import { reaches } from './likeness.js';
import type { Comparison, OutcomeRule } from './types.js';
import type { Verdict } from './verdict.js';
import {
  because,
  faces,
  facesOf,
  inWords,
  largeIsGood,
  minutesUntil,
  percent,
  valueOf,
  verdict,
  type Judged,
} from './view.js';

const setMinutes = (j: Judged): number | null => minutesUntil(j.series, j.at, 'setFootUp', 'setFootDown', SET_LEVEL);

const inSeconds = (minutes: number): string => {
  if (!Number.isFinite(minutes)) return 'never';
  return minutes < 1.5 ? `after ${Math.round(minutes * 60)} s` : `after ${minutes.toFixed(1)} min`;
};

/** Set times that differ by less are one; one that never comes counts in full. */
const SET_APART = { leastMin: 0.3, fullMin: 5, most: 0.6 } as const;

function setsApart(from: Verdict, to: Verdict): Comparison | null {
  const both = Number.isFinite(from.value) && Number.isFinite(to.value);
  if (both ? Math.abs(to.value - from.value) < SET_APART.leastMin : from.value === to.value) return null;
  return {
    text: text`Sets ${inSeconds(to.value)} instead of ${inSeconds(from.value)}.`,
    better: to.value < from.value,
    weight: both ? Math.min(SET_APART.most, Math.abs(to.value - from.value) / SET_APART.fullMin) : 1,
  };
}

/** Minutes until the coat's foot has set on both faces; Infinity when it has not. */
export const setTime: OutcomeRule = {
  words: 'setting',
  judge(j) {
    const minutes = setMinutes(j);
    if (minutes !== null) return verdict(minutes, 'min', 'good', `set after ${inWords(minutes)}`);
    const coated = j.ready.layers.length > 0;
    const glue = j.ready.layers.some((l) => l.wet);
    return verdict(Infinity, 'min', coated ? 'poor' : 'good', coated ? 'not set' : 'no coat', () =>
      glue
        ? [
            text`The foot of the coat never sets: it stays too cool or dries before it can gel.`,
            text`Cook hotter or longer, or make the coat thinner.`,
          ]
        : [
            text`Nothing in this coat sets: there is no wet layer with egg or starch to gel.`,
            text`Put a binder under the dry layer.`,
          ],
    );
  },
  compare: setsApart,
  weight: {},
};

/** What pulls a coat off, each 0–1, and what the cook can do about it. */
interface Pull {
  share: number;
  text: Text;
  move: Text;
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
      text: text`${grams(steamGm2 * piece.areaM2)} of steam a piece pushes through the coat.`,
      move: text`Dry, salt or pre-cook the food; cook shorter.`,
    },
  ];
  if (unset > 0) {
    pulls.push({
      share: PULL.torn * unset,
      text: text`Turned after ${inWords(j.turnAtMin ?? 0)}, before the coat had set (${percent(1 - unset)} of its foot): the tongs take it along.`,
      move: text`Turn later, with something thin and flat.`,
    });
  }
  const second = j.air?.second;
  if (second?.sauce && second.coolMin < SAUCE_PULL.coolMin) {
    pulls.push({
      share: SAUCE_PULL.share * (1 - second.coolMin / SAUCE_PULL.coolMin),
      text: text`The sauce goes on ${second.coolMin < 0.5 ? 'at once' : `after ${inWords(second.coolMin)}`}: the hot coat is still soft and slides in it.`,
      move: text`Let it rest 3–5 minutes on a rack, then brush or toss lightly.`,
    });
  }
  if (second?.sauce && second.sauceGm2 > SAUCE_PULL.heavyGm2) {
    pulls.push({
      share: SAUCE_PULL.share * Math.min(1, second.sauceGm2 / SAUCE_PULL.heavyGm2 - 1),
      text: text`That much sauce is more than a coat carries.`,
      move: text`Brush a thin coat on, or sauce only half and serve the rest beside it.`,
    });
  }
  return pulls;
}

/** Whether the coat stays on when the piece is lifted, 0–1: what holds it against what pulls. */
export const adhesion: OutcomeRule = {
  words: 'hold',
  judge(j) {
    const { layers, food } = j.ready;
    if (layers.length === 0) return undefined;
    const weakest = layers.reduce((a, b) => (b.grip < a.grip ? b : a));
    const { grip } = weakest;
    const gelled = Math.min(...faces(j, 'setFoot'));
    const glued = layers.some((l) => l.wet) ? gelled : Math.max(GRIP.dustSet, gelled);
    const undusted = layers[0].wet && food.food.skin === 'smooth';
    const rested =
      j.air && !j.ready.coatSet ? RESTED.least + (1 - RESTED.least) * Math.min(1, j.restMin / RESTED.fullMin) : 1;
    const key = undusted && !j.ready.coatSet ? UNDUSTED_HOLD : 1;
    const hold =
      grip ** GRIP.exponent * (PULL.unset + (1 - PULL.unset) * glued) * SKIN_HOLD[food.food.skin] * key * rested;
    const pulls = pullsOn(j);
    const value = Math.min(1, Math.max(0, hold - pulls.reduce((sum, p) => sum + p.share, 0)));
    const band = largeIsGood(value, BANDS.adhesion);
    const word = { good: 'stays on', fair: 'holds if handled gently', poor: 'peels' }[band];
    const said: Verdict = verdict(value, 'share', band, word);
    if (band === 'good') return said;
    const add = (why: Text, move: Text): void => void said.reasons.push(because(band, why, move));
    if (weakest === layers[0] && j.ready.skin === 'wet') {
      add(
        text`The skin of ${lowered(food.name)} is wet: free water under the ${lowered(weakest.name)} keeps it from gripping.`,
        text`Pat it dry on all sides first.`,
      );
    } else if (grip < GRIP.weak) {
      add(
        text`${weakest.name} grips only ${percent(grip)} of what it lies on: nothing wet holds it there.`,
        text`Put a binder under it, or dust a damp skin.`,
      );
    }
    for (const pull of pulls) if (pull.share > WORTH_TELLING) add(pull.text, pull.move);
    if (undusted) {
      add(
        text`The skin of ${lowered(food.name)} is smooth and there is no dust on it to take up its water.`,
        text`Dust it with flour or starch first.`,
      );
    }
    if (said.reasons.length === 0) {
      add(
        text`The glue of the coat is weak: it rested ${inWords(j.restMin)} and ${percent(glued)} of its foot has set.`,
        text`Let the coat rest 5–10 minutes before it is cooked.`,
      );
    }
    return said;
  },
  compare: moreIsBetter({ more: 'Sticks better', less: 'Sticks worse', step: NOTICED.adhesion }),
  weight: {
    likeness: (air, fried) => reaches(air.adhesion?.value ?? 1, fried.adhesion?.value ?? 1),
    shortfall: ({ value }) => SHORTFALL.adhesion * Math.max(0, BANDS.adhesion.good - value),
  },
};
