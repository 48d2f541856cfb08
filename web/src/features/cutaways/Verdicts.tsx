import { colourWord, safeMinimum, type CookResult, type Food, type WordId } from '@yellowmist/core';
import { crustCss } from '../../draw/palette';
import { useUnits } from '../../state/useUnits';
import { Word } from '../../ui/Word';
import * as texts from './texts';

const oilWord = (grams: number): string =>
  grams < 0.1 ? texts.under01G : texts.aboutGPiece(grams < 1 ? grams.toFixed(1) : Math.round(grams));

/** Set, colour, centre, crunch and oil of one cook at its end, in words and numbers. */
export function Verdicts({ result, food }: { result: CookResult; food: Food }) {
  const { say } = useUnits();
  const minimum = safeMinimum(food.food.safety);
  const safeFrom = minimum ? texts.safeFrom(say(minimum.tempC, 'temperature')) : '';
  const { centre, doneness, setTime, crispness, colourTop, colourUnder, runOff } = result.outcomes;
  const rows: [string, React.ReactNode, WordId?][] = [
    [
      texts.coat,
      `${setTime?.word ?? ''}${runOff && runOff.value > 0.05 ? texts.ranOff(Math.round(runOff.value * 100)) : ''}`,
      'set',
    ],
    [texts.colour, <Colours key="c" top={colourTop?.value ?? 0} under={colourUnder?.value ?? 0} />, 'golden'],
    [
      texts.centre,
      `${centre ? say(centre.value, 'temperature') : ''}, ${doneness?.word ?? centre?.word ?? ''}${safeFrom}`,
    ],
    [texts.crunch, crispness?.word ?? ''],
    [texts.oilKept, oilWord(result.oilPerPieceG)],
  ];
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-2 text-sm leading-snug">
      {rows.map(([term, value, word]) => (
        <div key={term} className="contents">
          <dt className="opacity-85">{word ? <Word id={word}>{term}</Word> : term}</dt>
          <dd className="font-semibold">{value}</dd>
        </div>
      ))}
    </dl>
  );
}

function Colours({ top, under }: { top: number; under: number }) {
  const [above, below] = [colourWord(top), colourWord(under)];
  return (
    <span className="inline-flex items-center gap-1">
      <span
        aria-hidden
        className="inline-block h-3 w-4 rounded-xs border border-base-content/30"
        style={{ background: crustCss(top) }}
      />
      {above}
      {above !== below && (
        <>
          {texts.below}
          <span
            aria-hidden
            className="inline-block h-3 w-4 rounded-xs border border-base-content/30"
            style={{ background: crustCss(under) }}
          />
          {below}
        </>
      )}
    </span>
  );
}
