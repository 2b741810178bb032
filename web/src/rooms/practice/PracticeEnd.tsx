'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { shippedLarder } from '@cobbet/core/larder/larder';
import { type HiddenBowl, senses } from '@cobbet/core/practice/hiddenBowl';
import { isRight, type Practice } from '@cobbet/core/practice/practice';
import { figuresAfter, sidesOf } from '@cobbet/core/practice/senses';
import Link from 'next/link';
import { Panel } from '@/components/Panel';
import { firstNamesIn } from '@/components/shortName';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { nextNumber } from './nextNumber';
import { bowlAddress, listed, senseNames, sideWord } from './practiceWords';
import { SenseStrip } from './SenseStrip';
import { useBegin } from './useBegin';

const nameOf = firstNamesIn(shippedLarder);
/** A kitchen that is off by less is not spoken of, body. */
const leastOff = 0.3;

/** What was the matter with it, which nobody could see. */
function matterWords(bowl: HiddenBowl): string {
  const start = sidesOf(bowl, figuresAfter(bowl, [], shippedLarder));
  const wrong = senses.flatMap((sense) =>
    start[sense] === 'right' ? [] : [sideWord(sense, start[sense])],
  );
  const [off = 0] = bowl.correction.mean;
  const kitchen =
    Math.abs(off) < leastOff
      ? ''
      : ` In this kitchen everything stands ${Math.abs(off).toFixed(1)} ${off > 0 ? 'stiffer' : 'looser'} than its ingredients would suggest.`;
  return `It was ${listed(wrong)}.${kitchen}`;
}

/** What was guessed and what came, one addition after another. */
function Guesses({ practice }: { practice: Practice }) {
  return (
    <Box component="ol" aria-label="Guesses" sx={{ m: 0, p: 0, listStyle: 'none' }}>
      {practice.steps.map(({ amount, ingredientId, guess, came, modelled, at }) => (
        <Box component="li" key={at} sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75 }}>
          <strong>
            {amount} {nameOf(ingredientId)}
          </strong>
          <Box sx={{ fontSize: typeScale.note }}>
            {guess.body === undefined
              ? `No guess; body ${came.body?.toFixed(1) ?? 'none, crumbs'}.`
              : `Guessed ${guess.body.toFixed(1)}; it was ${came.body === null ? 'crumbs' : `${came.body.toFixed(1)}, ${Math.abs(came.body - guess.body).toFixed(1)} ${came.body >= guess.body ? 'stiffer' : 'looser'}`}.`}
            {(['salt', 'sour'] as const).map((sense) => {
              const said = guess[sense];
              if (said === undefined) return null;
              return ` ${senseNames[sense]}: guessed ${said}, ${said === came.sides[sense] ? 'and so it was' : `it was ${came.sides[sense]}`}.`;
            })}
            {modelled !== null && (
              <Box component="span" sx={{ color: colour.muted }}>
                {' '}
                Cobbet would have said {modelled.toFixed(1)}.
              </Box>
            )}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

/** What a practice bowl was, once nothing more goes in. */
export function PracticeEnd({ practice, bowl }: { practice: Practice; bowl: HiddenBowl }) {
  const begin = useBegin();
  const at = [...practice.steps.keys(), practice.steps.length].map((step) =>
    figuresAfter(bowl, practice.steps.slice(0, step), shippedLarder),
  );
  const end = at.at(-1);
  const sides = end && sidesOf(bowl, end);
  const wrong = senses.flatMap((sense) =>
    sides && sides[sense] !== 'right' ? [sideWord(sense, sides[sense])] : [],
  );
  const many = practice.steps.length;
  return (
    <Box
      sx={{
        display: 'grid',
        gap: { xs: 3, lg: 5 },
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 0.9fr)' },
      }}
    >
      <section aria-label="How it ended">
        <Box role="status" sx={{ fontSize: typeScale.large, fontWeight: 700, mb: 1.5 }}>
          {sides && isRight(sides)
            ? `Right in all three, with ${many === 1 ? 'one addition' : `${many} additions`} of ${bowl.most}.`
            : `It is still ${listed(wrong)}.`}
        </Box>
        {senses.map((sense) => (
          <SenseStrip
            key={sense}
            name={senseNames[sense]}
            said={sides && sides[sense] !== 'right' ? sideWord(sense, sides[sense]) : 'right'}
            aim={bowl.aim[sense]}
            values={at.flatMap((one) => one[sense] ?? [])}
            digits={sense === 'body' ? 1 : 2}
          />
        ))}
        <Box sx={{ mt: 2 }}>
          {matterWords(bowl)} One way:{' '}
          {listed(bowl.way.map(({ amount, ingredientId }) => `${amount} ${nameOf(ingredientId)}`))}.
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 2 }}>
          <Button
            variant="contained"
            onClick={() => begin({ level: bowl.level, seed: nextNumber(practice.startedAt, many) })}
          >
            Another like it
          </Button>
          <Button variant="outlined" onClick={() => begin(practice.bowl)}>
            The same once more
          </Button>
        </Box>
        <Box sx={{ mt: 2, fontSize: typeScale.note, color: colour.muted }}>
          The same bowl for someone else:{' '}
          <Link href={bowlAddress(practice.bowl)} style={{ color: 'inherit' }}>
            {'written' in practice.bowl
              ? practice.name
              : `number ${practice.bowl.seed} of ${practice.bowl.level === 1 ? 'one thing' : practice.bowl.level === 2 ? 'two things' : 'three'}`}
          </Link>
          . The address says nothing about what is in it.
        </Box>
      </section>
      <Panel title="What you guessed">
        {many === 0 ? (
          <Box sx={{ color: colour.muted }}>Nothing went in.</Box>
        ) : (
          <Guesses practice={practice} />
        )}
      </Panel>
    </Box>
  );
}
