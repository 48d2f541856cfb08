import * as texts from '../texts';

interface Props {
  text: string;
  answers: { words: string; onTake: () => void }[];
  /** What is said where there is no answer to choose. */
  none?: string;
  /** What one may do and need not: it is told when there is a pause, and does not interrupt. */
  offer?: boolean;
}

/** The field that is asked about: the last one before the question. */
const fieldBefore = (question: Element): HTMLElement | undefined =>
  [...document.querySelectorAll<HTMLElement>('input,textarea')]
    .filter((field) => field.compareDocumentPosition(question) & Node.DOCUMENT_POSITION_FOLLOWING)
    .at(-1);

/** A question with its likeliest answers; what was typed stays. */
export function Asking({ text, answers, none = texts.nothingNearItIs, offer = false }: Props) {
  return (
    <div role={offer ? 'status' : 'alert'} className="rounded-box bg-base-100 p-2 text-sm text-base-content">
      <p className="font-semibold">{text}</p>
      <p className="mt-1 flex flex-wrap gap-2">
        {answers.map(({ words, onTake }) => (
          <button
            key={words}
            type="button"
            className="btn btn-outline btn-sm h-9 font-normal"
            onClick={(press) => {
              // The question goes, and its button with it. By key one is back in the field; a finger wants no keyboard.
              if (press.detail === 0) fieldBefore(press.currentTarget)?.focus();
              onTake();
            }}
          >
            {words}
          </button>
        ))}
        {answers.length === 0 && <span>{none}</span>}
      </p>
    </div>
  );
}
