import { memo } from 'react';
import type { ConversionBody } from '@yellowmist/contract';
import {
  lessonFor,
  plain,
  planId,
  STANDING_MIN,
  type AirResult,
  type Alternative,
  type Conversion,
  type KeepPot as Kept,
  type Place,
  type Reason,
} from '@yellowmist/core';
import { Link } from 'react-router';
import { useUnits } from '../../state/useUnits';
import { Changes } from './Changes';
import { KeepPot } from './KeepPot';

const TONES: Record<Reason['weight'], { border: string; word: string }> = {
  2: { border: 'border-error', word: 'Spoils it' },
  1: { border: 'border-warning', word: 'Mend it' },
  0: { border: 'border-base-content/40', word: 'Good to know' },
};

/** The answer, before any verdict: whether the pot is kept, and what is changed of the cook's own and what it buys. */
export const Answer = memo(function Answer({ body, keepPot }: { body: ConversionBody; keepPot: Kept | null }) {
  const { chosen } = body;
  return (
    <>
      {keepPot && <KeepPot keepPot={keepPot} />}
      {chosen && chosen.family !== 'as-it-is' && <Changes body={body} plan={chosen.plan} />}
    </>
  );
});

/** The way to the lesson behind a reason, where there is one. */
function Why({ reason }: { reason: Reason }) {
  const lesson = lessonFor(reason);
  if (!lesson) return null;
  return (
    <Link className="link inline-flex min-h-6 items-center text-sm" to={`/learn/${lesson.id}`}>
      Learn {lesson.short}
    </Link>
  );
}

/** Why it comes out as it does, worst first, each with the move that would change it. */
export const Reasons = memo(function Reasons({
  air,
  body,
  conversion,
}: {
  air: AirResult;
  body: ConversionBody;
  conversion: Conversion | null;
}) {
  const { chosen, dish } = body;
  const { tell } = useUnits();
  const { reasons } = air;
  const taken = chosen && planId(chosen.plan);
  const found = conversion?.alternatives.find((a) => a.id === taken);
  return (
    <section aria-label="Reasons" className="min-h-0">
      <h2 className="text-lg">{verdict(air)}</h2>
      {reasons.length === 0 && (
        <p className="mt-1">Nothing stands against it: the coat sets, stays on, browns and crisps in this fryer.</p>
      )}
      <ul className="mt-2 space-y-2">
        {reasons.map((r) => (
          <li key={r.about + plain(r.text)} className={`border-l-4 pl-2 ${TONES[r.weight].border}`}>
            <span className="sr-only">{TONES[r.weight].word}: </span>
            <p className="leading-snug">{tell(r.text)}</p>
            <p className="mt-0.5 leading-snug font-semibold">→ {tell(r.move)}</p>
            <Why reason={r} />
          </li>
        ))}
      </ul>
      {found && (
        <ul className="mt-2 list-disc space-y-1 pl-5 text-sm">
          <li>{found.idea}</li>
          {found.against.map((line) => (
            <li key={plain(line)}>{tell(line)}</li>
          ))}
        </ul>
      )}
      {!air.load.fits && (
        <p className="mt-2 border-l-4 border-error pl-2">
          One coated piece is larger than this basket. Cut it smaller, or choose another fryer.
        </p>
      )}
      <AfterTheHeat air={air} />
      <AgainstThePot air={air} count={dish.count} />
      {conversion && chosen?.family !== 'as-it-is' && <AsItIs original={conversion.original} />}
    </section>
  );
});

const PLACE_WORDS: Record<Place, string> = {
  rack: 'on a rack',
  plate: 'on a plate',
  hold: 'in the switched-off fryer',
};

/** How long it stays crisp where, and under a sauce. */
function AfterTheHeat({ air }: { air: AirResult }) {
  if (air.waiting.length === 0) return null;
  return (
    <section aria-label="After the heat">
      <h2 className="mt-3 text-base">Stays crisp</h2>
      <dl className="grid grid-cols-[1fr_auto] gap-x-2 text-sm leading-snug">
        {air.waiting.map(({ place, sauced, crispMin }) => (
          <div key={`${place}${sauced}`} className="contents">
            <dt>{sauced ? 'with sauce at the table' : PLACE_WORDS[place]}</dt>
            <dd className="text-right font-semibold">
              {crispMin === null
                ? `over ${STANDING_MIN} min`
                : `${crispMin < 2 ? crispMin.toFixed(1) : Math.round(crispMin)} min`}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** Electricity and the oil's energy for the whole dish, air against pot. */
function AgainstThePot({ air, count }: { air: AirResult; count: number }) {
  const { airKwh, potKwh, airOilKcal, potOilKcal } = air.energy;
  return (
    <section aria-label="Against the pot">
      <h2 className="mt-3 text-base">Against the pot, for {count === 1 ? 'the piece' : `all ${count}`}</h2>
      <p className="text-sm leading-snug">
        About {airKwh.toFixed(1)} kWh instead of {potKwh.toFixed(1)}, and {Math.round(airOilKcal / 10) * 10} kcal of
        cooking oil instead of {Math.round(potOilKcal / 10) * 10}. Estimates, within a factor of one and a half; no
        dietary advice.
      </p>
    </section>
  );
}

/** What the fried coat does when it is put into the air fryer unchanged: never hidden. */
function AsItIs({ original }: { original: Alternative }) {
  const { tell } = useUnits();
  const reasons = original.reasons.slice(0, 2);
  return (
    <>
      <h2 className="mt-4 text-lg">
        {original.works ? 'Your coat as it is would do, too' : 'Why your coat fails as it is'}
      </h2>
      <ul className="mt-1 space-y-2">
        {reasons.map((r) => (
          <li key={r.about} className={`border-l-4 pl-2 leading-snug ${TONES[r.weight].border}`}>
            {tell(r.text)}
          </li>
        ))}
      </ul>
    </>
  );
}

function verdict(air: AirResult): string {
  const worst = air.reasons[0]?.weight ?? 0;
  if (air.works && air.likeness > 0.8) return 'This works, and is much like the pot';
  if (air.works) return 'This works, in its own way';
  return worst === 2 ? 'Why this fails' : 'Not there yet';
}
