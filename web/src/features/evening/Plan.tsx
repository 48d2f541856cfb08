import { useState } from 'react';
import type { EveningBody } from '@yellowmist/contract';
import type { Change, Task } from '@yellowmist/core';
import { EveningLanes } from '../../draw/EveningLanes';
import { letterOf } from '../../draw/lanes';
import { useUnits } from '../../state/useUnits';
import { StartCook } from '../dish/StartCook';
import { Savable } from '../../ui/Savable';
import { Tabs } from '../../ui/Tabs';
import { Ahead } from './Ahead';
import { AtTheTable } from './AtTheTable';
import { ByTime } from './ByTime';
import { Headline } from './Headline';
import { Measuring, Shopping } from './Lists';
import { Order } from './Order';
import { TaskDetail } from './TaskDetail';
import { Troubles } from './Troubles';
import type { Arranging } from './useHistory';
import { useMoves } from './useMoves';
import type { Planned } from './usePlan';
import { labelOf } from './words';
import * as texts from './texts';

interface Props {
  id: string;
  body: EveningBody;
  planned: Planned;
  /** Whether another plan is being made. */
  stale: boolean;
  arranging: Arranging;
  take: (change: Change) => void;
}

/** What was planned: in a line, what to know of it, over clock time, and as lists. */
export function Plan({ id, body, planned, stale, arranging, take }: Props) {
  const { evening, clock, asked } = planned;
  const { tell } = useUnits();
  const [selected, setSelected] = useState<string | null>(null);
  const moves = useMoves(planned, arranging);
  const ids = body.dishes.map((d) => d.id);
  const dishes = body.dishes.map((d) => ({ id: d.id, name: evening.dishes.find((e) => e.id === d.id)?.name ?? '' }));
  const nameOf = (dishId: string | null): string => dishes.find((d) => d.id === dishId)?.name ?? texts.all;
  const tasks = evening.plan.tasks;
  const task = tasks.find((t) => t.id === selected);
  const told = (t: Task): string =>
    texts.to(
      clock.time(t.fromMin),
      clock.time(t.toMin),
      t.cook === null ? (t.fryer ?? '') : (body.cooks[t.cook]?.name ?? ''),
      nameOf(t.dishId),
      tell(t.text),
    );
  return (
    <div aria-busy={stale}>
      <Headline body={body} planned={planned} id={id} />
      <StartCook of={{ evening: { ...body, id } }} />
      <Troubles evening={evening} asked={asked} onTake={take} />
      <Ahead tasks={tasks} clock={clock} />
      <div className="max-sm:hidden">
        <Savable name={texts.lanesOf(body.name)} corner="bottom">
          <EveningLanes
            plan={evening.plan}
            cooks={body.cooks}
            dishes={dishes}
            time={clock.time}
            told={told}
            label={(t) => labelOf(t, letterOf(ids, t.dishId))}
            selected={selected}
            onSelect={setSelected}
            onMove={moves.move}
          />
        </Savable>
        <TaskDetail task={task} cooks={body.cooks} dishIds={ids} nameOf={nameOf} time={clock.time} moves={moves} />
      </div>
      <Tabs
        label={texts.whatIsToldOf}
        tabs={[
          {
            id: 'time',
            label: texts.byTime,
            content: () => (
              <ByTime
                tasks={tasks}
                cooks={body.cooks}
                dishIds={ids}
                nameOf={nameOf}
                clock={clock}
                selected={selected}
                onSelect={setSelected}
                moves={moves}
              />
            ),
          },
          {
            id: 'table',
            label: texts.atTable,
            content: () => <AtTheTable table={evening.plan.table} dishIds={ids} nameOf={nameOf} time={clock.time} />,
          },
          {
            id: 'order',
            label: texts.orderAndBowls,
            content: () => <Order order={evening.order} bowls={evening.bowls} dishIds={ids} />,
          },
          { id: 'buy', label: texts.buy, content: () => <Shopping shopping={evening.shopping} /> },
          {
            id: 'measure',
            label: texts.measure,
            content: () => <Measuring measuring={evening.measuring} dishIds={ids} />,
          },
        ]}
      />
    </div>
  );
}
