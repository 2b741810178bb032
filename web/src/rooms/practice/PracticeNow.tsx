'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { wordShows } from '@cobbet/core/mix/bodyWords';
import type { HiddenBowl } from '@cobbet/core/practice/hiddenBowl';
import { figuresAfter, sensedAt, type Sensed } from '@cobbet/core/practice/senses';
import type { Practice } from '@cobbet/core/practice/practice';
import { firstNamesIn } from '@/components/shortName';
import { Panel } from '@/components/Panel';
import { SpoonPicture } from '@/components/SpoonPicture';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { listed, sideWord } from './practiceWords';

const nameOf = firstNamesIn(shippedLarder);

/** What eye and tongue told after so many additions, at a first look. */
export function sensedAfter(practice: Practice, bowl: HiddenBowl, step: number, look = 0): Sensed {
  const at = figuresAfter(bowl, practice.steps.slice(0, step), shippedLarder);
  return sensedAt(bowl, at, step, look);
}

/** What went in, what was guessed of it, and what the spoon showed then. */
export function WentIn({ practice, bowl }: { practice: Practice; bowl: HiddenBowl }) {
  return (
    <Box component="ol" aria-label="What went in" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {practice.steps.map(({ amount, ingredientId, guess, at }, i) => (
        <Box
          component="li"
          key={at}
          sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75, fontSize: typeScale.text }}
        >
          <strong>
            {amount} {nameOf(ingredientId)}
          </strong>
          <Box component="span" sx={{ color: colour.muted }}>
            {' '}
            · {guess.body === undefined ? 'no guess' : `guessed ${guess.body.toFixed(1)}`}, the
            spoon showed {sensedAfter(practice, bowl, i + 1).eye ?? 'crumbs'}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

/** What stands in the bowl as far as eye, spoon and tongue can tell. */
export function PracticeNow({
  practice,
  bowl,
  sensed,
  onAgain,
}: {
  practice: Practice;
  bowl: HiddenBowl;
  sensed: Sensed;
  onAgain: () => void;
}) {
  const { massG } = figuresAfter(bowl, practice.steps, shippedLarder);
  return (
    <Box sx={{ display: 'grid', gap: 2, alignContent: 'start', minWidth: 0 }}>
      <Box sx={{ fontSize: typeScale.text }}>
        <Box
          sx={{
            maxWidth: 560,
            // once something went in, what is in it and what next stand on one page of a phone
            display: { xs: practice.steps.length === 0 ? 'block' : 'none', sm: 'block' },
          }}
        >
          {bowl.told}
        </Box>
        <Box sx={{ color: colour.muted, fontSize: typeScale.note, mt: 0.5 }}>
          In it: {listed(bowl.start.map(({ ingredient }) => nameOf(ingredient.id)))}. About{' '}
          {Math.round(massG / 10) * 10} g now.
        </Box>
      </Box>
      <Panel title="The bowl now" live>
        <Box sx={{ display: 'flex', gap: 2.5, alignItems: 'center' }}>
          <Box sx={{ flexShrink: 0, minWidth: 96, textAlign: 'center' }}>
            {sensed.eye && <SpoonPicture word={sensed.eye} size={96} />}
          </Box>
          <Box sx={{ minWidth: 0 }}>
            <Box sx={{ fontSize: typeScale.figure, fontWeight: 700, lineHeight: 1.2 }}>
              {sensed.eye ?? 'crumbs'}
            </Box>
            <Box sx={{ color: colour.muted }}>
              {sensed.eye ? wordShows[sensed.eye] : 'nothing holds it together'}
            </Box>
            <Box sx={{ fontSize: typeScale.lead, fontWeight: 600, mt: 0.5 }}>
              It tastes {sideWord('salt', sensed.salt)}, {sideWord('sour', sensed.sour)}.
            </Box>
          </Box>
        </Box>
        <Button onClick={onAgain} sx={{ mt: 1, minHeight: 48 }}>
          Look and taste again
        </Button>
      </Panel>
    </Box>
  );
}
