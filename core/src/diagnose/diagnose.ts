import type { Text } from '../units/index.js';
import { causeOf, type CauseKey } from './causes/index.js';
import { changeFor, type DiagnosedChange } from './change.js';
import { COMPLAINED, TOLD_CAUSES } from './constants.js';
import type { Aims } from './aims.js';
import { missedAtLeast, weightOf } from './missed.js';
import { testFor, type PartingTest } from './parting.js';
import { believedSize, keyOf, posteriorOf, putAll, type Posterior, type Priors } from './posterior.js';
import type { Put } from './put.js';
import { rankedCauses } from './ranked.js';
import { observationsOf, type Observation, type Seen } from './seen.js';
import { saidOf, speaksBetween, speaksOf, toldText } from './sentences.js';
import { Simulated } from './simulated.js';

/** One cause, with what speaks for and against it. */
export interface DiagnosedCause {
  cause: CauseKey;
  /** What happened: "The skin was wet under the coat". */
  words: string;
  /** How likely it is, 0–1. */
  share: number;
  /** It is known that this was done otherwise. */
  known: boolean;
  for: Text[];
  against: Text[];
}

/** What went wrong, as far as can be told, and what to do about it. */
export interface Diagnosis {
  /** What was told that is not as it should be, the worst first; nothing where all is well. */
  complaints: Text[];
  /** The likeliest first; none where nothing is amiss. */
  causes: DiagnosedCause[];
  /** How likely it is that it was none that is known here, 0–1. */
  none: number;
  change: DiagnosedChange | null;
  test: PartingTest | null;
}

/** What was told that is not as it should be, the worst first. */
export const complaintsOf = (observations: readonly Observation[], aims: Aims): Observation[] =>
  observations
    .map((observation) => ({ observation, by: missedAtLeast(observation, aims) }))
    .filter(({ by }) => by >= COMPLAINED)
    .sort((a, b) => b.by * weightOf(b.observation.field) - a.by * weightOf(a.observation.field))
    .map(({ observation }) => observation);

/** Whether anybody is asked to look at it while it waits. */
const waitsIn = ({ crunchLater, atMin }: Seen, { happened }: Put): boolean =>
  crunchLater !== undefined || (atMin ?? 0) > happened.minutes;

/**
 * What went wrong in a cook, by what was seen: each cause put into the simulation and compared with all that was told; the
 * likeliest first, with one change, and with the cheapest test where two of them cannot be told apart.
 * @param meant the cook as it was meant
 * @param priors how much likelier than usual each cause is for this cook, by its past
 */
export function diagnose(meant: Put, seen: Seen, priors: Priors = {}): Diagnosis {
  const simulated = new Simulated(meant, waitsIn(seen, meant));
  return diagnosed(posteriorOf(simulated, observationsOf(seen), seen.did, priors));
}

/** The same of what is believed already. */
export function diagnosed(posterior: Posterior): Diagnosis {
  const complaints = complaintsOf(posterior.observations, posterior.aims);
  if (complaints.length === 0) return { complaints: [], causes: [], none: 0, change: null, test: null };
  const ranked = rankedCauses(posterior);
  const told = ranked.filter(({ share }, k) => k === 0 || share >= TOLD_CAUSES.from).slice(0, TOLD_CAUSES.most);
  return {
    complaints: complaints.map(toldText),
    causes: told.map(({ key, share, known }) => ({
      cause: key,
      words: causeOf(key).words,
      share,
      known,
      ...evidenceOf(posterior, key),
    })),
    none: Math.max(0, 1 - ranked.reduce((sum, { share }) => sum + share, 0)),
    change: changeFor(posterior, ranked),
    test: testFor(posterior, ranked),
  };
}

function evidenceOf(posterior: Posterior, key: CauseKey): Pick<DiagnosedCause, 'for' | 'against'> {
  const { simulated, known, asItWent, observations } = posterior;
  const planned = simulated.valuesIn(simulated.asMeant);
  const told = known.find(({ cause }) => cause.key === key);
  if (told) {
    // It is known: what speaks for it is that all of this comes out with it.
    const values = simulated.valuesOf(keyOf(known), putAll(simulated.meant, known));
    return saidOf(speaksBetween(observations, values, planned), values, planned);
  }
  const size = believedSize(posterior, key);
  const nearest = causeOf(key).sizes.reduce((a, b) => (Math.abs(b - size) < Math.abs(a - size) ? b : a));
  const put = causeOf(key).put(asItWent, nearest) ?? asItWent;
  const values = simulated.valuesOf(keyOf([...known, { cause: causeOf(key), size: nearest }]), put);
  return saidOf(speaksOf(posterior, key), values, planned);
}
