import { PACES, type Pace, type PaceId } from '@yellowmist/core';
import { useLearningQuery } from '../../state/api';
import { NumberField } from '../../ui/NumberField';
import * as texts from './texts';

interface Props {
  paces: Partial<Pace>;
  onChange: (paces: Partial<Pace>) => void;
}

/** How long the work takes in this kitchen: what every evening is planned with. */
export function Paces({ paces, onChange }: Props) {
  const changed = PACES.filter(({ id, value }) => paces[id] !== undefined && paces[id] !== value).length;
  const set = (id: PaceId, value: number): void => onChange({ ...paces, [id]: value });
  const { data: learning } = useLearningQuery();
  const timed = learning?.on && learning.hands.timed > 0 ? learning.hands : null;
  return (
    <section aria-label={texts.howLongWorkTakes} className="mt-6 border-t border-base-300 pt-3">
      <details>
        <summary className="min-h-11 cursor-pointer font-display text-xl font-semibold">
          {texts.howLongWorkTakes}
          {changed > 0 && texts.changed(changed)}
        </summary>
        <p className="max-w-3xl text-sm">{texts.eveningsArePlannedWith}</p>
        {timed && paces.coatPieceS === undefined && (
          <p className="max-w-3xl text-sm">{texts.byTapsOfCounter(Math.round(timed.coatPieceS.is))}</p>
        )}
        <div className="mt-2 grid gap-x-6 gap-y-2 sm:grid-cols-2 lg:grid-cols-4">
          {PACES.map(({ id, value, unit, min, max, words }) => (
            <NumberField
              key={id}
              label={texts.usually(words.charAt(0).toUpperCase(), words.slice(1), value)}
              value={paces[id] ?? value}
              quantity={unit === 's' ? 'seconds' : 'minutes'}
              range={{ min, max }}
              step={unit === 's' ? 1 : 0.5}
              onChange={(next) => set(id, next)}
            />
          ))}
        </div>
        {changed > 0 && (
          <button type="button" className="btn btn-sm mt-2 h-11" onClick={() => onChange({})}>
            {texts.allAsUsualAgain}
          </button>
        )}
      </details>
    </section>
  );
}
