'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import type { Machine } from '@cobbet/core/kitchen/machines';
import type { Conditions } from '@cobbet/core/mix/conditions';
import type { Part } from '@cobbet/core/mix/part';
import { stage } from '@cobbet/core/advise/stage';
import { loads } from '@cobbet/core/batch/loads';
import { useMemo } from 'react';
import { shortName } from '@/components/shortName';
import { cautionBox } from '@/theme/cautionBox';
import { typeScale } from '@/theme/typeScale';

/** Before the machine is on: where it would stall and what gets it through; the loads it needs, and what goes in each. */
export function Staging({
  parts,
  machine,
  conditions,
}: {
  parts: readonly Part[];
  machine: Machine;
  conditions: Conditions;
}) {
  const staged = useMemo(() => stage(parts, machine, conditions), [parts, machine, conditions]);
  const batch = useMemo(() => loads(parts, machine, conditions), [parts, machine, conditions]);
  const names = new Map(parts.map(({ ingredient }) => [ingredient.id, shortName(ingredient.name)]));
  const { load } = batch;
  return (
    <>
      {staged.stallsAt.length > 0 && (
        <Box role="alert" sx={{ ...cautionBox, mt: 2 }}>
          <strong>
            The {machine.name} would stall after{' '}
            {staged.stallsAt.map((at) => names.get(parts[at]?.ingredient.id ?? '')).join(', ')}.
          </strong>{' '}
          {staged.change
            ? staged.change.words
            : staged.wholeStalls
              ? 'Even the whole is too stiff for it: take another machine, or loosen the dip.'
              : 'No order gets it through: take another machine.'}
        </Box>
      )}
      {batch.warnings.map((warning) => (
        <Box key={warning} role="alert" sx={{ ...cautionBox, mt: 2 }}>
          {warning}
        </Box>
      ))}
      {batch.count > 1 && load && (
        <Panel
          label="Loads"
          title={`${batch.count} loads, ${load.massG.toFixed(0)} g each`}
          sx={{ mt: 2.5 }}
        >
          <Box sx={{ fontWeight: 700, fontSize: typeScale.lead }}>
            {load.parts
              .map(
                ({ amount, ingredient }) =>
                  `${amount} ${(names.get(ingredient) ?? '').toLowerCase()}`,
              )
              .join(' · ')}
          </Box>
          <Box sx={{ color: 'text.secondary' }}>{batch.recombine}</Box>
        </Panel>
      )}
    </>
  );
}
