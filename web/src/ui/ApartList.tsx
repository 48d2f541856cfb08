import type { Apart } from '../state/bodiesApart';
import * as texts from './texts';

/** What lies here beside what was saved from elsewhere, thing by thing. */
export const ApartList = ({ apart }: { apart: readonly Apart[] }) => (
  <dl className="basis-full text-sm" aria-label={texts.whatDiffers}>
    {apart.map(({ what, mine, theirs }) => (
      <div key={what} className="grid gap-x-4 border-t border-base-300 py-1 sm:grid-cols-[12rem_1fr_1fr]">
        <dt>{what}</dt>
        <dd>
          <b>{texts.mine}</b> {mine}
        </dd>
        <dd>
          <b>{texts.theOther}</b> {theirs}
        </dd>
      </div>
    ))}
  </dl>
);
