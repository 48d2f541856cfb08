import {
  counted,
  DEFERS,
  itemWords,
  servingWords,
  type AirResult,
  type CardBowl,
  type RecipeCard,
} from '@yellowmist/core';
import { BowlPicture } from '../../draw/BowlPicture';
import { useUnits } from '../../state/useUnits';
import type { Paper } from '../../ui/paper';
import { PaperSheet } from '../../ui/PaperSheet';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

interface Props {
  card: RecipeCard;
  air: AirResult;
  paper: Paper;
  /** The basket of a full batch, drawn. */
  basket: React.ReactNode;
}

/** The dish on one sheet, to be read at the counter: bowls, basket, settings, steps, checks, cautions. */
export function Card({ card, air, paper, basket }: Props) {
  const { tell } = useUnits();
  const { settings, times } = card;
  return (
    <PaperSheet label={texts.cardOf(card.name)} paper={paper}>
      <header className="flex flex-wrap items-end justify-between gap-x-[2em] border-b-2 border-black pb-[0.3em]">
        <PageHeading className="min-w-0 text-[2em] leading-none break-words">{card.name}</PageHeading>
        <p>{texts.forAboutMinBefore(card.people, counted(card.pieces, 'piece'), times.prepMin, times.cookMin)}</p>
      </header>
      {card.note && <p className="mt-[0.3em] italic">{card.note}</p>}
      <p className="mt-[0.4em] flex flex-wrap items-baseline gap-x-[1em] rounded-[0.4em] bg-[#f0cb46] px-[0.6em] py-[0.25em]">
        <b className="text-[1.7em]">{texts.min(tell(settings.setting), Math.round(settings.minutes))}</b>
        <span>
          {settings.fryer}
          {settings.preheat ? texts.preheatedTo(tell(settings.preheat)) : texts.notPreheated}
          {settings.turnAtMin !== null && texts.turnedAfterMin(Math.round(settings.turnAtMin))}
          {settings.batches > 1 && texts.batchesOfUpTo(settings.batches, settings.piecesPerBatch)}
        </span>
      </p>
      <ol
        className="mt-[0.5em] grid grid-cols-[repeat(auto-fill,minmax(9.6em,1fr))] gap-x-[1em] gap-y-[0.4em]"
        aria-label={texts.bowlsInOrder}
      >
        <li>
          <h2 className="text-[1.05em]">{texts.theFood}</h2>
          <Items bowl={{ name: '', note: '', items: card.oil ? [...card.food, card.oil] : card.food }} />
        </li>
        {card.bowls.map((bowl, k) => (
          <li key={k}>
            <div className="w-[9em]">
              <BowlPicture layer={air.layers[air.bowls[k].layerAt]} />
            </div>
            <h2 className="text-[1.05em] leading-tight">
              {k + 1}. {bowl.name} <span className="font-sans text-[0.8em] font-normal">{bowl.note}</span>
            </h2>
            <Items bowl={bowl} />
          </li>
        ))}
        {card.beside.map((bowl) => (
          <li key={bowl.name}>
            <h2 className="text-[1.05em] leading-tight">
              {bowl.name} <span className="font-sans text-[0.8em] font-normal">{bowl.note}</span>
            </h2>
            <Items bowl={bowl} />
          </li>
        ))}
      </ol>
      <div className="mt-[0.5em] grid grid-cols-[minmax(0,1fr)_15em] gap-x-[1.5em]">
        <ol className="list-decimal pl-[1.6em]" aria-label={texts.steps}>
          {card.steps.map((step, k) => (
            <li key={k} className="mb-[0.2em]">
              {tell(step)}
            </li>
          ))}
        </ol>
        <div>
          {basket}
          <h2 className="text-[1.05em]">{texts.beforeItIsServed}</h2>
          <ul className="list-[square] pl-[1.2em]">
            {card.checks.map((check, k) => (
              <li key={k}>{tell(check)}</li>
            ))}
          </ul>
        </div>
      </div>
      <section aria-label={texts.cautions} className="mt-[0.4em] border-t border-black pt-[0.2em] text-[0.85em]">
        {card.cautions
          .filter((c) => c.about !== 'centre')
          .map((c) => tell(c.text))
          .join(' ')}{' '}
        {DEFERS} {servingWords(card)}
      </section>
    </PaperSheet>
  );
}

function Items({ bowl }: { bowl: CardBowl }) {
  const { tell } = useUnits();
  return (
    <ul>
      {bowl.items.map((item, k) => (
        <li key={k}>{itemWords(item, tell)}</li>
      ))}
    </ul>
  );
}
