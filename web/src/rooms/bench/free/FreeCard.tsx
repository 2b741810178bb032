import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Targets } from '@cobbet/core/mix/targets';
import type { FreeProposal } from '@cobbet/core/swap/freeOf';
import { shortName } from '@/components/shortName';
import { LookCard } from '@/components/swap/LookCard';
import { SwapMarks } from '@/components/swap/SwapMarks';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** One way to make a dip free: looked at by one tap, then taken as a variant or in its place. */
export function FreeCard({
  one,
  targets,
  open,
  onOpen,
  onVariant,
  onHere,
}: {
  one: FreeProposal;
  targets: Targets;
  open: boolean;
  onOpen: () => void;
  onVariant: () => void;
  onHere: () => void;
}) {
  const lines = one.swapped.map(({ index, from, to }) => {
    const amount = one.parts[index]?.amountText ?? '';
    const old = shortName(from.name).toLowerCase();
    return to ? `${amount} ${shortName(to.name).toLowerCase()} for ${old}` : `without ${old}`;
  });
  return (
    <LookCard
      name={lines.join(', ')}
      open={open}
      onOpen={onOpen}
      head={
        <>
          {lines.map((line) => (
            <Box
              key={line}
              sx={{ fontSize: typeScale.note, fontWeight: 600, overflowWrap: 'anywhere' }}
            >
              {line}
            </Box>
          ))}
          <Box
            sx={{
              fontSize: typeScale.small,
              lineHeight: 1.35,
              color: open ? colour.ink : colour.muted,
            }}
          >
            {one.words}
          </Box>
        </>
      }
    >
      <SwapMarks before={one.proposal.before} after={one.proposal.after} targets={targets} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
        <Button variant="contained" onClick={onVariant}>
          Take it as a variant
        </Button>
        <Button onClick={onHere}>Change this dip</Button>
      </Box>
    </LookCard>
  );
}
