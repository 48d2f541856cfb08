import { useId, useState, type ClipboardEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { exampleConversion, RANGES } from '@yellowmist/contract';
import { NAMED_COATS, usualCoat, type Bought, type Fryer } from '@yellowmist/core';
import { problemText, useCreateMutation } from '../../state/api';
import { useAppDispatch } from '../../state/hooks';
import { questions } from '../../state/questions';
import { begun } from '../../state/settings';
import { useTyped } from '../../state/typed';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { DishPicture } from '../dish/DishPicture';
import { fryersFrom } from '../dish/useFryers';
import { bodyOf } from './body';
import { CoatInWords } from './CoatInWords';
import { CoatRead } from './CoatRead';
import { FoodRead } from '../dish/entry/FoodRead';
import { useEntered, useQuestion, type Saying } from '../dish/entry/useEntered';
import { PageHeading } from '../../ui/PageHeading';
import * as texts from './texts';

/** From so many lines on what is pasted is a whole recipe. */
const RECIPE_LINES = 7;

/** What is written in the sentence at first: a real example. */
const EXAMPLE = { food: texts.with24OysterMushrooms, coat: usualCoat(undefined).label, minutes: 5 };

/** The coat is what is written, and none of those that have a name. */
const BY_WORDS = 'words';
const COATS = [
  { value: BY_WORDS, label: texts.inMyOwnWords },
  ...NAMED_COATS.map(({ id, label }) => ({ value: id, label })),
];

/** Letters of a line of the field, about, and how many lines it grows to. */
const LINE_LETTERS = 62;
const MOST_ROWS = 8;
const rowsOf = (text: string): number =>
  Math.min(
    MOST_ROWS,
    text.split('\n').reduce((rows, line) => rows + Math.max(1, Math.ceil(line.length / LINE_LETTERS)), 0),
  );

/** The sentence as it stands: what is typed, and what was chosen beside it (an answer, a cut, a size, pieces, minutes, a fryer). */
interface Sentence {
  food: string;
  /** Undefined until somebody writes there: what the words for the food tell of stands there, or its usual coat. */
  coat?: string;
  bought: Bought | null;
  count?: number;
  minutes?: number;
  fryer?: string;
}

/** How a dish begins: one sentence in the cook's own words and units, and its picture. */
export function Beginning({ fryers }: { fryers: readonly Fryer[] }) {
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const id = useId();
  const [create, { isLoading, error }] = useCreateMutation();
  const choices = fryersFrom(fryers);
  const [sentence, type, handedOver] = useTyped<Sentence>('dish', {
    food: EXAMPLE.food,
    bought: null,
  });
  const { food, bought, count } = sentence;
  const change = (part: Partial<Sentence>): void => type({ ...sentence, ...part });
  const [asks, setAsks] = useState(false);
  const fryer = choices.find((f) => f.name === sentence.fryer) ?? choices[0];
  const said: Saying = {
    food: bought ?? food,
    words: food,
    ...(sentence.coat !== undefined && { coat: sentence.coat }),
    ...(count !== undefined && { count }),
    ...(sentence.minutes !== undefined && { minutes: sentence.minutes }),
  };
  const question = useQuestion(said);
  const { entered, error: unread } = useEntered(said);
  const oneLine = entered?.oneLine ?? null;
  const coat = sentence.coat ?? entered?.coat.typed ?? EXAMPLE.coat;
  const usual = sentence.coat === undefined && (oneLine?.coat ?? null) === null;
  const body = entered && bodyOf(entered, fryer);
  const minutes = sentence.minutes ?? entered?.fried?.minutes ?? EXAMPLE.minutes;

  const begin = async (): Promise<void> => {
    const asked = dispatch(questions.endpoints.enter.initiate(question));
    const whole = bodyOf(await asked.unwrap(), fryer);
    asked.unsubscribe();
    setAsks(whole === null);
    if (!whole) return;
    const stored = await create(whole).unwrap();
    dispatch(begun());
    handedOver();
    await navigate(`/dish/${stored.id}`);
  };
  /** A whole recipe is no line: it is read where recipes are. */
  const pasted = (event: ClipboardEvent): void => {
    const text = event.clipboardData.getData('text');
    if (
      text
        .trim()
        .split('\n')
        .filter((line) => line.trim() !== '').length < RECIPE_LINES
    )
      return;
    event.preventDefault();
    void navigate('/recipe', { state: { text } });
  };

  return (
    <section aria-label={texts.beginWithDish} className="bg-primary text-primary-content">
      <form
        className="mx-auto grid max-w-6xl items-center gap-x-8 gap-y-3 px-4 py-4 md:grid-cols-[1fr_18rem]"
        onSubmit={(e) => {
          e.preventDefault();
          void begin().catch(() => undefined);
        }}
      >
        <div>
          <PageHeading className="text-3xl leading-tight">{texts.whatDoYouFry}</PageHeading>
          <p className="mt-1 max-w-prose">{texts.sayItAsYou}</p>
          <div className="mt-3 grid gap-y-2 [&_:is(input,select,textarea)]:border-primary-content [&_:is(input,select,textarea)]:bg-base-100 [&_:is(input,select,textarea)]:text-base-content">
            <Line id={`${id}food`} label={texts.iFry} hint={texts.with1LbThighs}>
              <input
                id={`${id}food`}
                className="input h-11 w-full text-lg"
                value={food}
                maxLength={200}
                autoComplete="off"
                onPaste={pasted}
                onChange={(e) =>
                  type({ food: e.target.value, coat: sentence.coat, bought: null, fryer: sentence.fryer })
                }
              />
            </Line>
            <div className="sm:pl-16">
              {entered && (
                <FoodRead
                  entered={entered}
                  onChoose={(answer) => change({ bought: answer, count: undefined })}
                  onCount={(pieces) => change({ count: pieces })}
                />
              )}
            </div>
            <Line id={`${id}coat`} label={texts.inIt} hint={texts.cupFlour1Tsp}>
              <textarea
                id={`${id}coat`}
                className="textarea min-h-11 w-full resize-y bg-base-100 py-2 text-lg leading-snug text-base-content"
                rows={rowsOf(coat)}
                value={coat}
                maxLength={1000}
                onPaste={pasted}
                onChange={(e) => change({ coat: e.target.value })}
                onKeyDown={(e) => {
                  if (e.key === 'Enter' && (e.ctrlKey || e.metaKey)) e.currentTarget.form?.requestSubmit();
                }}
              />
              <Choice
                className="mt-1 max-w-80"
                label={texts.coatByItsName}
                hideLabel
                value={NAMED_COATS.find((c) => c.label === coat)?.id ?? BY_WORDS}
                options={COATS}
                onChange={(named) => change({ coat: NAMED_COATS.find((c) => c.id === named)?.label ?? coat })}
              />
            </Line>
            <div className="sm:pl-16">
              {usual && entered?.food.bought && <p className="text-sm">{texts.asUsuallyFried}</p>}
              {oneLine && (
                <CoatInWords said={oneLine} written={sentence.coat} onTake={() => change({ coat: undefined })} />
              )}
              {entered && (
                <CoatRead
                  entered={entered}
                  onCoat={(named) => change({ coat: named })}
                  onReword={(typed, words) => change({ coat: coat.replace(typed, words) })}
                />
              )}
            </div>
            <div className="flex flex-wrap items-center gap-2 text-lg">
              {texts.forIt}
              <NumberField
                className="w-24"
                label={texts.minutesInOil}
                hideLabel
                value={minutes}
                quantity="minutes"
                range={RANGES.oilMinutes}
                step={0.5}
                onChange={(oilMinutes) => change({ minutes: oilMinutes })}
              />
              {texts.andIHave}
              <Choice
                className="w-48"
                label={texts.fryer}
                hideLabel
                value={fryer.name}
                options={choices.map((f) => ({ value: f.name, label: f.name }))}
                onChange={(name) => change({ fryer: name })}
              />
            </div>
          </div>
          <p className="mt-3 flex flex-wrap items-center gap-4">
            <button type="submit" className="btn btn-secondary h-12 text-base" disabled={isLoading}>
              {texts.showMeAirVersion}
            </button>
            <Link
              to="/recipe"
              className="btn h-12 border-primary-content bg-transparent text-base text-primary-content hover:bg-primary-content hover:text-primary"
            >
              {texts.iHaveRecipeTo}
            </Link>
            <span className="text-sm">{texts.cutPotAndEvery}</span>
          </p>
          {asks && body === null && (
            <p role="alert" className="mt-2 font-semibold">
              {texts.oneThingIsNot}
            </p>
          )}
          {(error || unread) && (
            <p role="alert" className="mt-2 font-semibold">
              {texts.nothingOfSentenceIs(error ? problemText(error) : unread)}
            </p>
          )}
        </div>
        <div className="rounded-box bg-base-100 p-2 text-base-content">
          <Picture body={body ?? { ...exampleConversion(), fryer }} />
        </div>
      </form>
    </section>
  );
}

const Picture = ({ body }: { body: ReturnType<typeof exampleConversion> }) => (
  <DishPicture body={body} side="pot" labelled />
);

/** One field of the sentence with the words before it; examples below while it is written in. */
function Line({ id, label, hint, children }: { id: string; label: string; hint: string; children: React.ReactNode }) {
  return (
    <div className="group grid items-start gap-x-3 sm:grid-cols-[3.25rem_1fr]">
      <label htmlFor={id} className="text-lg sm:flex sm:h-11 sm:items-center">
        {label}
      </label>
      <div>{children}</div>
      <p className="mt-1 text-xs opacity-90 sm:col-start-2">{texts.forExample(hint)}</p>
    </div>
  );
}
