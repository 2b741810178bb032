'use client';

import { Panel } from './Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Conditions } from '@cobbet/core/mix/conditions';
import type { Figures } from '@cobbet/core/mix/figures';
import type { Part } from '@cobbet/core/mix/part';
import type { Targets } from '@cobbet/core/mix/targets';
import type { Larder } from '@cobbet/core/larder/larder';
import {
  mostWanted,
  type Nudge,
  nudges,
  sortedNudges,
  towards,
  type Want,
  wants,
} from '@cobbet/core/dip/nudges';
import { useEffect, useMemo, useRef, useState } from 'react';
import { InlineSelect } from './InlineSelect';
import { RoleMark } from './RoleMark';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { shortName } from './shortName';

/** A change with its sign; a dash for what is too little to feel, a word for what has no body. */
function change(value: number | null, least: number, decimals: number): string {
  if (value === null) return 'crumbs';
  if (Math.abs(value) < least) return '–';
  return `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(decimals)}`;
}

const columns = [
  { name: 'body', of: (nudge: Nudge) => change(nudge.change.freshBody, 0.005, 2) },
  { name: 'chilled', of: (nudge: Nudge) => change(nudge.change.chilledBody, 0.005, 2) },
  { name: 'salt', of: (nudge: Nudge) => change(nudge.change.saltG, 0.005, 2) },
  { name: 'sour', of: (nudge: Nudge) => change(nudge.change.acidG, 0.005, 2) },
  { name: 'garlic', of: (nudge: Nudge) => change(nudge.change.garlicG, 0.005, 2) },
  { name: '€', of: (nudge: Nudge) => nudge.costEur.toFixed(2) },
] as const;

const grid = {
  display: 'grid',
  gridTemplateColumns: '20px 78px minmax(110px, 1fr) repeat(5, 58px) 54px 110px 64px',
  columnGap: '8px',
  alignItems: 'center',
  px: 0.5,
} as const;

/** How far each spoon goes towards what is wanted, drawn from a common middle. */
function TowardsBar({ share }: { share: number }) {
  const width = 110;
  const middle = width / 2;
  const x = middle + share * (middle - 6);
  return (
    <svg width={width} height={20} aria-hidden>
      <line x1={middle} x2={middle} y1={2} y2={18} stroke={colour.line} />
      <line
        x1={middle}
        x2={x}
        y1={10}
        y2={10}
        stroke={share > 0 ? colour.accent : colour.muted}
        strokeWidth={share > 0 ? 5 : 2.5}
        strokeLinecap="round"
      />
    </svg>
  );
}

/** What one spoon or piece of each thing would do, the one that does most for what is wanted first. */
export function NudgeTable({
  parts,
  now,
  targets,
  larder,
  conditions,
  onAdd,
  onLook,
  onClose,
}: {
  /** What is in the bowl, with what it comes to. */
  parts: readonly Part[];
  now: Figures;
  targets: Targets;
  larder: Larder;
  conditions: Conditions;
  onAdd: (nudge: Nudge) => void;
  /** A nudge is looked at, to be drawn; null when it no longer is. */
  onLook?: (nudge: Nudge | null) => void;
  onClose: () => void;
}) {
  const all = useMemo(() => nudges(parts, larder, conditions), [parts, larder, conditions]);
  const byTarget = mostWanted(now, targets);
  const [chosen, setChosen] = useState<Want | null>(null);
  const [asRows, setAsRows] = useState(false);
  const want = chosen ?? byTarget ?? 'looser';
  const sorted = asRows ? all : sortedNudges(all, want);
  const table = useRef<HTMLDivElement>(null);
  // asked for under the line, it comes into sight
  useEffect(() => void table.current?.scrollIntoView({ block: 'nearest' }), []);
  const most = Math.max(1e-9, ...sorted.map((nudge) => Math.abs(towards(nudge, want))));
  return (
    <Panel
      title="What a spoon would do"
      label="Nudges"
      sx={{ mt: 2.5 }}
      actions={
        <>
          <Box sx={{ color: colour.muted, display: 'flex', alignItems: 'baseline', gap: 0.75 }}>
            {asRows ? 'how far each makes it' : 'first what makes it'}
            <InlineSelect
              label="What is wanted"
              value={want}
              options={wants.map((one) => ({ value: one, name: one }))}
              sx={{ fontSize: 'inherit' }}
              onChange={setChosen}
            />
            {chosen === null && byTarget !== null && <span>since that is furthest off</span>}
          </Box>
          <Button size="small" onClick={() => setAsRows(!asRows)}>
            {asRows ? 'What does most first' : 'In the dip’s order'}
          </Button>
          <Button size="small" onClick={onClose}>
            Put away
          </Button>
        </>
      }
    >
      <Box ref={table} sx={{ overflowX: 'auto', scrollMarginBottom: '56px' }}>
        <Box role="table" aria-label="What a spoon of each would do" sx={{ minWidth: 800 }}>
          <Box role="row" sx={{ ...grid, color: colour.muted, fontSize: typeScale.small }}>
            <span role="columnheader" aria-label="part" />
            <span role="columnheader">one more</span>
            <span role="columnheader">of</span>
            {columns.map(({ name }) => (
              <Box role="columnheader" key={name} sx={{ textAlign: 'right' }}>
                {name}
              </Box>
            ))}
            <Box role="columnheader" sx={{ textAlign: 'center' }}>
              {want}
            </Box>
            <span role="columnheader" aria-label="add it" />
          </Box>
          {sorted.map((nudge) => {
            const ingredient = larder.get(nudge.ingredient);
            const name = shortName(ingredient?.name ?? nudge.ingredient);
            return (
              <Box
                role="row"
                key={nudge.ingredient}
                onMouseEnter={() => onLook?.(nudge)}
                onMouseLeave={() => onLook?.(null)}
                onFocus={() => onLook?.(nudge)}
                onBlur={() => onLook?.(null)}
                sx={{
                  ...grid,
                  borderTop: `1px solid ${colour.line}`,
                  minHeight: 34,
                  fontSize: typeScale.note,
                }}
              >
                <span role="cell">{ingredient && <RoleMark role={ingredient.role} />}</span>
                <Box role="cell" sx={{ fontWeight: 700 }}>
                  {nudge.amount}
                </Box>
                <Box
                  role="cell"
                  title={ingredient?.name}
                  sx={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}
                >
                  {name}
                  {!nudge.inDip && (
                    <Box component="span" sx={{ color: colour.muted }}>
                      {' '}
                      not in yet
                    </Box>
                  )}
                </Box>
                {columns.map(({ name: column, of }) => (
                  <Box
                    role="cell"
                    key={column}
                    sx={{ textAlign: 'right', fontVariantNumeric: 'tabular-nums' }}
                  >
                    {of(nudge)}
                  </Box>
                ))}
                <span role="cell">
                  <TowardsBar share={towards(nudge, want) / most} />
                </span>
                <span role="cell">
                  <Button
                    size="small"
                    aria-label={`Add ${nudge.amount} ${name}`}
                    sx={{ minHeight: 28, py: 0 }}
                    onClick={() => onAdd(nudge)}
                  >
                    Add
                  </Button>
                </span>
              </Box>
            );
          })}
        </Box>
      </Box>
      <Box sx={{ mt: 0.5, fontSize: typeScale.small, color: colour.muted }}>
        By the whole model, one spoon from where the bowl stands now; salt, sour and garlic in g per
        100 g. Estimates, as all of it.
      </Box>
    </Panel>
  );
}
