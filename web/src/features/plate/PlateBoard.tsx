import { setTo, WARMED, type Serving } from '@yellowmist/core';
import { RANGES } from '@yellowmist/contract';
import { useAppDispatch } from '../../state/hooks';
import { requestOf, usePantryDocument } from '../../state/pantryDocument';
import { useAnswer } from '../../state/useAnswer';
import { useUnits } from '../../state/useUnits';
import { CardTable } from '../../ui/CardTable';
import { NumberField } from '../../ui/NumberField';
import type { BoardProps } from '../dish/board';
import { dishChanged } from '../dish/dishSlice';
import * as texts from './texts';

type Fact = Exclude<keyof Serving, 'people'>;

const FACTS: readonly { key: Fact; label: string; unit: string; step: number }[] = [
  { key: 'energyKcal', label: texts.energy, unit: 'kcal', step: 10 },
  { key: 'proteinG', label: texts.protein, unit: 'g', step: 1 },
  { key: 'fatG', label: texts.fat, unit: 'g', step: 1 },
  { key: 'carbohydrateG', label: texts.carbohydrate, unit: 'g', step: 1 },
  { key: 'saltG', label: texts.salt, unit: 'g', step: 0.1 },
];

const rounded = (value: number, step: number): string => String(Number((Math.round(value / step) * step).toFixed(1)));

/** "410 to 490 kcal": the value with what it may be off by, as far as one can say. */
function rangeText(serving: Serving, { key, unit, step }: (typeof FACTS)[number]): string {
  const { value, off } = serving[key];
  const [from, to] = [rounded(Math.max(0, value - off), step), rounded(value + off, step)];
  return from === to ? `${from} ${unit}` : texts.to(from, to, unit);
}

/** What one person eats of it, from the air and from the pot; what goes with it in the fryer; how it is made hot again. */
export default function PlateBoard({ body, air }: BoardProps) {
  const dispatch = useAppDispatch();
  const { perServing } = air;
  const { people } = perServing.air;
  return (
    <div className="grid gap-x-10 gap-y-3 lg:grid-cols-2">
      <section aria-label={texts.onePersonsPlate}>
        <div className="flex flex-wrap items-end gap-4">
          <h3 className="text-lg">{texts.onePersonsPlate}</h3>
          <NumberField
            className="w-28"
            label={texts.peopleWhoEat}
            value={people}
            quantity="plain"
            range={RANGES.servings}
            whole
            onChange={(servings) => dispatch(dishChanged({ servings }))}
          />
        </div>
        <CardTable
          heads={[texts.ofWholeDish, texts.fromAirFryer, texts.fromPot]}
          rows={FACTS.map((fact) => ({
            key: fact.key,
            cells: [fact.label, <b key="air">{rangeText(perServing.air, fact)}</b>, rangeText(perServing.pot, fact)],
          }))}
        />
        <p className="mt-2 max-w-prose text-xs">{texts.foodCoatOilThat(body.dish.count, people)}</p>
      </section>
      <WithIt body={body} air={air} />
    </div>
  );
}

/** What is warmed in the fryer beside the dish, and what is left of it the next day. */
function WithIt({ body, air }: Pick<BoardProps, 'body' | 'air'>) {
  const pantry = usePantryDocument();
  const { set, tell, say } = useUnits();
  const { answer } = useAnswer('reheating', { ...requestOf(body, pantry), plan: air.plan });
  const { fryer } = body;
  return (
    <section aria-label={texts.withItInFryer}>
      <h3 className="text-lg">{texts.withItInFryer}</h3>
      <dl className="mt-1 grid grid-cols-[8rem_1fr] gap-x-3 gap-y-2 text-sm">
        <dt className="font-semibold">{texts.buns}</dt>
        <dd>
          {texts.atWhenLastBatch(
            say(WARMED.bunsMin, 'minutes'),
            set(Math.min(WARMED.bunsC, fryer.maxTempC), fryer.stepC),
          )}
        </dd>
        <dt className="font-semibold">{texts.sliceOfCheese}</dt>
        <dd>{texts.onDonePiecesIn(say(WARMED.cheeseMin, 'minutes'))}</dd>
        <dt className="font-semibold">{texts.whatIsLeft}</dt>
        <dd>
          {texts.coldWithinTwoHours(
            answer === null
              ? '…'
              : answer.minutes === null
                ? texts.itDoesNotCome
                : tell([
                    texts.aboutAt(say(answer.minutes, 'minutes')),
                    setTo(answer.tempC, fryer.stepC),
                    texts.oneLayerNeverCovered,
                    { kind: 'temperature', value: answer.centreC },
                    '.',
                  ]),
          )}
        </dd>
      </dl>
    </section>
  );
}
