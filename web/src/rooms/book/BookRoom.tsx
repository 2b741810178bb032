'use client';

import { Panel } from '@/components/Panel';
import { RoomPage } from '@/components/RoomPage';
import Add from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { families, familyNames, usualSeasoning } from '@cobbet/core/mix/families';
import Link from 'next/link';
import { later } from '@/components/later';
import { useMemo } from 'react';
import { OpenBowls } from '@/components/OpenBowls';
import { useBook } from '@/store/bookStore';
import { useHouseUsual } from '@/store/houseUsual';
import { useLasting } from '@/store/lastingStorage';
import { BookFileButtons } from './BookFileButtons';
import { DipLeaf } from './DipLeaf';
import { type DipBranch, dipTree } from './dipTree';
import { folderLineHeight } from './folderLineHeight';
import { lastTrials } from '@/components/lastTrials';

type HouseUsual = ReturnType<typeof useHouseUsual>;

function Branch({
  branch,
  depth,
  lastSibling,
  trials,
  usual,
}: {
  branch: DipBranch;
  depth: number;
  lastSibling: boolean;
  trials: ReturnType<typeof lastTrials>;
  usual: HouseUsual;
}) {
  return (
    <Box component="li" sx={{ listStyle: 'none' }}>
      <DipLeaf
        dip={branch.dip}
        depth={depth}
        lastSibling={lastSibling}
        trial={trials.get(branch.dip.id)}
        usual={usual.get(branch.dip.family) ?? usualSeasoning[branch.dip.family]}
      />
      {branch.children.length > 0 && (
        <Box component="ul" sx={{ m: 0, p: 0 }}>
          {branch.children.map((child, index) => (
            <Branch
              key={child.dip.id}
              branch={child}
              depth={depth + 1}
              lastSibling={index === branch.children.length - 1}
              trials={trials}
              usual={usual}
            />
          ))}
        </Box>
      )}
    </Box>
  );
}

const lastingWords = {
  kept: 'kept on this device for good',
  'may go': 'the browser may clear it when it runs out of room: export it now and then',
} as const;

// its place is kept, so that no dip moves under a finger
const FolderLine = later(() => import('./FolderLine').then(({ FolderLine }) => FolderLine), {
  meanwhile: () => <Box sx={{ height: folderLineHeight, mb: 1.5 }} />,
});
const EatFirst = later(() => import('@/components/EatFirst').then(({ EatFirst }) => EatFirst));

/** Every dip, by family and descent. */
export function BookRoom() {
  const dips = useBook((state) => state.book.dips);
  const trials = useBook((state) => state.book.trials);
  const coming = useBook((state) => state.trialsComing);
  const trees = useMemo(() => dipTree(dips), [dips]);
  const last = useMemo(() => lastTrials(trials), [trials]);
  const usual = useHouseUsual(families);
  const hasBatches = useBook((state) => state.book.batches.size > 0);
  const lasting = useLasting((state) => state.lasting);
  return (
    <RoomPage
      title="The book"
      maxWidth={1240}
      says={
        <>
          {dips.size} {dips.size === 1 ? 'dip' : 'dips'},{' '}
          {coming
            ? 'reading the trials…'
            : `${trials.size} ${trials.size === 1 ? 'trial' : 'trials'}`}
          {lasting !== 'unasked' && ` · ${lastingWords[lasting]}`}
        </>
      }
      actions={
        <>
          <Button component={Link} href="/house">
            From the house
          </Button>
          <BookFileButtons />
          <Button component={Link} href="/new" variant="contained" startIcon={<Add />}>
            New dip
          </Button>
        </>
      }
    >
      <OpenBowls />
      {trials.size + dips.size > 0 && <FolderLine />}
      {hasBatches && <EatFirst />}
      {trees.length === 0 && (
        <Typography sx={{ my: 6, maxWidth: 480 }}>
          Nothing here yet. <Link href="/new">Write or paste the first dip</Link>, or open a book
          from a file.
        </Typography>
      )}
      <Box sx={{ columnCount: { xs: 1, lg: 2 }, columnGap: '44px' }}>
        {trees.map(({ family, bases }) => (
          <Panel
            key={family}
            title={familyNames[family]}
            sx={{ mb: 2.5, breakInside: 'avoid-column' }}
          >
            <Box component="ul" sx={{ m: 0, p: 0 }}>
              {bases.map((branch) => (
                <Branch
                  key={branch.dip.id}
                  branch={branch}
                  depth={0}
                  lastSibling
                  trials={last}
                  usual={usual}
                />
              ))}
            </Box>
          </Panel>
        ))}
      </Box>
    </RoomPage>
  );
}
