import { useState } from 'react';
import { Link } from 'react-router';
import type { CookDocument } from '@yellowmist/contract';
import { useUnits } from '../../state/useUnits';
import { useWide } from '../../ui/useWide';
import { Adjust } from './Adjust';
import { NextList, NowPanel } from './NowPanel';
import { Press } from './Press';
import { Probes } from './Probes';
import { Record } from './Record';
import { Review } from './Review';
import { Seen } from './Seen';
import { Timers } from './Timers';
import { Switches, TopStrip, Whose } from './TopStrip';
import { useAlarms } from './useAlarms';
import { useAwake } from './useAwake';
import { useCook, type CookNow } from './useCook';
import * as texts from './texts';

/** A cook at the counter: one instruction fills the screen, what goes on stands at its edge, one press moves on. */
export function Counter({ document }: { document: CookDocument }) {
  const [hand, setHand] = useState<number | null>(null);
  const cook = useCook(document, hand);
  const wide = useWide();
  useAlarms(cook);
  useAwake();
  return (
    <div className="mx-auto flex w-full max-w-[90rem] grow flex-col">
      <div className="grid grow content-start gap-x-5 gap-y-3 p-3 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div className="lg:col-span-2">
          <TopStrip cook={cook} hand={hand} onHand={setHand} />
          {document.notes.map((note) => (
            <p key={note} role="note" className="mt-1 border-l-4 border-warning pl-2">
              {note}
            </p>
          ))}
        </div>
        <div
          className={`max-lg:order-first max-lg:row-start-2 lg:col-start-2 lg:row-span-2 lg:row-start-2 ${cook.state.ended ? 'hidden' : ''}`}
        >
          <Timers cook={cook} />
          {wide && <Says cook={cook} />}
          {wide && <Probes cook={cook} />}
        </div>
        <div className={`min-w-0 ${cook.state.ended ? 'lg:col-span-2' : ''}`}>
          <Ended cook={cook} />
          <NowPanel cook={cook} />
          {/* Where something is looked at, what is seen of it is a tap away. */}
          {cook.now.urgent && <Seen cook={cook} />}
          <NextList cook={cook} />
          {!wide && <Says cook={cook} />}
          <div className="mt-3 space-y-2 sm:hidden">
            <Whose cook={cook} hand={hand} onHand={setHand} />
            <Switches cook={cook} />
          </div>
          <Ahead document={document} cook={cook} />
          {!cook.now.urgent && <Seen cook={cook} />}
          {!wide && <Probes cook={cook} />}
          <Adjust cook={cook} />
          <Record cook={cook} />
        </div>
      </div>
      <Press cook={cook} />
    </div>
  );
}

/** What the re-planned cook says of itself. */
function Says({ cook }: { cook: CookNow }) {
  const { tell } = useUnits();
  if (cook.state.ended || cook.says.length === 0) return null;
  return (
    <ul aria-label={texts.changedByWhatWas} aria-live="polite" className="mt-2 space-y-1 text-lg leading-snug">
      {cook.says.slice(0, MOST_SAID).map((said) => (
        <li key={said.key} className="border-l-4 border-primary pl-2">
          {tell(said.text)}
        </li>
      ))}
    </ul>
  );
}
const MOST_SAID = 4;

/** What was to be done on another day, before anything is done. */
function Ahead({ document, cook }: { document: CookDocument; cook: CookNow }) {
  const { tell } = useUnits();
  const { ahead } = document.programme;
  if (ahead.length === 0 || cook.state.over.size > 0) return null;
  return (
    <section aria-label={texts.doneAhead} className="mt-3">
      <h3 className="text-lg">{texts.doneAheadOfThis}</h3>
      <ul className="list-disc pl-6">
        {ahead.map((said, k) => (
          <li key={k}>{tell(said)}</li>
        ))}
      </ul>
    </section>
  );
}

function Ended({ cook }: { cook: CookNow }) {
  const { state, document, time } = cook;
  if (!state.ended) return null;
  return (
    <section aria-label={texts.theEnd} className="rounded-box border-4 border-primary p-4">
      <h2 className="text-4xl font-bold">{state.ended.how === 'served' ? texts.supperIsReady : texts.ended}</h2>
      <p className="text-xl">{texts.at(time(state.ended.atS))}</p>
      {document.rehearsal && <Review id={document.id} />}
      <p className="mt-4 flex flex-wrap gap-2">
        <Link className="btn btn-primary h-14 text-lg" to={`/log/${document.id}`}>
          {texts.noteHowItCame}
        </Link>
        <Link className="btn h-14 text-lg" to="/cook">
          {texts.toAllCooks}
        </Link>
      </p>
    </section>
  );
}
