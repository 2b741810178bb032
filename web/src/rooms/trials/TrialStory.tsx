import Box from '@mui/material/Box';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import type { AdditionLine, StoryLine } from '@cobbet/core/book/story';
import type { Analysis } from '@cobbet/core/dip/analyse';
import { bodyText } from '@/components/bodyText';
import { faultWords } from '@/components/faultWords';
import { readingText } from '@/components/reading/readingText';
import { tasteName, verdictWord } from '@/components/tasteWords';
import { goingWords } from './goingWords';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

type NameOf = (id: string) => string;

function Addition({
  line,
  nameOf,
  path,
}: {
  line: AdditionLine;
  nameOf: NameOf;
  path: Analysis['path'];
}) {
  const out = line.going === 'left out';
  const after = path[line.place - 1];
  const words = goingWords(line, nameOf);
  return (
    <>
      <Box
        sx={{
          fontWeight: 700,
          textDecoration: out ? 'line-through' : 'none',
          overflowWrap: 'anywhere',
        }}
      >
        {line.amount}
      </Box>
      <Box sx={{ color: colour.muted }}>{out ? '' : printGrams(line.massG)}</Box>
      <Box sx={{ minWidth: 0 }}>
        {nameOf(line.ingredientId)}
        {words !== '' && (
          <Box component="span" sx={{ color: colour.caution }}>
            {' '}
            {words}
          </Box>
        )}
      </Box>
      <Box
        sx={{
          color: colour.muted,
          gridColumn: { xs: '3', sm: 'auto' },
          textAlign: { sm: 'right' },
        }}
      >
        {!out && after ? bodyText(after.state === 'crumbs' ? null : after.body) : ''}
      </Box>
    </>
  );
}

/** Anything of a story but an addition, in words. */
function saidOf(line: Exclude<StoryLine, AdditionLine>): string {
  switch (line.kind) {
    case 'tasted':
      return `tasted: ${line.marks
        .map(
          ({ taste, verdict }) =>
            `${tasteName(taste).toLowerCase()} ${verdictWord(taste, verdict)}`,
        )
        .join(', ')}`;
    case 'seen':
      return `it was ${line.faults.map((fault) => faultWords[fault]).join(' and ')}`;
    case 'read':
      return `read: ${readingText(line.reading)}`;
    case 'waited':
      return `stood ${line.minutes} min`;
    case 'heated':
      return `brought to ${line.atC} °C`;
    case 'noted':
      return line.text;
    case 'divided':
      return `divided: ${line.into.map(({ name, massG }) => `${name} ${printGrams(massG)}`).join(', ')}`;
    case 'weighed':
      return `weighed ${printGrams(line.massG)}`;
  }
}

/** A trial as it was made, down the line: what went in and how that differed from the plan, what was tasted and read in between. */
export function TrialStory({
  label,
  story,
  path,
  nameOf,
}: {
  label: string;
  story: readonly StoryLine[];
  /** Where the bowl stood after each addition. */
  path: Analysis['path'];
  nameOf: NameOf;
}) {
  return (
    <Box
      component="ol"
      aria-label={label}
      sx={{ m: 0, mt: 1, p: 0, listStyle: 'none', maxWidth: 820 }}
    >
      {story.map((line, index) => (
        <Box
          component="li"
          key={index}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '96px 56px 1fr', sm: '128px 64px 1fr 150px' },
            columnGap: 1,
            py: 0.35,
            fontSize: typeScale.note,
            borderTop: line.kind === 'addition' ? `1px solid ${colour.line}` : 0,
          }}
        >
          {line.kind === 'addition' ? (
            <Addition line={line} nameOf={nameOf} path={path} />
          ) : (
            <Box
              sx={{
                gridColumn: '1 / -1',
                pl: { xs: 2, sm: 4 },
                fontStyle: 'italic',
                overflowWrap: 'anywhere',
              }}
            >
              {saidOf(line)}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}
