'use client';

import Box from '@mui/material/Box';
import type { Plan } from '@cobbet/core/day/plan';
import type { PlacedTask, Task } from '@cobbet/core/day/task';
import { type KeyboardEvent, type PointerEvent, useMemo, useState } from 'react';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { clockAt } from './clock';
import { useNow } from './useNow';
import { lengthText } from '@/components/lengthText';
import { dayAxis, headHeight } from './dayAxis';
import { DayGrid, ServedAndNow } from './DayGrid';
import { DayBar, fitted, laneHeight } from './DayBar';
import { type Lane, type LaneBar, lanesOf, taskNumbers } from './lanes';

const labelWidth = 148;
/** A task moves by so many minutes with a key, and snaps to as many when dragged. */
const stepMin = 5;
/** Rows under a lane of hands for the numbers its bars have no room for. */
const numberRows = 3;
const numberPx = 11;

const laneRoom = ({ group }: Lane) => laneHeight + (group === 'hands' ? numberRows * numberPx : 0);

/** What is done, without the thing it is done to: that stands before its line. */
const whatOf = ({ label }: Task) => label.split(': ').slice(1).join(': ') || label;

/** Numbers that bars have no room for, under them: each in the first row where none stands in its way. */
function NumbersUnder({
  lane,
  numbers,
  x,
  y,
}: {
  lane: Lane;
  numbers: ReadonlyMap<string, number>;
  x: (minute: number) => number;
  y: number;
}) {
  const ends = Array.from({ length: numberRows }, () => -Infinity);
  return lane.bars.map((bar) => {
    const text = String(numbers.get(bar.task.id) ?? '');
    const width = Math.max(4, x(bar.to) - x(bar.from) - 1);
    if (fitted(text, '', width) !== '') return null;
    const needs = text.length * 6 + 3;
    const left = x(bar.from) + width / 2 - needs / 2;
    // where all are full, the one that is free the soonest
    const free = ends.findIndex((end) => end <= left);
    const row = free < 0 ? ends.indexOf(Math.min(...ends)) : free;
    ends[row] = left + needs;
    return (
      <text
        key={bar.task.id}
        x={left + needs / 2}
        y={y + laneHeight + 7 + row * numberPx}
        textAnchor="middle"
        fontSize={typeScale.tiny}
        fill={colour.ink}
        pointerEvents="none"
      >
        {text}
      </text>
    );
  });
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
  const now = useNow(plan);
  const lanes = useMemo(() => lanesOf(tasks, placed), [tasks, placed]);
  const last = Math.max(0, ...placed.map(({ end }) => end));
  const [hours = 0, minutes = 0] = plan.serveAt.slice(11).split(':').map(Number);
  const minuteOfDay = 60 * hours + minutes;
  const axis = useMemo(
    () => dayAxis(placed, last, width - labelWidth - 12, minuteOfDay),
    [placed, last, width, minuteOfDay],
  );
  const x = (minute: number) => labelWidth + axis.x(minute);
  const numbers = useMemo(() => taskNumbers(placed), [placed]);
  const tops = lanes.map((_, i) =>
    lanes.slice(0, i).reduce((sum, lane) => sum + laneRoom(lane), headHeight),
  );
  const height = lanes.reduce((sum, lane) => sum + laneRoom(lane), headHeight) + 8;
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
          const y = tops[i] ?? headHeight;
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
                {lane.label.length > 24 && <title>{lane.label}</title>}
                {lane.label.length > 24 ? `${lane.label.slice(0, 23)}…` : lane.label}
              </text>
              {lane.bars.map((bar) => (
                <DayBar
                  key={bar.task.id}
                  bar={bar}
                  lane={lane}
                  number={numbers.get(bar.task.id) ?? 0}
                  name={lane.group === 'waits' ? whatOf(bar.task) : bar.task.label}
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
              {lane.group === 'hands' && <NumbersUnder lane={lane} numbers={numbers} x={x} y={y} />}
            </g>
          );
        })}
        <ServedAndNow now={shownNow} x={x} height={height} />
      </svg>
    </Box>
  );
}
