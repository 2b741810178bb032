'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { MeasureSystem } from '@cobbet/core/amounts/measureSystem';
import type { SwapWhy } from '@cobbet/core/book/keptSwap';
import type { Ingredient } from '@cobbet/core/larder/ingredient';
import { inSeason } from '@cobbet/core/larder/season';
import type { Larder } from '@cobbet/core/larder/larder';
import type { Candidate } from '@cobbet/core/swap/swap';
import { type AmountBy, amountsBy, type SwapQuestion } from '@cobbet/core/swap/swapQuestion';
import { useState } from 'react';
import { AddRow } from '@/components/AddRow';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { SwapCard } from './SwapCard';
import { useRanked } from './useRanked';

const amountWords: Record<AmountBy, string> = {
  strength: 'same strength',
  weight: 'same weight',
  amount: 'same amount',
};

const filters = [
  'in the house',
  'no new allergens',
  'cheaper',
  'keeps as long',
  'in season',
] as const;
type Filter = (typeof filters)[number];

function passes(one: Candidate, filter: Filter, house: ReadonlySet<string>): boolean {
  const { allergensGained, costEur, keepDays } = one.proposal.consequences;
  switch (filter) {
    case 'in the house':
      return house.has(one.ingredient.id);
    case 'no new allergens':
      return allergensGained.length === 0;
    case 'cheaper':
      return costEur < 0;
    case 'keeps as long':
      return keepDays.after >= keepDays.before;
    case 'in season':
      return inSeason(one.ingredient.season, new Date().getMonth() + 1);
  }
}

/** What candidates must be, several at once; by season only where the larder says any. */
function Filters({
  seasons,
  on,
  onChange,
}: {
  seasons: boolean;
  on: readonly Filter[];
  onChange: (on: readonly Filter[]) => void;
}) {
  return (
    <Box role="group" aria-label="Only" sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
      {filters.map((filter) => {
        if (filter === 'in season' && !seasons) return null;
        const isOn = on.includes(filter);
        return (
          <Button
            key={filter}
            size="small"
            variant={isOn ? 'contained' : 'outlined'}
            aria-pressed={isOn}
            onClick={() => onChange(isOn ? on.filter((one) => one !== filter) : [...on, filter])}
            sx={{
              ...{ px: 1, py: 0, minWidth: 0, fontSize: typeScale.small },
              minHeight: { xs: 40, sm: 26 },
            }}
          >
            {filter}
          </Button>
        );
      })}
    </Box>
  );
}

/** So many are shown at first. */
const firstShown = 8;

/** What could go in instead of one thing, the nearest first, each with all it would do; any other by typing. */
export function SwapChooser({
  question,
  larder,
  measures,
  house,
  amountBy,
  asksWhy = true,
  onAmountBy,
  onLook,
  onCompare,
  onTake,
}: {
  /** Compared by identity: asked anew when it is another one. */
  question: SwapQuestion;
  larder: Larder;
  measures: MeasureSystem;
  /** Ids of what is in the house. */
  house: ReadonlySet<string>;
  amountBy: AmountBy;
  /** Whether the reason is asked, where the swap is kept. */
  asksWhy?: boolean;
  onAmountBy: (by: AmountBy) => void;
  /** What is being looked at, drawn on the line meanwhile. */
  onLook: (candidate: Candidate | null) => void;
  /** Puts a candidate beside the others, where several are compared. */
  onCompare?: ((candidate: Candidate) => void) | undefined;
  onTake: (candidate: Candidate, why: SwapWhy) => void;
}) {
  const [only, setOnly] = useState<Ingredient | null>(null);
  const [on, setOn] = useState<readonly Filter[]>([]);
  const [open, setOpen] = useState<string | null>(null);
  const [whole, setWhole] = useState(false);
  const { asked, start, all, history, learned } = useRanked(question, larder, only);
  const shown = all.filter((one) => on.every((filter) => passes(one, filter, house)));
  const listed = whole ? shown : shown.slice(0, firstShown);
  const look = (one: Candidate | null) => {
    setOpen(one?.ingredient.id ?? null);
    onLook(one);
  };
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1 }}>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={amountBy}
        aria-label="Its amount by"
        onChange={(_, by: AmountBy | null) => by && onAmountBy(by)}
        sx={{
          '& .MuiToggleButton-root': {
            ...{ px: 1, py: 0.25, flex: 1, lineHeight: 1.2 },
            minHeight: { xs: 44, sm: 32 },
          },
        }}
      >
        {amountsBy.map((by) => (
          <ToggleButton key={by} value={by}>
            {amountWords[by]}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Filters
        seasons={all.some(({ ingredient }) => Boolean(ingredient.season))}
        on={on}
        onChange={setOn}
      />
      {asked.state === 'working' && <Box role="status">Working it out…</Box>}
      {asked.state === 'failed' && (
        <Box role="alert" sx={{ color: colour.caution }}>
          {asked.message} <Button onClick={() => void start()}>Try again</Button>
        </Box>
      )}
      {asked.state === 'answered' && shown.length === 0 && (
        <Box role="status" sx={{ color: colour.muted }}>
          {all.length === 0
            ? 'Nothing in the larder does its work. Type what you have.'
            : `None of ${all.length} is so.`}
        </Box>
      )}
      <Box
        component="ol"
        aria-label="What could go in instead"
        sx={{ m: 0, p: 0, listStyle: 'none' }}
      >
        {listed.map((one) => (
          <SwapCard
            key={one.ingredient.id}
            one={one}
            larder={larder}
            targets={question.targets}
            inHouse={house.has(one.ingredient.id)}
            history={history.get(one.ingredient.id)}
            learned={learned.get(one.ingredient.id)}
            asksWhy={asksWhy}
            open={open === one.ingredient.id}
            onOpen={() => look(open === one.ingredient.id ? null : one)}
            onCompare={onCompare && (() => onCompare(one))}
            onTake={(why) => onTake(one, why)}
          />
        ))}
      </Box>
      {listed.length < shown.length && (
        <Button size="small" sx={{ justifySelf: 'start' }} onClick={() => setWhole(true)}>
          {shown.length - listed.length} further off
        </Button>
      )}
      {only && (
        <Button
          size="small"
          sx={{ justifySelf: 'start' }}
          onClick={() => {
            setOnly(null);
            look(null);
          }}
        >
          All that could go in
        </Button>
      )}
      <AddRow
        larder={larder}
        measures={measures}
        placeholder="or something else, such as almond butter"
        onAdd={(parts) => {
          const found = larder.get(parts[0]?.ingredient ?? '');
          if (!found) return;
          setOnly(found);
          look(null);
        }}
      />
    </Box>
  );
}
