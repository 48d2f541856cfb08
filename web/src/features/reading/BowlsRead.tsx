import { useDroppable } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import type { RecipeBowl } from '@yellowmist/core';
import { BowlPicture } from '../../draw/BowlPicture';
import { thingWords } from '../../state/things';
import { useUnits } from '../../state/useUnits';
import type { RecipeAnswer } from '../../worker/questions';
import { inOrder, KIND_WORDS, placesFor } from './places';
import * as texts from './texts';

const NTH = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

/** The bowls that the lines go into, in the order of dipping; then what goes into none. */
export function BowlsRead({ answer }: { answer: RecipeAnswer }) {
  const { reading } = answer;
  const bowls = inOrder(reading.bowls);
  const dipped = bowls.filter((b) => b.layers.length > 0);
  const beside = bowls.filter((b) => b.layers.length === 0);
  const missing = placesFor(reading.bowls).filter((p) => p.key.startsWith('new-'));
  const linesOf = (...taken: string[]): string[] =>
    reading.lines.filter((l) => taken.includes(l.takenFor)).map((l) => l.text);
  const onFood = reading.lines.filter((l) => l.bowl === 'food').map((l) => l.text);
  return (
    <>
      <h2 className="text-xl">{texts.dippedInThisOrder}</h2>
      {dipped.length === 0 && <p className="text-sm">{texts.nothingIsDippedInto}</p>}
      <ol className="flex flex-wrap items-start gap-x-3 gap-y-3">
        {dipped.map((bowl) => (
          <BowlRead key={bowl.id} bowl={bowl} answer={answer} />
        ))}
      </ol>
      {beside.length > 0 && (
        <>
          <h2 className="mt-3 text-xl">{texts.besideCoat}</h2>
          <ul className="flex flex-wrap items-start gap-x-3 gap-y-3">
            {beside.map((bowl) => (
              <BowlRead key={bowl.id} bowl={bowl} answer={answer} />
            ))}
          </ul>
        </>
      )}
      <h2 className="mt-3 text-xl">{texts.inNoBowl}</h2>
      <div className="grid gap-x-4 sm:grid-cols-2">
        <Elsewhere id="food" label={texts.theFood} lines={linesOf('food')} />
        <Elsewhere id="on-food" label={texts.ontoFood} lines={onFood} />
        <Elsewhere id="frying-oil" label={texts.toFryIn} lines={linesOf('frying-oil')} />
        <Elsewhere id="garnish" label={texts.onPlate} lines={linesOf('garnish')} />
        <Elsewhere id="other" label={texts.notForCoat} lines={linesOf('other')} />
        {missing.length > 0 && (
          <div>
            <h3 className="text-sm font-semibold">{texts.bowlThatIsMissing}</h3>
            <p className="flex flex-wrap gap-1">
              {missing.map(({ key, label }) => (
                <Target
                  key={key}
                  id={key}
                  className="rounded-field border border-dashed border-current px-2 py-1 text-sm"
                >
                  {label.replace(texts.newIt, '')}
                </Target>
              ))}
            </p>
          </div>
        )}
      </div>
    </>
  );
}

/** Where a line can be laid down. */
function Target({ id, className = '', children }: { id: string; className?: string; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <span ref={setNodeRef} className={`${className} ${isOver ? 'bg-primary text-primary-content' : ''}`}>
      {children}
    </span>
  );
}

function BowlRead({ bowl, answer: { contents, things } }: { bowl: RecipeBowl; answer: RecipeAnswer }) {
  const { system } = useUnits();
  const { setNodeRef, isOver } = useDroppable({ id: bowl.id });
  const times = bowl.layers.map((at) => NTH[at]).join(texts.and);
  return (
    <li
      ref={setNodeRef}
      data-bowl={bowl.id}
      className={`w-40 rounded-box sm:w-44 p-1 ${isOver ? 'bg-primary text-primary-content' : ''}`}
      aria-label={`${KIND_WORDS[bowl.kind]}: ${bowl.name}`}
    >
      {contents[bowl.id] && <BowlPicture layer={contents[bowl.id]} />}
      <h3 className="leading-tight">
        {KIND_WORDS[bowl.kind]}
        {times && <span className="text-sm font-normal">, {times}</span>}
      </h3>
      <ul className="text-sm leading-snug">
        {bowl.portions.map((portion) => (
          <li key={portion.ingredientId}>{thingWords(things, portion, system)}</li>
        ))}
      </ul>
    </li>
  );
}

function Elsewhere({ id, label, lines }: { id: string; label: string; lines: readonly string[] }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <div ref={setNodeRef} className={`min-h-11 rounded-field ${isOver ? 'bg-primary text-primary-content' : ''}`}>
      <h3 className="text-sm font-semibold">{label}</h3>
      <p className="text-sm leading-snug break-words">{lines.length > 0 ? lines.join(' · ') : texts.nothing}</p>
    </div>
  );
}
