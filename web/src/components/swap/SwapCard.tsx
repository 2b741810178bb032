import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { SwapHistory, SwapWhy } from '@cobbet/core/book/keptSwap';
import type { LearnedShift } from '@cobbet/core/book/swapLearned';
import { type Reason, reasons } from '@cobbet/core/book/runEvents';
import InputBase from '@mui/material/InputBase';
import type { Larder } from '@cobbet/core/larder/larder';
import type { Targets } from '@cobbet/core/mix/targets';
import type { Candidate } from '@cobbet/core/swap/swap';
import { useState } from 'react';
import { bodyFigure } from '@/components/bodyText';
import { reasonWords } from '@/components/reasonWords';
import { shortName } from '@/components/shortName';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { historyText, learnedText } from './historyText';
import { LookCard } from './LookCard';
import { SwapMarks } from './SwapMarks';

/** From here on it is another dip, in the ranking's own units (J). */
const farFrom = 10;

/** What it costs, how long it keeps and what must be minded, where that is other than before. */
function besides({ proposal }: Candidate): string {
  const { costEur, keepDays, cautions } = proposal.consequences;
  const days = keepDays.after - keepDays.before;
  return [
    Math.abs(costEur) >= 0.05
      ? `€ ${Math.abs(costEur).toFixed(2)} ${costEur > 0 ? 'dearer' : 'cheaper'}`
      : '',
    days === 0 ? '' : `keeps ${keepDays.after} days, not ${keepDays.before}`,
    ...cautions.map(({ message }) => message),
  ]
    .filter((text) => text !== '')
    .join(' · ');
}

/** Why it is swapped, if the cook likes to say. */
function Why({ why, onWhy }: { why: Reason | null; onWhy: (why: Reason | null) => void }) {
  return (
    <Box
      role="group"
      aria-label="Why"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mt: 0.75 }}
    >
      {reasons.map((reason) => (
        <Button
          key={reason}
          size="small"
          variant={why === reason ? 'contained' : 'outlined'}
          aria-pressed={why === reason}
          onClick={() => onWhy(why === reason ? null : reason)}
          sx={{
            ...{ px: 1, py: 0, minWidth: 0, fontSize: typeScale.small },
            minHeight: { xs: 44, sm: 26 },
          }}
        >
          {reasonWords[reason]}
        </Button>
      ))}
    </Box>
  );
}

/** One thing that could go in instead: looked at by one tap, taken by the next, with a reason if the cook likes. */
export function SwapCard({
  one,
  larder,
  targets,
  inHouse,
  history,
  learned,
  asksWhy,
  open,
  onOpen,
  onCompare,
  onTake,
}: {
  one: Candidate;
  larder: Larder;
  targets: Targets;
  inHouse: boolean;
  /** How it did here before, where it was there. */
  history: SwapHistory | undefined;
  /** What reading it has taught, where it was read. */
  learned: LearnedShift | undefined;
  asksWhy: boolean;
  open: boolean;
  onOpen: () => void;
  /** Puts it beside the others, where the row is open. */
  onCompare?: (() => void) | undefined;
  onTake: (why: SwapWhy) => void;
}) {
  const [why, setWhy] = useState<Reason | null>(null);
  const [words, setWords] = useState('');
  const { ingredient, amount, others, proposal, distance } = one;
  const whyWords = words.trim();
  const name = ingredient.name.replace(/ \([^)]*\)/g, '');
  const nameOf = (id: string) => shortName(larder.get(id)?.name ?? id).toLowerCase();
  const aside = besides(one);
  return (
    <LookCard
      name={name}
      open={open}
      onOpen={onOpen}
      head={
        <>
          <Box
            sx={{ display: 'flex', alignItems: 'baseline', gap: 0.75, fontSize: typeScale.note }}
          >
            {one.colour !== null && (
              <Box
                component="span"
                style={{ backgroundColor: one.colour }}
                sx={{
                  ...{ width: 14, height: 14, borderRadius: '50%', flexShrink: 0 },
                  ...{
                    alignSelf: 'center',
                    border: `1px solid ${colour.line}`,
                    forcedColorAdjust: 'none',
                  },
                }}
              />
            )}
            <Box component="span" sx={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
              {amount}
            </Box>
            <Box component="span" sx={{ fontWeight: 600, minWidth: 0, overflowWrap: 'anywhere' }}>
              {name}
            </Box>
            {inHouse && (
              <Box
                component="span"
                sx={{
                  ml: 'auto',
                  fontSize: typeScale.small,
                  color: open ? colour.ink : colour.bandEdge,
                  whiteSpace: 'nowrap',
                }}
              >
                in the house
              </Box>
            )}
          </Box>
          <Box
            sx={{
              ...{ fontSize: typeScale.small, lineHeight: 1.35 },
              color: open ? colour.ink : colour.muted,
            }}
          >
            {distance >= farFrom && <strong>Another dip: </strong>}
            {one.words}
          </Box>
          {history && (
            <Box sx={{ fontSize: typeScale.small, color: open ? colour.ink : colour.bandEdge }}>
              {historyText(history)}
              {learned && ` · ${learnedText(learned)}`}
            </Box>
          )}
        </>
      }
    >
      <Box sx={{ fontSize: typeScale.small, lineHeight: 1.4 }}>
        <SwapMarks before={proposal.before} after={proposal.after} targets={targets} />
        {others.map(({ index, ingredient: id, from, to }) => (
          <Box key={index}>
            {from === '' ? `and ${to} ${nameOf(id)}` : `${nameOf(id)} ${from} → ${to}`}
          </Box>
        ))}
        {proposal.after.chilledBody !== null && (
          <Box>
            cold {bodyFigure(proposal.after.chilledBody)} ± {bodyFigure(proposal.sure.bodySd)}, an
            estimate
          </Box>
        )}
        {aside !== '' && <Box>{aside}</Box>}
        {asksWhy && <Why why={why} onWhy={setWhy} />}
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mt: 0.75 }}>
          {asksWhy && (
            <InputBase
              value={words}
              onChange={(event) => setWords(event.target.value.slice(0, 200))}
              placeholder="in your own words"
              inputProps={{ 'aria-label': 'Why, in your own words' }}
              sx={{
                ...{ flex: 1, minWidth: 0, fontSize: typeScale.note },
                borderBottom: `1px solid ${colour.muted}`,
              }}
            />
          )}
          {onCompare && (
            <Button onClick={onCompare} sx={{ flexShrink: 0 }}>
              Compare it
            </Button>
          )}
          <Button
            variant="contained"
            onClick={() => onTake({ why, ...(whyWords === '' ? {} : { whyWords }) })}
            sx={{ flexShrink: 0, minHeight: { xs: 48, sm: 36 } }}
          >
            Swap it
          </Button>
        </Box>
      </Box>
    </LookCard>
  );
}
