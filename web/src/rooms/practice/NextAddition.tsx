'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { shippedLarder } from '@cobbet/core/larder/larder';
import type { BodyWord } from '@cobbet/core/mix/bodyWords';
import { additionOf, type HiddenBowl } from '@cobbet/core/practice/hiddenBowl';
import { measuresFor } from '@cobbet/core/practice/measures';
import type { Guess } from '@cobbet/core/practice/practice';
import { type Verdict, verdicts } from '@cobbet/core/readings/tastes';
import { Panel } from '@/components/Panel';
import { firstNamesIn } from '@/components/shortName';
import { useKeys } from '@/components/useKeys';
import { addToPractice } from '@/store/practiceCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { BodyGuessAxis } from './BodyGuessAxis';
import { useGuessed } from './useGuessed';

const nameOf = firstNamesIn(shippedLarder);
const chosen = {
  '&.Mui-selected, &.Mui-selected:hover': { bgcolor: colour.accent, color: colour.onAccent },
} as const;

/** One of many that stand apart and may take several lines. */
const apart = {
  ...{ minHeight: 48, px: 1.75, fontSize: typeScale.text, ...chosen },
  '&.MuiToggleButtonGroup-grouped': {
    ...{ border: `1px solid ${colour.line}`, borderRadius: 1, m: 0 },
  },
} as const;

/** Salt or sour as it is expected to be: nothing until it is tapped, nothing again when tapped twice. */
function SideGuess({
  name,
  side,
  onSide,
}: {
  name: string;
  side: Verdict | undefined;
  onSide: (side: Verdict | undefined) => void;
}) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
      <Box sx={{ width: 44, fontWeight: 600 }}>{name}</Box>
      <ToggleButtonGroup
        exclusive
        value={side ?? null}
        aria-label={`${name} will be`}
        onChange={(_, next: Verdict | null) => onSide(next ?? undefined)}
      >
        {verdicts.map((verdict) => (
          <ToggleButton
            key={verdict}
            value={verdict}
            sx={{ minHeight: 48, minWidth: 66, ...chosen }}
          >
            {verdict}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}

/** What goes in next, how much of it, and what it is expected to do. */
export function NextAddition({
  practiceId,
  bowl,
  step,
  eye,
}: {
  practiceId: string;
  bowl: HiddenBowl;
  step: number;
  eye: BodyWord | null;
}) {
  const { guessed, say, forget } = useGuessed(`practice-${practiceId}-${step}`);
  const { thing, amount, body, salt, sour } = guessed;
  const role = thing === undefined ? undefined : shippedLarder.get(thing)?.role;
  const measures = role === undefined ? [] : measuresFor(role);
  const choose = (next: string) => say({ thing: next, amount: undefined });
  useKeys(
    Object.fromEntries(
      bowl.shelf.slice(0, 9).map((id, i) => [String(i + 1), () => choose(id)] as const),
    ),
  );
  const ready = thing !== undefined && amount !== undefined && measures.includes(amount);
  const add = () => {
    if (!ready) return;
    const guess: Guess = {
      ...(body === undefined ? {} : { body }),
      ...(salt === undefined ? {} : { salt }),
      ...(sour === undefined ? {} : { sour }),
    };
    forget();
    void addToPractice(practiceId, bowl, additionOf(thing, amount, shippedLarder), guess);
  };
  const left = bowl.most - step;
  return (
    <Panel title="What goes in next" aside={left === 1 ? 'the last' : `${left} left`}>
      <ToggleButtonGroup
        exclusive
        value={thing ?? null}
        aria-label="What goes in"
        onChange={(_, next: string | null) => next !== null && choose(next)}
        sx={{ flexWrap: 'wrap', gap: 0.75 }}
      >
        {bowl.shelf.map((id) => (
          <ToggleButton key={id} value={id} sx={apart}>
            {nameOf(id)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Box sx={{ minHeight: 48, my: 1.25 }}>
        {measures.length > 0 && (
          <ToggleButtonGroup
            exclusive
            value={amount ?? null}
            aria-label="How much"
            onChange={(_, next: string | null) => next !== null && say({ amount: next })}
            sx={{ flexWrap: 'wrap', gap: 0.75 }}
          >
            {measures.map((one) => (
              <ToggleButton key={one} value={one} sx={apart}>
                {one}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        )}
      </Box>
      <Box component="h3" sx={{ m: 0, mb: 0.5, fontSize: typeScale.text }}>
        What will it be then?
      </Box>
      <BodyGuessAxis
        aim={bowl.aim.body}
        eye={eye}
        guess={body ?? null}
        onGuess={(next) => say({ body: next })}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, rowGap: 1, mt: 1 }}>
        <SideGuess name="Salt" side={salt} onSide={(next) => say({ salt: next })} />
        <SideGuess name="Sour" side={sour} onSide={(next) => say({ sour: next })} />
      </Box>
      <Button
        variant="contained"
        size="large"
        disabled={!ready}
        onClick={add}
        sx={{ mt: 2, minHeight: 60, px: 4, fontSize: typeScale.lead, width: { xs: 1, sm: 'auto' } }}
      >
        {ready
          ? `Add ${amount} ${nameOf(thing)}${body === undefined ? ' without a guess' : ''}`
          : 'Add it'}
      </Button>
    </Panel>
  );
}
