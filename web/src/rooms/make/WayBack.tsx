import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Rescue } from '@cobbet/core/advise/rescue';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { Targets } from '@cobbet/core/mix/targets';
import type { Addition } from '@cobbet/core/proposal/edit';
import { cautionBox } from '@/theme/cautionBox';
import { typeScale } from '@/theme/typeScale';
import { Effects, said } from './NextCard';

/** The way back from what can't be taken out, half of it first, and what else the bowl is good for. */
export function WayBack({
  rescue: { add, firstStep, proposal, divide, otherUse },
  targets,
  nameOf,
  onAdd,
}: {
  rescue: Rescue;
  targets: Targets;
  nameOf: (id: string) => string;
  onAdd: (add: readonly Addition[]) => void;
}) {
  const { overfillMl } = proposal.consequences;
  return (
    <Box sx={{ ...cautionBox, mt: 1.5, display: 'grid', gap: 0.75 }} role="status">
      <strong>A way back</strong>
      <span>{proposal.why}</span>
      {add.length > 0 && (
        <>
          <Box sx={{ fontSize: typeScale.lead, fontWeight: 700 }}>{said(add, nameOf, ', ')}</Box>
          <Effects proposal={proposal} targets={targets} />
          {divide && (
            <span>
              Or take {printGrams(divide.takeOutG)} out for the freezer and mend the rest with{' '}
              {said(divide.add, nameOf, ', ')}.
            </span>
          )}
          {!divide && overfillMl > 0.5 && (
            <span>Take some out first, blend the rest, stir together.</span>
          )}
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button
              variant="outlined"
              sx={{ minHeight: 48, lineHeight: 1.2 }}
              onClick={() => onAdd(firstStep)}
            >
              First half: {said(firstStep, nameOf, ', ')}
            </Button>
            <Button sx={{ minHeight: 48 }} onClick={() => onAdd(add)}>
              All of it is in
            </Button>
          </Box>
        </>
      )}
      <span>{otherUse}</span>
    </Box>
  );
}
