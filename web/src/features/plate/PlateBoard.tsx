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

type Fact = Exclude<keyof Serving, 'people'>;

const FACTS: readonly { key: Fact; label: string; unit: string; step: number }[] = [
  { key: 'energyKcal', label: 'Energy', unit: 'kcal', step: 10 },
  { key: 'proteinG', label: 'Protein', unit: 'g', step: 1 },
  { key: 'fatG', label: 'Fat', unit: 'g', step: 1 },
  { key: 'carbohydrateG', label: 'Carbohydrate', unit: 'g', step: 1 },
  { key: 'saltG', label: 'Salt', unit: 'g', step: 0.1 },
];

const rounded = (value: number, step: number): string => String(Number((Math.round(value / step) * step).toFixed(1)));

/** "410 to 490 kcal": the value with what it may be off by, as far as one can say. */
function rangeText(serving: Serving, { key, unit, step }: (typeof FACTS)[number]): string {
  const { value, off } = serving[key];
  const [from, to] = [rounded(Math.max(0, value - off), step), rounded(value + off, step)];
  return from === to ? `${from} ${unit}` : `${from} to ${to} ${unit}`;
}

/** What one person eats of it, from the air and from the pot; what goes with it in the fryer; how it is made hot again. */
export default function PlateBoard({ body, air }: BoardProps) {
  const dispatch = useAppDispatch();
  const { perServing } = air;
  const { people } = perServing.air;
  return (
    <div className="grid gap-x-10 gap-y-3 lg:grid-cols-2">
      <section aria-label="One person’s plate">
        <div className="flex flex-wrap items-end gap-4">
          <h3 className="text-lg">One person’s plate</h3>
          <NumberField
            className="w-28"
            label="People who eat"
            value={people}
            quantity="plain"
            range={RANGES.servings}
            whole
            onChange={(servings) => dispatch(dishChanged({ servings }))}
          />
        </div>
        <CardTable
          heads={['Of the whole dish', 'From the air fryer', 'From the pot']}
          rows={FACTS.map((fact) => ({
            key: fact.key,
            cells: [fact.label, <b key="air">{rangeText(perServing.air, fact)}</b>, rangeText(perServing.pot, fact)],
          }))}
        />
        <p className="mt-2 max-w-prose text-xs">
          Food, coat, oil that stays and what stands beside, {body.dish.count} pieces shared by {people}. Estimates from
          usual compositions: two times in three the truth lies within the range. No dietary or medical advice.
        </p>
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
    <section aria-label="With it in the fryer">
      <h3 className="text-lg">With it in the fryer</h3>
      <dl className="mt-1 grid grid-cols-[8rem_1fr] gap-x-3 gap-y-2 text-sm">
        <dt className="font-semibold">Buns</dt>
        <dd>
          {say(WARMED.bunsMin, 'minutes')} at {set(Math.min(WARMED.bunsC, fryer.maxTempC), fryer.stepC)} when the last
          batch is out and the fryer is hot, cut side up. They burn quickly: stay beside them.
        </dd>
        <dt className="font-semibold">A slice of cheese</dt>
        <dd>
          On the done pieces in the switched-off fryer, {say(WARMED.cheeseMin, 'minutes')} with the drawer shut. While
          the fan runs it flies.
        </dd>
        <dt className="font-semibold">What is left</dt>
        <dd>
          Cold within two hours, uncovered until it is. From the refrigerator{' '}
          {answer === null
            ? '…'
            : answer.minutes === null
              ? 'it does not come hot within half an hour: halve the pieces.'
              : tell([
                  `about ${say(answer.minutes, 'minutes')} at `,
                  setTo(answer.tempC, fryer.stepC),
                  ', one layer, never covered, until the centre says ',
                  { kind: 'temperature', value: answer.centreC },
                  '.',
                ])}{' '}
          Once only.
        </dd>
      </dl>
    </section>
  );
}
