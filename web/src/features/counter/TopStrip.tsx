import { halfMinutes } from '@yellowmist/core';
import { Bell, BellOff, MessageSquare, MessageSquareOff, Pause, Play, type LucideIcon } from 'lucide-react';
import { useAppDispatch, useAppSelector } from '../../state/hooks';
import { ringsSwitched, speaksSwitched } from '../../state/settings';
import { openSound } from './alarms';
import type { CookNow } from './useCook';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

interface Props {
  cook: CookNow;
  hand: number | null;
  onHand: (hand: number | null) => void;
}

/** What time it is, when all is on the table, whose work is shown; pause, sound and voice. */
export function TopStrip({ cook, hand, onHand }: Props) {
  const { document, state, nowS, live, connected, waiting, time } = cook;
  const { rehearsal } = document;
  const paused = state.pausedS !== null;
  return (
    <header className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <div className="min-w-0 grow basis-56">
        <PageHeading className="text-xl leading-tight break-words">{document.name}</PageHeading>
        {rehearsal && (
          <p className="inline-block rounded-field bg-secondary px-2 font-semibold text-secondary-content">
            {texts.rehearsal}
            {rehearsal.rate > 1 && texts.atRate(rehearsal.rate)}
            <span className="max-sm:sr-only">{texts.nothingIsReal}</span>
          </p>
        )}
        {!rehearsal && document.simulated.length > 0 && (
          <p className="inline-block rounded-field bg-secondary px-2 font-semibold text-secondary-content">
            {texts.practiceFryer(document.simulated.join(', '))}
          </p>
        )}
      </div>
      <p className="leading-none">
        <time aria-label={texts.theTime} className="text-4xl font-bold">
          {time(nowS)}
        </time>
        {!state.ended && (
          <span className="block text-lg">
            {texts.table(time(live.tableS))}
            {live.behindS !== 0 && (
              <b>
                {' '}
                ({halfMinutes(live.behindS)} {live.behindS > 0 ? texts.late : texts.early})
              </b>
            )}
          </span>
        )}
      </p>
      <div className="max-sm:hidden">
        <Switches cook={cook} />
      </div>
      <div className="basis-full max-sm:hidden">
        <Whose cook={cook} hand={hand} onHand={onHand} />
      </div>
      {!connected && (
        <p role="status" className="basis-full border-l-4 border-warning pl-2 font-semibold">
          {texts.serverIsAwayTimers(
            waiting > 0 ? texts.andToBeHanded(waiting === 1 ? texts.oneTapWaits : texts.tapsWait(waiting)) : '.',
          )}
        </p>
      )}
      {paused && (
        <p role="status" className="basis-full border-l-4 border-warning pl-2 text-lg font-semibold">
          {texts.paused(rehearsal ? texts.rehearsalStandsStill : texts.takeBasketOutOf)}
        </p>
      )}
    </header>
  );
}

/** Pause, sound and voice. */
export function Switches({ cook: { state, tell } }: Pick<Props, 'cook'>) {
  const { rings, speaks } = useAppSelector((s) => s.settings);
  const dispatch = useAppDispatch();
  const paused = state.pausedS !== null;
  return (
    <div className="flex gap-1">
      {!state.ended && (
        <button
          type="button"
          className="btn btn-square size-14"
          aria-label={paused ? texts.goOn : texts.pause}
          onClick={() => tell({ what: paused ? 'resumed' : 'paused' })}
        >
          {paused ? <Play aria-hidden /> : <Pause aria-hidden />}
        </button>
      )}
      <Switch
        label={texts.timersRing}
        on={rings}
        icons={[Bell, BellOff]}
        onPress={() => {
          openSound();
          dispatch(ringsSwitched());
        }}
      />
      <Switch
        label={texts.timersAreSpoken}
        on={speaks}
        icons={[MessageSquare, MessageSquareOff]}
        onPress={() => dispatch(speaksSwitched())}
      />
    </div>
  );
}

interface SwitchProps {
  label: string;
  on: boolean;
  /** Drawn while it is on, and while it is off. */
  icons: readonly [LucideIcon, LucideIcon];
  onPress: () => void;
}

/** Something that is on or off, in a target that a knuckle hits. */
function Switch({ label, on, icons: [On, Off], onPress }: SwitchProps) {
  return (
    <button type="button" className="btn btn-square size-14" aria-pressed={on} aria-label={label} onClick={onPress}>
      {on ? <On aria-hidden /> : <Off aria-hidden />}
    </button>
  );
}

/** Whose work is shown. */
export function Whose({ cook: { state }, hand, onHand }: Props) {
  if (state.hands.length < 2 || state.ended) return null;
  return (
    <div role="group" aria-label={texts.whoseWork} className="flex flex-wrap gap-1">
      {[null, ...state.hands.keys()].map((k) => (
        <button
          key={k ?? 'all'}
          type="button"
          aria-pressed={hand === k}
          className={`btn h-14 text-lg ${hand === k ? 'btn-secondary' : ''}`}
          onClick={() => onHand(k)}
        >
          {k === null ? texts.everybody : state.hands[k]}
        </button>
      ))}
    </div>
  );
}
