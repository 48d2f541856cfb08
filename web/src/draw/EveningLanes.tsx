import { scaleLinear } from 'd3';
import { useEffect, useId, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Cook, EveningPlan, Task } from '@yellowmist/core';
import { DishPatterns, fillOf, lineOf } from './DishPatterns';
import { CrispLife, Wait } from './LaneBars';
import { LaneBlock } from './LaneBlock';
import { BAR, fitted, heightOf, lanesOf, stopsOf, ticksOf, untilFryer, waitsByItself } from './lanes';
import * as texts from './texts';

interface Props {
  plan: EveningPlan;
  cooks: readonly Cook[];
  dishes: readonly { id: string; name: string }[];
  /** "19:02" of minutes from the table. */
  time: (min: number) => string;
  /** What a task is called in full. */
  told: (task: Task) => string;
  /** Two or three words for it, where there is room. */
  label: (task: Task) => string;
  selected: string | null;
  onSelect: (id: string) => void;
  /** A task was carried to another beginning. */
  onMove: (task: Task, fromMin: number) => void;
}

const LEFT = 92;
const RIGHT = 58;
const AXIS = 24;
/** A minute is no narrower, px: below that one scrolls. */
const LEAST_PX = 4.4;
/** Nearer than this a drag is a touch, px. */
const TOUCH_PX = 5;
const STEP_MIN = 1;
const LONG_STEP_MIN = 5;

/** The evening over clock time: hands and machines as lanes, waiting and crisp life as what fades, the table at the end. */
export function EveningLanes({ plan, cooks, dishes, time, told, label, selected, onSelect, onMove }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const patterns = useId();
  const [wide, setWide] = useState(900);
  const [drag, setDrag] = useState<{ id: string; byPx: number } | null>(null);
  const [reached, setReached] = useState('');
  const from = useRef(0);
  useEffect(() => {
    const { current } = frame;
    if (!current) return;
    const watch = new ResizeObserver(([entry]) => setWide(entry.contentRect.width));
    watch.observe(current);
    return () => watch.disconnect();
  }, []);
  const ids = dishes.map((d) => d.id);
  const tasks = plan.tasks.filter((t) => !t.ahead);
  const first = Math.min(-1, ...tasks.map((t) => t.fromMin));
  const px = Math.max(LEAST_PX, (wide - LEFT - RIGHT) / -first);
  const x = scaleLinear()
    .domain([first, 0])
    .range([LEFT, LEFT - first * px]);
  const all = LEFT - first * px + RIGHT;
  const lanes = lanesOf(plan, cooks, ids);
  const laneOf = new Map(lanes.map((l) => [l.id, l]));
  const tall = heightOf(lanes);

  const stops = stopsOf(tasks, lanes);
  const at = Math.max(
    0,
    stops.findIndex((s) => s.key === reached),
  );
  const reach = (place: number): void => {
    const { key } = stops[Math.min(stops.length - 1, Math.max(0, place))];
    frame.current?.querySelector<SVGElement>(`[data-stop="${CSS.escape(key)}"]`)?.focus();
  };
  const keyed = (event: KeyboardEvent, task: Task): void => {
    const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    const place = { ArrowUp: at - 1, ArrowDown: at + 1, Home: 0, End: stops.length - 1 }[event.key];
    if (way !== undefined) onMove(task, Math.round(task.fromMin) + way * (event.shiftKey ? LONG_STEP_MIN : STEP_MIN));
    else if (place !== undefined) reach(place);
    else if (event.key === 'Enter' || event.key === ' ') onSelect(task.id);
    else return;
    event.preventDefault();
  };
  const carryOf = (task: Task) => ({
    onPointerDown: (event: PointerEvent): void => {
      onSelect(task.id);
      if (event.button !== 0) return;
      from.current = event.clientX;
      event.currentTarget.setPointerCapture(event.pointerId);
      setDrag({ id: task.id, byPx: 0 });
    },
    onPointerMove: (event: PointerEvent): void => {
      if (drag?.id === task.id) setDrag({ id: task.id, byPx: event.clientX - from.current });
    },
    onPointerUp: (): void => {
      if (drag?.id === task.id && Math.abs(drag.byPx) > TOUCH_PX) {
        onMove(task, Math.round(task.fromMin + drag.byPx / px));
      }
      setDrag(null);
    },
    onPointerCancel: (): void => setDrag(null),
  });

  return (
    <div ref={frame} className="touch-pan-x overflow-x-auto" tabIndex={-1}>
      <svg
        viewBox={`0 0 ${all} ${tall + AXIS}`}
        width={all}
        height={tall + AXIS}
        role="group"
        aria-label={texts.lanesOfEveningFrom(time(first), time(0))}
        fontSize={12}
        className="select-none"
      >
        <DishPatterns id={patterns} dishIds={ids} />
        {ticksOf(first, time).map((t) => (
          <g key={t}>
            <path d={`M${x(t)} 0 V${tall}`} className="stroke-base-content" strokeOpacity={0.16} />
            <text x={x(t)} y={tall + 16} textAnchor="middle" className="fill-current" fontSize={11}>
              {time(t)}
            </text>
          </g>
        ))}
        {lanes.map((lane) => (
          <g key={lane.id}>
            <rect
              x={LEFT - 4}
              y={lane.top}
              width={all - LEFT - RIGHT + 4}
              height={lane.tall}
              className="fill-base-200"
              fillOpacity={0.7}
              rx={4}
            />
            <text x={0} y={lane.top + lane.tall / 2 + 4} className="fill-current" fontWeight={700} fontSize={12}>
              {fitted(lane.name, LEFT - 4)}
            </text>
          </g>
        ))}
        {tasks.filter(waitsByItself).map((task) => {
          const lane = laneOf.get('tray')!;
          return (
            <Wait
              key={task.id}
              x={x(task.fromMin)}
              wide={x(Math.min(0, untilFryer(task, tasks))) - x(task.fromMin)}
              y={lane.top + 3 + ids.indexOf(task.dishId ?? '') * BAR}
              fill={lineOf(ids, task.dishId)}
              told={told(task)}
            />
          );
        })}
        {plan.table.map((batch) => (
          <CrispLife key={`${batch.dishId}${batch.batch}`} batch={batch} x={x} lane={laneOf.get('rack')!} ids={ids} />
        ))}
        {stops.map((stop) => {
          const { key, task } = stop;
          return (
            <LaneBlock
              key={key}
              stop={stop}
              left={x(task.fromMin) + (drag?.id === task.id ? drag.byPx : 0)}
              width={Math.max(3, x(task.toMin) - x(task.fromMin) - 1)}
              fill={task.dishId === null ? 'var(--color-base-300)' : fillOf(patterns, ids, task.dishId)}
              label={label(task)}
              told={told(task)}
              selected={selected === task.id}
              reached={stops[at].key === key}
              onFocus={() => {
                setReached(key);
                onSelect(task.id);
              }}
              onKeyDown={(e) => keyed(e, task)}
              carry={carryOf(task)}
            />
          );
        })}
        {tasks
          .filter((t) => t.kind === 'look' && t.fryer !== null)
          .map((task) => {
            const lane = laneOf.get(`fryer:${task.fryer}`)!;
            return (
              <path
                key={`mark${task.id}`}
                d={`M${x(task.fromMin)} ${lane.top + lane.tall - 3} l4 -7 l4 7 z`}
                fill="#23272b"
                pointerEvents="none"
              />
            );
          })}
        <path d={`M${x(0)} 0 V${tall}`} className="stroke-current" strokeWidth={3} />
        <text x={x(0) + 7} y={14} className="fill-current" fontWeight={700} fontSize={13}>
          {time(0)}
        </text>
        <text x={x(0) + 7} y={28} className="fill-current" fontSize={11}>
          {texts.table}
        </text>
      </svg>
    </div>
  );
}
