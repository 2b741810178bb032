'use client';

import Box from '@mui/material/Box';
import { explainFigure, type RowShare } from '@cobbet/core/dip/explainFigure';
import type { Conditions } from '@cobbet/core/mix/conditions';
import type { Part } from '@cobbet/core/mix/part';
import { isBody, type TargetName, targetWords } from '@cobbet/core/mix/targets';
import { useMemo } from 'react';
import { bodyText } from '@/components/bodyText';
import { shortName } from '@/components/shortName';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { whatItIs } from './whatItIs';

/** So many rows are drawn; what they leave is said together. */
const mostRows = 8;

function amountText(name: TargetName, value: number): string {
  if (isBody(name)) {
    const by = Math.abs(value).toFixed(1);
    return value > 0 ? `stiffer by ${by}` : `looser by ${by}`;
  }
  const { decimals, unit } = targetWords[name];
  return `${value.toFixed(Math.max(decimals, 2))}${unit.replace(' per 100 g', '')}`;
}

/** Rows with what each brings, drawn from the middle where it goes either way. */
function Shares({
  name,
  shares,
  parts,
  onLook,
}: {
  name: TargetName;
  shares: readonly RowShare[];
  parts: readonly Part[];
  onLook?: (index: number | null) => void;
}) {
  const most = Math.max(1e-9, ...shares.map(({ value }) => Math.abs(value)));
  const both = isBody(name);
  return (
    <Box component="ul" aria-label="What each row brings" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {shares.slice(0, mostRows).map(({ index, value }) => {
        const length = (Math.abs(value) / most) * (both ? 50 : 100);
        return (
          <Box
            component="li"
            key={index}
            onMouseEnter={() => onLook?.(index)}
            onMouseLeave={() => onLook?.(null)}
            sx={{ py: 0.4, fontSize: typeScale.note, lineHeight: 1.3 }}
          >
            <Box sx={{ display: 'flex', gap: 1 }}>
              <Box sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
                {shortName(parts[index]?.ingredient.name ?? '')}
              </Box>
              <Box sx={{ whiteSpace: 'nowrap' }}>{amountText(name, value)}</Box>
            </Box>
            <Box sx={{ position: 'relative', height: 6, bgcolor: colour.line, borderRadius: 1 }}>
              <Box
                sx={{ position: 'absolute', top: 0, bottom: 0, borderRadius: 1 }}
                style={{
                  width: `${length}%`,
                  left: both ? `${value > 0 ? 50 : 50 - length}%` : 0,
                  background: value > 0 ? colour.accent : colour.bandEdge,
                }}
              />
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

/** What a figure of a bowl is, what makes it up, what it is unsure by and what would help, and what it rests on. */
export function WhyFigure({
  name,
  parts,
  conditions,
  rests,
  telling,
  onLook,
}: {
  name: TargetName;
  parts: readonly Part[];
  conditions: Conditions;
  /** What a body rests on here, in words. */
  rests: string;
  /** What would narrow a body most, in words; null where nothing is known to. */
  telling: string | null;
  /** A row is pointed at, to be seen left out of the line. */
  onLook?: (index: number | null) => void;
}) {
  const told = useMemo(() => explainFigure(name, parts, conditions), [name, parts, conditions]);
  const { says, section } = whatItIs[name];
  const { value, shares, exact, modelSd, measuringSd, measuring } = told;
  const { decimals, unit } = targetWords[name];
  const worst = measuring[0];
  const worstName = worst && shortName(parts[worst.index]?.ingredient.name ?? '').toLowerCase();
  const digits = isBody(name) ? 2 : 3;
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <Box>
        <strong>
          {isBody(name) ? bodyText(value) : `${(value ?? 0).toFixed(decimals)}${unit}`}
        </strong>
        <Box sx={{ fontSize: typeScale.note }}>{says}</Box>
      </Box>
      {shares.length > 0 && (
        <Box>
          <Box sx={{ fontWeight: 700 }}>
            {exact ? 'Where it comes from' : 'What each does to it'}
          </Box>
          <Shares name={name} shares={shares} parts={parts} {...(onLook ? { onLook } : {})} />
          {shares.length > mostRows && (
            <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
              and {shares.length - mostRows} more that do little
            </Box>
          )}
        </Box>
      )}
      {(modelSd !== null || measuringSd !== null) && (
        <Box sx={{ fontSize: typeScale.note }}>
          <Box sx={{ fontWeight: 700, fontSize: typeScale.text }}>How sure</Box>
          {modelSd !== null && <div>± {modelSd.toFixed(digits)} from the model</div>}
          {measuringSd !== null && (
            <div>
              ± {measuringSd.toFixed(digits)} from how it is measured
              {worst && worst.value > 0.3 * measuringSd && `; weighing the ${worstName} helps most`}
            </div>
          )}
          {telling !== null && isBody(name) && <div>{telling}</div>}
        </Box>
      )}
      <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
        {isBody(name)
          ? rests
          : 'Worked out from the amounts and the larder’s figures; yours, where you have put them right.'}{' '}
        The equation stands in docs/science.md, under “{section}”.
      </Box>
    </Box>
  );
}
