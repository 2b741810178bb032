'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { allergenWord } from '@cobbet/core/larder/allergenWord';
import type { Larder } from '@cobbet/core/larder/larder';
import { targetFigure } from '@cobbet/core/mix/figures';
import { type KeptName, noticedChange } from '@cobbet/core/swap/keptFigures';
import type { Candidate } from '@cobbet/core/swap/swap';
import type { SwapQuestion } from '@cobbet/core/swap/swapQuestion';
import type { ReactNode } from 'react';
import { shortName } from '@/components/shortName';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { SwapMarks } from './SwapMarks';
import { useCompared } from './useCompared';

const figures = [
  { name: 'freshBody', label: 'body, warm', decimals: 1 },
  { name: 'chilledBody', label: 'body, cold', decimals: 1 },
  { name: 'saltG', label: 'salt', decimals: 2 },
  { name: 'acidG', label: 'sour', decimals: 2 },
  { name: 'bitter', label: 'bitter', decimals: 2 },
  { name: 'savoury', label: 'savoury', decimals: 2 },
  { name: 'fatG', label: 'fat', decimals: 0 },
] as const satisfies readonly { name: KeptName; label: string; decimals: number }[];

const cell = {
  ...{ py: 0.4, px: 1, verticalAlign: 'top', textAlign: 'left', minWidth: 96, maxWidth: 150 },
  borderTop: `1px solid ${colour.line}`,
} as const;

/** One figure of a filling; bold where the mouth would notice it is another. */
function Figure({
  one,
  name,
  decimals,
}: { one: Candidate } & Omit<(typeof figures)[number], 'label'>) {
  const { before, after } = one.proposal;
  const [from, to] = [targetFigure(name, before), targetFigure(name, after)];
  if (to === null) return <>crumbs</>;
  const noticed = from === null || Math.abs(to - from) > noticedChange(name, from);
  return noticed ? <strong>{to.toFixed(decimals)}</strong> : <>{to.toFixed(decimals)}</>;
}

function allergenWords({ proposal }: Candidate): string {
  const { allergensGained, allergensLost } = proposal.consequences;
  const words = [
    ...allergensGained.map((one) => `+ ${allergenWord(one)}`),
    ...allergensLost.map((one) => `no ${allergenWord(one)}`),
  ];
  return words.length > 0 ? words.join(', ') : 'the same';
}

function costWords({ proposal }: Candidate): string {
  const { costEur } = proposal.consequences;
  if (Math.abs(costEur) < 0.05) return 'the same';
  return `${costEur > 0 ? '+' : '−'} € ${Math.abs(costEur).toFixed(2)}`;
}

function Line({
  label,
  all,
  of,
}: {
  label: string;
  all: readonly Candidate[];
  of: (one: Candidate) => ReactNode;
}) {
  return (
    <tr>
      <Box
        component="th"
        scope="row"
        sx={{ ...cell, minWidth: 72, fontWeight: 400, color: colour.muted }}
      >
        {label}
      </Box>
      {all.map((one) => (
        <Box component="td" key={one.ingredient.id} sx={cell}>
          {of(one)}
        </Box>
      ))}
    </tr>
  );
}

/** What a column is of, with the colour of the blend, and whether it is there. */
function Head({
  one,
  now,
  house,
}: {
  one: Candidate;
  now: string | undefined;
  house: ReadonlySet<string>;
}) {
  const { ingredient, colour: hex } = one;
  const where = house.has(ingredient.id) ? 'in the house' : 'to get';
  return (
    <Box component="th" scope="col" sx={{ ...cell, borderTop: 0 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
        {hex !== null && (
          <Box
            component="span"
            title={`The blend about ${hex}`}
            style={{ backgroundColor: hex }}
            sx={{
              ...{
                width: 16,
                height: 16,
                borderRadius: '50%',
                flexShrink: 0,
                forcedColorAdjust: 'none',
              },
              border: `1px solid ${colour.line}`,
            }}
          />
        )}
        {ingredient.name.replace(/ \([^)]*\)/g, '')}
      </Box>
      <Box sx={{ fontWeight: 400, fontSize: typeScale.small, color: colour.muted }}>
        {ingredient.id === now ? 'in it now' : where}
      </Box>
    </Box>
  );
}

interface Chosen {
  onUse: (one: Candidate) => void;
  /** Makes a variant with it, where there is a dip to make one of. */
  onVariant?: ((one: Candidate) => void) | undefined;
  /** Takes it out of the comparison, where it may be. */
  onDrop?: ((id: string) => void) | undefined;
}

/** What can be done with a filling. */
function Choices({ one, onUse, onVariant, onDrop }: Chosen & { one: Candidate }) {
  const name = shortName(one.ingredient.name);
  return (
    <Box sx={{ display: 'grid', justifyItems: 'start', gap: 0.25 }}>
      <Button size="small" variant="outlined" aria-label={`Use ${name}`} onClick={() => onUse(one)}>
        Use it
      </Button>
      {onVariant && (
        <Button
          size="small"
          aria-label={`A variant with ${name}`}
          onClick={() => onVariant(one)}
          sx={{ px: 0.5 }}
        >
          As a variant
        </Button>
      )}
      {onDrop && (
        <Button
          size="small"
          aria-label={`Leave ${name} out of the comparison`}
          onClick={() => onDrop(one.ingredient.id)}
          sx={{ px: 0.5 }}
        >
          Not this one
        </Button>
      )}
    </Box>
  );
}

/** Several things in one place of a dip, side by side: what is in now first, then what each of the others would make of it. */
export function Fillings({
  question,
  larder,
  ids,
  house,
  onUse,
  onVariant,
  onDrop,
}: {
  /** Compared by identity. */
  question: SwapQuestion;
  larder: Larder;
  /** What is compared with what is there. */
  ids: readonly string[];
  house: ReadonlySet<string>;
} & Chosen) {
  const { asked, start } = useCompared(question, larder, ids);
  if (asked.state === 'failed') {
    return (
      <Box role="alert" sx={{ color: colour.caution }}>
        {asked.message} <Button onClick={() => void start()}>Try again</Button>
      </Box>
    );
  }
  if (asked.state !== 'answered') return <Box role="status">Working it out…</Box>;
  const all = asked.answer;
  const now = question.parts[question.index]?.ingredient.id;
  return (
    <Box
      tabIndex={0}
      role="group"
      aria-label="Side by side"
      sx={{ overflowX: 'auto', maxWidth: '100%' }}
    >
      <Box
        component="table"
        sx={{ borderCollapse: 'collapse', fontSize: typeScale.note, lineHeight: 1.35 }}
      >
        <thead>
          <tr>
            <Box component="td" sx={{ ...cell, minWidth: 72, borderTop: 0 }} />
            {all.map((one) => (
              <Head key={one.ingredient.id} one={one} now={now} house={house} />
            ))}
          </tr>
        </thead>
        <tbody>
          <Line label="as much" all={all} of={(one) => <strong>{one.amount}</strong>} />
          {figures.map(({ name, label, decimals }) => (
            <Line
              key={name}
              label={label}
              all={all}
              of={(one) => <Figure one={one} name={name} decimals={decimals} />}
            />
          ))}
          <Line
            label="on the line"
            all={all}
            of={({ proposal }) => (
              <SwapMarks
                before={proposal.before}
                after={proposal.after}
                targets={question.targets}
                only={['chilledBody', 'saltG']}
              />
            )}
          />
          <Line label="allergens" all={all} of={allergenWords} />
          <Line
            label="keeps"
            all={all}
            of={({ proposal }) => `${proposal.consequences.keepDays.after} days`}
          />
          <Line label="cost" all={all} of={costWords} />
          <Line
            label=""
            all={all}
            of={(one) =>
              one.ingredient.id === now ? null : (
                <Choices one={one} onUse={onUse} onVariant={onVariant} onDrop={onDrop} />
              )
            }
          />
        </tbody>
      </Box>
      <Box sx={{ mt: 0.5, fontSize: typeScale.small, color: colour.muted }}>
        Estimates, each with what makes up for it; bold is what the mouth would notice. Salt, sour
        and fat in 100 g.
      </Box>
    </Box>
  );
}
