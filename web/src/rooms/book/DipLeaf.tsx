'use client';

import MoreHoriz from '@mui/icons-material/MoreHoriz';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Trial } from '@cobbet/core/book/trial';
import { bodyWord } from '@cobbet/core/mix/bodyWords';
import type { UsualSeasoning } from '@cobbet/core/mix/families';
import Link from 'next/link';
import { type MouseEvent, useState } from 'react';
import { shortDay } from '@/components/day';
import { later } from '@/components/later';
import { readBody } from '@/components/reading/readingText';
import { SeasoningMark } from '@/components/SeasoningMark';
import { SpoonPicture } from '@/components/SpoonPicture';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { dipSummary } from '@/components/dipSummary';
import { Elbow } from './Elbow';
import { VariantWords } from './VariantWords';

// menus and dialogs stay out of the first load
const LeafMenu = later(() => import('./LeafMenu').then(({ LeafMenu }) => LeafMenu));

/** One dip of the book: what a spoon shows, how it is seasoned, its last trial, the next thing to do. */
export function DipLeaf({
  dip,
  depth,
  lastSibling,
  trial,
  usual,
}: {
  dip: Dip;
  depth: number;
  /** The last variant of its parent. */
  lastSibling: boolean;
  trial?: Trial;
  /** What is usual of its seasoning here. */
  usual: UsualSeasoning;
}) {
  const kitchen = useKitchen();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [asked, setAsked] = useState(false);
  const { body, word, per100g, moment } = dipSummary(dip, kitchen);
  const to = (room: string) => `${room}?dip=${encodeURIComponent(dip.id)}`;
  const lastReading = trial?.readings.at(-1);
  const lastWord = lastReading && bodyWord(readBody(lastReading));
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', minHeight: 62 }}>
      {depth > 0 && <Elbow depth={depth} last={lastSibling} />}
      <Box
        sx={{
          flex: 1,
          minWidth: 0,
          display: 'flex',
          alignItems: 'center',
          flexWrap: { xs: 'wrap', sm: 'nowrap' },
          columnGap: 1.25,
          borderTop: `1px solid ${colour.line}`,
          alignSelf: 'stretch',
        }}
      >
        <Box sx={{ width: 58, textAlign: 'center', flexShrink: 0, lineHeight: 1.1 }}>
          {word ? (
            <SpoonPicture word={word} size={30} />
          ) : (
            <Box component="span" sx={{ fontSize: typeScale.large }} aria-hidden>
              ⁘
            </Box>
          )}
          <Box sx={{ fontSize: typeScale.small, fontWeight: 600 }}>
            {word ?? (body === undefined ? 'empty' : 'crumbs')}
          </Box>
        </Box>
        <Box sx={{ flex: 1, minWidth: 0, py: 0.75 }}>
          <Box
            component={Link}
            href={to('/bench')}
            sx={{
              display: 'block',
              fontWeight: 700,
              fontSize: typeScale.text,
              lineHeight: 1.25,
              color: colour.ink,
              textDecoration: 'none',
              overflowWrap: 'anywhere',
              '&:hover': { color: colour.accent },
            }}
          >
            {dip.name}
          </Box>
          <Box sx={{ fontSize: typeScale.small, color: colour.muted, lineHeight: 1.35 }}>
            {body === undefined || body === null
              ? ''
              : `${body.toFixed(1)} ± ${moment.sd.toFixed(1)} ${moment.when}`}
            {trial &&
              ` · trial ${trial.number}, ${shortDay(trial.madeAt)}${lastWord ? `, ${lastWord}` : ''}`}
          </Box>
          {dip.parentId !== null && <VariantWords dip={dip} />}
          {dip.nextThing !== '' && (
            <Box sx={{ fontSize: typeScale.small, lineHeight: 1.35, overflowWrap: 'anywhere' }}>
              <Box component="span" sx={{ color: colour.accent, fontWeight: 700 }}>
                next{' '}
              </Box>
              {dip.nextThing}
            </Box>
          )}
        </Box>
        {body !== undefined && (
          <Box
            sx={{
              display: 'flex',
              gap: 0.25,
              flexShrink: 0,
              order: { xs: 3, sm: 'initial' },
              flexBasis: { xs: '100%', sm: 'auto' },
              pl: { xs: '64px', sm: 0 },
              pb: { xs: 0.75, sm: 0 },
            }}
          >
            <SeasoningMark
              name="salt"
              value={per100g.saltG}
              band={dip.targets.saltG ?? usual.saltG}
              unit="g per 100 g"
            />
            <SeasoningMark
              name="sour"
              value={per100g.acidG}
              band={dip.targets.acidG ?? usual.acidG}
              unit="g per 100 g"
            />
            <SeasoningMark
              name="garlic"
              value={per100g.garlicG}
              band={dip.targets.garlicG ?? usual.garlicG}
              unit="g per 100 g"
            />
          </Box>
        )}
        <IconButton
          aria-label={`More for ${dip.name}`}
          aria-haspopup="menu"
          onClick={(event: MouseEvent<HTMLElement>) => {
            setAsked(true);
            setAnchor(event.currentTarget);
          }}
        >
          <MoreHoriz fontSize="small" />
        </IconButton>
      </Box>
      {asked && <LeafMenu dip={dip} anchor={anchor} onClose={() => setAnchor(null)} />}
    </Box>
  );
}
