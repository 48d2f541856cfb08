import type { ConversionBody } from '@yellowmist/contract';
import {
  foodOf,
  hasOil,
  crumbsOiled,
  LANDS,
  PLAIN_OILING,
  portionOil,
  readyPiece,
  smokeOf,
  withoutOil,
  type AirPlan,
  type AirResult,
  type Between,
  type FriedResult,
  type Oiling,
} from '@yellowmist/core';
import { useKitchenQuery } from '../../state/api';
import { useAppDispatch } from '../../state/hooks';
import { Choice } from '../../ui/Choice';
import { usePantry } from '../../state/usePantry';
import { useUnits } from '../../state/useUnits';
import type { BoardProps } from '../dish/board';
import { layersChanged, planChanged } from '../dish/dishSlice';
import { IngredientChoice, isFryingOil } from '../dish/IngredientChoice';
import { OilCover } from './OilCover';
import { OilPlaces } from './OilPlaces';
import * as texts from './texts';

const TOOLS: Record<Oiling['tool'], string> = { pump: texts.pumpBottle, can: texts.propellantCan, brush: texts.brush };

/** Oil: which one, with what, how much of it where and when, how far it covers, and what it comes to against the pot. */
export default function OilBoard({ body, plan, air, fried }: BoardProps) {
  const pantry = usePantry();
  const dispatch = useAppDispatch();
  const { tell } = useUnits();
  const oiling = plan.oiling ?? PLAIN_OILING;
  const set = (part: Partial<Oiling>): void => void dispatch(planChanged({ oiling: { ...oiling, ...part } }));
  const { data: kitchen } = useKitchenQuery();
  const named = (tool: Oiling['tool']): string => kitchen?.sprayers.find((s) => s.kind === tool)?.name ?? TOOLS[tool];
  const { fryer } = body;
  const smoke = smokeOf(pantry, oiling.oilId, plan.settings.tempC + fryer.offsetC);
  return (
    <div className="grid gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1fr)_15rem_17rem]">
      <div>
        <div className="flex flex-wrap items-end gap-3">
          <IngredientChoice
            className="w-56"
            label={texts.oil}
            labelled
            fits={isFryingOil}
            value={oiling.oilId}
            onChange={(oilId) => set({ oilId })}
          />
          <Choice
            className="w-44"
            label={texts.putOnWith}
            value={oiling.tool}
            options={(Object.keys(TOOLS) as Oiling['tool'][]).map((tool) => ({ value: tool, label: named(tool) }))}
            onChange={(tool) => set({ tool })}
          />
          {smoke && (
            <p className="min-w-48 flex-1 text-sm leading-snug">
              {texts.tastes(smoke.flavour)}
              <span className={smoke.word === 'smokes' ? 'font-semibold text-error' : ''}>{tell(smoke.text)}</span>
            </p>
          )}
        </div>
        <OilPlaces plan={plan} air={air} body={body} />
        <Crumbs plan={plan} oilId={oiling.oilId} />
      </div>
      <section aria-label={texts.howFarItCovers}>
        <h3 className="text-base">{texts.howFarItCovers}</h3>
        <OilCover plan={plan} />
        <p className="mt-1 text-xs leading-snug">{texts.dropsFallWhereThey(Math.round(LANDS[oiling.tool] * 100))}</p>
      </section>
      <Portion body={body} air={air} fried={fried} />
    </div>
  );
}

/** Oil in the crumbs is a matter of the coat: a tablespoon to a cup, or none. */
function Crumbs({ plan, oilId }: { plan: AirPlan; oilId: string }) {
  const pantry = usePantry();
  const dispatch = useAppDispatch();
  const mixed = plan.layers.some((layer) => hasOil(pantry, layer));
  const oiled = crumbsOiled(pantry, plan.layers, oilId);
  if (!mixed && !oiled) return null;
  return (
    <button
      type="button"
      className="btn btn-sm btn-outline mt-2 h-9"
      onClick={() =>
        dispatch(layersChanged({ side: 'air', layers: mixed || !oiled ? withoutOil(pantry, plan.layers) : oiled }))
      }
    >
      {mixed ? texts.leaveOilOutOf : texts.mix1TbspOf}
    </button>
  );
}

const KCAL_PER_G = 9;
const span = ({ low, high }: Between, digits: number): string => texts.to(low.toFixed(digits), high.toFixed(digits));
/** No finer than an estimate is: whole kcal below 50, tens above. */
const kcalStep = (kcal: number): number => (kcal < 50 ? 1 : 10);
const kcal = ({ low, high }: Between): string =>
  [low, high]
    .map((g) => g * KCAL_PER_G)
    .map((value) => Math.round(value / kcalStep(value)) * kcalStep(value))
    .join(texts.oilBoardTo);

/** Oil of one portion against the pot, with how unsure it is, and the caution about mist. */
function Portion({ body, air, fried }: { body: ConversionBody; air: AirResult; fried: FriedResult }) {
  const pantry = usePantry();
  const { massG } = readyPiece(pantry, body.dish, []).piece;
  const { pieces, airG, potG } = portionOil(massG, air.oilPerPieceG, fried.oilPerPieceG);
  return (
    <section aria-label={texts.oilOfPortion}>
      <h3 className="text-base">{texts.portionOf(pieces, pieces === 1 ? texts.piece : texts.pieces)}</h3>
      <dl className="text-sm leading-snug">
        <dt>{texts.inAir}</dt>
        <dd className="font-semibold">{texts.gOfOilKcal(span(airG, 1), kcal(airG))}</dd>
        <dt>{texts.fromPot}</dt>
        <dd className="font-semibold">{texts.gOfOilKcal(span(potG, potG.high < 10 ? 1 : 0), kcal(potG))}</dd>
      </dl>
      <p className="mt-1 text-xs leading-snug">
        {texts.estimatesOfCookingOil(foodOf(pantry, body.dish.foodId).name.toLowerCase())}
      </p>
      <p className="mt-2 border-l-4 border-warning pl-2 text-sm leading-snug">{texts.oilOnTrayAway}</p>
    </section>
  );
}
