'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useEffect, useMemo, useRef, useState } from 'react';
import { bodyFigure } from '@/components/bodyText';
import { shortDay } from '@/components/day';
import { readingText } from '@/components/reading/readingText';
import { later } from '@/components/later';
import { WhyMark } from '@/components/why/WhyMark';
import { useBook } from '@/store/bookStore';
import { leaveReadingOut } from '@/store/trialReadings';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import type { KitResidual } from './useResiduals';

const WhyTrial = later(() => import('@/components/why/WhyTrial').then(({ WhyTrial }) => WhyTrial));

const firstShown = 8;

function Row({
  residual,
  chosen,
  onChoose,
}: {
  residual: KitResidual;
  chosen: boolean;
  onChoose: (key: string) => void;
}) {
  const dips = useBook((state) => state.book.dips);
  const ref = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (chosen) ref.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  const { evidence, trial, expected, off, unlikely, key } = residual;
  const { reading, index } = evidence;
  const dip = dips.get(trial.dipId);
  const name = dip?.name ?? 'a dip no longer here';
  const [asked, setAsked] = useState(false);
  return (
    <Box
      component="li"
      ref={ref}
      aria-current={chosen ? 'true' : undefined}
      onClick={() => onChoose(key)}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr auto', sm: 'minmax(0, 1.5fr) minmax(0, 1.3fr) 96px 92px' },
        columnGap: 1.5,
        alignItems: 'center',
        borderTop: `1px solid ${colour.line}`,
        py: 0.5,
        px: 0.75,
        fontSize: typeScale.note,
        cursor: 'pointer',
        bgcolor: chosen ? colour.accentWash : 'transparent',
        color: reading.leftOut ? colour.muted : colour.ink,
      }}
    >
      <Box sx={{ minWidth: 0, lineHeight: 1.25 }}>
        <Box sx={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }}>
          {name}
        </Box>
        <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
          trial {trial.number}, {shortDay(reading.takenAt)},{' '}
          {reading.when === 'machine' ? 'warm' : 'cold'}
        </Box>
      </Box>
      <Box sx={{ lineHeight: 1.25 }}>
        {readingText(reading)}
        <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
          expected {bodyFigure(expected)}
          {dip && (
            <WhyMark
              of={`what was expected of ${name}, trial ${trial.number}`}
              onAsk={() => setAsked(true)}
            />
          )}
          {asked && dip && (
            <WhyTrial
              trial={trial}
              dip={dip}
              first={reading.when === 'machine' ? 'warmBody' : 'chilledBody'}
              onClose={() => setAsked(false)}
            />
          )}
        </Box>
      </Box>
      <Box sx={{ color: unlikely ? colour.caution : undefined, fontWeight: unlikely ? 700 : 400 }}>
        {Math.abs(off) < 0.05
          ? 'as said'
          : `${Math.abs(off).toFixed(1)} ${off < 0 ? 'looser' : 'stiffer'}`}
        {unlikely && <Box sx={{ fontSize: typeScale.small }}>is this right?</Box>}
      </Box>
      <Button
        size="small"
        aria-label={`${reading.leftOut ? 'Put back' : 'Leave out'} the reading of ${name}, trial ${trial.number}`}
        onClick={(event) => {
          event.stopPropagation();
          void leaveReadingOut(trial.id, index, !reading.leftOut);
        }}
      >
        {reading.leftOut ? 'Put back' : 'Leave out'}
      </Button>
    </Box>
  );
}

/** Every reading with what was expected of it; each can be left out of what is learned, and put back. */
export function ReadingList({
  residuals,
  chosen,
  onChoose,
}: {
  residuals: readonly KitResidual[];
  chosen: string | null;
  onChoose: (key: string) => void;
}) {
  const [order, setOrder] = useState<'off' | 'latest'>('off');
  const [all, setAll] = useState(false);
  const sorted = useMemo(
    () =>
      order === 'latest' ? residuals : [...residuals].sort((a, b) => Math.abs(b.z) - Math.abs(a.z)),
    [residuals, order],
  );
  // what is chosen on the drawing must be in the list
  const at = sorted.findIndex(({ key }) => key === chosen);
  const shown = all || at >= firstShown ? sorted : sorted.slice(0, firstShown);
  return (
    <Box component="section" aria-label="Readings">
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mb: 0.75 }}>
        <Typography variant="h3" component="h3" sx={{ mr: 'auto' }}>
          Readings
        </Typography>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={order}
          aria-label="Order of the readings"
          onChange={(_, next: 'off' | 'latest' | null) => next && setOrder(next)}
        >
          <ToggleButton value="off">least expected</ToggleButton>
          <ToggleButton value="latest">latest</ToggleButton>
        </ToggleButtonGroup>
      </Box>
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {shown.map((residual) => (
          <Row
            key={residual.key}
            residual={residual}
            chosen={residual.key === chosen}
            onChoose={onChoose}
          />
        ))}
      </Box>
      {shown.length < sorted.length && (
        <Button size="small" onClick={() => setAll(true)} sx={{ mt: 0.5 }}>
          Show all {sorted.length}
        </Button>
      )}
    </Box>
  );
}
