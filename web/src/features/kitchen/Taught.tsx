import type { FryerLearning, LearningBody, TaughtCook } from '@yellowmist/contract';
import { kelvins, text } from '@yellowmist/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { TaughtScale } from '../../draw/TaughtScale';
import { orTell, tellUndoable } from '../../state/acting';
import { problemText, useKitchenQuery, useLearningQuery, useSaveLearningMutation } from '../../state/api';
import { useUnits } from '../../state/useUnits';
import { Check } from '../../ui/Check';
import { Honest } from './Honest';
import * as texts from './texts';

/** Told of a cook lies so far from what all make of it that it was hardly listened to, in spreads. */
const FAR = 3;

const day = (at: string): string =>
  new Date(at).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** What the cooks taught of the fryers: how sure that is, which cook said what, and whether plans go by it. */
export function Taught() {
  const { data, error } = useLearningQuery(undefined, { refetchOnMountOrArgChange: true });
  const [save, { isLoading }] = useSaveLearningMutation();
  const { tell } = useUnits();
  if (error) return <p role="alert">{problemText(error)}</p>;
  if (!data || (data.fryers.length === 0 && data.hands.says === '')) return null;
  const put = (part: Partial<LearningBody>, { version, on, leftOut, since, handsSince } = data) =>
    save({ version, on, leftOut, since, handsSince, ...part }).unwrap();
  /** Forgets up to now, and brings back what was before. */
  const forget = async (what: string, now: Partial<LearningBody>, before: Partial<LearningBody>): Promise<void> => {
    const saved = await put(now);
    await tellUndoable(texts.whatWasLearnedOf(what), texts.bringItBack, () => put(before, saved));
  };
  const forgetFryer = (fryer: string): Promise<void> => {
    const { since } = data;
    const others = since.filter((s) => s.fryer !== fryer);
    return forget(fryer, { since: [...others, { fryer, at: new Date().toISOString() }] }, { since });
  };
  const forgetHands = (): Promise<void> =>
    forget(texts.theseHands, { handsSince: new Date().toISOString() }, { handsSince: data.handsSince });
  return (
    <section
      aria-label={texts.whatCooksTaught}
      className="mt-4 border-t-2 border-base-content/60 pt-2"
      aria-busy={isLoading}
    >
      <h2 className="text-xl">{texts.whatCooksTaught}</h2>
      <Check label={texts.useItInEvery} checked={data.on} onChange={(on) => orTell(put({ on }))} />
      {data.hands.says !== '' && (
        <div className="my-1 flex flex-wrap items-center gap-x-3">
          <p role="note" className="text-lg">
            {tell(data.hands.parts)}
          </p>
          <button type="button" className="btn h-11" onClick={() => orTell(forgetHands())}>
            {texts.forgetWhatWasWeighed}
          </button>
        </div>
      )}
      <ul className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
        {data.fryers.map((fryer) => (
          <li key={fryer.fryer}>
            <OneFryer
              learned={fryer}
              leftOut={data.leftOut}
              onWeigh={(id, counts) =>
                orTell(put({ leftOut: counts ? data.leftOut.filter((o) => o !== id) : [...data.leftOut, id] }))
              }
              onForget={() => orTell(forgetFryer(fryer.fryer))}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

interface Props {
  learned: FryerLearning;
  /** Cooks that are weighed out, as it was asked last. */
  leftOut: readonly string[];
  onWeigh: (id: string, counts: boolean) => void;
  onForget: () => void;
}

function OneFryer({ learned, leftOut, onWeigh, onForget }: Props) {
  const { tell } = useUnits();
  const { fryer, parts, offsetC, cooks, changed } = learned;
  const { data: kitchen } = useKitchenQuery();
  const gone = kitchen !== undefined && !kitchen.fryers.some(({ name }) => name === fryer);
  const inK = (kelvin: number): string => tell(text`${kelvins(kelvin)}`);
  const alone = cooks.flatMap((c) => (c.alone ? [{ id: c.id, offsetC: c.alone.offsetC }] : []));
  return (
    <div>
      <p className="text-lg">{tell(parts)}</p>
      {gone && <p className="text-sm">{texts.itIsNotAmong}</p>}
      {changed && (
        <p role="note" className="border-l-4 border-primary pl-2">
          {texts.sinceItIsAnother(
            day(changed.at),
            inK(Math.abs(changed.beforeC)),
            changed.beforeC > 0 ? texts.hot : texts.cool,
            inK(Math.abs(changed.sinceC)),
            changed.sinceC > 0 ? texts.hot : texts.cool,
          )}
        </p>
      )}
      <TaughtScale is={offsetC.is} off={offsetC.off} alone={alone} say={inK} title={texts.howFarIsOff(fryer)} />
      <p className="text-sm">{texts.ringsWhatEachCook}</p>
      <HonestPart fryer={fryer} />
      <details>
        <summary className="min-h-11 cursor-pointer py-2">{texts.whichCookSaidWhat(cooks.length)}</summary>
        <p className="text-sm">{texts.whatIsTickedCounts}</p>
        <ul className="text-sm">
          {cooks.map((cook) => (
            <li key={cook.id} className="flex flex-wrap items-center gap-x-3 border-t border-base-300">
              <Check
                label={`${cook.name}, ${day(cook.at)}`}
                checked={!leftOut.includes(cook.id)}
                onChange={(counts) => onWeigh(cook.id, counts)}
              />
              <span className="grow">{saysOf(cook, inK)}</span>
              <Link to={`/log/${cook.cook}?dish=${cook.dish}`} className="link flex min-h-11 items-center">
                {texts.itsRecord}
              </Link>
            </li>
          ))}
        </ul>
        <button type="button" className="btn mt-2 h-11" onClick={onForget}>
          {texts.forgetAllOfUp(fryer)}
        </button>
      </details>
    </div>
  );
}

/** Asked for when it is opened: all cooks are looked back upon. */
function HonestPart({ fryer }: { fryer: string }) {
  const [open, setOpen] = useState(false);
  return (
    <details onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2">{texts.howRightPlansHave}</summary>
      {open && <Honest fryer={fryer} />}
    </details>
  );
}

/** What one cook said, in a few words. */
function saysOf({ leftOut, alone, farthest }: TaughtCook, inK: (kelvin: number) => string): string {
  if (leftOut) return texts.leftOut;
  if (!alone) return texts.nothingWasNotedOf;
  const browns = Math.round(100 * Math.abs(alone.browning - 1));
  const words = [
    Math.abs(alone.offsetC) < 1 ? texts.asSet : `${inK(Math.abs(alone.offsetC))} ${alone.offsetC > 0 ? 'hot' : 'cool'}`,
    ...(browns < 3 ? [] : [texts.browns(browns, alone.browning > 1 ? texts.faster : texts.slower)]),
  ];
  return `${words.join(', ')}${farthest > FAR ? texts.soFarFromOthers : ''}`;
}
