'use client';

import type { MixtureDesign } from '@cobbet/core/design/mixtureDesign';
import type { MixturePoint } from '@cobbet/core/design/mixturePoint';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { Place } from './ternary';

/** A trial that lies off what is drawn by more than this is not drawn; less, and it is the fainter the further off. */
export const furthestOff = 0.25;

/** Trials by their number, filled once something came of them, and mixtures that can't be made to land. */
export function TrialDots({
  design: { cut, trials },
  told,
  at,
  off,
}: {
  design: MixtureDesign;
  /** What came of trials, by id. */
  told: ReadonlyMap<string, number>;
  at: (shares: readonly number[]) => Place;
  /** How far it lies off what is drawn. */
  off: (point: MixturePoint) => number;
}) {
  return (
    <>
      {cut.map((point, i) => {
        if (off(point) > furthestOff / 3) return null;
        const [x, y] = at(point.shares);
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
      {trials.map((trial, i) => {
        const { id } = trial;
        const [x, y] = at(trial.shares);
        const far = off(trial);
        if (far > furthestOff) return null;
        const said = told.has(id);
        return (
          <g key={id} opacity={1 - far / furthestOff}>
            <circle
              cx={x}
              cy={y}
              r={8}
              fill={said ? colour.bandEdge : colour.paper}
              stroke={colour.bandEdge}
              strokeWidth={2}
            />
            <text
              x={x}
              y={y + 4.5}
              textAnchor="middle"
              fill={said ? colour.paper : colour.bandEdge}
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
