import Box from '@mui/material/Box';
import type { TargetName } from '@cobbet/core/mix/targets';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { consequenceWords, figureChanges } from './proposalWords';

const usual: readonly TargetName[] = ['freshBody', 'chilledBody', 'saltG', 'acidG', 'massG'];

/** What a proposal would do: its figures before and after, and what it brings along. */
export function ProposalFigures({
  proposal,
  names = usual,
}: {
  proposal: Proposal;
  names?: readonly TargetName[];
}) {
  const consequences = consequenceWords(proposal.consequences);
  return (
    <>
      <Box component="dl" sx={{ my: 1, fontSize: typeScale.small }}>
        {figureChanges(proposal, names).map(({ name, label, from, to }) => (
          <Box key={name} sx={{ display: 'flex', gap: 1, justifyContent: 'space-between' }}>
            <Box component="dt" sx={{ color: colour.muted }}>
              {label}
            </Box>
            <Box component="dd" sx={{ m: 0, textAlign: 'right' }}>
              {to === from || to.startsWith(`${from} `) || to.startsWith(`${from},`)
                ? to
                : `${from} → ${to}`}
            </Box>
          </Box>
        ))}
      </Box>
      {consequences.length > 0 && (
        <Box sx={{ mb: 1, fontSize: typeScale.small }}>{consequences.join(' · ')}</Box>
      )}
    </>
  );
}
