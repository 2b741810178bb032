'use client';

import Box from '@mui/material/Box';
import { extent } from 'd3-array';
import type { KeyboardEvent, PointerEvent } from 'react';
import { straightScale } from '@/components/scale';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const height = 280;
const edge = { left: 40, right: 14, top: 16, bottom: 44 } as const;
const pieces = 48;
const keyStep = 0.02;
/** What is drawn either side: about one in twenty lies further off. */
const wide = 1.96;

/** A response along one way from 0 to 1, with what is not known of it, the trials, and a place where it is read, moved by hand or keys. */
export function ResponseCurve({
  label,
  from,
  to,
  predict,
  trials,
  marks,
  probe,
  best,
  said,
  onProbe,
}: {
  /** What it is the response of. */
  label: string;
  /** Where it begins and ends; the limits of what may be tried. */
  from: number;
  to: number;
  predict: (at: number) => { y: number; sd: number };
  trials: readonly { at: number; y: number; name: string }[];
  /** Words along it. */
  marks: readonly { at: number; text: string }[];
  probe: number;
  best: number;
  /** Where the probe stands, in words. */
  said: string;
  onProbe: (at: number) => void;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(560);
  const x = straightScale([from, to], [edge.left, width - edge.right]);
  const points = Array.from({ length: pieces + 1 }, (_, i) => {
    const at = from + ((to - from) * i) / pieces;
    return { at, ...predict(at) };
  });
  const [low = 0, high = 1] = extent([
    ...points.flatMap(({ y, sd }) => [y - sd, y + sd]),
    ...trials.map(({ y }) => y),
  ]);
  const y = straightScale([low, high > low ? high : low + 1], [height - edge.bottom, edge.top]);
  const move = (at: number) => onProbe(Math.min(to, Math.max(from, at)));
  const follow = (event: PointerEvent<SVGSVGElement>) => {
    if (event.buttons === 0 && event.type === 'pointermove') return;
    const box = event.currentTarget.getBoundingClientRect();
    move(x.invert(((event.clientX - box.left) * width) / box.width));
  };
  const onKey = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    move(probe + by * keyStep * (to - from));
  };
  const band = [
    ...points.map((one) => `${x(one.at)} ${y(one.y + wide * one.sd)}`),
    ...[...points].reverse().map((one) => `${x(one.at)} ${y(one.y - wide * one.sd)}`),
  ];
  return (
    <Box ref={ref} sx={{ maxWidth: 600 }}>
      <Box
        component="svg"
        viewBox={`0 0 ${width} ${height}`}
        role="slider"
        tabIndex={0}
        aria-label={`Curve of ${label}`}
        aria-valuenow={Number(predict(probe).y.toFixed(2))}
        aria-valuetext={`${said}: ${label} ${predict(probe).y.toFixed(2)}`}
        onPointerDown={follow}
        onPointerMove={follow}
        onKeyDown={onKey}
        sx={{ width: '100%', display: 'block', touchAction: 'pan-y', cursor: 'crosshair' }}
        fontSize={typeScale.small}
      >
        <path d={`M${band.join('L')}Z`} fill={colour.accent} fillOpacity={0.14} />
        {y.ticks(5).map((one) => (
          <g key={one}>
            <line
              x1={edge.left}
              x2={width - edge.right}
              y1={y(one)}
              y2={y(one)}
              stroke={colour.line}
              strokeDasharray="1 5"
            />
            <text x={edge.left - 8} y={y(one) + 4} textAnchor="end" fill={colour.muted}>
              {one}
            </text>
          </g>
        ))}
        <path
          d={`M${points.map((one) => `${x(one.at)} ${y(one.y)}`).join('L')}`}
          fill="none"
          stroke={colour.accent}
          strokeWidth={2.5}
        />
        {marks.map(({ at, text }, i) => (
          <text
            key={`${at} ${text}`}
            x={x(at)}
            y={height - edge.bottom + (i % 2 === 0 ? 20 : 36)}
            textAnchor={at === from ? 'start' : at === to ? 'end' : 'middle'}
            fill={colour.ink}
          >
            {text}
          </text>
        ))}
        <line
          x1={x(probe)}
          x2={x(probe)}
          y1={edge.top}
          y2={height - edge.bottom}
          stroke={colour.ink}
          strokeWidth={1.5}
        />
        {trials.map((one) => (
          <g key={one.name}>
            <circle cx={x(one.at)} cy={y(one.y)} r={8} fill={colour.bandEdge} />
            <text
              x={x(one.at)}
              y={y(one.y) + 4.5}
              textAnchor="middle"
              fill={colour.paper}
              fontSize={typeScale.tiny}
              fontWeight={700}
            >
              {one.name}
            </text>
          </g>
        ))}
        <path
          d={`M${x(best)} ${y(predict(best).y) - 11}l11 11l-11 11l-11 -11z`}
          fill={colour.accent}
        >
          <title>the best, predicted</title>
        </path>
      </Box>
    </Box>
  );
}
