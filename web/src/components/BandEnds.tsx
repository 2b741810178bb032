'use client';

import Box from '@mui/material/Box';
import type { Band } from '@cobbet/core/mix/targets';
import { type KeyboardEvent, type PointerEvent, useState } from 'react';
import { colour } from '@/theme/colour';
import { keySteps, movedEnd } from './movedEnd';

/** Reach of an end for a finger, px. */
const reach = 30;

/**
 * The two ends of a target, moved by finger, mouse or keys. What lies between and beneath them is left to others.
 *
 * @param from end of the axis that an open lower end is drawn at
 */
export function BandEnds({
  name,
  band,
  from,
  to,
  step,
  onChange,
}: {
  name: string;
  band: Band;
  from: number;
  to: number;
  step: number;
  onChange: (band: Band) => void;
}) {
  const [moving, setMoving] = useState<Band | null>(null);
  const [dragging, setDragging] = useState(false);
  const shown = moving ?? band;
  // keys come faster than the book answers, and each one counts: what they came to stands until the book has it too
  if (moving && !dragging && moving.low === band.low && moving.high === band.high) setMoving(null);

  const drag = (event: PointerEvent<HTMLElement>, end: 'low' | 'high') => {
    const axis = event.currentTarget.parentElement?.getBoundingClientRect();
    if (!axis || axis.width === 0) return;
    const value = from + ((event.clientX - axis.left) / axis.width) * (to - from);
    setMoving(movedEnd(shown, end, value, { from, to, step }));
  };
  const drop = (kept: Band | null) => {
    setDragging(false);
    setMoving(kept);
    if (kept) onChange(kept);
  };
  const press = (event: KeyboardEvent, end: 'low' | 'high') => {
    const steps = keySteps(event.key);
    if (steps === null || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    const value = (shown[end] ?? (end === 'low' ? from : to)) + steps * step;
    const next = movedEnd(shown, end, value, { from, to, step });
    setMoving(next);
    onChange(next);
  };

  const percent = (value: number) => ((value - from) / (to - from)) * 100;
  const valueOf = (end: 'low' | 'high') => shown[end] ?? (end === 'low' ? from : to);
  const gap = percent(valueOf('high')) - percent(valueOf('low'));
  // where the ends lie close, each is taken hold of from its own side, so that neither covers the other
  const apart = `max(0px, ${reach / 2}px - ${gap / 2}cqw)`;
  const ends = (['low', 'high'] as const).map((end) => {
    const value = valueOf(end);
    const side = end === 'low' ? -1 : 1;
    return (
      <Box
        key={end}
        role="slider"
        tabIndex={0}
        aria-label={`${name}, ${end === 'low' ? 'from' : 'to'}`}
        aria-valuemin={from}
        aria-valuemax={to}
        aria-valuenow={value}
        aria-valuetext={value.toFixed(step < 0.1 ? 2 : 1)}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setDragging(true);
        }}
        onPointerMove={(event) => dragging && drag(event, end)}
        onPointerUp={() => drop(moving)}
        onPointerCancel={() => drop(null)}
        onKeyDown={(event) => press(event, end)}
        style={{ left: `calc(${percent(value)}% - ${reach / 2}px + ${side} * ${apart})` }}
        sx={{
          position: 'absolute',
          top: `calc(50% - ${reach / 2 + 3}px)`,
          width: reach,
          height: reach + 6,
          cursor: 'ew-resize',
          touchAction: 'none',
          outline: 'none',
          '&::before': {
            content: '""',
            position: 'absolute',
            left: `calc(${reach / 2 - 2.5}px - ${side} * ${apart})`,
            top: 6,
            bottom: 6,
            width: 5,
            borderRadius: '2.5px',
            bgcolor: colour.bandEdge,
            forcedColorAdjust: 'none',
          },
          '&:hover::before, &:focus-visible::before': { outline: `3px solid ${colour.accent}` },
        }}
      />
    );
  });
  return <Box sx={{ position: 'absolute', inset: 0, containerType: 'inline-size' }}>{ends}</Box>;
}
