import type { ExperimentDocument } from '@yellowmist/contract';
import { spotFactor, spotFactorTurned } from '@yellowmist/core';
import { MarkedBasket } from '../../draw/MarkedBasket';
import { useUnits } from '../../state/useUnits';
import { RackFigure } from '../../ui/RackFigure';
import { WayMark } from './WayMark';
import * as texts from './texts';

/** Browning of a golden top: the picture is of the cooked batch. */
const GOLDEN_B = 1;

const percent = (value: number): string => (value < 0.95 ? `${value.toFixed(1)} %` : `${Math.round(value)} %`);

/** Where each piece lies, why that is fair, what is done one after the other, and the tray. */
export function Laid({ experiment }: { experiment: ExperimentDocument }) {
  const { tell } = useUnits();
  const { planned, asked } = experiment;
  const { racks, footprints, basket, ways, over, laying } = planned;
  const { fryer, dish } = asked;
  const marks = ways.map((w) => w.mark);
  const factorAt = laying === 'halves' ? spotFactorTurned : spotFactor;
  return (
    <section aria-label={texts.howTheyLie}>
      <h2 className="text-xl">{texts.inBasket}</h2>
      <div className={`mt-1 grid gap-3 ${racks.length > 1 ? 'sm:grid-cols-2' : ''}`}>
        {racks.map((laid, rack) => (
          <RackFigure key={rack} racks={racks.length} rack={rack} name={experiment.name}>
            <MarkedBasket
              basket={basket}
              footprints={footprints[rack] ?? footprints[0]}
              torn={dish.shape.kind === 'irregular'}
              laid={laid}
              marks={marks}
              colourAt={(x, y) => GOLDEN_B * factorAt(fryer, x, y)}
              title={texts.fromAboveRowBy(fryer.name, rowsTold(laid, marks))}
            />
          </RackFigure>
        ))}
      </div>
      <Fair experiment={experiment} />
      {over > 0 && (
        <p className="text-sm">{texts.overMarkedMadeAs(over === 1 ? texts.onePieceIs : texts.piecesAre(over))}</p>
      )}
      <h2 className="mt-4 text-xl">{texts.oneAfterOther}</h2>
      <ol className="mt-1 list-decimal space-y-1 pl-6">
        {planned.steps.map((step, at) => (
          <li key={at}>{tell(step)}</li>
        ))}
      </ol>
      <h3 className="mt-3">{texts.theTray}</h3>
      <div className="mt-1 flex max-w-lg overflow-hidden rounded-field border-2 border-base-content/60 bg-base-200">
        {ways.map((way, at) => (
          <div
            key={way.mark}
            className="flex min-w-0 grow basis-0 flex-col items-center gap-1 border-base-content/40 p-3 text-center text-sm not-first:border-l-2 not-first:border-dashed"
          >
            <WayMark mark={way.mark} at={at} />
            <span className="break-words">{texts.pieces(way.pieces)}</span>
          </div>
        ))}
      </div>
    </section>
  );
}

/** Why hot places do not decide. */
function Fair({ experiment: { planned, asked } }: { experiment: ExperimentDocument }) {
  const { hotPercent, sidePercent, tested, fair, laying } = planned;
  if (!tested)
    return (
      <p className="mt-1 text-sm">
        {texts.noBreadTestSays(asked.fryer.name, laying === 'halves' ? texts.eachHalfLiesIn : texts.eachWayLiesAs)}
      </p>
    );
  return (
    <p className={`mt-1 text-sm ${fair ? '' : 'border-l-4 border-warning pl-2'}`}>
      {texts.byBreadTestOf(asked.fryer.name, percent(hotPercent), percent(sidePercent))}
      {!fair && texts.soFewPiecesCannot}
    </p>
  );
}

/** Letters in rows from the back left, as they are laid. */
function rowsTold(laid: readonly { xMm: number; yMm: number; way: number | null }[], marks: readonly string[]): string {
  const letter = (way: number | null): string => (way === null ? 'none' : marks[way]);
  const inOrder = [...laid].sort((a, b) => a.yMm - b.yMm || a.xMm - b.xMm);
  return inOrder.map(({ way }) => letter(way)).join(', ');
}
