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
import * as texts from './texts';

const TONES: Record<Reason['weight'], { border: string; word: string }> = {
  2: { border: 'border-error', word: texts.spoilsIt },
  1: { border: 'border-warning', word: texts.mendIt },
  0: { border: 'border-base-content/40', word: texts.goodToKnow },
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
      {texts.learn(lesson.short)}
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
    <section aria-label={texts.reasons} className="min-h-0">
      <h2 className="text-lg">{verdict(air)}</h2>
      {reasons.length === 0 && <p className="mt-1">{texts.nothingStandsAgainstIt}</p>}
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
      {!air.load.fits && <p className="mt-2 border-l-4 border-error pl-2">{texts.oneCoatedPieceIs}</p>}
      <AfterTheHeat air={air} />
      <AgainstThePot air={air} count={dish.count} />
      {conversion && chosen?.family !== 'as-it-is' && <AsItIs original={conversion.original} />}
    </section>
  );
});

const PLACE_WORDS: Record<Place, string> = {
  rack: texts.onRack,
  plate: texts.onPlate,
  hold: texts.inSwitchedOffFryer,
};

/** How long it stays crisp where, and under a sauce. */
function AfterTheHeat({ air }: { air: AirResult }) {
  if (air.waiting.length === 0) return null;
  return (
    <section aria-label={texts.afterHeat}>
      <h2 className="mt-3 text-base">{texts.staysCrisp}</h2>
      <dl className="grid grid-cols-[1fr_auto] gap-x-2 text-sm leading-snug">
        {air.waiting.map(({ place, sauced, crispMin }) => (
          <div key={`${place}${sauced}`} className="contents">
            <dt>{sauced ? texts.withSauceAtTable : PLACE_WORDS[place]}</dt>
            <dd className="text-right font-semibold">
              {crispMin === null
                ? texts.overMin(STANDING_MIN)
                : texts.min(crispMin < 2 ? crispMin.toFixed(1) : Math.round(crispMin))}
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
    <section aria-label={texts.againstPot}>
      <h2 className="mt-3 text-base">{texts.againstPotFor(count === 1 ? texts.thePiece : texts.all(count))}</h2>
      <p className="text-sm leading-snug">
        {texts.aboutKwhInsteadOf(
          airKwh.toFixed(1),
          potKwh.toFixed(1),
          Math.round(airOilKcal / 10) * 10,
          Math.round(potOilKcal / 10) * 10,
        )}
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
      <h2 className="mt-4 text-lg">{original.works ? texts.yourCoatAsIt : texts.whyYourCoatFails}</h2>
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
  if (air.works && air.likeness > 0.8) return texts.thisWorksAndIs;
  if (air.works) return texts.thisWorksInIts;
  return worst === 2 ? texts.whyThisFails : texts.notThereYet;
}
