import { scaleLinear } from 'd3';
import { useEffect, useId, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { AtTable, Cook, EveningPlan, Task } from '@yellowmist/core';
import { BAR, fitted, heightOf, isInFryer, lanesOf, waitsByItself, type Lane } from './lanes';
import { DishPatterns, fillOf, lineOf } from './DishPatterns';

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

  const grabbed = (event: PointerEvent, task: Task): void => {
    onSelect(task.id);
    if (event.button !== 0) return;
    from.current = event.clientX;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    setDrag({ id: task.id, byPx: 0 });
  };
  const carried = (event: PointerEvent, task: Task): void => {
    if (drag?.id === task.id) setDrag({ id: task.id, byPx: event.clientX - from.current });
  };
  const dropped = (task: Task): void => {
    if (drag?.id === task.id && Math.abs(drag.byPx) > TOUCH_PX) onMove(task, Math.round(task.fromMin + drag.byPx / px));
    setDrag(null);
  };
  const keyed = (event: KeyboardEvent, task: Task): void => {
    const way = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (event.key === 'Enter' || event.key === ' ') onSelect(task.id);
    if (way !== 0) onMove(task, Math.round(task.fromMin) + way * (event.shiftKey ? LONG_STEP_MIN : STEP_MIN));
    if (way !== 0 || event.key === ' ') event.preventDefault();
  };

  const block = (task: Task, lane: Lane) => {
    const moving = drag?.id === task.id ? drag.byPx : 0;
    const left = x(task.fromMin) + moving;
    const width = Math.max(3, x(task.toMin) - x(task.fromMin) - 1);
    const chosen = selected === task.id;
    const text = fitted(label(task), width);
    const quiet = task.kind === 'preheat' || task.kind === 'load' || task.kind === 'unload' || task.kind === 'check';
    return (
      <g
        key={`${lane.id}${task.id}`}
        role="button"
        tabIndex={0}
        aria-label={told(task)}
        aria-pressed={chosen}
        className="cursor-grab touch-none focus-visible:outline-2"
        transform={`translate(${left} ${lane.top + 4})`}
        onPointerDown={(e) => grabbed(e, task)}
        onPointerMove={(e) => carried(e, task)}
        onPointerUp={() => dropped(task)}
        onPointerCancel={() => setDrag(null)}
        onClick={() => onSelect(task.id)}
        onFocus={() => onSelect(task.id)}
        onKeyDown={(e) => keyed(e, task)}
      >
        <title>{told(task)}</title>
        <rect
          width={width}
          height={lane.tall - 8}
          rx={3}
          fill={task.dishId === null ? 'var(--color-base-300)' : fillOf(patterns, ids, task.dishId)}
          fillOpacity={quiet && lane.kind === 'fryer' ? 0.45 : 1}
          stroke="currentColor"
          strokeWidth={chosen ? 2.5 : 0.75}
          strokeDasharray={task.kind === 'preheat' ? '3 2' : undefined}
        />
        {text !== '' && (
          <text
            x={4}
            y={(lane.tall - 8) / 2 + 4}
            fontSize={11.5}
            fill="#23272b"
            fontWeight={lane.kind === 'fryer' ? 650 : 500}
          >
            {text}
          </text>
        )}
        {task.pinned && <circle cx={Math.min(width - 3, 5)} cy={4} r={3} className="fill-error" />}
      </g>
    );
  };

  return (
    <div ref={frame} className="touch-pan-x overflow-x-auto" tabIndex={-1}>
      <svg
        viewBox={`0 0 ${all} ${tall + AXIS}`}
        width={all}
        height={tall + AXIS}
        role="group"
        aria-label={`Lanes of the evening from ${time(first)} to the table at ${time(0)}`}
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
        {tasks.filter(isInFryer).map((task) => block(task, laneOf.get(`fryer:${task.fryer}`)!))}
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
        {tasks.filter((t) => t.cook !== null).map((task) => block(task, laneOf.get(`hands:${task.cook}`)!))}
        <path d={`M${x(0)} 0 V${tall}`} className="stroke-current" strokeWidth={3} />
        <text x={x(0) + 7} y={14} className="fill-current" fontWeight={700} fontSize={13}>
          {time(0)}
        </text>
        <text x={x(0) + 7} y={28} className="fill-current" fontSize={11}>
          table
        </text>
      </svg>
    </div>
  );
}

/** Quarters of an hour by the clock, or halves where the evening is long; minutes from the table. */
function ticksOf(first: number, time: (min: number) => string): number[] {
  const minuteAtTable = Number(time(0).slice(3));
  const step = first < -200 ? 30 : 15;
  const offset = minuteAtTable % step;
  const last = -offset;
  const ticks: number[] = [];
  for (let t = last; t >= first; t -= step) if (t < -6) ticks.push(t);
  return ticks;
}

/** When what rests goes into the fryer: it waits on its tray until then. */
function untilFryer(rest: Task, tasks: readonly Task[]): number {
  const load = tasks.find((t) => t.kind === 'load' && t.dishId === rest.dishId && t.batch === rest.batch);
  return rest.kind === 'rest' && load ? load.fromMin : rest.toMin;
}

function Wait({ x, wide, y, fill, told }: { x: number; wide: number; y: number; fill: string; told: string }) {
  return (
    <g>
      <title>{told}</title>
      <rect x={x} y={y} width={Math.max(1, wide)} height={BAR - 2} rx={2} fill={fill} fillOpacity={0.75} />
    </g>
  );
}

/** A batch from the fryer to the table: it fades as it softens, and ends full where it is crisp when it is eaten. */
function CrispLife({
  batch,
  x,
  lane,
  ids,
}: {
  batch: AtTable;
  x: (min: number) => number;
  lane: Lane;
  ids: readonly string[];
}) {
  const id = useId();
  const y = lane.top + 3 + ids.indexOf(batch.dishId) * BAR;
  const [from, to] = [x(batch.readyMin), x(batch.eatenMin)];
  const left = batch.crispness / Math.max(1e-6, batch.ifFresh);
  const fill = lineOf(ids, batch.dishId);
  const end = Math.min(1, Math.max(0.08, left));
  return (
    <g pointerEvents="none">
      <linearGradient id={id}>
        <stop offset="0" stopColor={fill} stopOpacity={1} />
        <stop offset="1" stopColor={fill} stopOpacity={batch.how === 'crisped again' ? 0.35 : end} />
      </linearGradient>
      <rect x={from} y={y} width={Math.max(1, to - from)} height={BAR - 2} fill={`url(#${id})`} />
      <circle
        cx={to}
        cy={y + (BAR - 2) / 2}
        r={3}
        fill={left < 0.6 ? 'var(--color-base-100)' : fill}
        stroke="currentColor"
      />
    </g>
  );
}
