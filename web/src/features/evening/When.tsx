import { momentAt, RANGES, wallClock, type EveningBody } from '@yellowmist/contract';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { nextSupper } from './next';
import * as texts from './texts';

const WAYS = [
  { value: 'table', label: texts.whenOnTableAt },
  { value: 'start', label: texts.beginAt },
  { value: 'now', label: texts.beginNow },
] as const;
type Way = (typeof WAYS)[number]['value'];

const wayOf = ({ serveAt, startAt }: EveningBody): Way =>
  serveAt !== null ? 'table' : startAt !== null ? 'start' : 'now';

/** When it is eaten, or begun; and how close together the dishes come. */
export function When({ body, edit }: { body: EveningBody; edit: (change: (b: EveningBody) => EveningBody) => void }) {
  const way = wayOf(body);
  const given = body.serveAt ?? body.startAt;
  const set = (next: Way, moment: string | null): void =>
    edit((b) => ({
      ...b,
      serveAt: next === 'table' ? moment : null,
      startAt: next === 'start' ? moment : null,
      pins: next === 'now' ? [] : b.pins,
    }));
  return (
    <section aria-label={texts.when} className="grid grid-cols-2 gap-2">
      <Choice
        className="col-span-2"
        label={texts.workedOutFrom}
        value={way}
        options={WAYS}
        onChange={(next) => set(next, next === 'now' ? null : (given ?? nextSupper(Date.now(), body.timeZone)))}
      />
      {way !== 'now' && (
        <label className="col-span-2 min-w-0 text-xs">
          {way === 'table' ? texts.eaten : texts.begun}
          <input
            type="datetime-local"
            className="input block h-9 w-full px-2"
            value={given === null ? '' : wallClock(given, body.timeZone)}
            onChange={(e) => {
              const moment = momentAt(e.target.value, body.timeZone);
              if (moment !== null) set(way, moment);
            }}
          />
        </label>
      )}
      <NumberField
        label={texts.dishesTogetherWithin}
        value={body.togetherMin}
        quantity="minutes"
        range={RANGES.togetherMin}
        whole
        onChange={(togetherMin) => edit((b) => ({ ...b, togetherMin }))}
      />
      <NumberField
        label={texts.kitchenIsAt}
        value={body.roomC}
        quantity="temperature"
        range={RANGES.roomC}
        onChange={(roomC) => edit((b) => ({ ...b, roomC }))}
      />
    </section>
  );
}
