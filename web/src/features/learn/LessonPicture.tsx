import {
  centreAt,
  goldenIn,
  plain,
  safeMinimum,
  STILL_CRISP,
  type LessonPicture as Kind,
  type Place,
  type Played,
  type Shown,
} from '@yellowmist/core';
import { LifeLines } from '../../draw/LifeLines';
import { StillBasket } from '../../draw/StillBasket';
import { WindowBars } from '../../draw/WindowBars';
import { useUnits } from '../../state/useUnits';
import { PlayedCutaways } from './PlayedCutaways';
import * as texts from './texts';

interface Props {
  kind: Kind;
  played: Played;
}

const WHERE: Record<Place, string> = { rack: texts.onRack, plate: texts.onPlate, hold: texts.inFryerOff };

/** What is drawn of a lesson's cooks. */
export function LessonPicture({ kind, played }: Props) {
  const { shown, said } = played;
  // What is drawn is said beside it, and to whoever reads it by ear.
  const title = said.map(plain).join(' ');
  if (kind === 'cutaways') return <PlayedCutaways shown={shown} />;
  if (kind === 'windows') return <Windows shown={shown} title={title} />;
  if (kind === 'waiting') return <Waiting shown={shown} title={title} />;
  return <Baskets shown={shown} />;
}

function Windows({ shown, title }: { shown: readonly Shown[]; title: string }) {
  const { set } = useUnits();
  const bars = shown.flatMap(({ scene, air, food }) => {
    if (!air) return [];
    const minimum = safeMinimum(food.food.safety);
    return {
      name: `At ${set(air.plan.settings.tempC, scene.fryer.stepC)}`,
      series: air.series,
      window: goldenIn(air.series),
      centreMin: minimum ? centreAt(air.series, minimum.tempC) : undefined,
    };
  });
  return (
    <>
      <WindowBars bars={bars} title={title} />
      {shown.length === 1 && <PlayedCutaways shown={shown} />}
    </>
  );
}

function Waiting({ shown: [first], title }: { shown: readonly Shown[]; title: string }) {
  const waiting = first.air?.waiting.filter((w) => !w.sauced) ?? [];
  const lines = waiting.map(({ place, crispness }) => ({ name: WHERE[place], crispness }));
  const still = STILL_CRISP * Math.max(...lines.map((l) => l.crispness[0] ?? 0));
  return <LifeLines lines={lines} still={still} title={title} />;
}

const Baskets = ({ shown }: { shown: readonly Shown[] }) => (
  <div className="grid gap-4 sm:grid-cols-2">
    {shown.map(({ scene, air, layout }) => (
      <figure key={scene.name} className="min-w-0">
        <figcaption className="font-display text-lg font-semibold">{scene.name}</figcaption>
        {layout?.racks.map((laid, rack) => (
          <StillBasket
            key={rack}
            basket={scene.fryer.basket}
            footprints={layout.footprints[rack] ?? layout.footprints[0]}
            torn={scene.dish.shape.kind === 'irregular'}
            laid={laid}
            colour={air?.outcomes.colourTop?.value ?? 0}
            title={texts.piecesFromAbove(
              layout.racks.length > 1 ? (rack === 0 ? texts.upperRack : texts.lowerRack) : '',
              laid.length,
            )}
          />
        ))}
      </figure>
    ))}
  </div>
);
