'use client';

import Box from '@mui/material/Box';
import type { MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import type { ShareLimits } from '@cobbet/core/design/mixtureRegion';
import { ticks } from 'd3-array';
import { type KeyboardEvent, type PointerEvent, useMemo } from 'react';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import {
  type Cell,
  cellsOf,
  contourOf,
  type Place,
  placeOf,
  sharesAt,
  type Triangle,
} from './ternary';

/** As wide as it is drawn, so that its letters are as large as any; nearly as high as its sides are long. */
const triangleOf = (width: number): Triangle => ({ width, height: 0.78 * width + 62, edge: 44 });
const widest = 600;
const steps = 36;
const wholes = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];
const keyStep = 0.02;

/** Shares within a triangle of what may be mixed, each one's least taken off; and back. */
function zoomOf(limits: readonly ShareLimits[]) {
  const free = 1 - limits.reduce((sum, { min }) => sum + min, 0) || 1;
  return {
    inner: (shares: readonly number[]) =>
      shares.map((one, i) => (one - (limits[i]?.min ?? 0)) / free),
    real: (inner: readonly number[]) => inner.map((one, i) => (limits[i]?.min ?? 0) + free * one),
  };
}

const moves: Record<string, readonly number[]> = {
  ArrowUp: [2, -1, -1],
  ArrowDown: [-2, 1, 1],
  ArrowLeft: [0, 2, -2],
  ArrowRight: [0, -2, 2],
};

/** The response as strength of colour, with its levels as lines. */
function Heat({ cells }: { cells: readonly Cell[] }) {
  const values = cells.flat().map(({ value }) => value);
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const strength = (cell: Cell) =>
    (cell.reduce((sum, { value }) => sum + value, 0) / 3 - least) / Math.max(1e-9, most - least);
  return (
    <>
      {cells.map((cell, i) => (
        <path
          key={i}
          d={`M${cell.map(({ place }) => place.join(' ')).join('L')}Z`}
          fill={colour.accent}
          fillOpacity={0.04 + 0.42 * strength(cell)}
        />
      ))}
      {ticks(least, most, 6).map((level) => {
        const pieces = contourOf(cells, level);
        const [label] = pieces[Math.floor(pieces.length / 2)] ?? [];
        return (
          <g key={level}>
            <path
              d={pieces.map(([from, to]) => `M${from.join(' ')}L${to.join(' ')}`).join('')}
              stroke={colour.ink}
              strokeOpacity={0.55}
              fill="none"
            />
            {label && (
              <text
                x={label[0]}
                y={label[1] + 4}
                textAnchor="middle"
                fill={colour.ink}
                stroke={colour.paper}
                strokeWidth={3}
                paintOrder="stroke"
              >
                {level}
              </text>
            )}
          </g>
        );
      })}
    </>
  );
}

/** Trials by their number, filled once something came of them, and mixtures that can't be made to land. */
function TrialDots({
  design: { cut, trials },
  at,
}: {
  design: MixtureDesign;
  at: (shares: readonly number[]) => Place;
}) {
  return (
    <>
      {cut.map((shares, i) => {
        const [x, y] = at(shares);
        return (
          <path
            key={i}
            d={`M${x - 4} ${y - 4}l8 8m0 -8l-8 8`}
            stroke={colour.caution}
            strokeWidth={2}
          >
            <title>can’t be made to land</title>
          </path>
        );
      })}
      {trials.map(({ id, shares, y: said }, i) => {
        const [x, y] = at(shares);
        return (
          <g key={id}>
            <circle
              cx={x}
              cy={y}
              r={8}
              fill={said === null ? colour.paper : colour.bandEdge}
              stroke={colour.bandEdge}
              strokeWidth={2}
            />
            <text
              x={x}
              y={y + 4.5}
              textAnchor="middle"
              fill={said === null ? colour.bandEdge : colour.paper}
              fontSize={typeScale.tiny}
              fontWeight={700}
            >
              {i + 1}
            </text>
          </g>
        );
      })}
    </>
  );
}

/** The response over a mixture of three, with its contours, the trials, the best and the next; a point is dragged or moved by keys to be read. */
export function MixtureMap({
  design,
  names,
  predict,
  best,
  next,
  probe,
  onProbe,
}: {
  design: MixtureDesign;
  names: readonly string[];
  predict: (shares: readonly number[]) => { y: number; sd: number };
  best: readonly number[];
  next: readonly number[];
  /** Where it is read. */
  probe: readonly number[];
  onProbe: (shares: number[]) => void;
}) {
  const { components, response } = design;
  const { ref, width } = useWidth<HTMLDivElement>(widest);
  const triangle = useMemo(() => triangleOf(Math.min(width, widest)), [width]);
  const { inner, real } = useMemo(() => zoomOf(components), [components]);
  const cells = useMemo(
    () =>
      cellsOf(steps, triangle, (shares) => {
        const mixed = real(shares);
        const within = mixed.every((one, i) => one <= (components[i]?.max ?? 1) + 1e-6);
        return within ? predict(mixed).y : null;
      }),
    [components, predict, real, triangle],
  );
  const at = (shares: readonly number[]) => placeOf(inner(shares), triangle);
  const within = (shares: readonly number[]) =>
    shares.every(
      (one, i) =>
        one >= (components[i]?.min ?? 0) - 1e-6 && one <= (components[i]?.max ?? 1) + 1e-6,
    );
  const move = (shares: number[]) => {
    if (within(shares)) onProbe(shares);
  };
  const follow = (event: PointerEvent<SVGSVGElement>) => {
    if (event.buttons === 0 && event.type === 'pointermove') return;
    const box = event.currentTarget.getBoundingClientRect();
    const scale = triangle.width / box.width;
    move(
      real(
        sharesAt([(event.clientX - box.left) * scale, (event.clientY - box.top) * scale], triangle),
      ),
    );
  };
  const onKey = (event: KeyboardEvent) => {
    const by = moves[event.key];
    if (!by) return;
    event.preventDefault();
    const now = inner(probe);
    move(real(now.map((one, i) => one + (keyStep / 2) * (by[i] ?? 0))));
  };
  /** At its corner a component is all that is left once the others are at their least. */
  const percent = (i: number, whole: number) =>
    `${names[i] ?? ''} ${Math.round(100 * ((components[i]?.min ?? 0) + whole))} %`;
  const free = 1 - components.reduce((sum, { min }) => sum + min, 0);
  const said = probe.map((one, i) => `${names[i] ?? ''} ${(100 * one).toFixed(0)} %`).join(', ');
  const [probeX, probeY] = at(probe);
  const [bestX, bestY] = at(best);
  const [nextX, nextY] = at(next);
  return (
    <Box ref={ref} sx={{ maxWidth: widest }}>
      <Box
        component="svg"
        viewBox={`0 0 ${triangle.width} ${triangle.height}`}
        role="slider"
        tabIndex={0}
        aria-label={`Map of ${response}`}
        aria-valuenow={Number(predict(probe).y.toFixed(2))}
        aria-valuetext={`${said}: ${response} ${predict(probe).y.toFixed(2)}`}
        onPointerDown={follow}
        onPointerMove={follow}
        onKeyDown={onKey}
        sx={{
          width: '100%',
          display: 'block',
          // a thumb that scrolls past must not be held
          touchAction: { xs: 'pan-y', md: 'none' },
          cursor: 'crosshair',
        }}
        fontSize={typeScale.small}
      >
        <path
          d={`M${wholes.map((one) => placeOf(one, triangle).join(' ')).join('L')}Z`}
          fill="none"
          stroke={colour.line}
          strokeWidth={1.5}
        />
        <Heat cells={cells} />
        <text x={triangle.width / 2} y={26} textAnchor="middle" fill={colour.ink}>
          {percent(0, free)}
        </text>
        <text x={4} y={triangle.height - 16} fill={colour.ink}>
          {percent(1, free)}
        </text>
        <text x={triangle.width - 4} y={triangle.height - 16} textAnchor="end" fill={colour.ink}>
          {percent(2, free)}
        </text>
        <TrialDots design={design} at={at} />
        <path
          d={`M${nextX} ${nextY - 13}l13 13l-13 13l-13 -13z`}
          fill="none"
          stroke={colour.accent}
          strokeWidth={2}
          strokeDasharray="3 3"
        >
          <title>the next trial</title>
        </path>
        <path d={`M${bestX} ${bestY - 11}l11 11l-11 11l-11 -11z`} fill={colour.accent}>
          <title>the best, predicted</title>
        </path>
        <circle cx={probeX} cy={probeY} r={14} fill="none" stroke={colour.ink} strokeWidth={2.5} />
      </Box>
    </Box>
  );
}
