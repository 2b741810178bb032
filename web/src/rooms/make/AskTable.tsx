'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { type Run, withMark } from '@cobbet/core/book/run';
import { type Taste, tastes, type Verdict } from '@cobbet/core/readings/tastes';
import { type Agreement, agreements, type Side } from '@cobbet/core/taste/agreement';
import { type JarName, markOf } from '@cobbet/core/taste/tasting';
import { useState } from 'react';
import { useBook } from '@/store/bookStore';
import { askAtBowl, markAtBowl, tableId } from '@/store/tastingCommands';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { RunControl } from './useRun';

const sides = ['low', 'right', 'high'] as const satisfies readonly Side[];
/** What is chosen stands out on the panel's own ground. */
const chosen = {
  '&.Mui-selected, &.Mui-selected:hover': { bgcolor: colour.accent, color: colour.onAccent },
} as const;
/** Where a side stands on the five marks. */
const markOfSide: Record<Side, number> = { low: 2, right: 3, high: 4 };
const verdictOf: Record<Side, Verdict> = { low: 'short', right: 'right', high: 'over' };

const words = (name: JarName, side: Side): string =>
  name === 'body'
    ? { low: 'too loose', right: 'right', high: 'too stiff' }[side]
    : { low: 'short', right: 'right', high: 'over' }[side];

const called = (name: JarName) => name.charAt(0).toUpperCase() + name.slice(1);

/** What they agree on: `2 of 3: short of salt`. */
function agreed({ name, side, n, of }: Agreement): string {
  if (side === null) return `${called(name)}: they differ`;
  return `${called(name)}: ${n} of ${of} say ${words(name, side)}`;
}

/** Two or three people at one bowl, ten seconds each; what they agree on stands there at once, and can be taken for the mark. */
export function AskTable({ run, control }: { run: Run; control: RunControl }) {
  const tasting = useBook((state) => state.book.tastings.get(tableId(run.id)));
  const [at, setAt] = useState(0);
  if (!tasting) {
    return (
      <Button sx={{ minHeight: 48 }} onClick={() => void askAtBowl(run, control.dip.name)}>
        Ask the table
      </Button>
    );
  }
  const seat = tasting.seats[at] ?? tasting.seats[0];
  const code = tasting.pots[0]?.code ?? '';
  if (!seat) return null;
  const mark = markOf(tasting, seat.id, code);
  const told = agreements(tasting, code);
  const takeable = told.filter(
    ({ name, side, of }) =>
      side !== null &&
      of > 1 &&
      tastes.includes(name as Taste) &&
      run.tastes[name as Taste] !== verdictOf[side],
  );
  return (
    <Box
      component="section"
      aria-label="The table"
      sx={{ mt: 1, p: 1.5, borderRadius: 1, bgcolor: colour.accentWash }}
    >
      <ToggleButtonGroup
        exclusive
        value={seat.id}
        aria-label="Who says it"
        onChange={(_, id: string | null) =>
          id !== null && setAt(tasting.seats.findIndex((one) => one.id === id))
        }
        sx={{ mb: 1 }}
      >
        {tasting.seats.map(({ id, name }) => (
          <ToggleButton key={id} value={id} sx={{ minHeight: 48, px: 2, ...chosen }}>
            {name}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      {tasting.asks.jar.map((name) => {
        const given = mark.jar?.[name];
        const side = sides.find((one) => markOfSide[one] === given) ?? null;
        return (
          <Box key={name} sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mb: 0.75 }}>
            <Box sx={{ width: 62, fontWeight: 600 }}>{called(name)}</Box>
            <ToggleButtonGroup
              exclusive
              value={side}
              aria-label={`${called(name)}, ${seat.name}`}
              onChange={(_, next: Side | null) =>
                void markAtBowl(tasting.id, seat.id, code, name, next && markOfSide[next])
              }
            >
              {sides.map((one) => (
                <ToggleButton
                  key={one}
                  value={one}
                  sx={{ minHeight: 48, minWidth: 74, px: 1, bgcolor: colour.paper, ...chosen }}
                >
                  {words(name, one)}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          </Box>
        );
      })}
      <Box
        role="status"
        aria-label="What they agree on"
        sx={{ fontSize: typeScale.lead, fontWeight: 700 }}
      >
        {told.map((one) => (
          <div key={one.name}>{agreed(one)}</div>
        ))}
      </Box>
      {takeable.map(({ name, side }) => (
        <Button
          key={name}
          variant="outlined"
          sx={{ mt: 1, mr: 1, minHeight: 48, bgcolor: colour.paper }}
          onClick={() =>
            side &&
            void control.note(`Taste: ${name}`, (one) =>
              withMark(one, name as Taste, verdictOf[side], new Date().toISOString()),
            )
          }
        >
          Mark {name} {verdictOf[side ?? 'right']}
        </Button>
      ))}
    </Box>
  );
}
