import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Suggestion } from '@cobbet/core/advise/suggestion';
import { bodyNames } from '@cobbet/core/mix/bodyMoments';
import type { TargetName, Targets } from '@cobbet/core/mix/targets';
import type { Addition } from '@cobbet/core/proposal/edit';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { consequenceWords, costWords, figureChanges, moves } from '@/components/proposalWords';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** What a step would do to the figures that are asked about. */
export function Effects({ proposal, targets }: { proposal: Proposal; targets: Targets }) {
  const names: TargetName[] = [
    ...bodyNames.filter((name) => targets[name]),
    'saltG',
    'acidG',
    ...(moves('garlicG', proposal) ? (['garlicG'] as const) : []),
    'massG',
  ];
  const lines = figureChanges(proposal, names).map(
    ({ label, from, to }) => `${label} ${from} → ${to}`,
  );
  const words = [...lines, ...consequenceWords(proposal.consequences)];
  return <Box sx={{ fontSize: typeScale.text, color: colour.muted }}>{words.join(' · ')}</Box>;
}

/** Things and how much of each, in a line. */
export const said = (add: readonly Addition[], nameOf: (id: string) => string, joint: string) =>
  add.map(({ amount, ingredient }) => `${amount} ${nameOf(ingredient)}`).join(joint);

/** One thing to do next: what and how much, why, what it changes, half of it as the first tap. */
export function NextCard({
  one,
  targets,
  nameOf,
  lead,
  onAdd,
}: {
  one: Suggestion;
  targets: Targets;
  nameOf: (id: string) => string;
  /** The first is the one to take. */
  lead: boolean;
  onAdd: (add: readonly Addition[]) => void;
}) {
  const { proposal } = one;
  const risk = Math.round(100 * (proposal.sure.overshoot ?? 0));
  return (
    <Box
      component="li"
      sx={{
        borderTop: `1px solid ${colour.line}`,
        py: 1.5,
        display: 'grid',
        gap: 0.75,
        ...(lead ? { borderLeft: `5px solid ${colour.accent}`, pl: 1.5 } : {}),
      }}
    >
      <Box
        sx={{ fontSize: lead ? typeScale.large : typeScale.lead, fontWeight: 700, lineHeight: 1.2 }}
      >
        {said(one.add, nameOf, ' and ')}
      </Box>
      <Box sx={{ fontSize: typeScale.text }}>{proposal.why}</Box>
      <Effects proposal={proposal} targets={targets} />
      <Box sx={{ fontSize: typeScale.text, color: risk >= 20 ? colour.caution : colour.muted }}>
        {risk < 1 ? 'hardly a chance' : `${risk} in 100`} that all of it goes too far ·{' '}
        {costWords(proposal.consequences)}
        {proposal.misses.length > 0 && ' · does not get there by itself'}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button
          variant={lead ? 'contained' : 'outlined'}
          sx={{ minHeight: 56, fontSize: typeScale.lead, lineHeight: 1.2 }}
          onClick={() => onAdd(one.firstStep)}
        >
          First {said(one.firstStep, nameOf, ' and ')}
        </Button>
        <Button sx={{ minHeight: 56 }} onClick={() => onAdd(one.add)}>
          All of it is in
        </Button>
      </Box>
    </Box>
  );
}
