'use client';

import Box from '@mui/material/Box';
import type { Plan } from '@cobbet/core/day/plan';
import type { PlacedTask, Task } from '@cobbet/core/day/task';
import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useState } from 'react';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { clockAt, nowOffset } from './clock';
import { lengthText } from '@/components/lengthText';
import { dayAxis, headHeight } from './dayAxis';
import { DayGrid, ServedAndNow } from './DayGrid';
import { type Lane, type LaneBar, lanesOf } from './lanes';

const laneHeight = 27;
const labelWidth = 66;
/** A task moves by so many minutes with a key, and snaps to as many when dragged. */
const stepMin = 5;

const fills: Record<Lane['group'], { fill: string; ink: string }> = {
  hands: { fill: colour.accent, ink: colour.onAccent },
  machine: { fill: colour.ink, ink: colour.paper },
  oven: { fill: colour.muted, ink: colour.paper },
  hob: { fill: colour.muted, ink: colour.paper },
  waits: { fill: colour.filling, ink: colour.ink },
};

/** As much of a label as fits a width, by what a letter takes on average. */
function fitted(label: string, width: number): string {
  const letters = Math.floor((width - 8) / 6.1);
  if (letters < 8) return '';
  return label.length <= letters ? label : `${label.slice(0, letters - 1)}…`;
}

function Bar({
  bar,
  lane,
  y,
  x,
  chosen,
  pinned,
  done,
  offset,
  onPointerDown,
  onKeyDown,
  label,
}: {
  bar: LaneBar;
  lane: Lane;
  y: number;
  x: (minute: number) => number;
  chosen: boolean;
  pinned: boolean;
  done: boolean;
  /** px it is being dragged by. */
  offset: number;
  onPointerDown: (event: PointerEvent<SVGGElement>) => void;
  onKeyDown: (event: KeyboardEvent<SVGGElement>) => void;
  label: string;
}) {
  const left = x(bar.from) + offset;
  const width = Math.max(4, x(bar.to) - x(bar.from) - 1);
  const { fill, ink } = fills[lane.group];
  return (
    <g
      role="button"
      tabIndex={lane.group === 'hands' ? 0 : -1}
      aria-label={label}
      aria-pressed={chosen}
      onPointerDown={onPointerDown}
      onKeyDown={onKeyDown}
      style={{ cursor: 'grab', outline: 'none' }}
      opacity={done ? 0.4 : 1}
      data-task={bar.task.id}
    >
      <title>{label}</title>
      <rect
        x={left}
        y={y + 2}
        width={width}
        height={laneHeight - 5}
        rx={3}
        fill={fill}
        stroke={chosen ? colour.ink : 'none'}
        strokeWidth={chosen ? 3 : 0}
      />
      {pinned && (
        <circle cx={left + width - 5} cy={y + 7} r={3} fill={colour.paper} stroke={colour.ink} />
      )}
      <text
        x={left + 4}
        y={y + laneHeight / 2 + 4}
        fontSize={typeScale.tiny}
        fill={ink}
        pointerEvents="none"
      >
        {fitted(bar.task.label, width)}
      </text>
    </g>
  );
}

/** The day by what it keeps busy, the cooks' hands on top; tasks are moved by drag or key, which pins them. */
export function DayChart({
  plan,
  tasks,
  placed,
  chosen,
  onChoose,
  onPin,
}: {
  plan: Plan;
  tasks: readonly Task[];
  placed: readonly PlacedTask[];
  chosen: string | null;
  onChoose: (taskId: string | null) => void;
  onPin: (taskId: string, start: number | null) => void;
}) {
  const { ref: frame, width: room } = useWidth<HTMLDivElement>(1000);
  const width = Math.max(560, room);
  const [drag, setDrag] = useState<{ id: string; fromX: number; by: number } | null>(null);
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    const look = () => setNow(nowOffset(plan));
    look();
    const timer = setInterval(look, 30_000);
    return () => clearInterval(timer);
  }, [plan]);
  const lanes = useMemo(() => lanesOf(tasks, placed), [tasks, placed]);
  const last = Math.max(0, ...placed.map(({ end }) => end));
  const [hours = 0, minutes = 0] = plan.serveAt.slice(11).split(':').map(Number);
  const minuteOfDay = 60 * hours + minutes;
  const axis = useMemo(
    () => dayAxis(placed, last, width - labelWidth - 12, minuteOfDay),
    [placed, last, width, minuteOfDay],
  );
  const x = (minute: number) => labelWidth + axis.x(minute);
  const height = headHeight + lanes.length * laneHeight + 8;
  const first = Math.min(...placed.map(({ start }) => start));
  const shownNow = now !== null && now > first - 60 && now < last + 30 ? now : null;
  const take = (bar: LaneBar) => (event: PointerEvent<SVGGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    onChoose(bar.task.id);
    setDrag({ id: bar.task.id, fromX: event.clientX, by: 0 });
  };
  const drop = () => {
    if (!drag) return;
    setDrag(null);
    if (Math.abs(drag.by) < 4) return;
    const start = placed.find(({ id }) => id === drag.id)?.start ?? 0;
    const to = axis.at(axis.x(start) + drag.by);
    onPin(drag.id, Math.round(to / stepMin) * stepMin);
  };
  const keys = (bar: LaneBar) => (event: KeyboardEvent<SVGGElement>) => {
    const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      onChoose(bar.task.id);
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      onPin(bar.task.id, null);
    } else if (by !== 0) {
      event.preventDefault();
      onChoose(bar.task.id);
      onPin(bar.task.id, bar.placed.start + by * stepMin * (event.shiftKey ? 3 : 1));
    }
  };
  return (
    <Box ref={frame} sx={{ overflowX: 'auto', my: 1 }}>
      <svg
        width={width}
        height={height}
        role="group"
        aria-label={`The day from ${clockAt(plan, first)} to ${clockAt(plan, last)}`}
        onPointerMove={(event) => drag && setDrag({ ...drag, by: event.clientX - drag.fromX })}
        onPointerUp={drop}
        onPointerCancel={() => setDrag(null)}
        style={{ display: 'block', touchAction: 'pan-y' }}
        fontSize={typeScale.tiny}
      >
        <DayGrid plan={plan} axis={axis} x={x} height={height} />
        {lanes.map((lane, i) => {
          const y = headHeight + i * laneHeight;
          const begins = lane.group !== lanes[i - 1]?.group;
          return (
            <g key={i}>
              {begins && <line x1={0} x2={width} y1={y} y2={y} stroke={colour.line} />}
              <text
                x={0}
                y={y + laneHeight / 2 + 4}
                fill={colour.ink}
                fontSize={typeScale.small}
                fontWeight={lane.group === 'hands' ? 700 : 400}
              >
                {lane.label}
              </text>
              {lane.bars.map((bar) => (
                <Bar
                  key={bar.task.id}
                  bar={bar}
                  lane={lane}
                  y={y}
                  x={x}
                  chosen={bar.task.id === chosen}
                  pinned={plan.pins[bar.task.id] !== undefined}
                  done={plan.done.includes(bar.task.id)}
                  offset={drag?.id === bar.task.id ? drag.by : 0}
                  onPointerDown={take(bar)}
                  onKeyDown={keys(bar)}
                  label={`${clockAt(plan, bar.placed.start)} ${bar.task.label}, ${lengthText(bar.to - bar.from)}`}
                />
              ))}
            </g>
          );
        })}
        <ServedAndNow now={shownNow} x={x} height={height} />
      </svg>
    </Box>
  );
}
