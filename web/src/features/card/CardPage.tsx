import { Download } from 'lucide-react';
import { useState } from 'react';
import { useParams } from 'react-router';
import type { ConversionDocument, RecipeForm } from '@yellowmist/contract';
import { cardOf, foodOf, spotFactor, spotFactorTurned, type AirResult, type Trouble } from '@yellowmist/core';
import { BasketPicture } from '../../draw/BasketPicture';
import { api, problemText } from '../../state/api';
import { usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { usePantry } from '../../state/usePantry';
import { NotHere } from '../../ui/NotHere';
import { useEvaluation } from '../dish/useEvaluation';
import { Card } from './Card';
import { Notes } from './Notes';
import type { Paper } from '../../ui/paper';
import { PrintBar } from '../../ui/PrintBar';
import * as texts from './texts';

const FORMS: readonly { form: RecipeForm; label: string; says: string }[] = [
  { form: 'json-ld', label: 'JSON-LD', says: texts.forOtherProgramsThat },
  { form: 'markdown', label: texts.markdown, says: texts.forNotes },
  { form: 'text', label: texts.plainText, says: texts.forMessage },
  { form: 'yellowmist', label: texts.yellowmistFile, says: texts.forAnotherKitchenCoat },
];

/** The dish to take away: as a card on one sheet, and as files. */
export function CardPage() {
  const { id = '' } = useParams();
  const { data, error, isLoading } = api.useConversionQuery(id, { refetchOnMountOrArgChange: true });
  if (isLoading) return <p className="p-8">{texts.fetchingDish}</p>;
  if (!data) return <NotHere what={texts.dish} problem={problemText(error)} to="/" toLabel={texts.toDishes} />;
  return <TakeAway document={data} />;
}

function TakeAway({ document }: { document: ConversionDocument }) {
  const [paper, setPaper] = useState<Paper>('A4');
  const { evaluated, error } = useEvaluation(document);
  const { id, name, chosen } = document;
  return (
    <div className="mx-auto w-full max-w-7xl px-4 py-4 print:max-w-none print:p-0">
      <PrintBar
        back={{ to: `/dish/${id}`, label: texts.backToBench }}
        paper={paper}
        onPaper={setPaper}
        print={texts.printCard}
        ready={Boolean(evaluated?.air)}
      >
        <p className="flex flex-wrap items-center gap-2" role="group" aria-label={texts.asFile(name)}>
          {FORMS.map(({ form, label, says }) => (
            <a
              key={form}
              className={`btn h-11 ${!chosen && form !== 'yellowmist' ? 'btn-disabled' : ''}`}
              href={`/api/conversions/${id}/recipe?as=${form}`}
              download
              title={says}
            >
              <Download aria-hidden className="size-4" /> {label}
            </a>
          ))}
        </p>
      </PrintBar>
      <Notes document={document} />
      {error && (
        <p role="alert" className="mt-3 text-error">
          {error}
        </p>
      )}
      {!chosen && <p className="mt-6">{texts.thereIsNoAir}</p>}
      {chosen && !evaluated?.air && !error && <p className="mt-6">{texts.writingCard}</p>}
      {chosen && evaluated?.air && (
        <div
          className="mt-4 overflow-x-auto print:m-0 print:overflow-visible"
          tabIndex={0}
          role="region"
          aria-label={texts.theCard}
        >
          <Drawn document={document} chosen={chosen} air={evaluated.air} paper={paper} />
        </div>
      )}
    </div>
  );
}

interface DrawnProps {
  document: ConversionDocument;
  chosen: NonNullable<ConversionDocument['chosen']>;
  air: AirResult;
  paper: Paper;
}

function Drawn({ document, chosen, air, paper }: DrawnProps) {
  const pantry = usePantry();
  const { own } = usePantryDocument();
  const { name, note, dish, fryer } = document;
  const { answer } = useAnswer('layout', { dish, plan: chosen.plan, fryer, own });
  const card = cardOf({ name, note }, { pantry, dish, fryer }, air);
  const factorAt = chosen.plan.settings.basketTurned ? spotFactorTurned : spotFactor;
  const basket = answer && (
    <figure className="mb-[0.4em]" inert>
      <div className={`grid gap-[0.4em] ${answer.racks.length > 1 ? 'grid-cols-2' : 'w-[11em]'}`}>
        {answer.racks.map((laid, rack) => (
          <BasketPicture
            key={rack}
            torn={dish.shape.kind === 'irregular'}
            basket={fryer.basket}
            footprints={answer.footprints[rack]}
            laid={laid}
            trouble={NO_TROUBLE}
            colourAt={(x, y) => (air.outcomes.colourTop?.value ?? 0) * factorAt(fryer, x, y)}
            food={foodOf(pantry, dish.foodId).name}
            selected={null}
            onSelect={nothing}
            onPlace={nothing}
            onRemove={nothing}
          />
        ))}
      </div>
      <figcaption className="text-[0.85em]">{texts.fullBatchFromAbove}</figcaption>
    </figure>
  );
  return <Card card={card} air={air} paper={paper} basket={basket} />;
}

const NO_TROUBLE: Trouble = { overlaps: [], tooNear: [], outside: [] };
const nothing = (): void => undefined;
