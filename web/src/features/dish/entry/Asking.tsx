import * as texts from '../texts';

/** A question with its likeliest answers; what was typed stays. */
export function Asking({ text, answers }: { text: string; answers: { words: string; onTake: () => void }[] }) {
  return (
    <div role="alert" className="rounded-box bg-base-100 p-2 text-sm text-base-content">
      <p className="font-semibold">{text}</p>
      <p className="mt-1 flex flex-wrap gap-2">
        {answers.map(({ words, onTake }) => (
          <button key={words} type="button" className="btn btn-outline btn-sm h-9 font-normal" onClick={onTake}>
            {words}
          </button>
        ))}
        {answers.length === 0 && <span>{texts.nothingNearItIs}</span>}
      </p>
    </div>
  );
}
