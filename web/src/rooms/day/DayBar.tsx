import type { KeyboardEvent, PointerEvent } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Lane, LaneBar } from './lanes';

/** Height of a lane, px. */
export const laneHeight = 27;

const fills: Record<Lane['group'], { fill: string; ink: string }> = {
  hands: { fill: colour.accent, ink: colour.onAccent },
  machine: { fill: colour.ink, ink: colour.paper },
  oven: { fill: colour.muted, ink: colour.paper },
  hob: { fill: colour.muted, ink: colour.paper },
  waits: { fill: colour.filling, ink: colour.ink },
};

/** What a letter and a figure take on average, px. */
const letterPx = 6.1;

/** As much of a name as fits a width after its number; the number alone where no name would say anything, nothing where neither fits. */
export function fitted(number: string, label: string, width: number): string {
  if (width < number.length * letterPx + 4) return '';
  const letters = Math.floor((width - 8) / letterPx) - number.length - 1;
  if (letters < 8) return number;
  return `${number} ${label.length <= letters ? label : `${label.slice(0, letters - 1)}…`}`;
}

/** One task on a lane. */
export function DayBar({
  bar,
  lane,
  number,
  name,
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
  /** Its place in the order of the day. */
  number: number;
  /** What is written on it as far as there is room. */
  name: string;
  y: number;
  x: (minute: number) => number;
  chosen: boolean;
  pinned: boolean;
  done: boolean;
  /** px it is being dragged by. */
  offset: number;
  onPointerDown: (event: PointerEvent<SVGGElement>) => void;
  onKeyDown: (event: KeyboardEvent<SVGGElement>) => void;
  /** What it is called aloud. */
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
      style={{ cursor: 'grab' }}
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
        x={left + 3}
        y={y + laneHeight / 2 + 4}
        fontSize={typeScale.tiny}
        fill={ink}
        pointerEvents="none"
      >
        {fitted(String(number), name, width)}
      </text>
    </g>
  );
}
