import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Targets } from '@cobbet/core/mix/targets';
import type { FreeProposal } from '@cobbet/core/swap/freeOf';
import { shortName } from '@/components/shortName';
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
    <Box
      component="li"
      aria-label={lines.join(', ')}
      sx={{
        borderTop: `1px solid ${colour.line}`,
        bgcolor: open ? colour.accentWash : 'transparent',
        ...{ mx: -1, px: 1, py: 0.75 },
      }}
    >
      <Box
        component="button"
        type="button"
        aria-expanded={open}
        onClick={onOpen}
        sx={{
          ...{ all: 'unset', boxSizing: 'border-box', cursor: 'pointer', display: 'block' },
          ...{ width: '100%', minHeight: 44, fontSize: typeScale.note },
          '&:focus-visible': { outline: `2px solid ${colour.accent}` },
        }}
      >
        {lines.map((line) => (
          <Box key={line} sx={{ fontWeight: 600, overflowWrap: 'anywhere' }}>
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
      </Box>
      {open && (
        <>
          <SwapMarks before={one.proposal.before} after={one.proposal.after} targets={targets} />
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
            <Button variant="contained" onClick={onVariant}>
              Take it as a variant
            </Button>
            <Button onClick={onHere}>Change this dip</Button>
          </Box>
        </>
      )}
    </Box>
  );
}
