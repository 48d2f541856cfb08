import { Download, Printer } from 'lucide-react';
import { Link } from 'react-router';
import type { EveningBody } from '@yellowmist/contract';
import type { Planned } from './usePlan';
import { dayWords } from './when';
import { lasting } from './words';
import * as texts from './texts';

/** When it begins, when it is eaten, how much work it is; and the evening to take away. */
export function Headline({
  body,
  planned: { evening, clock },
  id,
}: {
  body: EveningBody;
  planned: Planned;
  id: string;
}) {
  const { plan } = evening;
  const first = Math.min(0, ...plan.tasks.filter((t) => !t.ahead).map((t) => t.fromMin));
  const work = plan.busy.cooks.map((min, k) => texts.forIt(lasting(min), body.cooks[k]?.name ?? ''));
  return (
    <div className="mb-2 flex flex-wrap items-end gap-x-4 gap-y-1">
      <p className="min-w-0 grow basis-80 leading-tight">
        <span className="font-display text-2xl font-semibold">
          {texts.beginAtEatAt(clock.time(first), clock.time(0))}
        </span>
        <span className="block text-sm">
          {texts.work(
            body.serveAt === null ? clock.day(0) : dayWords(body.serveAt, body.timeZone).replace(/, [^,]*$/, ''),
            work.join(', '),
          )}
        </span>
      </p>
      <p className="flex flex-wrap gap-1" role="group" aria-label={texts.eveningToTakeAway}>
        <Link className="btn h-11" to={`/evening/${id}/sheet`}>
          <Printer aria-hidden className="size-4" />
          {texts.sheet}
        </Link>
        {(
          [
            ['ics', texts.calendar],
            ['markdown', texts.markdown],
            ['text', texts.text],
          ] as const
        ).map(([form, label]) => (
          <a key={form} className="btn h-11" href={`/api/evenings/${id}?as=${form}`} download>
            <Download aria-hidden className="size-4" /> {label}
          </a>
        ))}
      </p>
    </div>
  );
}
