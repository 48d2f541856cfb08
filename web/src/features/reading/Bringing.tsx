import { useId, useRef, useState } from 'react';
import { RANGES } from '@yellowmist/contract';
import { useTyped } from '../../state/typed';
import { EXAMPLE_RECIPE } from './example';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

const ACCEPTED = texts.txtMdMarkdownHtml;

interface Props {
  text: string;
  /** What is wrong with what was brought; it stays in the field. */
  wrong: string;
  onRead: (text: string) => void;
}

/** Where a recipe is pasted, typed or dropped. What was brought stays here until it is read. */
export function Bringing({ text, wrong, onRead }: Props) {
  const id = useId();
  const file = useRef<HTMLInputElement>(null);
  const [typed, setTyped, handedOver] = useTyped('recipe.words', text);
  const [over, setOver] = useState(false);
  const [unread, setUnread] = useState('');
  const read = (words: string): void => {
    handedOver();
    onRead(words);
  };
  const take = async (dropped: File | undefined): Promise<void> => {
    if (!dropped) return;
    if (dropped.size > RANGES.recipeHtml.max) {
      setUnread(texts.isLargerThan5(dropped.name));
      return;
    }
    setUnread('');
    const content = await dropped.text();
    setTyped(content.startsWith('%PDF') ? typed : content);
    read(content);
  };
  return (
    <section
      aria-label={texts.bringRecipe}
      className={`mx-auto w-full max-w-3xl px-4 py-6 ${over ? 'outline-4 outline-primary' : ''}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        const [dropped] = event.dataTransfer.files;
        if (dropped) void take(dropped);
        else setTyped(event.dataTransfer.getData('text'));
      }}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          read(typed);
        }}
      >
        <PageHeading className="text-3xl leading-tight font-bold">{texts.pasteRecipeYouFry}</PageHeading>
        <label htmlFor={id} className="sr-only">
          {texts.pasteRecipeYouFry}
        </label>
        <p id={`${id}how`} className="mt-1 max-w-prose">
          {texts.wordsMarkdownSavedPage}
        </p>
        <textarea
          id={id}
          aria-describedby={`${id}how`}
          className="textarea mt-3 min-h-64 w-full text-base leading-snug"
          rows={14}
          value={typed}
          placeholder={texts.with500GCod}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) event.currentTarget.form?.requestSubmit();
          }}
        />
        {(wrong || unread) && (
          <p role="alert" className="mt-2 border-l-4 border-error pl-2 font-semibold">
            {unread || wrong}
          </p>
        )}
        <p className="mt-3 flex flex-wrap items-center gap-3">
          <button type="submit" className="btn btn-primary h-12 text-base">
            {texts.readIt}
          </button>
          <button type="button" className="btn h-12" onClick={() => file.current?.click()}>
            {texts.openFile}
          </button>
          <button type="button" className="btn btn-ghost h-12" onClick={() => setTyped(EXAMPLE_RECIPE)}>
            {texts.putInExample}
          </button>
          <input
            ref={file}
            type="file"
            accept={ACCEPTED}
            className="sr-only"
            tabIndex={-1}
            aria-label={texts.recipeAsFile}
            onChange={(event) => void take(event.target.files?.[0])}
          />
          <span className="text-sm">{texts.orDropOneAnywhere}</span>
        </p>
      </form>
    </section>
  );
}
