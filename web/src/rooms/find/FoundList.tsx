'use client';

import Box from '@mui/material/Box';
import { excerptOf } from '@cobbet/core/find/excerpt';
import Link from 'next/link';
import { kindNames } from '@/components/filterWords';
import { SpoonPicture } from '@/components/SpoonPicture';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { foundHref } from './foundHref';
import type { FoundThing } from './useFind';

const dayAndYear = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
});

/** The beginning of a note, to the end of a word. */
const shortened = (text: string) =>
  text.length > 110 ? `${text.slice(0, 110).replace(/\s+\S*$/, '')} …` : text;

function Thing({ document, matched }: FoundThing) {
  const excerpt = excerptOf(document, matched);
  const line =
    excerpt ?? (document.notes === '' ? null : ([shortened(document.notes), '', ''] as const));
  return (
    <Box
      component={Link}
      href={foundHref(document)}
      sx={{
        ...{ display: 'grid', gridTemplateColumns: '44px minmax(0, 1fr) auto', columnGap: 1.5 },
        ...{ alignItems: 'center', py: 1, px: 0.5, minHeight: 56, textDecoration: 'none' },
        ...{ color: colour.ink, '&:hover, &:focus-visible': { bgcolor: colour.board } },
      }}
    >
      <Box sx={{ textAlign: 'center' }} aria-hidden>
        {document.body && <SpoonPicture word={document.body} size={28} />}
      </Box>
      <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
        <Box sx={{ fontWeight: 700 }}>{document.title}</Box>
        {line && (
          <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
            {line[0]}
            <Box component="strong" sx={{ color: colour.ink }}>
              {line[1]}
            </Box>
            {line[2]}
          </Box>
        )}
      </Box>
      <Box sx={{ fontSize: typeScale.small, color: colour.muted, textAlign: 'right' }}>
        {kindNames[document.kind]}
        {document.on !== '' && <div>{dayAndYear.format(new Date(`${document.on}T12:00`))}</div>}
      </Box>
    </Box>
  );
}

/** What was found, the nearest first. */
export function FoundList({ things }: { things: readonly FoundThing[] }) {
  return (
    <>
      <Box role="status" sx={{ fontSize: typeScale.note, color: colour.muted, mb: 0.5 }}>
        {things.length === 0
          ? 'Nothing like that is in the book.'
          : things[0]?.some
            ? `Nothing has all of these words. With some of them, the nearest first: ${things.length}`
            : things.length === 1
              ? 'One thing'
              : `${things.length} things, the nearest first`}
      </Box>
      <Box component="ul" aria-label="Found" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {things.map((thing) => (
          <Box component="li" key={thing.key} sx={{ borderTop: `1px solid ${colour.line}` }}>
            <Thing {...thing} />
          </Box>
        ))}
      </Box>
    </>
  );
}
