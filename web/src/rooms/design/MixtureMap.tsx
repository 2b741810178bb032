'use client';

import Box from '@mui/material/Box';
import { reachableLimits } from '@cobbet/core/design/mixtureRegion';
import type { MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import { type KeyboardEvent, type PointerEvent, useMemo } from 'react';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { LittleKnown, MapHeat } from './MapHeat';
import { levelsApart, sliceOf } from './mapSlice';
import { cellsOf, placeOf, sharesAt, type Triangle } from './ternary';
import { furthestOff, TrialDots } from './TrialDots';

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

const moves: Record<string, readonly number[]> = {
  ArrowUp: [2, -1, -1],
  ArrowDown: [-2, 1, 1],
  ArrowLeft: [0, 2, -2],
  ArrowRight: [0, -2, 2],
};

/** What is drawn over the map. */
export const mapLayers = ['response', 'sure', 'cost'] as const;
export type MapLayer = (typeof mapLayers)[number];

/** Where a prediction's spread is this many times that at the trials, little is known. */
const littleFrom = 1.3;

/** What stands at the triangle's corners. */
function CornerNames({
  triangle: { width, height },
  corner,
}: {
  triangle: Triangle;
  corner: (place: 0 | 1 | 2) => string;
}) {
  return (
    <>
      <text x={width / 2} y={26} textAnchor="middle" fill={colour.ink}>
        {corner(0)}
      </text>
      <text x={4} y={height - 16} fill={colour.ink}>
        {corner(1)}
      </text>
      <text x={width - 4} y={height - 16} textAnchor="end" fill={colour.ink}>
        {corner(2)}
      </text>
    </>
  );
}

/** A figure over three of a mixture, with its contours, the trials, the best and the next; a point is dragged or moved by keys to be read. */
export function MixtureMap({
  design,
  told,
  names,
  axes,
  layer,
  response,
  levels = [],
  predict,
  costOf,
  best,
  next,
  probe,
  onProbe,
}: {
  design: MixtureDesign;
  /** What came of trials, by id. */
  told: ReadonlyMap<string, number>;
  names: readonly string[];
  /** The three that are drawn: at the top, left, right. */
  axes: readonly [number, number, number];
  layer: MapLayer;
  /** What is marked, by its name. */
  response: string;
  /** Where what is varied beside the mixture is set. */
  levels?: readonly number[] | undefined;
  /** At those levels. */
  predict: (shares: readonly number[]) => { y: number; sd: number };
  /** Of 100 g. */
  costOf: (shares: readonly number[]) => number;
  best: readonly number[];
  next: readonly number[];
  /** Where it is read; what is not drawn is held as it is there. */
  probe: readonly number[];
  onProbe: (shares: number[]) => void;
}) {
  const { components, trials } = design;
  const { ref, width } = useWidth<HTMLDivElement>(widest);
  const triangle = useMemo(() => triangleOf(Math.min(width, widest)), [width]);
  const held = components.map((_, i) => (axes.includes(i) ? 0 : (probe[i] ?? 0)));
  const heldKey = `${axes.join()} ${held.join()}`;
  const slice = useMemo(
    // as large as what can be reached lets it be
    () => sliceOf(reachableLimits(components) ?? components, axes, held),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- axes and what is held, by what they are
    [components, heldKey],
  );
  const cells = useMemo(() => {
    const figure = {
      response: (shares: readonly number[]) => predict(shares).y,
      sure: (shares: readonly number[]) => predict(shares).sd,
      cost: costOf,
    }[layer];
    return cellsOf(steps, triangle, (inner) => {
      const shares = slice.real(inner);
      return slice.within(shares) ? figure(shares) : null;
    });
  }, [layer, predict, costOf, slice, triangle]);
  const little = useMemo(() => {
    if (layer !== 'response') return [];
    const known = Math.max(...trials.map(({ shares }) => predict(shares).sd));
    return cellsOf(steps / 2, triangle, (inner) => {
      const shares = slice.real(inner);
      return slice.within(shares) && predict(shares).sd > littleFrom * known ? 1 : null;
    });
  }, [layer, trials, predict, slice, triangle]);
  const at = (shares: readonly number[]) => placeOf(slice.inner(shares), triangle);
  const move = (shares: number[]) => {
    if (slice.within(shares)) onProbe(shares);
  };
  const follow = (event: PointerEvent<SVGSVGElement>) => {
    if (event.buttons === 0 && event.type === 'pointermove') return;
    const box = event.currentTarget.getBoundingClientRect();
    const scale = triangle.width / box.width;
    const place = [(event.clientX - box.left) * scale, (event.clientY - box.top) * scale] as const;
    move(slice.real(sharesAt(place, triangle)));
  };
  const onKey = (event: KeyboardEvent) => {
    const by = moves[event.key];
    if (!by) return;
    event.preventDefault();
    move(slice.real(slice.inner(probe).map((one, i) => one + (keyStep / 2) * (by[i] ?? 0))));
  };
  /** At its corner a component is all that is left once the others are at their least. */
  const corner = (place: 0 | 1 | 2) =>
    `${names[axes[place]] ?? ''} ${Math.round(100 * slice.atCorner(axes[place]))} %`;
  const said = probe.map((one, i) => `${names[i] ?? ''} ${(100 * one).toFixed(0)} %`).join(', ');
  const [probeX, probeY] = at(probe);
  const [bestX, bestY] = at(best);
  const [nextX, nextY] = at(next);
  const drawn = (shares: readonly number[]) => slice.off(shares) < furthestOff / 3;
  return (
    <Box ref={ref} sx={{ maxWidth: widest }}>
      <Box
        component="svg"
        viewBox={`0 0 ${triangle.width} ${triangle.height}`}
        role="slider"
        tabIndex={0}
        aria-label={`Map of ${layer === 'cost' ? 'cost' : response}`}
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
        <MapHeat cells={cells} {...(layer === 'cost' ? { digits: 2 } : {})} />
        <LittleKnown cells={little} />
        <CornerNames triangle={triangle} corner={corner} />
        <TrialDots
          {...{ design, told, at }}
          off={(point) => slice.off(point.shares) + furthestOff * levelsApart(point.levels, levels)}
        />
        {drawn(next) && (
          <path
            d={`M${nextX} ${nextY - 13}l13 13l-13 13l-13 -13z`}
            fill="none"
            stroke={colour.accent}
            strokeWidth={2}
            strokeDasharray="3 3"
          >
            <title>the next trial</title>
          </path>
        )}
        {drawn(best) && (
          <path d={`M${bestX} ${bestY - 11}l11 11l-11 11l-11 -11z`} fill={colour.accent}>
            <title>the best, predicted</title>
          </path>
        )}
        <circle cx={probeX} cy={probeY} r={14} fill="none" stroke={colour.ink} strokeWidth={2.5} />
      </Box>
    </Box>
  );
}
